package app.fluss.core.latency.chain;

import app.fluss.core.measure.DisplayMode;
import java.util.Optional;

/// The display, as far as latency goes. Times in ms; NaN if not stated.
///
/// @param mode refresh and sync
/// @param queuedImages with fifo and a full queue, images that wait; NaN if not stated
/// @param full whether with fifo the queue is full: the game could draw more than the display takes
/// @param processingMs before scan-out, without smoothing
/// @param activeShare active lines as a share of all lines of a refresh, above 0, at most 1
/// @param height where the light is looked at, 0 top, 1 bottom
/// @param responseMs time constant of the panel's first-order response
/// @param smoothing the display's own images between images; empty if off
public record Screen(
        DisplayMode mode,
        double queuedImages,
        boolean full,
        double processingMs,
        double activeShare,
        double height,
        double responseMs,
        Optional<Smoothing> smoothing) {
    /// Smoothing in the display.
    ///
    /// @param panelHz refreshes of the panel, /s
    /// @param lagMs from a picture at the input to the same picture on the panel, ms; NaN if not stated
    public record Smoothing(double panelHz, double lagMs) {}

    /// From the start of a scan-out to the place that is looked at, ms.
    double scanMs() {
        double hz = smoothing.map(Smoothing::panelHz).orElse(mode.refreshHz());
        return height * activeShare * 1000 / hz;
    }
}
