/// Feel: what a person notices, measured at this window. Entry type: [app.fluss.app.feel.FeelScreen].
package app.fluss.app.feel;
