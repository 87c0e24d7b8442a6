/// How does an analyst use Fluss? Entry type: [app.fluss.app.FlussApp]. Views show what core worked out; they
/// hold no arithmetic but that of pixels.
package app.fluss.app;
