package app.fluss.core.finding;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import java.util.ArrayList;
import java.util.List;

/// What latency samples rest on.
final class LatencyFindings {
    private static final double NOISY = 0.15;
    private static final double CLIPPED = 0.2;
    private static final double MANY_MISSED = 0.1;

    private LatencyFindings() {}

    /// The findings of samples.
    static List<Finding> of(LatencyFigures figures) {
        List<Finding> found = new ArrayList<>();
        if (figures.n() == 0) {
            found.add(
                    Finding.of(FindingCode.NO_SAMPLES, "None of %d trials was answered.".formatted(figures.missed())));
        } else if (figures.isWeak()) {
            found.add(Finding.of(
                    FindingCode.FEW_SAMPLES,
                    "There are %d samples.".formatted(figures.n()),
                    "Below %d the interval is wide or cannot be given (common practice).".formatted(LatencyFigures.FEW),
                    FindingCode.FEW_SAMPLES.remedy()));
        }
        if (figures.missed() > MANY_MISSED * (figures.n() + figures.missed())) {
            found.add(Finding.of(
                    FindingCode.MISSED_TRIALS,
                    "%d of %d trials were not answered in time."
                            .formatted(figures.missed(), figures.n() + figures.missed())));
        }
        return found;
    }

    /// The findings of samples and of the light that they were found on.
    ///
    /// @param ambiguous trials without a clean edge that nobody has judged
    static List<Finding> of(Measurement.LightQuality light, LatencyFigures figures, long ambiguous) {
        List<Finding> found = of(figures);
        if (light.looksSwapped()) {
            found.add(
                    Finding.of(FindingCode.CHANNELS_SWAPPED, "The input looks like light, and the light like clicks."));
        }
        if (ambiguous > 0) {
            found.add(Finding.of(FindingCode.AMBIGUOUS_TRIALS, "%d trials have no clean edge.".formatted(ambiguous)));
        }
        if (light.clippedShare() > CLIPPED) {
            found.add(Finding.of(
                    FindingCode.LIGHT_CLIPPED,
                    "%s of the light's samples are at its highest value."
                            .formatted(RunFindings.percent(light.clippedShare()))));
        }
        if (light.noise() > NOISY) {
            found.add(Finding.of(
                    FindingCode.NOISY_LIGHT,
                    "The light's noise is %s of its step.".formatted(RunFindings.percent(light.noise()))));
        }
        periodic(light.rippleHz(), FindingCode.RIPPLE_REMOVED, "ripple", found);
        periodic(light.humHz(), FindingCode.HUM_REMOVED, "mains hum", found);
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static void periodic(double hz, FindingCode code, String what, List<Finding> found) {
        if (!Double.isNaN(hz)) {
            found.add(Finding.of(
                    code,
                    "The light has %s of %s Hz, which was taken away.".formatted(what, RunFindings.number(hz, 1))));
        }
    }
}
