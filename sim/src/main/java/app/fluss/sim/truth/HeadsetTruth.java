package app.fluss.sim.truth;

/// What a headset showed.
///
/// @param refreshes of the run
/// @param withNewImage refreshes that brought a new image of the application
/// @param handLatencyMs mean time from the game time of an image to the middle of the refreshes that show it, ms
/// @param headLatencyMs from the pose that the late correction takes to the middle of the refresh, ms; both are NaN if
/// no refresh showed an
/// image
public record HeadsetTruth(int refreshes, int withNewImage, double handLatencyMs, double headLatencyMs) {}
