package app.fluss.core.feel;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;

/// The maximum-likelihood fit of a logistic psychometric function over the logarithm of the level, for
/// trials of two intervals: `1/2 + (1/2 - lapse) logistic(slope (ln level - middle))`, told by the level
/// at which it is 75 % (the model and the lapse rate: Wichmann & Hill, "The psychometric function: I",
/// Perception & Psychophysics 63 (2001) 1293-1313, from memory). Two weak penalties keep slope and lapse
/// rate from running away where the answers say little of them: a log-normal one around a slope of 3, and
/// one of ten trials without a lapse.
///
/// The interval holds the levels whose best likelihood is near enough to the best of all. The quantile of
/// chi squared that is right for endless trials (3.84) covers 92 to 96 % over the hundred trials of two
/// staircases; 4.2 covers 94 to 97 % of simulated people whose slope is 2 to 8 (tested).
public final class PsychometricFit {
    /// Fewest trials of which a threshold is given: {@value}.
    public static final int FEWEST_TRIALS = 30;

    /// The largest lapse rate of which a threshold is given: {@value}.
    public static final double MOST_LAPSES = 0.10;

    /// The share of right answers at the threshold: {@value}.
    public static final double AT = 0.75;

    private static final double DROP = 4.2 / 2;
    private static final double[] LAPSES = {0, 0.02, 0.04, 0.07, 0.10, 0.13, 0.20};
    private static final double TRIALS_WITHOUT_LAPSE = 10;
    private static final double USUAL_LOG_SLOPE = Math.log(3);
    private static final double SD_LOG_SLOPE = 1.2;
    private static final double LEAST_SLOPE = 0.5;
    private static final double MOST_SLOPE = 40;
    private static final int SLOPES = 8;
    private static final int LEVELS = 24;

    /// How near a search comes, on logarithms of level and slope.
    private static final double WITHIN = 5e-3;

    /// How far outside the levels shown an end of the interval is looked for, as a factor.
    private static final double BEYOND = 4;

    private final double[] logs;
    private final int[] right;
    private final int[] wrong;
    private final int trials;

    /// A point of the fit.
    record Point(double slope, double lapse, double likelihood) {}

    private PsychometricFit(List<Trial> trials) {
        List<AtLevel> levels = AtLevel.of(trials);
        logs = levels.stream().mapToDouble(at -> Math.log(at.level())).toArray();
        right = levels.stream().mapToInt(AtLevel::right).toArray();
        wrong = levels.stream().mapToInt(at -> at.of() - at.right()).toArray();
        this.trials = trials.size();
    }

    /// The threshold of a person by all trials of a task.
    public static Threshold of(List<Trial> trials) {
        if (trials.size() < FEWEST_TRIALS) {
            return Threshold.missing(
                    "%d trials; a threshold needs %d".formatted(trials.size(), FEWEST_TRIALS), trials.size());
        }
        return new PsychometricFit(trials).threshold();
    }

    private Threshold threshold() {
        double low = logs[0] - Math.log(BEYOND);
        double high = logs[logs.length - 1] + Math.log(BEYOND);
        double best = highest(this::likelihood, low, high, LEVELS);
        Point point = at(best);
        if (point.lapse > MOST_LAPSES) {
            return Threshold.missing(
                    String.format(
                            Locale.ROOT,
                            "about %.0f %% of the largest differences were missed; up to %.0f %% are allowed",
                            100 * point.lapse,
                            100 * MOST_LAPSES),
                    point,
                    trials);
        }
        if (best < logs[0]) {
            return Threshold.missing("even the smallest difference shown was noticed", point, trials);
        }
        if (best > logs[logs.length - 1]) {
            return Threshold.missing("even the largest difference shown was not noticed", point, trials);
        }
        double enough = point.likelihood - DROP;
        if (likelihood(low) >= enough || likelihood(high) >= enough) {
            return Threshold.missing("the answers do not tell where it lies", point, trials);
        }
        return new Threshold(
                Figure.of(Math.exp(best)),
                Optional.of(new Interval(Math.exp(end(low, best, enough)), Math.exp(end(high, best, enough)))),
                point.lapse,
                point.slope,
                trials);
    }

