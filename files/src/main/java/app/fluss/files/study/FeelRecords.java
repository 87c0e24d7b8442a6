package app.fluss.files.study;

import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.Reach;
import app.fluss.core.feel.Trial;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Sessions of Feel. What was answered is kept, and every figure is made of it again.
public final class FeelRecords {
    private final Steps steps;
    private final Sql sql;

    FeelRecords(Steps steps) {
        this.steps = steps;
        this.sql = steps.sql();
    }

    /// All sessions, in the order in which they were done.
    public List<FeelSession> read() throws StudyException {
        return steps.read(() -> {
            Map<Long, List<Trial>> trials = new HashMap<>();
            sql.list(
                    "SELECT * FROM feel_trial ORDER BY id",
                    row -> trials.computeIfAbsent(row.getLong("session_id"), _ -> new ArrayList<>())
                            .add(new Trial(
                                    Sql.orNaN(row, "level"),
                                    row.getInt("added_first") != 0,
                                    row.getInt("chose_first") != 0)));
            Map<Long, List<Reach>> reaches = new HashMap<>();
            sql.list(
                    "SELECT * FROM feel_reach ORDER BY id",
                    row -> reaches.computeIfAbsent(row.getLong("session_id"), _ -> new ArrayList<>())
                            .add(new Reach(
                                    Sql.orNaN(row, "delay_ms"),
                                    Sql.orNaN(row, "from_x"),
                                    Sql.orNaN(row, "from_y"),
                                    Sql.orNaN(row, "target_x"),
                                    Sql.orNaN(row, "target_y"),
                                    Sql.orNaN(row, "width"),
                                    Sql.orNaN(row, "end_x"),
                                    Sql.orNaN(row, "end_y"),
                                    Sql.orNaN(row, "ms"))));
            return sql.list(
                    "SELECT * FROM feel_session ORDER BY done_at, id",
                    row -> new FeelSession(
                            row.getLong("id"),
                            new FeelSession.Taker(
                                    Sql.text(row, "person"), Sql.text(row, "display"), Sql.text(row, "device")),
                            Sql.word(row, "task", FeelTask.class),
                            Instant.ofEpochMilli(row.getLong("done_at")),
                            Sql.orNaN(row, "refresh_hz"),
                            Sql.orNaN(row, "wander_ms"),
                            row.getInt("thrown_away"),
                            row.getInt("simulated") != 0,
                            trials.getOrDefault(row.getLong("id"), List.of()),
                            reaches.getOrDefault(row.getLong("id"), List.of())));
        });
    }

    /// Keeps a session.
    public void keep(FeelSession session) throws StudyException {
        steps.change("keep a session of " + session.taker().person(), () -> inserted(session));
    }

    private long inserted(FeelSession session) throws SQLException {
        long id = sql.insert(
                "INSERT INTO feel_session (person, task, display, device, done_at, refresh_hz, wander_ms, thrown_away,"
                        + " simulated) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                session.taker().person(),
                session.task().name(),
                session.taker().display(),
                session.taker().device(),
                session.doneAt().toEpochMilli(),
                session.refreshHz(),
                session.wanderMs(),
                session.thrownAway(),
                session.simulated() ? 1 : 0);
        for (Trial trial : session.trials()) {
            sql.insert(
                    "INSERT INTO feel_trial (session_id, level, added_first, chose_first) VALUES (?, ?, ?, ?)",
                    id,
                    trial.level(),
                    trial.addedFirst() ? 1 : 0,
                    trial.choseFirst() ? 1 : 0);
        }
        for (Reach reach : session.reaches()) {
            sql.insert(
                    "INSERT INTO feel_reach (session_id, delay_ms, from_x, from_y, target_x, target_y, width, end_x,"
                            + " end_y, ms) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    id,
                    reach.delayMs(),
                    reach.fromX(),
                    reach.fromY(),
                    reach.targetX(),
                    reach.targetY(),
                    reach.width(),
                    reach.endX(),
                    reach.endY(),
                    reach.ms());
        }
        return id;
    }

    /// Says who did a session, and on what.
    public void rename(FeelSession session, FeelSession.Taker taker) throws StudyException {
        steps.change(
                "rename a session of " + session.taker().person(),
                () -> sql.run(
                        "UPDATE feel_session SET person = ?, display = ?, device = ? WHERE id = ?",
                        taker.person(),
                        taker.display(),
                        taker.device(),
                        session.id()));
    }

    /// Removes a session.
    public void remove(FeelSession session) throws StudyException {
        steps.change("remove a session of " + session.taker().person(), () -> {
            sql.run("DELETE FROM feel_trial WHERE session_id = ?", session.id());
            sql.run("DELETE FROM feel_reach WHERE session_id = ?", session.id());
            return sql.run("DELETE FROM feel_session WHERE id = ?", session.id());
        });
    }
}
