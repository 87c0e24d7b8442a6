package app.fluss.core.tune;

import app.fluss.core.frame.FrameSlice;
import java.util.Arrays;
import java.util.Optional;

/// What a faster card in place of the first would give: the native frames played again with their GPU work
/// divided by its speed, without generation and without a cap.
///
/// @param deliveredFps delivered rate, /s
/// @param addedMs over the native run, ms; below 0 where it takes latency away
public record FasterCard(double deliveredFps, double addedMs) {
    /// Works it out.
    ///
    /// @param speed how many times as fast as the card at hand, above 0; whose figure that is, is for the
    ///     user to say
    /// @return empty if the log has no work of frames
    /// @throws IllegalArgumentException if the speed is not above 0
    public static Optional<FasterCard> of(FrameSlice nativeRun, TuneBench bench, double speed) {
        if (!(speed > 0)) {
            throw new IllegalArgumentException("speed must be above 0, got " + speed);
        }
        return NativeWork.of(nativeRun).map(work -> {
            double now = CapGrid.cell(work, Double.NaN, 1, bench, 0).latencyMs();
            double[] faster = Arrays.stream(work.gpuMs()).map(ms -> ms / speed).toArray();
            TuneCell cell = CapGrid.cell(new NativeWork(work.cpuMs(), faster), Double.NaN, 1, bench, now);
            return new FasterCard(cell.deliveredFps(), cell.addedMs());
        });
    }
}
