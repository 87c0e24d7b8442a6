package app.fluss.core.feel;

import java.util.List;
import java.util.TreeMap;

/// The answers at one level.
///
/// @param level in the task's unit
/// @param right answers
/// @param of all answers, 1 or more
public record AtLevel(double level, int right, int of) {
    /// Of the trials of a task, the smallest level first.
    public static List<AtLevel> of(List<Trial> trials) {
        TreeMap<Double, AtLevel> levels = new TreeMap<>();
        for (Trial trial : trials) {
            levels.merge(
                    trial.level(),
                    new AtLevel(trial.level(), trial.isRight() ? 1 : 0, 1),
                    (a, b) -> new AtLevel(a.level, a.right + b.right, a.of + b.of));
        }
        return List.copyOf(levels.values());
    }

    /// The share that was right, 0 to 1.
    public double share() {
        return (double) right / of;
    }
}
