package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Measure;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/// How the baseline moved over a session, from native runs before, between and after the others.
///
/// @param measure the figure that is looked at
/// @param perHour slope by Theil–Sen, in the measure's unit an hour
/// @param hours from the first run of either side to the last
public record Drift(Measure measure, double perHour, double hours) {
    private static final double MS_AN_HOUR = 3.6e6;

    /// Looks at the baseline runs whose time is known; empty if fewer than two are, or all at one time.
    ///
    /// @param comparison its side `a` is the baseline
    public static Optional<Drift> of(RunComparison comparison, Measure measure) {
        List<Analysis> timed = comparison.a().stream()
                .filter(run -> run.settings().measuredAtMs().isPresent()
                        && measure.of(run).isKnown())
                .toList();
        double[] all = Stream.concat(comparison.a().stream(), comparison.b().stream())
                .mapToDouble(Drift::hour)
                .filter(hour -> !Double.isNaN(hour))
                .toArray();
        double slope =
                TheilSen.slope(timed.stream().mapToDouble(Drift::hour).toArray(), RunComparison.values(timed, measure));
        return Double.isNaN(slope)
                ? Optional.empty()
                : Optional.of(new Drift(
                        measure,
                        slope,
                        Arrays.stream(all).max().orElseThrow()
                                - Arrays.stream(all).min().orElseThrow()));
    }

    /// When a run was measured, hours; NaN if nobody knows.
    private static double hour(Analysis run) {
        OptionalLong time = run.settings().measuredAtMs();
        return time.isPresent() ? time.getAsLong() / MS_AN_HOUR : Double.NaN;
    }

    /// How far the baseline moved over the session, in the measure's unit.
    public double overSession() {
        return perHour * hours;
    }
}
