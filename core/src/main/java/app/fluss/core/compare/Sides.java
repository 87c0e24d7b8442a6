package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.LowConvention;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/// Both sides of one measure where evidence of several kinds is mixed. Where only one side was claimed by a
/// counter, the log of the other may stand against it; the note says so.
///
/// @param a the baseline
/// @param b the other side
/// @param difference why there is none although both sides are known; empty if there is one
/// @param note what must be known to read it; empty if nothing
record Sides(SideFigures a, SideFigures b, Optional<Figure> difference, String note) {
    /// A counter that is further than this from what its own log presents does not count presented images. As
    /// with all counters: our own convention.
    private static final double SAME_RATE = 0.05;

    /// Ratios that are closer than this share look alike.
    private static final double SHOWN_APART = 0.005;

    static Sides of(List<Analysis> a, List<Analysis> b, Measure measure) {
        Sides plain = new Sides(SideFigures.of(a, measure::of), SideFigures.of(b, measure::of), Optional.empty(), "");
        return switch (measure) {
            case CLAIMED -> plain.oneIsEmpty() ? claimed(a, b, plain) : plain;
            case CLAIMED_LOW -> lows(a, b, plain);
            default -> plain;
        };
    }

    /// Compares them.
    ///
    /// @param scene what a side with few runs borrows
    Difference compared(Measure measure, PooledSpread scene) {
        Optional<Figure> refusal = difference
                .or(() -> a.isEmpty() ? Optional.of(a.missing()) : Optional.empty())
                .or(() -> b.isEmpty() ? Optional.of(b.missing()) : Optional.empty());
        Estimate estimate =
                refusal.map(Estimate::refused).orElseGet(() -> BetweenRuns.of(a.values(), b.values(), scene));
        return Difference.of(a.side(measure, scene), b.side(measure, scene), estimate, toKnow(estimate));
    }

    /// Where runs spread so far that the ratio is not that of the means shown, both are told.
    private String toKnow(Estimate estimate) {
        if (!estimate.ratio().isKnown()) {
            return note;
        }
        double ofMeans = Moments.of(b.values()).mean() / Moments.of(a.values()).mean();
        double ratio = estimate.ratio().orNaN();
        return Math.abs(ofMeans - ratio) < SHOWN_APART * ratio
                ? note
                : (note
                                + String.format(
                                        Locale.ROOT,
                                        " Runs spread so far that the ratio of their geometric means, %.2f×, is not that of the means shown, %.2f×.",
                                        ratio,
                                        ofMeans))
                        .strip();
    }

    private boolean oneIsEmpty() {
        return a.isEmpty() != b.isEmpty();
    }

    /// What logs present against what a counter said.
    private static Sides claimed(List<Analysis> a, List<Analysis> b, Sides plain) {
        Sides against = plain.withLogs(
                a,
                b,
                Measure.PRESENTED::of,
                "The presented rate of a frame log stands against what a counter said: check that the counter counts"
                        + " what is presented.");
        boolean speaksAgainst = Stream.concat(a.stream(), b.stream()).anyMatch(Sides::countsOtherThings);
        return !against.oneIsEmpty() && speaksAgainst
                ? plain.refused("the counter does not count what is presented, so no log stands against it")
                : against;
    }

    private static boolean countsOtherThings(Analysis run) {
        double claimed = run.rates().claimed().orNaN();
        double presented = run.rates().presented().orNaN();
        return Math.abs(claimed - presented) > SAME_RATE * presented;
    }

    /// Lows compare within one convention only.
    private static Sides lows(List<Analysis> a, List<Analysis> b, Sides plain) {
        List<String> conventions = Stream.concat(plain.a.runs().stream(), plain.b.runs().stream())
                .map(run -> run.settings().claimed())
                .map(said -> said.convention()
                        .map(LowConvention::title)
                        .orElse(said.lowConvention().strip()))
                .distinct()
                .toList();
        if (conventions.size() > 1) {
            return plain.refused("lows of different conventions do not compare: "
                    + String.join(
                            ", ",
                            conventions.stream()
                                    .map(name -> name.isEmpty() ? "not stated" : name)
                                    .toList()));
        }
        if (plain.oneIsEmpty()) {
            Optional<LowConvention> known =
                    conventions.stream().map(LowConvention::named).findFirst().flatMap(one -> one);
            return known.map(convention -> plain.withLogs(
                            a,
                            b,
                            run -> run.onePercentLow().by(convention),
                            "The %s low of a frame log stands against what a tool said.".formatted(convention.title())))
                    .orElseGet(
                            () -> plain.refused("the convention of the tool's low is not one that a log is judged by"));
        }
        return conventions.contains("") && !plain.a.isEmpty()
                ? new Sides(
                        plain.a,
                        plain.b,
                        Optional.empty(),
                        "The convention of these lows is not stated: they compare only if the same tool made both.")
                : plain;
    }

    private Sides withLogs(List<Analysis> allA, List<Analysis> allB, Function<Analysis, Figure> figure, String why) {
        SideFigures standing = SideFigures.of(a.isEmpty() ? allA : allB, figure);
        if (standing.isEmpty()) {
            return this;
        }
        return a.isEmpty()
                ? new Sides(standing, b, Optional.empty(), why)
                : new Sides(a, standing, Optional.empty(), why);
    }

    private Sides refused(String why) {
        return new Sides(a, b, Optional.of(Figure.missing(why)), "");
    }
}
