package app.fluss.sim.truth;

/// What became of the rendered frames of a run. Every frame has one fate.
///
/// @param rendered frames that were finished
/// @param shown that reached the screen themselves
/// @param lost that were handed on and never shown
/// @param replaced that were never handed on, for a newer one took their place
public record Fate(int rendered, int shown, int lost, int replaced) {}
