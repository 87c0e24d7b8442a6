package app.fluss.files.study;

import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.PlannedStep;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// The plan, as kept: repeats wanted, settings, and the run sheet.
public final class PlanRecords {
    private final Steps steps;
    private final Sql sql;

    PlanRecords(Steps steps) {
        this.steps = steps;
        this.sql = steps.sql();
    }

    /// All of it.
    public Planned read() throws StudyException {
        return steps.read(() -> {
            Map<Planned.Cell, Integer> wanted = new HashMap<>();
            sql.list(
                    "SELECT scene_id, path_id, repeats FROM wish",
                    row -> wanted.put(new Planned.Cell(row.getLong(1), row.getLong(2)), row.getInt(3)));
            List<PlanSettings> settings = sql.list("SELECT * FROM plan", PlanRecords::settings);
            List<SheetRow> sheet = sql.list("SELECT * FROM sheet ORDER BY place, id", PlanRecords::row);
            return new Planned(settings.isEmpty() ? PlanSettings.DEFAULT : settings.getFirst(), wanted, sheet);
        });
    }

    private static PlanSettings settings(ResultSet row) throws SQLException {
        return new PlanSettings(
                row.getLong("seed"),
                row.getBoolean("brackets"),
                row.getBoolean("group_by_cable"),
                row.getInt("restart_s"),
                row.getInt("cable_s"),
                row.getInt("switch_s"),
                row.getInt("cool_down_s"),
                row.getInt("break_every_min"),
                row.getInt("break_min"),
                row.getDouble("rate_matters"));
    }

    private static SheetRow row(ResultSet row) throws SQLException {
        String changes = Sql.text(row, "changes");
        return new SheetRow(
                row.getLong("id"),
                Sql.word(row, "role", PlannedStep.Role.class),
                row.getLong("scene_id"),
                row.getLong("path_id"),
                row.getInt("before_s"),
                row.getInt("lasts_s"),
                changes.isEmpty() ? List.of() : List.of(changes.split("\n", -1)),
                row.getBoolean("restarts"),
                row.getBoolean("moves_cable"),
                Sql.word(row, "state", SheetRow.State.class));
    }

    /// States how sessions are planned.
    public void set(PlanSettings settings) throws StudyException {
        steps.change("change the plan's settings", () -> {
            sql.run("DELETE FROM plan");
            return sql.insert(
                    "INSERT INTO plan (id, seed, brackets, group_by_cable, restart_s, cable_s, switch_s, cool_down_s,"
                            + " break_every_min, break_min, rate_matters) VALUES (1, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    settings.seed(),
                    settings.brackets(),
                    settings.groupByCable(),
                    settings.restartS(),
                    settings.cableS(),
                    settings.switchS(),
                    settings.coolDownS(),
                    settings.breakEveryMin(),
                    settings.breakMin(),
                    settings.rateMatters());
        });
    }

    /// States how many kept runs of scenes on paths are wanted; 0 for none.
    public void want(Map<Planned.Cell, Integer> repeats) throws StudyException {
        steps.change("change repeats wanted", () -> {
            for (var cell : repeats.entrySet()) {
                sql.run(
                        "DELETE FROM wish WHERE scene_id = ? AND path_id = ?",
                        cell.getKey().sceneId(),
                        cell.getKey().pathId());
                if (cell.getValue() > 0) {
                    sql.insert(
                            "INSERT INTO wish (scene_id, path_id, repeats) VALUES (?, ?, ?)",
                            cell.getKey().sceneId(),
                            cell.getKey().pathId(),
                            cell.getValue());
                }
            }
            return repeats.size();
        });
    }

    /// Replaces the open lines of the run sheet; what is done, or being measured, stays.
    public void replaceOpen(List<PlannedStep> planned) throws StudyException {
        steps.change("plan the session", () -> {
            sql.run("DELETE FROM sheet WHERE state = 'OPEN' AND id NOT IN (SELECT sheet_id FROM attempt)");
            int place = sql.list("SELECT coalesce(max(place), 0) FROM sheet", row -> row.getInt(1))
                    .getFirst();
            for (PlannedStep step : planned) {
                place++;
                sql.insert(
                        "INSERT INTO sheet (place, role, scene_id, path_id, before_s, lasts_s, changes, restarts,"
                                + " moves_cable, state) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, 'OPEN')",
                        place,
                        step.role().name(),
                        step.wish().scene(),
                        step.wish().path(),
                        step.beforeS(),
                        step.lastsS(),
                        String.join("\n", step.change().steps()),
                        step.change().restartsGame(),
                        step.change().movesCable());
            }
            return place;
        });
    }

    /// Says that a line that gives no run is done, or that a line is passed over.
    public void set(SheetRow row, SheetRow.State state) throws StudyException {
        steps.change(
                "mark a line of the sheet",
                () -> sql.run("UPDATE sheet SET state = ? WHERE id = ?", state.name(), row.id()));
    }
}
