package app.fluss.sim.scenario;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.util.Optional;

/// The display: how it takes images and turns them into light.
///
/// @param mode refresh rate, sync mode and, with variable refresh, the floor
/// @param queuedImages with fifo, images that may wait before the game must, 1 to 8
/// @param activeShare active lines as a share of all lines of a refresh, 0.5 to 1
/// @param lagMs processing before scan-out, ms, 0 to 1000
/// @param responseMs time constant of the panel's first-order response, ms, 0 to 100
/// @param rippleShare backlight ripple as a share of the light, 0 to 0.5
/// @param rippleHz its frequency, Hz, above 0, at most 100000
/// @param litShare share of each period of that frequency in which the backlight is lit at all, 0.05 to 1
/// @param smoothing motion smoothing; empty if it is off
public record Display(
        DisplayMode mode,
        int queuedImages,
        double activeShare,
        double lagMs,
        double responseMs,
        double rippleShare,
        double rippleHz,
        double litShare,
        Optional<Smoothing> smoothing) {
    /// @throws IllegalArgumentException outside the ranges
    public Display {
        Range.within("queued_images", queuedImages, 1, 8);
        Range.within("active_share", activeShare, 0.5, 1);
        Range.within("lag_ms", lagMs, 0, 1000);
        Range.within("response_ms", responseMs, 0, 100);
        Range.within("ripple_share", rippleShare, 0, 0.5);
        Range.above("ripple_hz", rippleHz, 0, 100_000);
        Range.within("lit_share", litShare, 0.05, 1);
    }

    /// A plain display of this mode: two images queued, 96 % active lines, a panel of 2 ms, no ripple.
    public static Display of(DisplayMode mode) {
        return new Display(mode, 2, 0.96, 0, 2, 0, 240, 1, Optional.empty());
    }

    /// The same with motion smoothing.
    public Display with(Smoothing on) {
        return smoothed(Optional.of(on));
    }

    /// The same without motion smoothing.
    public Display withoutSmoothing() {
        return smoothed(Optional.empty());
    }

    private Display smoothed(Optional<Smoothing> by) {
        return new Display(mode, queuedImages, activeShare, lagMs, responseMs, rippleShare, rippleHz, litShare, by);
    }

    /// Whether smoothing is on and can act: it needs a fixed refresh of 60 Hz.
    public boolean smooths() {
        return smoothing.isPresent() && mode.sync() != SyncMode.VRR && mode.refreshHz() == Smoothing.INPUT_HZ;
    }

    /// From the start of a refresh to the line at a height, ms.
    ///
    /// @param height 0 for the top, 1 for the bottom
    /// @param hz at which the panel is scanned, /s
    public double scanMs(double height, double hz) {
        return height * activeShare * 1000 / hz;
    }
}
