package app.fluss.sim;

import java.util.Map;

/// What really happened in a simulated run, counted as it was made and not from its log.
///
/// @param rendered images that the game drew
/// @param presented images handed on
/// @param shown images that reached the panel
/// @param distinct images that reached the panel and differ from the one before
/// @param lost images that never reached the panel
/// @param holds fixed refresh: how many distinct images stayed for how many refreshes, the last one left out;
///     empty with variable refresh
public record Truth(int rendered, int presented, int shown, int distinct, int lost, Map<Integer, Integer> holds) {}
