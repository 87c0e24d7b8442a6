package app.fluss.core.plan;

import java.util.List;
import java.util.stream.IntStream;

/// The smallest difference that this many runs a side detect, with 80 % power, two-sided at 5 %.
///
/// @param spread how far runs may spread, as a share of their mean: the upper limit of what was seen, above 0
/// @param found the smallest difference by runs a side, as a share, from [RepeatsNeeded#FEWEST] runs on
public record PowerCurve(double spread, List<Double> found) {
    /// Runs a side up to which it goes: {@value}.
    public static final int MOST_RUNS = 16;

    /// Keeps a copy.
    public PowerCurve {
        found = List.copyOf(found);
    }

    /// Of a spread.
    ///
    /// @throws IllegalArgumentException unless it is above 0
    public static PowerCurve of(double spread) {
        if (!(spread > 0)) {
            throw new IllegalArgumentException("spread must be above 0, got " + spread);
        }
        return new PowerCurve(
                spread,
                IntStream.rangeClosed(RepeatsNeeded.FEWEST, MOST_RUNS)
                        .mapToObj(runs -> spread * RepeatsNeeded.detectable(runs))
                        .toList());
    }

    /// The smallest difference that this many runs a side detect, as a share.
    ///
    /// @param perSide from [RepeatsNeeded#FEWEST] to [#MOST_RUNS]
    public double at(int perSide) {
        return found.get(perSide - RepeatsNeeded.FEWEST);
    }

    /// Fewest runs a side that find a difference, three or more; above [#MOST_RUNS] where none of the curve does.
    ///
    /// @param matters the difference, as a share
    public int needed(double matters) {
        int runs = RepeatsWanted.TO_BEGIN_WITH;
        while (runs <= MOST_RUNS && at(runs) > matters) {
            runs++;
        }
        return runs;
    }
}
