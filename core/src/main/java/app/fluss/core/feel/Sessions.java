package app.fluss.core.feel;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Optional;

/// The thresholds of one person in several sessions of the same task on the same display with the same
/// device.
///
/// @param median of the sessions that gave a threshold, or why there is none
/// @param range the smallest and the largest of them: how well they repeat; empty below two
/// @param given sessions that gave one
/// @param all sessions
public record Sessions(Figure median, Optional<Interval> range, int given, int all) {
    /// Of sessions.
    public static Sessions of(List<Threshold> thresholds) {
        double[] known = thresholds.stream()
                .filter(threshold -> threshold.level().isKnown())
                .mapToDouble(threshold -> threshold.level().orNaN())
                .sorted()
                .toArray();
        return new Sessions(
                known.length == 0
                        ? Figure.missing("no session gave a threshold")
                        : Figure.of((known[(known.length - 1) / 2] + known[known.length / 2]) / 2),
                known.length < 2 ? Optional.empty() : Optional.of(new Interval(known[0], known[known.length - 1])),
                known.length,
                thresholds.size());
    }
}
