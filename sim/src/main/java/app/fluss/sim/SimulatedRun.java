package app.fluss.sim;

import app.fluss.core.frame.FrameLog;
import java.util.List;

/// A simulated run: what a logger would have written, what an overlay would have said, and what really
/// happened.
///
/// @param log one row per image handed on
/// @param readings what the overlay said at the end of each whole second, images/s
/// @param truth what really happened
public record SimulatedRun(FrameLog log, List<Double> readings, Truth truth) {}
