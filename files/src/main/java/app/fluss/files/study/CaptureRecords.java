package app.fluss.files.study;

import app.fluss.core.reading.Impression;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.TypedReading;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// What is measured right now, as kept. Every method has committed when it returns.
public final class CaptureRecords {
    private final Steps steps;
    private final Sql sql;

    CaptureRecords(Steps steps) {
        this.steps = steps;
        this.sql = steps.sql();
    }

    /// The attempt that was begun and not ended, if there is one.
    public Optional<Attempt> open() throws StudyException {
        return steps.read(
                () -> sql.list("SELECT * FROM attempt WHERE ended = 0 ORDER BY id DESC LIMIT 1", this::attempt).stream()
                        .findFirst());
    }

    private Attempt attempt(ResultSet row) throws SQLException {
        long id = row.getLong("id");
        return new Attempt(
                id,
                row.getLong("sheet_id"),
                row.getLong("begun_at"),
                Sql.number(row, "started_at"),
                new Attempt.TypedSummary(Sql.text(row, "average"), Sql.text(row, "low"), Sql.text(row, "convention")),
                RunRows.impression(row),
                sql.list("SELECT * FROM pad WHERE attempt_id = ? ORDER BY id", CaptureRecords::entry, id));
    }

    private static PadEntry entry(ResultSet row) throws SQLException {
        String mark = row.getString("mark");
        return mark == null
                ? new PadEntry.Counted(
                        row.getLong("at_ms"),
                        new TypedReading.Read(Sql.orNaN(row, "low_fps"), Sql.orNaN(row, "high_fps")))
                : new PadEntry.Marked(row.getLong("at_ms"), Sql.word(row, "mark", PadMark.class));
    }

    /// Begins a line of the run sheet.
    public void begin(SheetRow row, long atMs) throws StudyException {
        steps.change("begin a run", () -> {
            sql.run("UPDATE attempt SET ended = 1 WHERE ended = 0");
            return sql.insert(
                    "INSERT INTO attempt (sheet_id, begun_at, ended, average, low, convention, smoothness, response,"
                            + " artefacts, words) VALUES (?, ?, 0, '', '', '', 0, 0, 0, '')",
                    row.id(),
                    atMs);
        });
    }

    /// Says when the scene was started.
    public void start(Attempt attempt, long atMs) throws StudyException {
        steps.change(
                "start the scene", () -> sql.run("UPDATE attempt SET started_at = ? WHERE id = ?", atMs, attempt.id()));
    }

    /// Keeps what was typed on the pad.
    public void note(Attempt attempt, PadEntry entry) throws StudyException {
        steps.change("type on the pad", () -> switch (entry) {
            case PadEntry.Counted(long at, TypedReading.Read(double low, double high)) ->
                sql.insert(
                        "INSERT INTO pad (attempt_id, at_ms, low_fps, high_fps) VALUES (?, ?, ?, ?)",
                        attempt.id(),
                        at,
                        low,
                        high);
            case PadEntry.Marked(long at, PadMark mark) ->
                sql.insert("INSERT INTO pad (attempt_id, at_ms, mark) VALUES (?, ?, ?)", attempt.id(), at, mark.name());
        });
    }

    /// Takes back what was typed last.
    public void takeBack(Attempt attempt) throws StudyException {
        steps.change(
                "take the last entry back",
                () -> sql.run(
                        "DELETE FROM pad WHERE id = (SELECT max(id) FROM pad WHERE attempt_id = ?)", attempt.id()));
    }

    /// Keeps what was typed of a tool's summary.
    public void summarise(Attempt attempt, Attempt.TypedSummary summary) throws StudyException {
        steps.change(
                "type a summary",
                () -> sql.run(
                        "UPDATE attempt SET average = ?, low = ?, convention = ? WHERE id = ?",
                        summary.average(),
                        summary.low(),
                        summary.convention(),
                        attempt.id()));
    }

    /// Keeps how it felt.
    public void feel(Attempt attempt, Impression impression) throws StudyException {
        steps.change(
                "say how it felt",
                () -> sql.run(
                        "UPDATE attempt SET smoothness = ?, response = ?, artefacts = ?, words = ? WHERE id = ?",
                        impression.smoothness(),
                        impression.response(),
                        impression.artefacts(),
                        impression.words(),
                        attempt.id()));
    }

