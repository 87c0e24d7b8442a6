package app.fluss.core.compare;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Moments;
import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.SplittableRandom;
import org.hipparchus.distribution.continuous.TDistribution;

/// 95 % intervals of what generation costs and gives; each empty where it cannot be had.
///
/// Base cost, gain and efficiency are ratios of the two sides, and take the intervals of these. The found
/// multiplier and what follows from it lie within one side: from three runs on they rest on the figures of
/// runs (Student's t on logarithms), else on seconds drawn again within the runs.
///
/// @param baseCost of [GenerationFigures#baseCost]
/// @param foundMultiplier of [GenerationFigures#foundMultiplier]
/// @param deliveredGain of [GenerationFigures#deliveredGain]
/// @param efficiency of [GenerationFigures#efficiency], where native images are all rendered
/// @param generatedShare of [GenerationFigures#generatedShare]
public record GenerationIntervals(
        Optional<Interval> baseCost,
        Optional<Interval> foundMultiplier,
        Optional<Interval> deliveredGain,
        Optional<Interval> efficiency,
        Optional<Interval> generatedShare) {
    /// There is none.
    static final GenerationIntervals NONE = new GenerationIntervals(
            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    private static final double SECOND_MS = 1000;
    private static final double UPPER = 0.975;
    private static final long SEED = 0xF1055CL;

    static GenerationIntervals of(
            MeasureComparison rendered,
            MeasureComparison presented,
            MeasureComparison delivered,
            GenerationFigures figures,
            List<Analysis> b) {
        Optional<Interval> multiplier = figures.foundMultiplier().isKnown() ? multiplier(b) : Optional.empty();
        double nominal = figures.nominal().orNaN();
        return new GenerationIntervals(
                rendered.ratioInterval().map(i -> new Interval(1 - i.high(), 1 - i.low())),
                multiplier,
                delivered.ratioInterval(),
                Double.isNaN(nominal)
                        ? Optional.empty()
                        : presented.ratioInterval().map(i -> new Interval(i.low() / nominal, i.high() / nominal)),
                multiplier.map(i -> new Interval(1 - 1 / i.low(), 1 - 1 / i.high())));
    }

    private static Optional<Interval> multiplier(List<Analysis> runs) {
        if (runs.size() < RunComparison.RUNS_FOR_WELCH) {
            return withinRuns(runs);
        }
        Moments logs = Moments.of(runs.stream()
                .mapToDouble(run -> Math.log(
                        run.rates().presented().orNaN() / run.rates().rendered().orNaN()))
                .toArray());
        double half = new TDistribution(runs.size() - 1).inverseCumulativeProbability(UPPER)
                * logs.sd()
                / Math.sqrt(runs.size());
        return Double.isFinite(half)
                ? Optional.of(new Interval(Math.exp(logs.mean() - half), Math.exp(logs.mean() + half)))
                : Optional.empty();
    }

    /// Images of one second.
    private record Second(int presented, int rendered) {}

    private static Optional<Interval> withinRuns(List<Analysis> runs) {
        List<Second> seconds = new ArrayList<>();
        runs.forEach(run -> count(run.slice(), seconds));
        if (seconds.size() < BlockBootstrap.FEWEST_BLOCKS) {
            return Optional.empty();
        }
        SplittableRandom random = new SplittableRandom(SEED);
        double[] found = new double[BlockBootstrap.RESAMPLES];
        Arrays.setAll(found, _ -> {
            int presented = 0;
            int rendered = 0;
            for (int i = 0; i < seconds.size(); i++) {
                Second drawn = Objects.requireNonNull(seconds.get(random.nextInt(seconds.size())));
                presented += drawn.presented;
                rendered += drawn.rendered;
            }
            return (double) presented / rendered;
        });
        Ordered ordered = Ordered.of(found);
        double low = ordered.quantile(1 - UPPER);
        double high = ordered.quantile(UPPER);
        return Double.isFinite(high) ? Optional.of(new Interval(low, high)) : Optional.empty();
    }

    private static void count(FrameSlice slice, List<Second> seconds) {
        if (slice.size() == 0) {
            return;
        }
        var present = slice.log().present();
        double end = present.at(slice.from()) + SECOND_MS;
        int presented = 0;
        int rendered = 0;
        for (int i = slice.from(); i < slice.to(); i++) {
            if (present.at(i) >= end) {
                seconds.add(new Second(presented, rendered));
                end = Math.max(end + SECOND_MS, present.at(i));
                presented = 0;
                rendered = 0;
            }
            presented++;
            rendered += slice.log().kind(i) == FrameKind.GENERATED ? 0 : 1;
        }
    }
}
