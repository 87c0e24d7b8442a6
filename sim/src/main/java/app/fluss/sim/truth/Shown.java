package app.fluss.sim.truth;

import java.util.Map;

/// What reached a screen, counted while it was shown and not from a log.
///
/// @param shown images that were shown
/// @param distinct of those, images that could be told from the one before
/// @param lost images that were handed on and never shown
/// @param deliveredFps distinct images per second of the run
/// @param holds with fixed refresh, how many distinct images stayed for how many refreshes, the last one left
///     out; empty otherwise
public record Shown(int shown, int distinct, int lost, double deliveredFps, Map<Integer, Integer> holds) {}
