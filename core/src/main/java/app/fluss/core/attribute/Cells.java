package app.fluss.core.attribute;

import app.fluss.core.compare.Student;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/// Runs by the combination of factors that was on while they were measured.
///
/// @param factors one to [#MOST]; the first is bit 0 of a combination
/// @param runs the figure of each run, by combination; a bit that is set is a factor that is on
/// @param scale how the parts of the figure are put together
public record Cells(List<Factor> factors, SortedMap<Integer, double[]> runs, Scale scale) {
    /// Factors that are taken apart at once, at most.
    public static final int MOST = 6;

    /// Degrees of freedom from which a common spread is one. Our own convention, as where spreads are borrowed.
    private static final int FEWEST = 4;

    /// Combinations whose spreads are so unlike by chance in one of a hundred cases only have no common one. Our own
    /// convention.
    private static final double UNLIKE = 0.99;

    private static final double ROUNDING = 1e-9;

    /// How parts are put together.
    public enum Scale {
        /// They are multiplied: rates. Worked out on logarithms.
        RATIO,
        /// They are added: latency, ms.
        DIFFERENCE;

        double in(double value) {
            return this == RATIO ? Math.log(value) : value;
        }

        double out(double value) {
            return this == RATIO ? Math.exp(value) : value;
        }
    }

    /// Keeps a copy; figures that are missing (NaN) are left out, and combinations that no run has.
    ///
    /// @throws IllegalArgumentException with no factor or too many, or a rate that is not above 0
    public Cells {
        factors = List.copyOf(factors);
        if (factors.isEmpty() || factors.size() > MOST) {
            throw new IllegalArgumentException(
                    "1 to %d factors can be taken apart, got %d: leave those out that changed nothing"
                            .formatted(MOST, factors.size()));
        }
        SortedMap<Integer, double[]> kept = new TreeMap<>();
        for (Map.Entry<Integer, double[]> cell : runs.entrySet()) {
            double[] known = Arrays.stream(cell.getValue())
                    .filter(value -> !Double.isNaN(value))
                    .toArray();
            if (scale == Scale.RATIO && Arrays.stream(known).anyMatch(value -> !(value > 0))) {
                throw new IllegalArgumentException("a rate that is taken apart must be above 0");
            }
            if (known.length > 0) {
                kept.put(cell.getKey(), known);
            }
        }
        runs = kept;
    }

    /// Everything on.
    public int whole() {
        return (1 << factors.size()) - 1;
    }

    /// Mean of a combination on the scale that parts are added on.
    double mean(int combination) {
        return Moments.of(scaled(combination)).mean();
    }

    double[] scaled(int combination) {
        return Arrays.stream(runs.getOrDefault(combination, new double[0]))
                .map(scale::in)
                .toArray();
    }

    int count(int combination) {
        return runs.getOrDefault(combination, new double[0]).length;
    }

    /// The spread from run to run that all combinations have in common, on the scale that parts are added on.
    ///
    /// @param sd missing where there is none, with the reason
    /// @param freedom that it rests on
    record Spread(Figure sd, int freedom) {
        double reach() {
            return Student.reach(freedom);
        }
    }

    /// Pooled over the combinations with repeats, unless they differ in their spread (Bartlett, "Properties of
    /// sufficiency and statistical tests", Proc. R. Soc. A 160 (1937) 268-282, from memory).
    Spread spread() {
        List<double[]> repeated = runs.keySet().stream()
                .map(this::scaled)
                .filter(cell -> cell.length >= 2)
                .toList();
        double squares = 0;
        double logs = 0;
        double inverses = 0;
        int freedom = 0;
        for (double[] cell : repeated) {
            double variance = Math.max(square(Moments.of(cell).sd()), square(ROUNDING));
            int free = cell.length - 1;
            squares += free * variance;
            logs += free * Math.log(variance);
            inverses += 1.0 / free;
            freedom += free;
        }
        if (freedom < FEWEST) {
            return new Spread(
                    Figure.missing("too few runs are repeated to know how much they differ from run to run"), 0);
        }
        double pooled = squares / freedom;
        if (Math.sqrt(pooled) < 2 * ROUNDING) {
            return new Spread(Figure.missing("the runs are equal to the last digit recorded"), 0);
        }
        int groups = repeated.size();
        if (groups > 1) {
            double statistic =
                    (freedom * Math.log(pooled) - logs) / (1 + (inverses - 1.0 / freedom) / (3 * (groups - 1.0)));
            if (new ChiSquaredDistribution(groups - 1.0).cumulativeProbability(statistic) > UNLIKE) {
                return new Spread(
                        Figure.missing("the runs of one combination differ much more than those of another"), 0);
            }
        }
        return new Spread(Figure.of(Math.sqrt(pooled)), freedom);
    }

    private static double square(double value) {
        return value * value;
    }

    /// A combination in words: "engine generation on, upscaler own, cap off".
    public String words(int combination) {
        return IntStream.range(0, factors.size())
                .mapToObj(bit -> factors.get(bit).name() + " "
                        + ((combination >> bit & 1) == 1
                                ? factors.get(bit).on()
                                : factors.get(bit).off()))
                .collect(Collectors.joining(", "));
    }
}
