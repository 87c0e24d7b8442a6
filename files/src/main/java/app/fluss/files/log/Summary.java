package app.fluss.files.log;

import app.fluss.core.measure.Figure;

/// What a tool said of a whole run.
///
/// @param seconds length of the run, s
/// @param averageFps images per second
/// @param onePercentLowFps the 1 % low, /s
/// @param lowConvention how the tool makes its lows, in its own words
public record Summary(Figure seconds, Figure averageFps, Figure onePercentLowFps, String lowConvention) {}
