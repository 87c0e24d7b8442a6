package app.fluss.sim.stage;

/// Where generated images are made.
interface Processor {
    /// A finished frame comes in.
    ///
    /// @return when it can be worked with, ms; NaN if it is dropped because too many wait
    double arrive(double doneMs);

    /// Makes an image.
    ///
    /// @param costMs how long that takes, ms
    /// @param latestStartMs when it is too late to begin, ms
    /// @return when it is ready, ms; NaN if it was skipped
    double make(double costMs, double latestStartMs);

    /// When the game's GPU is free after a frame, ms.
    double gameFreeMs(double doneMs);
}
