package app.fluss.core.finding;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Doubt;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/// What latency samples rest on.
final class LatencyFindings {
    private static final double NOISY = 0.15;
    private static final double CLIPPED = 0.2;
    private static final double MANY_MISSED = 0.1;
    private static final double CLOSE_MS = 200;

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
        if (figures.n() > 0 && figures.isCoarse()) {
            found.add(Finding.of(
                    FindingCode.COARSE_SAMPLES,
                    "The samples come in steps of %s ms and spread by %s ms."
                            .formatted(
                                    RunFindings.number(figures.resolutionMs(), 1),
                                    RunFindings.number(figures.sd().orNaN(), 1))));
        }
        if (figures.missed() > MANY_MISSED * (figures.n() + figures.missed())) {
            found.add(Finding.of(
                    FindingCode.MISSED_TRIALS,
                    "%d of %d trials were not answered in time."
                            .formatted(figures.missed(), figures.n() + figures.missed())));
        }
        return found;
    }

    /// The findings of what was measured.
    ///
    /// @param open trials that can be read in two ways and that nobody has judged
    static List<Finding> of(Measurement measured, LatencyFigures figures, List<Trial> open) {
        Measurement.LightQuality light = measured.light();
        List<Finding> found = of(figures);
        if (light.looksSwapped()) {
            found.add(Finding.of(
                    FindingCode.CHANNELS_SWAPPED,
                    "The channels appear to be swapped: what is called the input moves as light does."));
        }
        if (measured.input().unclear()) {
            found.add(Finding.of(
                    FindingCode.PRESS_UNCLEAR,
                    "%s was taken for the press, and the other may be."
                            .formatted(measured.input()
                                    .pressed()
                                    .map(PressKind::title)
                                    .map(LatencyFindings::capitalised)
                                    .orElse("One part"))));
        }
        double apartMs = apartMs(measured.trials());
        if (apartMs < CLOSE_MS && measured.source() != Measurement.Source.SAMPLES) {
            found.add(Finding.of(
                    FindingCode.CLICKS_CLOSE,
                    "Most clicks follow the one before within %s ms.".formatted(RunFindings.number(apartMs, 0))));
        }
        if (!open.isEmpty()) {
            found.add(Finding.of(
                    FindingCode.AMBIGUOUS_TRIALS,
                    "%d of %d trials could be read in two ways: %s."
                            .formatted(open.size(), measured.trials().size(), reasons(open))));
        }
        long onPlateau = measured.trials().stream()
                .filter(trial -> trial.doubt() == Doubt.ON_PLATEAU)
                .count();
        if (onPlateau > 0) {
            found.add(Finding.of(
                    FindingCode.THRESHOLD_ON_PLATEAU,
                    "In %d trials %s of the step lies on a plateau of the light."
                            .formatted(
                                    onPlateau,
                                    RunFindings.percent(measured.settings().threshold()))));
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
        if (!Double.isNaN(light.couplingMs())) {
            found.add(Finding.of(
                    FindingCode.COUPLING_RESTORED,
                    "The light falls back with %s ms because of how it was recorded, which was corrected."
                            .formatted(RunFindings.number(light.couplingMs(), 0))));
        }
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    /// The usual time from click to click, ms; NaN below two.
    private static double apartMs(List<Trial> trials) {
        double[] apart = new double[Math.max(0, trials.size() - 1)];
        for (int i = 0; i < apart.length; i++) {
            apart[i] = trials.get(i + 1).inputMs() - trials.get(i).inputMs();
        }
        return Ordered.of(apart).median();
    }

    /// The reasons of doubtful trials, the commonest first.
    private static String reasons(List<Trial> open) {
        Map<Doubt, Long> counts = new EnumMap<>(Doubt.class);
        open.forEach(trial -> counts.merge(trial.doubt(), 1L, Long::sum));
        return counts.entrySet().stream()
                .sorted(Map.Entry.<Doubt, Long>comparingByValue().reversed())
                .map(entry -> "%s (%d)".formatted(entry.getKey().text(), entry.getValue()))
                .collect(Collectors.joining("; "));
    }

    private static String capitalised(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private static void periodic(double hz, FindingCode code, String what, List<Finding> found) {
        if (!Double.isNaN(hz)) {
            found.add(Finding.of(
                    code, "The light has %s of %s Hz, which was removed.".formatted(what, RunFindings.number(hz, 1))));
        }
    }
}
