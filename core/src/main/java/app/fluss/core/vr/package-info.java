/// What does a headset show of an application's images? Entry type: [app.fluss.core.vr.Reprojection].
package app.fluss.core.vr;
