package app.fluss.core.finding;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import java.util.ArrayList;
import java.util.List;

/// What latency samples rest on.
public final class LatencyFindings {
    private static final double NOISY = 0.15;
    private static final double CLIPPED = 0.2;
    private static final double MANY_MISSED = 0.1;

    private LatencyFindings() {}

    /// The findings of samples.
    public static List<Finding> of(LatencyFigures figures) {
        List<Finding> found = new ArrayList<>();
        if (figures.n() == 0) {
            found.add(Finding.fault(
                    "no-samples",
                    "None of %d trials was answered.".formatted(figures.missed()),
                    "There is no latency to tell.",
                    "Check the sensor's place, the threshold and the time-out."));
        } else if (figures.isWeak()) {
            found.add(Finding.note(
                    "few-samples",
                    "There are %d samples.".formatted(figures.n()),
                    "Below %d the interval is wide or cannot be given (common practice).".formatted(LatencyFigures.FEW),
                    "Click on."));
        }
        if (figures.missed() > MANY_MISSED * (figures.n() + figures.missed())) {
            found.add(Finding.warning(
                    "missed-trials",
                    "%d of %d trials were not answered in time."
                            .formatted(figures.missed(), figures.n() + figures.missed()),
                    "A game that answers late or not at all looks faster if these are left out.",
                    "Look at them on the trace; lengthen the time-out if the light only came too late."));
        }
        return found;
    }

    /// The findings of samples and of the light that they were found on.
    ///
    /// @param ambiguous trials without a clean edge that nobody has judged
    public static List<Finding> of(Measurement.LightQuality light, LatencyFigures figures, long ambiguous) {
        List<Finding> found = of(figures);
        if (light.looksSwapped()) {
            found.add(Finding.fault(
                    "channels-swapped",
                    "The input looks like light, and the light like clicks.",
                    "Then every figure is nonsense.",
                    "Swap the channels (--swap)."));
        }
        if (ambiguous > 0) {
            found.add(
                    Finding.warning(
                            "ambiguous-trials",
                            "%d trials have no clean edge.".formatted(ambiguous),
                            "The light changed, but not from one settled level to another.",
                            "Look at them and accept or reject each; leave a pause between clicks in which the light can settle."));
        }
        if (light.clippedShare() > CLIPPED) {
            found.add(Finding.warning(
                    "light-clipped",
                    "%s of the light's samples are at its highest value."
                            .formatted(RunFindings.percent(light.clippedShare())),
                    "A saturated sensor shows bright light too early.",
                    "Lower the sensor's gain, or the light."));
        }
        if (light.noise() > NOISY) {
            found.add(Finding.warning(
                    "noisy-light",
                    "The light's noise is %s of its step.".formatted(RunFindings.percent(light.noise())),
                    "Single samples are then only right to a few ms.",
                    "Shield the sensor, bring it closer, or change between darker and brighter."));
        }
        periodic(light.rippleHz(), "ripple-removed", "ripple", found);
        periodic(light.humHz(), "hum-removed", "mains hum", found);
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static void periodic(double hz, String code, String what, List<Finding> found) {
        if (!Double.isNaN(hz)) {
            found.add(Finding.note(
                    code,
                    "The light has %s of %s Hz, which was taken away.".formatted(what, RunFindings.number(hz, 1)),
                    "It is taken away and not averaged away, so it delays nothing.",
                    "Nothing need be done."));
        }
    }
}
