/// What a headset showed of an application, and what it would show at another refresh rate or render scale. Entry
/// types: [app.fluss.core.vr.Reprojection], [app.fluss.core.vr.PixelLaw], [app.fluss.core.vr.RefreshChoice].
package app.fluss.core.vr;