    /// Leaves an attempt without a run. If something was typed, it stays in the study beside its line, which is
    /// passed over, and the line comes again.
    public void leave(Attempt attempt) throws StudyException {
        boolean empty = attempt.entries().isEmpty()
                && attempt.summary().equals(Attempt.TypedSummary.NONE)
                && !attempt.impression().isSaid();
        steps.change("leave the run", () -> {
            if (empty) {
                sql.run("DELETE FROM tick WHERE attempt_id = ?", attempt.id());
                return sql.run("DELETE FROM attempt WHERE id = ?", attempt.id());
            }
            return end(attempt, SheetRow.State.SKIPPED, true);
        });
    }

    /// @throws StudyException if the attempt has ended
    void requireOpen(Attempt attempt) throws StudyException {
        if (open().filter(now -> now.id() == attempt.id()).isEmpty()) {
            throw new StudyException("It has ended already.");
        }
    }

    /// Ends an attempt inside a step.
    ///
    /// @param again whether its line comes again, right after
    int end(Attempt attempt, SheetRow.State state, boolean again) throws SQLException {
        sql.run("UPDATE attempt SET ended = 1 WHERE id = ?", attempt.id());
        if (again) {
            sql.insert(
                    "INSERT INTO sheet (place, role, scene_id, path_id, before_s, lasts_s, changes, restarts,"
                            + " moves_cable, state) SELECT place, role, scene_id, path_id, before_s, lasts_s, '', 0, 0, 'OPEN'"
                            + " FROM sheet WHERE id = ?",
                    attempt.sheetId());
        }
        return sql.run("UPDATE sheet SET state = ? WHERE id = ?", state.name(), attempt.sheetId());
    }

    /// Keeps the requirements of a run as they were judged, inside a step.
    void keep(long run, List<Taking.Checked> checked) throws SQLException {
        for (Taking.Checked check : checked) {
            sql.insert(
                    "INSERT INTO run_check (run_id, requirement, state, seen, ticked) VALUES (?, ?, ?, ?, ?)",
                    run,
                    check.requirement(),
                    check.state().name(),
                    check.seen(),
                    check.ticked());
        }
    }

    /// The requirements of a run as they were judged before it.
    public List<Taking.Checked> checks(Run run) throws StudyException {
        return steps.read(() -> sql.list(
                "SELECT requirement, state, seen, ticked FROM run_check WHERE run_id = ? ORDER BY id",
                row -> new Taking.Checked(
                        Sql.text(row, "requirement"),
                        Sql.word(row, "state", app.fluss.core.path.Outcome.State.class),
                        Sql.text(row, "seen"),
                        row.getBoolean("ticked")),
                run.id()));
    }

    /// What the analyst says of requirements, by their ids: whether they are met. Some of it holds until it is taken
    /// back, some only for an attempt.
    public Map<String, Boolean> said(long gameId, long pathId, Optional<Attempt> attempt) throws StudyException {
        return steps.read(() -> {
            Map<String, Boolean> said = new HashMap<>();
            sql.list(
                    "SELECT requirement, met FROM tick WHERE game_id = ? AND path_id = ? AND (attempt_id IS NULL OR"
                            + " attempt_id = ?) ORDER BY id",
                    row -> said.put(row.getString(1), row.getBoolean(2)),
                    gameId,
                    pathId,
                    attempt.map(Attempt::id).orElse(-1L));
            return said;
        });
    }

    /// Keeps what the analyst says of a requirement.
    ///
    /// @param attempt the attempt that it holds for; until taken back if empty
    /// @param met whether it is met; empty to take back what was said
    public void say(long gameId, long pathId, String requirement, Optional<Attempt> attempt, Optional<Boolean> met)
            throws StudyException {
        @Nullable Long id = attempt.map(Attempt::id).orElse(null);
        steps.change("answer " + requirement.replace('-', ' '), () -> {
            sql.run(
                    "DELETE FROM tick WHERE game_id = ? AND path_id = ? AND requirement = ? AND attempt_id IS ?",
                    gameId,
                    pathId,
                    requirement,
                    id);
            return met.isPresent()
                    ? sql.insert(
                            "INSERT INTO tick (game_id, path_id, attempt_id, requirement, met) VALUES (?, ?, ?, ?, ?)",
                            gameId,
                            pathId,
                            id,
                            requirement,
                            met.get())
                    : 0;
        });
    }
}
