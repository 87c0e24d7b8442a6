package app.fluss.cli;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.MaySay;
import app.fluss.core.compare.Overall;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.files.compare.StudyComparison;
import java.util.List;
import java.util.Locale;
import java.util.Map;

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

    static String of(RunComparison comparison, String a, String b, List<Finding> findings) {
        StringBuilder text = new StringBuilder();
        compared(text, comparison.measures());
        if (comparison.generation().isGenerating()) {
            for (GenerationMeasure measure : GenerationMeasure.values()) {
                line(text, measure, measure.of(comparison.generation()));
            }
        }
        text.append("  ").append(MaySay.of(comparison, a, b)).append(System.lineSeparator());
        findings(text, findings);
        return text.toString();
    }

    private static void compared(StringBuilder text, Map<Measure, Difference> measures) {
        text.append(String.format(
                Locale.ROOT,
                "%-31s %10s %10s %24s %9s %7s %s%n",
                "",
                "a",
                "b",
                "difference (95 %)",
                "ratio",
                "runs",
                "interval"));
        measures.forEach((measure, compared) -> {
            if (!compared.a().mean().isKnown() && !compared.b().mean().isKnown()) {
                return; // the findings say why
            }
            String difference = figure(compared.difference(), 2)
                    + compared.interval().map(PlainText::interval).orElse("");
            text.append(String.format(
                    Locale.ROOT,
                    "%-31s %10s %10s %24s %9s %7s %s%s%n",
                    measure.title(),
                    figure(compared.a().mean(), 2),
                    figure(compared.b().mean(), 2),
                    difference,
                    figure(compared.ratio(), 3),
                    compared.a().runs() + ":" + compared.b().runs(),
                    compared.method().id(),
                    compared.stands() ? ", stands" : ""));
        });
    }

    /// A study, scene by scene.
    static String of(StudyComparison study) {
        StringBuilder text = new StringBuilder();
        for (StudyComparison.OfScene scene : study.scenes()) {
            for (StudyComparison.Compared one : scene.compared()) {
                text.append("%s: %s%s against %s%n"
                        .formatted(
                                scene.name(),
                                one.pair().within().isEmpty() ? "" : one.pair().within() + ": ",
                                one.level(),
                                one.baseline()));
                text.append(of(
                        one.comparison(),
                        one.baseline(),
                        one.level(),
                        Findings.of(one.comparison(), List.of(), false)));
            }
            for (StudyComparison.Toggled run : scene.toggled()) {
                text.append("%s: %s, %s switched off (a) and on (b) at one spot, in one sitting%n"
                        .formatted(
                                scene.name(), run.run().name(), run.run().path().name()));
                compared(text, run.differences());
            }
        }
        for (StudyComparison.OverScenes group : study.overall()) {
            Overall delivered = group.measures().get(Measure.DELIVERED);
            if (delivered != null && delivered.ratio().isKnown()) {
                text.append("Over %d scenes, %s%s against %s: delivered %s×%s%n"
                        .formatted(
                                delivered.over().size(),
                                group.within().isEmpty() ? "" : group.within() + ": ",
                                study.by().said(group.level()),
                                study.by().said(group.baseline()),
                                figure(delivered.ratio(), 3),
                                delivered
                                        .ratioInterval()
                                        .map(PlainText::interval)
                                        .orElse("")));
            }
        }
        text.append("%d intervals were looked at; %.1f of them would leave out 0 by chance.%n"
                .formatted(study.intervals(), study.byChance()));
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

    /// Findings, a line each.
    static String of(List<Finding> findings) {
        StringBuilder text = new StringBuilder();
        findings(text, findings);
        return text.toString();
    }

    private static void findings(StringBuilder text, List<Finding> findings) {
        for (Finding finding : findings) {
            text.append("  ! %s (%s): %s%n"
                    .formatted(finding.code(), finding.severity().label(), finding.text()));
        }
    }
}
