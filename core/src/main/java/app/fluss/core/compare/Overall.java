package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// One measure over several games or scenes, each of which counts once.
///
/// @param ratio geometric mean of their ratios
/// @param ratioInterval 95 % interval by Student's t on the logarithms, from two on; none where they are equal
/// @param over the games or scenes that have a ratio
/// @param leftOut those that have none
public record Overall(Figure ratio, Optional<Interval> ratioInterval, List<String> over, List<String> leftOut) {
    /// Works it out.
    ///
    /// @param ratios of each game or scene, in order; one without a ratio is left out
    public static Overall of(Map<String, Figure> ratios) {
        List<String> used = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        List<Double> found = new ArrayList<>();
        ratios.forEach((name, ratio) -> {
            if (ratio instanceof Figure.Known(double value) && value > 0) {
                used.add(name);
                found.add(Math.log(value));
            } else {
                leftOut.add(name);
            }
        });
        double[] logs = found.stream().mapToDouble(Double::doubleValue).toArray();
        return new Overall(
                logs.length == 0
                        ? Figure.missing("no game or scene has a ratio")
                        : Figure.of(Math.exp(Moments.of(logs).mean())),
                interval(logs),
                List.copyOf(used),
                List.copyOf(leftOut));
    }

    private static Optional<Interval> interval(double[] logs) {
        Moments moments = Moments.of(logs);
        if (logs.length < 2 || moments.sd() < PooledSpread.ROUNDING) {
            return Optional.empty();
        }
        double half = Student.reach(logs.length - 1) * moments.sd() / Math.sqrt(logs.length);
        return Optional.of(BetweenRuns.exp(new Interval(moments.mean() - half, moments.mean() + half)));
    }
}
