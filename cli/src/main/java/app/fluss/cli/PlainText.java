package app.fluss.cli;

import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.Locale;

/// Results as text for a terminal. Figures are rounded here and nowhere before.
final class PlainText {
    private static final double PERCENT = 100;

    /// Those of a run that fit on a screen; JSON has all.
    private static final List<Measure> SHOWN = List.of(
            Measure.CLAIMED,
            Measure.RENDERED,
            Measure.PRESENTED,
            Measure.DELIVERED,
            Measure.LOW_PERCENTILE,
            Measure.LOW_SLOWEST_MEAN,
            Measure.LOW_TIME_WEIGHTED,
            Measure.TENTH_LOW_PERCENTILE,
            Measure.MEAN,
            Measure.SPREAD,
            Measure.P99,
            Measure.STUTTERS,
            Measure.MOTION);

    private PlainText() {}

    static String of(String file, Analysis run, List<Finding> findings) {
        StringBuilder text = new StringBuilder();
        text.append("%s: %d images in %.1f s%n".formatted(file, run.slice().size(), run.durationSeconds()));
        SHOWN.forEach(measure -> line(text, measure, measure.of(run)));
        findings(text, findings);
        return text.toString();
    }

    static String of(RunComparison comparison, List<Finding> findings) {
        StringBuilder text = new StringBuilder();
        text.append(String.format(
                Locale.ROOT, "%-31s %10s %10s %24s %9s %7s%n", "", "a", "b", "difference (95 %)", "ratio", "runs"));
        for (Measure measure : Measure.COMPARED) {
            MeasureComparison compared = comparison.measure(measure);
            if (!compared.a().isKnown() && !compared.b().isKnown()) {
                continue; // the findings say why
            }
            String difference = figure(compared.difference(), 2)
                    + compared.interval().map(PlainText::interval).orElse("");
            text.append(String.format(
                    Locale.ROOT,
                    "%-31s %10s %10s %24s %9s %7s%n",
                    measure.title(),
                    figure(compared.a(), 2),
                    figure(compared.b(), 2),
                    difference,
                    figure(compared.ratio(), 3),
                    compared.restsA().runs() + ":" + compared.restsB().runs()));
        }
        for (GenerationMeasure measure : GenerationMeasure.values()) {
            line(text, measure, measure.of(comparison.generation()));
        }
        findings(text, findings);
        return text.toString();
    }

    private static String interval(Interval interval) {
        return String.format(Locale.ROOT, " [%.2f, %.2f]", interval.low(), interval.high());
    }

    private static void line(StringBuilder text, Described measure, Figure figure) {
        Description of = measure.description();
        text.append(String.format(
                Locale.ROOT,
                "  %-26s %10s %s%n",
                of.title(),
                of.isShare()
                        ? figure(figure.map(share -> share * PERCENT), of.decimals())
                        : figure(figure, of.decimals()),
                of.isShare() ? "%" : of.unit()));
    }

    private static String figure(Figure figure, int decimals) {
        return switch (figure) {
            case Figure.Known(double value) -> String.format(Locale.ROOT, "%." + decimals + "f", value);
            case Figure.Missing _ -> "–";
        };
    }

    private static void findings(StringBuilder text, List<Finding> findings) {
        for (Finding finding : findings) {
            text.append("  ! %s (%s): %s%n"
                    .formatted(finding.code(), finding.severity().label(), finding.text()));
        }
    }
}
