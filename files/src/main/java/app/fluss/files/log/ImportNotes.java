package app.fluss.files.log;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Severity;
import java.util.ArrayList;
import java.util.List;

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
public record ImportNotes(
        int rows,
        int blankLines,
        boolean truncatedLastLine,
        int rowsWithoutTime,
        int duplicateTimes,
        int backwardTimes,
        int restarts,
        List<String> processes,
        boolean guessed) {
    /// What of it the user should know.
    public List<Finding> findings() {
        List<Finding> found = new ArrayList<>();
        if (duplicateTimes > 0) {
            found.add(warning(
                    "duplicate-times",
                    "%d time stamps equal the one before.".formatted(duplicateTimes),
                    "Their images count, with a frame time of 0.",
                    "Check the logger's resolution."));
        }
        if (backwardTimes > 0) {
            found.add(warning(
                    "backward-times",
                    "%d time stamps step back.".formatted(backwardTimes),
                    "Their images count as handed on at the latest time so far.",
                    "Check whether two programs wrote into one log."));
        }
        if (restarts > 0) {
            found.add(warning(
                    "clock-restart",
                    "The clock starts anew %d times.".formatted(restarts),
                    "No interval is taken across a restart.",
                    "Compare the parts separately if they are different scenes."));
        }
        if (rowsWithoutTime > 0) {
            found.add(warning(
                    "rows-without-time",
                    "%d rows have no time.".formatted(rowsWithoutTime),
                    "They cannot be placed and were left out.",
                    "Check the column that was mapped as the time."));
        }
        if (truncatedLastLine) {
            found.add(note(
                    "truncated-line",
                    "The last line breaks off.",
                    "It was left out; the rest is whole.",
                    "Stop the logger before copying its file."));
        }
        if (processes.size() > 1) {
            found.add(note(
                    "several-programs",
                    "The log holds %d programs: %s.".formatted(processes.size(), String.join(", ", processes)),
                    "Only %s was read, which has the most rows or was chosen.".formatted(processes.getFirst()),
                    "Choose another if it is the wrong one."));
        }
        if (guessed) {
            found.add(note(
                    "mapping-guessed",
                    "The meaning of the columns was guessed from the data.",
                    "A wrong guess gives wrong figures.",
                    "Look at the mapping and keep it once it is right."));
        }
        return List.copyOf(found);
    }

    private static Finding warning(String code, String seen, String why, String remedy) {
        return new Finding(code, Severity.WARNING, seen, why, remedy);
    }

    private static Finding note(String code, String seen, String why, String remedy) {
        return new Finding(code, Severity.NOTE, seen, why, remedy);
    }
}