    /// Where the likelihood comes to what is enough, between a point outside and one inside.
    private double end(double outside, double inside, double enough) {
        double far = outside;
        double near = inside;
        while (Math.abs(far - near) > WITHIN) {
            double middle = (far + near) / 2;
            if (likelihood(middle) >= enough) {
                near = middle;
            } else {
                far = middle;
            }
        }
        return (far + near) / 2;
    }

    private double likelihood(double threshold) {
        return at(threshold).likelihood;
    }

    /// The best slope and lapse rate for a threshold.
    private Point at(double threshold) {
        double slope = Math.exp(highest(
                log -> lapsed(threshold, Math.exp(log)).likelihood,
                Math.log(LEAST_SLOPE),
                Math.log(MOST_SLOPE),
                SLOPES));
        return lapsed(threshold, slope);
    }

    private Point lapsed(double threshold, double slope) {
        double away = (Math.log(slope) - USUAL_LOG_SLOPE) / SD_LOG_SLOPE;
        double[] falls = DoubleStream.of(logs)
                .map(log -> Math.exp(-slope * (log - threshold)))
                .toArray();
        Point best = new Point(slope, 0, Double.NEGATIVE_INFINITY);
        for (double lapse : LAPSES) {
            double likelihood = likelihood(falls, lapse) + TRIALS_WITHOUT_LAPSE * Math.log1p(-lapse) - away * away / 2;
            if (likelihood > best.likelihood) {
                best = new Point(slope, lapse, likelihood);
            }
        }
        return best;
    }

    /// The share of right answers so far from the threshold, on the natural logarithm of the level.
    static double share(double away, double slope, double lapse) {
        return share(Math.exp(-slope * away), lapse);
    }

    private static double share(double fall, double lapse) {
        double at = (AT - 0.5) / (0.5 - lapse);
        return 0.5 + (0.5 - lapse) / (1 + fall * (1 - at) / at);
    }

    /// @param falls `exp(-slope (ln level - ln threshold))` of each level
    private double likelihood(double[] falls, double lapse) {
        double sum = 0;
        for (int i = 0; i < falls.length; i++) {
            double share = share(falls[i], lapse);
            if (right[i] > 0) {
                sum += right[i] * Math.log(share);
            }
            if (wrong[i] > 0) {
                sum += wrong[i] * Math.log(Math.max(1 - share, 1e-300));
            }
        }
        return sum;
    }

    /// Where a function is highest: on a grid first, for it may have more than one top, then between its
    /// neighbours.
    private static double highest(DoubleUnaryOperator f, double low, double high, int steps) {
        double step = (high - low) / steps;
        int best = 0;
        double top = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= steps; i++) {
            double value = f.applyAsDouble(low + i * step);
            if (value > top) {
                top = value;
                best = i;
            }
        }
        return golden(f, low + Math.max(0, best - 1) * step, low + Math.min(steps, best + 1) * step);
    }

    /// Golden-section search of a function with one top.
    private static double golden(DoubleUnaryOperator f, double from, double to) {
        double ratio = (Math.sqrt(5) - 1) / 2;
        double low = from;
        double high = to;
        double left = high - ratio * (high - low);
        double rightOf = low + ratio * (high - low);
        double atLeft = f.applyAsDouble(left);
        double atRight = f.applyAsDouble(rightOf);
        while (high - low > WITHIN) {
            if (atLeft >= atRight) {
                high = rightOf;
                rightOf = left;
                atRight = atLeft;
                left = high - ratio * (high - low);
                atLeft = f.applyAsDouble(left);
            } else {
                low = left;
                left = rightOf;
                atLeft = atRight;
                rightOf = low + ratio * (high - low);
                atRight = f.applyAsDouble(rightOf);
            }
        }
        return (low + high) / 2;
    }
}
