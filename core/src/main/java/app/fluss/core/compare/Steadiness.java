package app.fluss.core.compare;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;
import app.fluss.core.measure.RefreshLedger;
import java.util.Optional;

/// How steady a rate was within one run. It speaks of this run only, never of the path.
final class Steadiness {
    /// Fewer effective seconds say nothing: {@value}. Our own convention.
    static final double FEWEST_SECONDS = 20;

    private static final double SECOND_MS = 1000;
    private static final int MOST_SECONDS = 200_000;

    private Steadiness() {}

    /// The rate of a run, with what its seconds leave open: the standard error of their mean, with as many
    /// seconds as they are worth where each is like the one before.
    ///
    /// @return empty for what is no rate, without a log, and where too few effective seconds remain
    static Optional<Interval> of(Analysis run, Measure measure) {
        double rate = measure.of(run).orNaN();
        double[] seconds = switch (measure) {
            case PRESENTED -> presented(run.slice(), false);
            case RENDERED -> presented(run.slice(), true);
            case DELIVERED -> run.ledger().map(ledger -> delivered(ledger)).orElseGet(() -> new double[0]);
            default -> new double[0];
        };
        double effective = seconds.length / VarianceInflation.of(seconds);
        if (!(effective >= FEWEST_SECONDS) || Double.isNaN(rate)) {
            return Optional.empty();
        }
        double half = Student.reach(effective - 1) * Moments.of(seconds).sd() / Math.sqrt(effective);
        return half > 0 ? Optional.of(new Interval(rate - half, rate + half)) : Optional.empty();
    }

    private static double[] presented(FrameSlice slice, boolean renderedOnly) {
        if (slice.size() == 0) {
            return new double[0];
        }
        var present = slice.log().present();
        double begin = present.at(slice.from());
        double[] counts = seconds(present.at(slice.to() - 1) - begin);
        for (int i = slice.from(); i < slice.to(); i++) {
            if (!renderedOnly || slice.log().kind(i) != FrameKind.GENERATED) {
                count(counts, present.at(i) - begin);
            }
        }
        return counts;
    }

    private static double[] delivered(RefreshLedger ledger) {
        if (ledger.shown() == 0) {
            return new double[0];
        }
        double begin = ledger.shownAtMs(0);
        double[] counts = seconds(ledger.shownAtMs(ledger.shown() - 1) - begin);
        for (int position = 0; position < ledger.shown(); position++) {
            if (!ledger.isRepeat(position)) {
                count(counts, ledger.shownAtMs(position) - begin);
            }
        }
        return counts;
    }

    /// Whole seconds only.
    private static double[] seconds(double spanMs) {
        return new double[(int) Math.clamp(spanMs / SECOND_MS, 0, MOST_SECONDS)];
    }

    private static void count(double[] counts, double ms) {
        int second = (int) Math.floor(ms / SECOND_MS);
        if (second >= 0 && second < counts.length) {
            counts[second]++;
        }
    }
}
