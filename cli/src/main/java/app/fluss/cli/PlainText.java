package app.fluss.cli;

import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Measure;
import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Lows;
import java.util.List;
import java.util.Locale;

/// Results as text for a terminal. Figures are rounded here and nowhere before.
final class PlainText {
    private PlainText() {}

    static String of(String file, Analysis run, List<Finding> findings) {
        StringBuilder text = new StringBuilder();
        text.append("%s: %d images in %.1f s%n".formatted(file, run.slice().size(), run.durationSeconds()));
        line(text, "claimed", run.rates().claimed(), "/s");
        line(text, "rendered", run.rates().rendered(), "/s");
        line(text, "presented", run.rates().presented(), "/s");
        line(text, "delivered", run.rates().delivered(), "/s");
        lows(text, "1 % low", run.onePercentLow());
        lows(text, "0.1 % low", run.tenthPercentLow());
        line(text, "frame time, mean", run.spread().mean(), "ms");
        line(text, "frame time, sd", run.spread().sd(), "ms");
        line(text, "frame time, p99", run.spread().p99(), "ms");
        line(text, "stutters", run.stutters().perMinute(), "/min");
        line(text, "motion timing error", run.motion().meanAbs(), "ms");
        findings(text, findings);
        return text.toString();
    }

    static String of(RunComparison comparison, List<Finding> findings) {
        StringBuilder text = new StringBuilder();
        text.append(
                String.format(Locale.ROOT, "%-26s %10s %10s %24s %9s%n", "", "a", "b", "difference (95 %)", "ratio"));
        for (Measure measure : Measure.values()) {
            MeasureComparison compared = comparison.measure(measure);
            String difference = figure(compared.difference(), 2)
                    + compared.interval().map(PlainText::interval).orElse("");
            text.append(String.format(
                    Locale.ROOT,
                    "%-26s %10s %10s %24s %9s%n",
                    measure.title(),
                    figure(compared.a(), 2),
                    figure(compared.b(), 2),
                    difference,
                    figure(compared.ratio(), 3)));
        }
        GenerationFigures generation = comparison.generation();
        line(text, "base cost", generation.baseCost(), "");
        line(text, "found multiplier", generation.foundMultiplier(), "");
        line(text, "delivered gain", generation.deliveredGain(), "");
        line(text, "efficiency", generation.efficiency(), "");
        line(text, "generated share", generation.generatedShare(), "");
        line(text, "surplus", generation.surplusFps(), "/s");
        findings(text, findings);
        return text.toString();
    }

    private static String interval(Interval interval) {
        return String.format(Locale.ROOT, " [%.2f, %.2f]", interval.low(), interval.high());
    }

    private static void lows(StringBuilder text, String name, Lows lows) {
        text.append(String.format(
                Locale.ROOT,
                "  %-20s %s /s percentile, %s slowest mean, %s time-weighted%n",
                name,
                figure(lows.percentile(), 1),
                figure(lows.slowestMean(), 1),
                figure(lows.timeWeighted(), 1)));
    }

    private static void line(StringBuilder text, String name, Figure figure, String unit) {
        text.append(String.format(Locale.ROOT, "  %-20s %s %s%n", name, figure(figure, 3), unit));
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
