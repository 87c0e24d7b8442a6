package app.fluss.core.toggle;

import java.util.ArrayList;
import java.util.List;

/// A stretch of a run with the path on or off all the while, the settling time after the switch left out.
///
/// @param fromMs its begin, ms on the clock of the run
/// @param toMs its end, ms
/// @param on whether the path was on
public record ToggleStretch(double fromMs, double toMs, boolean on) {
    /// Shorter stretches say nothing of their own, ms. Our own convention.
    public static final double SHORTEST_MS = 1000;

    /// Its middle, ms.
    public double middleMs() {
        return (fromMs + toMs) / 2;
    }

    /// Cuts a run at its switches. What is shorter than [#SHORTEST_MS] once things have settled is left out.
    ///
    /// @param marks in time; two in a row that say the same are one
    /// @param beginMs where the run begins, ms
    /// @param endMs where it ends, ms
    public static List<ToggleStretch> of(List<ToggleMark> marks, double beginMs, double endMs) {
        List<ToggleStretch> stretches = new ArrayList<>();
        if (marks.isEmpty()) {
            return stretches;
        }
        double from = beginMs;
        boolean on = !marks.getFirst().turnsOn();
        for (ToggleMark mark : marks) {
            if (mark.turnsOn() != on) {
                add(stretches, from, Math.min(mark.atMs(), endMs), on);
                on = mark.turnsOn();
                from = mark.atMs() + mark.settlesMs();
            }
        }
        add(stretches, from, endMs, on);
        return stretches;
    }

    private static void add(List<ToggleStretch> stretches, double from, double to, boolean on) {
        if (to - from >= SHORTEST_MS) {
            stretches.add(new ToggleStretch(from, to, on));
        }
    }
}
