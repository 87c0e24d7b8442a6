package app.fluss.core.frame;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/// What the importer met and did about it.
///
/// @param rows rows read, those of other programs left out
/// @param blankLines lines without anything, skipped
/// @param truncatedLastLine whether the last line broke off and was left out
/// @param rowsWithoutTime rows left out because they cannot be placed in time
/// @param duplicateTimes time stamps equal to the one before, kept
/// @param backwardTimes time stamps below the one before, kept
/// @param restarts how often the clock started anew
/// @param processes programs in the log, the chosen one first
/// @param guessed whether the mapping was guessed and nobody confirmed it
/// @param why what speaks for the guess; empty where it was none, or where that was not kept
public record ImportNotes(
        int rows,
        int blankLines,
        boolean truncatedLastLine,
        int rowsWithoutTime,
        int duplicateTimes,
        int backwardTimes,
        int restarts,
        List<String> processes,
        boolean guessed,
        @Nullable String why) {
    /// Keeps a copy.
    public ImportNotes {
        processes = List.copyOf(processes);
        why = Objects.requireNonNullElse(why, "");
    }
}
