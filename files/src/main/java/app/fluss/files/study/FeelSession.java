package app.fluss.files.study;

import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.Reach;
import app.fluss.core.feel.Trial;
import java.time.Instant;
import java.util.List;

/// One session of a task of Feel, as it was done.
///
/// @param id its number; 0 for one that is not kept yet
/// @param taker who did it, and on what
/// @param task what was done
/// @param doneAt when it ended
/// @param refreshHz pulses of the window a second, above 0
/// @param wanderMs how far they wandered, ms
/// @param thrownAway trials or sequences that the window did not show as it should have
/// @param simulated whether a simulated person did it
/// @param trials answers to trials of two intervals; empty for aiming
/// @param reaches for targets; empty for the others
public record FeelSession(
        long id,
        Taker taker,
        FeelTask task,
        Instant doneAt,
        double refreshHz,
        double wanderMs,
        int thrownAway,
        boolean simulated,
        List<Trial> trials,
        List<Reach> reaches) {
    /// @throws IllegalArgumentException outside the ranges
    public FeelSession {
        trials = List.copyOf(trials);
        reaches = List.copyOf(reaches);
        if (!(refreshHz > 0 && wanderMs >= 0 && thrownAway >= 0)) {
            throw new IllegalArgumentException(
                    "a session has a refresh rate above 0, got %s, %s, %s".formatted(refreshHz, wanderMs, thrownAway));
        }
    }

    /// Who did a session, and on what: sessions of one taker belong together.
    ///
    /// @param person a name, 1 to 60 characters
    /// @param display what it was shown on
    /// @param device what was pointed or typed with
    public record Taker(String person, String display, String device) {
        /// Most characters of a name: {@value}.
        public static final int LONGEST = 60;

        /// @throws IllegalArgumentException if a name is missing or longer
        public Taker {
            for (String name : List.of(person, display, device)) {
                if (name.isBlank() || name.length() > LONGEST) {
                    throw new IllegalArgumentException(
                            "person, display and device have a name of 1 to %d characters".formatted(LONGEST));
                }
            }
        }
    }
}
