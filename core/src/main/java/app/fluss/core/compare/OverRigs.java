package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Optional;

/// The ratio of a path over several rigs, as a random-effects mean: weights by DerSimonian and Laird
/// ("Meta-analysis in clinical trials", Controlled Clinical Trials 7 (1986) 177-188, from memory),
/// interval by Hartung and Knapp ("A refined method for the meta-analysis of controlled clinical trials
/// with binary outcome", Statistics in Medicine 20 (2001) 3875-3889, from memory), never narrower than
/// the weights alone would give it (Röver, Knapp and Friede, BMC Medical Research Methodology 15 (2015)
/// 99, from memory): few rigs that happen to agree are no certainty.
///
/// @param rigs each with its ratio
/// @param ratio geometric mean over the rigs, or why there is none
/// @param interval 95 %; empty without a mean
/// @param q Cochran's Q of the logarithms; NaN without a mean
/// @param tauSquared variance of the logarithms between rigs; NaN without a mean
/// @param iSquared share of the variance that lies between rigs, 0 to 1; NaN without a mean
public record OverRigs(
        List<OfRig> rigs, Figure ratio, Optional<Interval> interval, double q, double tauSquared, double iSquared) {
    /// Rigs from which on they are pooled: {@value}.
    public static final int FEWEST = 3;

    /// What one rig gives.
    ///
    /// @param rig its name
    /// @param ratio on it, or why there is none
    /// @param interval 95 % from run to run; a rig without one is listed and not pooled
    /// @param freedom degrees of freedom of the interval; NaN without one
    public record OfRig(String rig, Figure ratio, Optional<Interval> interval, double freedom) {
        /// Standard error of the logarithm; NaN without an interval.
        double standardError() {
            return interval.filter(ends -> freedom > 0 && ends.low() > 0)
                    .map(ends -> Math.log(ends.high() / ends.low()) / 2 / Student.reach(freedom))
                    .filter(error -> error > 0)
                    .orElse(Double.NaN);
        }
    }

    /// Pools.
    public static OverRigs of(List<OfRig> rigs) {
        List<OfRig> pooled =
                rigs.stream().filter(one -> !Double.isNaN(one.standardError())).toList();
        double[] logs = pooled.stream()
                .mapToDouble(one -> Math.log(one.ratio().orNaN()))
                .toArray();
        double[] errors = pooled.stream().mapToDouble(OfRig::standardError).toArray();
        return pooled.size() < FEWEST
                ? new OverRigs(
                        List.copyOf(rigs),
                        Figure.missing("it takes %d rigs with an interval from run to run; there are %d"
                                .formatted(FEWEST, pooled.size())),
                        Optional.empty(),
                        Double.NaN,
                        Double.NaN,
                        Double.NaN)
                : of(List.copyOf(rigs), logs, errors);
    }

    private static OverRigs of(List<OfRig> rigs, double[] logs, double[] errors) {
        int k = logs.length;
        Weights fixed = Weights.of(errors, 0);
        double q = fixed.squares(logs);
        double tauSquared = Math.max(0, (q - (k - 1)) / (fixed.sum - fixed.sumOfSquares / fixed.sum));
        Weights random = Weights.of(errors, tauSquared);
        double mean = random.mean(logs);
        double scale = Math.max(1, random.squares(logs) / (k - 1));
        double half = Student.reach(k - 1) * Math.sqrt(scale / random.sum);
        return new OverRigs(
                rigs,
                Figure.of(Math.exp(mean)),
                Optional.of(new Interval(Math.exp(mean - half), Math.exp(mean + half))),
                q,
                tauSquared,
                q > 0 ? Math.max(0, (q - (k - 1)) / q) : 0);
    }

    /// One over the variance of each.
    private static final class Weights {
        private final double[] of;
        private final double sum;
        private final double sumOfSquares;

        private Weights(double[] of, double sum, double sumOfSquares) {
            this.of = of;
            this.sum = sum;
            this.sumOfSquares = sumOfSquares;
        }

        static Weights of(double[] errors, double between) {
            double[] weights = new double[errors.length];
            double sum = 0;
            double squares = 0;
            for (int i = 0; i < errors.length; i++) {
                weights[i] = 1 / (errors[i] * errors[i] + between);
                sum += weights[i];
                squares += weights[i] * weights[i];
            }
            return new Weights(weights, sum, squares);
        }

        double mean(double[] values) {
            double total = 0;
            for (int i = 0; i < values.length; i++) {
                total += of[i] * values[i];
            }
            return total / sum;
        }

        /// Weighted squares of the distances from the mean.
        double squares(double[] values) {
            double mean = mean(values);
            double total = 0;
            for (int i = 0; i < values.length; i++) {
                total += of[i] * (values[i] - mean) * (values[i] - mean);
            }
            return total;
        }
    }
}
