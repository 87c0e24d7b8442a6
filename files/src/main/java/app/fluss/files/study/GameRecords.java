package app.fluss.files.study;

import app.fluss.core.bench.FactSource;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;

/// What is done with games, scenes and runs as a whole: other names, other places, removing. Each is one
/// step that can be undone; evidence stays in the file.
public final class GameRecords {
    private final Steps steps;
    private final Sql sql;
    private final RunRows rows;
    private final EvidenceShelf shelf;

    GameRecords(Steps steps, RunRows rows, EvidenceShelf shelf) {
        this.steps = steps;
        this.sql = steps.sql();
        this.rows = rows;
        this.shelf = shelf;
    }

    /// Gives a game another name.
    ///
    /// @throws StudyException if another game has it
    public void rename(Game game, String name) throws StudyException {
        free("SELECT 1 FROM game WHERE name = ? AND id <> ?", name, game.id(), "There is another game");
        steps.change("rename " + game.name(), () -> sql.run("UPDATE game SET name = ? WHERE id = ?", name, game.id()));
    }

    /// Gives a scene another name.
    ///
    /// @throws StudyException if another scene of its game has it
    public void rename(Scene scene, String name) throws StudyException {
        free(
                "SELECT 1 FROM scene WHERE name = ? AND id <> ? AND game_id = (SELECT game_id FROM scene WHERE id ="
                        + " ?2)",
                name,
                scene.id(),
                "The game has another scene");
        steps.change(
                "rename " + scene.name(), () -> sql.run("UPDATE scene SET name = ? WHERE id = ?", name, scene.id()));
    }

    private void free(String query, String name, long id, String what) throws StudyException {
        boolean taken = steps.read(
                () -> !sql.list(query, row -> row.getInt(1), name, id).isEmpty());
        if (taken) {
            throw new StudyException("%s named '%s'. Choose another name.".formatted(what, name));
        }
    }

    /// Gives a run another name.
    public void rename(Run run, String name) throws StudyException {
        steps.change("rename " + run.name(), () -> sql.run("UPDATE run SET name = ? WHERE id = ?", name, run.id()));
    }

    /// Says that runs are of another scene.
    public void move(List<Run> runs, Scene scene) throws StudyException {
        steps.change("move %s to %s".formatted(counted(runs), scene.name()), () -> {
            for (Run run : runs) {
                sql.run("UPDATE run SET scene_id = ? WHERE id = ?", scene.id(), run.id());
            }
            return runs.size();
        });
    }

    /// Says that runs were measured on another path, as its stages and settings are now.
    public void setPath(List<Run> runs, DeliveryPath path) throws StudyException {
        steps.change("move %s to %s".formatted(counted(runs), path.name()), () -> {
            for (Run run : runs) {
                rows.setPath(run.id(), path);
            }
            return runs.size();
        });
    }

    /// Says that runs were measured in the scene of another and on its path, with the settings that it had.
    public void join(List<Run> runs, Run other) throws StudyException {
        steps.change("put %s beside %s".formatted(counted(runs), other.name()), () -> {
            for (Run run : runs) {
                sql.run("UPDATE run SET scene_id = ? WHERE id = ?", other.sceneId(), run.id());
                rows.setPath(run.id(), other.path());
            }
            return runs.size();
        });
    }

    /// States facts of several runs, by their names in files; what is not named stays.
    public void state(List<Run> runs, Map<String, String> facts) throws StudyException {
        steps.change("state facts of " + counted(runs), () -> {
            for (Run run : runs) {
                rows.insertSetup(run.id(), run.setup().withNamed(facts, FactSource.TYPED));
            }
            return runs.size();
        });
    }

    /// Says whether runs count.
    ///
    /// @param reason why not; empty if they do
    public void setOutcome(List<Run> runs, Outcome outcome, String reason) throws StudyException {
        steps.change("mark %s as %s".formatted(counted(runs), outcome.title()), () -> {
            for (Run run : runs) {
                sql.run("UPDATE run SET outcome = ?, reason = ? WHERE id = ?", outcome.name(), reason, run.id());
            }
            return runs.size();
        });
    }

    /// Removes runs.
    public void remove(List<Run> runs) throws StudyException {
        steps.change("remove " + counted(runs), () -> {
            for (Run run : runs) {
                rows.delete(run.id(), shelf);
            }
            return runs.size();
        });
    }

    /// Removes a scene with its runs and what was planned of it.
    public void remove(Scene scene) throws StudyException {
        steps.change("remove " + scene.name(), () -> removed(scene.id()));
    }

    /// Removes a game with its scenes, their runs and what was planned of them.
    public void remove(Game game) throws StudyException {
        steps.change("remove " + game.name(), () -> {
            for (long scene : sql.list("SELECT id FROM scene WHERE game_id = ?", row -> row.getLong(1), game.id())) {
                removed(scene);
            }
            sql.run("DELETE FROM tick WHERE game_id = ?", game.id());
            sql.run("DELETE FROM bench_fact WHERE game_id = ?", game.id());
            sql.run("DELETE FROM game_school WHERE game_id = ?", game.id());
            return sql.run("DELETE FROM game WHERE id = ?", game.id());
        });
    }

    private int removed(long scene) throws SQLException {
        for (long run : sql.list("SELECT id FROM run WHERE scene_id = ?", row -> row.getLong(1), scene)) {
            rows.delete(run, shelf);
        }
        String attempts = "SELECT attempt.id FROM attempt JOIN sheet ON sheet.id = sheet_id WHERE scene_id = ?";
        sql.run("DELETE FROM pad WHERE attempt_id IN (%s)".formatted(attempts), scene);
        sql.run("DELETE FROM tick WHERE attempt_id IN (%s)".formatted(attempts), scene);
        sql.run("DELETE FROM attempt WHERE sheet_id IN (SELECT id FROM sheet WHERE scene_id = ?)", scene);
        sql.run("DELETE FROM sheet WHERE scene_id = ?", scene);
        sql.run("DELETE FROM wish WHERE scene_id = ?", scene);
        BlindRecords.removed(sql, "scene_id = ?", scene);
        return sql.run("DELETE FROM scene WHERE id = ?", scene);
    }

    private static String counted(List<Run> runs) {
        return runs.size() == 1 ? "run " + runs.getFirst().name() : runs.size() + " runs";
    }
}
