package app.fluss.files.study;

import app.fluss.core.plan.PlannedStep.Role;
import java.util.List;

/// A line of the run sheet.
///
/// @param id its number in the study
/// @param role what it is for
/// @param sceneId scene
/// @param pathId path
/// @param beforeS what must be done before takes this long, s
/// @param lastsS the line itself, s
/// @param changes what must be done before, in words
/// @param restarts whether the game must be started anew
/// @param movesCable whether the display's cable moves
/// @param state whether it is done
public record SheetRow(
        long id,
        Role role,
        long sceneId,
        long pathId,
        int beforeS,
        int lastsS,
        List<String> changes,
        boolean restarts,
        boolean movesCable,
        State state) {
    /// Whether a line is done.
    public enum State {
        /// Not yet.
        OPEN,
        /// It is.
        DONE,
        /// It was passed over.
        SKIPPED
    }

    /// Whether a log of it is so much shorter than the line that the run may have broken off: by more than a tenth. Our
    /// own convention.
    public boolean isBrokenOff(double loggedMs) {
        return loggedMs < 0.9 * 1000 * lastsS;
    }

    /// Whether it still has to be done.
    public boolean isOpen() {
        return state == State.OPEN;
    }
}
