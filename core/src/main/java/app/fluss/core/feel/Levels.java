package app.fluss.core.feel;

import java.util.Arrays;
import java.util.List;

/// The levels that a task can show, on a logarithmic scale.
///
/// @param lowest the smallest, above 0, in the task's unit
/// @param start where a staircase begins
/// @param highest the largest
/// @param only those that there are; empty where every level in the range can be shown
public record Levels(double lowest, double start, double highest, List<Double> only) {
    /// @throws IllegalArgumentException unless `0 < lowest <= start <= highest`
    public Levels {
        only = List.copyOf(only);
        if (!(lowest > 0 && start >= lowest && highest >= start && Double.isFinite(highest))) {
            throw new IllegalArgumentException(
                    "levels must rise from above 0, got %s, %s, %s".formatted(lowest, start, highest));
        }
    }

    /// Every level of a range.
    public static Levels between(double lowest, double start, double highest) {
        return new Levels(lowest, start, highest, List.of());
    }

    /// Some levels, the largest first shown.
    ///
    /// @param levels one or more, above 0, in any order
    /// @throws IllegalArgumentException if there is none, or one is not above 0
    public static Levels of(double... levels) {
        if (levels.length == 0) {
            throw new IllegalArgumentException("a task needs a level");
        }
        List<Double> rising = Arrays.stream(levels).sorted().boxed().toList();
        return new Levels(rising.getFirst(), rising.getLast(), rising.getLast(), rising);
    }

    /// The level nearest to one that is wanted, by their ratio.
    double nearest(double wanted) {
        double within = Math.clamp(wanted, lowest, highest);
        return only.stream()
                .min((a, b) -> Double.compare(away(a, within), away(b, within)))
                .orElse(within);
    }

    private static double away(double level, double wanted) {
        return Math.abs(Math.log(level / wanted));
    }
}
