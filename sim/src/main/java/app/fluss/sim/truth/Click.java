package app.fluss.sim.truth;

/// What became of a click. Times are ms on the host's clock, at the sensor's place on the screen; NaN where the
/// light never got there.
///
/// @param clickMs when the button was pressed
/// @param answered whether the game answered it
/// @param partialMs when the first image that shows any of it began to show
/// @param halfMs when the light had gone half of its way
/// @param fullMs when the light had gone 90 % of its way
public record Click(double clickMs, boolean answered, double partialMs, double halfMs, double fullMs) {}
