package app.fluss.files.study;

import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.PlannedStep.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// What is planned.
///
/// @param settings how sessions are planned
/// @param wanted repeats wanted, by scene and path
/// @param sheet the run sheet, in order
public record Planned(PlanSettings settings, Map<Cell, Integer> wanted, List<SheetRow> sheet) {
    /// Nothing is.
    public static final Planned NOTHING = new Planned(PlanSettings.DEFAULT, Map.of(), List.of());

    /// A scene on a path.
    public record Cell(long sceneId, long pathId) {}

    /// The repeats wanted of a scene on a path; 0 for none.
    public int wanted(long sceneId, long pathId) {
        return wanted.getOrDefault(new Cell(sceneId, pathId), 0);
    }

    /// A line of the run sheet with when it begins.
    ///
    /// @param row the line
    /// @param beginsS what must be done before begins, s after the first open line
    public record Timed(SheetRow row, int beginsS) {}

    /// The open lines, in time.
    public List<Timed> schedule() {
        List<Timed> timed = new ArrayList<>();
        int at = 0;
        for (SheetRow row : open()) {
            timed.add(new Timed(row, at));
            at += row.beforeS() + row.lastsS();
        }
        return timed;
    }

    /// The open lines.
    public List<SheetRow> open() {
        return sheet.stream().filter(SheetRow::isOpen).toList();
    }

    /// Whether a warm-up pass was done since the game was last started before a line.
    public boolean isWarmedUp(SheetRow line) {
        boolean warm = false;
        for (SheetRow row : sheet) {
            warm &= !row.restarts();
            if (row.id() == line.id()) {
                return warm;
            }
            warm |= row.role() == Role.WARM_UP && row.state() == SheetRow.State.DONE;
        }
        return false;
    }

    /// The runs among the open lines.
    public long openRuns() {
        return open().stream().filter(row -> row.role().isMeasured()).count();
    }

    /// How long the open lines take, s.
    public int openS() {
        return open().stream().mapToInt(row -> row.beforeS() + row.lastsS()).sum();
    }
}
