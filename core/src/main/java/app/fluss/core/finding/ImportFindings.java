package app.fluss.core.finding;

import app.fluss.core.frame.ImportNotes;
import java.util.ArrayList;
import java.util.List;

/// What the importer met in a log that the user should know.
final class ImportFindings {
    private ImportFindings() {}

    static List<Finding> of(ImportNotes notes) {
        List<Finding> found = new ArrayList<>();
        counted(found, FindingCode.DUPLICATE_TIMES, notes.duplicateTimes(), "%d time stamps equal the one before.");
        counted(found, FindingCode.BACKWARD_TIMES, notes.backwardTimes(), "%d time stamps step back.");
        counted(found, FindingCode.CLOCK_RESTART, notes.restarts(), "Restarts of the clock: %d.");
        counted(found, FindingCode.ROWS_WITHOUT_TIME, notes.rowsWithoutTime(), "%d rows have no time.");
        if (notes.truncatedLastLine()) {
            found.add(Finding.of(FindingCode.TRUNCATED_LINE, FindingCode.TRUNCATED_LINE.meaning()));
        }
        List<String> programs = notes.processes();
        if (programs.size() > 1) {
            found.add(Finding.of(
                    FindingCode.SEVERAL_PROGRAMS,
                    "The log holds %d programs: %s.".formatted(programs.size(), String.join(", ", programs)),
                    "Only %s was read, which has the most rows or was chosen.".formatted(programs.getFirst()),
                    FindingCode.SEVERAL_PROGRAMS.remedy()));
        }
        if (notes.guessed()) {
            String why = String.valueOf(notes.why());
            found.add(Finding.of(
                    FindingCode.MAPPING_GUESSED, why.isEmpty() ? FindingCode.MAPPING_GUESSED.meaning() : why));
        }
        return found;
    }

    private static void counted(List<Finding> found, FindingCode code, int count, String seen) {
        if (count > 0) {
            found.add(Finding.of(code, seen.formatted(count)));
        }
    }
}
