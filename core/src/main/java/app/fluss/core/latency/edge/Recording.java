package app.fluss.core.latency.edge;

import java.util.List;

/// A recording of an input and of the light that answers it.
///
/// @param input the button, the sound of its click, or the brightness of a lamp
/// @param light the light, as many samples at the same times
/// @param gaps where samples are missing
public record Recording(Signal input, Signal light, List<Gap> gaps) {
    /// Where samples are missing.
    ///
    /// @param fromMs the last sample before, ms after the first
    /// @param toMs the first one after
    public record Gap(double fromMs, double toMs) {}

    /// Keeps a copy.
    public Recording {
        gaps = List.copyOf(gaps);
    }

    /// A recording without gaps.
    public Recording(Signal input, Signal light) {
        this(input, light, List.of());
    }

    /// The same with the two channels in each other's place.
    public Recording swapped() {
        return new Recording(/* input= */ light, /* light= */ input, gaps);
    }

    /// Whether samples are missing between two times.
    boolean isBroken(double fromMs, double toMs) {
        return gaps.stream().anyMatch(gap -> gap.fromMs < toMs && gap.toMs > fromMs);
    }
}
