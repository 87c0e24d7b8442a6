package app.fluss.sim.stage;

/// Says when a frame may start.
@FunctionalInterface
interface Pacer {
    /// When the next frame starts, ms.
    ///
    /// @param earliestMs when the processors and the queue would let it start, ms
    /// @param beforeMs when the frame before started, ms
    double startMs(double earliestMs, double beforeMs);

    /// A frame cap: not before the cap interval after the frame before.
    ///
    /// @param fps NaN for none
    static Pacer cap(double fps) {
        double interval = Double.isNaN(fps) ? 0 : 1000 / fps;
        return (earliest, before) -> Math.max(earliest, before + interval);
    }
}
