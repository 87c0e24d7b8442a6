package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;
import java.util.Arrays;
import java.util.List;

/// How much a figure differs from run to run in a scene, whatever the path: a side with few runs borrows it.
/// Pooled over all paths with repeats, on logarithms, so as a share of the figure.
///
/// @param sd standard deviation of the logarithms; missing where it cannot be borrowed, with the reason
/// @param freedom degrees of freedom that it rests on
/// @param runs how many runs it comes from
record PooledSpread(Figure sd, int freedom, int runs) {
    /// Fewer degrees of freedom say too little: {@value}. Our own convention.
    static final int FEWEST = 4;

    /// Paths whose spreads differ by more than this factor have no common one: {@value}. Our own convention.
    static final double ALIKE = 3;

    /// Spreads below this share of a figure are rounding.
    static final double ROUNDING = 1e-9;

    /// There is nothing to borrow from.
    static final PooledSpread NONE = of(List.of());

    /// Pools.
    ///
    /// @param paths the figure of every run that has it, path by path
    static PooledSpread of(List<double[]> paths) {
        // Two runs tell so little of their spread that paths which are alike seldom look so.
        int judgedFrom = paths.stream().anyMatch(path -> path.length > 2) ? 3 : 2;
        double squares = 0;
        int freedom = 0;
        int runs = 0;
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (double[] path : paths) {
            if (path.length < 2) {
                continue;
            }
            if (Arrays.stream(path).anyMatch(value -> !(value > 0))) {
                return unknown("a figure that can be 0 has no spread to borrow");
            }
            double sd = Moments.of(logs(path)).sd();
            if (path.length >= judgedFrom) {
                least = Math.min(least, sd);
                most = Math.max(most, sd);
            }
            squares += sd * sd * (path.length - 1);
            freedom += path.length - 1;
            runs += path.length;
        }
        if (freedom < FEWEST) {
            return unknown("the paths of this scene have too few repeats to borrow their spread from");
        } else if (most < ROUNDING) {
            return unknown("the runs are equal to the last digit recorded");
        } else if (most > ALIKE * least) {
            return unknown("the paths of this scene differ too much in their spread to borrow it");
        }
        return new PooledSpread(Figure.of(Math.sqrt(squares / freedom)), freedom, runs);
    }

    private static PooledSpread unknown(String why) {
        return new PooledSpread(Figure.missing(why), 0, 0);
    }

    static double[] logs(double[] values) {
        return Arrays.stream(values).map(Math::log).toArray();
    }
}
