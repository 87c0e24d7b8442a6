package app.fluss.files.log;

import app.fluss.core.measure.Figure;

/// What a counter said over a run.
///
/// @param count how often it was read
/// @param mean of the claimed rates, /s
/// @param lowest of them, /s
/// @param highest of them, /s
/// @param base mean of what the generator took for its base, /s
public record Readings(int count, Figure mean, Figure lowest, Figure highest, Figure base) {}
