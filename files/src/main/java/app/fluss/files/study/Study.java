package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.MappingFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/// One file with everything: games, scenes, paths, runs, their evidence and their parsed logs.
///
/// Each change is committed before its method returns. Safe for threads: one at a time gets through. A study
/// that another window writes opens read-only; changes then throw [StudyException].
public final class Study implements AutoCloseable {
    private static final String RUNS =
            "SELECT run.*, path.name AS path_name, path.is_native, path.multiplier, kind, count, mean_fps, lowest_fps,"
                    + " highest_fps, base_fps, one_percent_low_fps, low_convention FROM run JOIN path ON path.id = path_id"
                    + " LEFT JOIN claim ON claim.run_id = run.id";

    private final Path file;
    private final Connection connection;
    private final Optional<WriterLock> lock;
    private final Sql sql;
    private final UndoLog undo;
    private final LogCodec logs;
    private final Evidence evidence;

    private Study(Path file, Connection connection, Optional<WriterLock> lock) {
        this.file = file;
        this.connection = connection;
        this.lock = lock;
        this.sql = new Sql(connection);
        this.undo = new UndoLog(connection);
        this.logs = new LogCodec(sql);
        this.evidence = new Evidence(sql);
    }

    /// Opens a study; one that does not exist is made.
    ///
    /// @throws StudyException if the file is no study, is damaged, or was made by a newer Fluss; it is then
    ///     left as it is
    public static Study open(Path file) throws StudyException {
        Optional<WriterLock> lock = WriterLock.take(file.toAbsolutePath());
        try {
            return new Study(file, StudyFile.connect(file, lock.isPresent()), lock);
        } catch (StudyException e) {
            release(lock);
            throw e;
        }
    }

    private static void release(Optional<WriterLock> lock) {
        try {
            if (lock.isPresent()) {
                lock.get().close();
            }
        } catch (IOException e) {
            // The system releases it when the program ends.
        }
    }

    /// Where the study is kept.
    public Path file() {
        return file;
    }

    /// Whether another window writes it, so that this one only reads.
    public boolean isReadOnly() {
        return lock.isEmpty();
    }

    /// All games, by name.
    public synchronized List<Game> games() throws StudyException {
        return reading(() ->
                sql.list("SELECT id, name FROM game ORDER BY name", row -> new Game(row.getLong(1), row.getString(2))));
    }

    /// All scenes, by name.
    public synchronized List<Scene> scenes() throws StudyException {
        return reading(() -> sql.list(
                "SELECT id, game_id, name FROM scene ORDER BY name",
                row -> new Scene(row.getLong(1), row.getLong(2), row.getString(3))));
    }

    /// All runs, in the order they were added.
    public synchronized List<Run> runs() throws StudyException {
        return reading(() -> sql.list(RUNS + " ORDER BY run.id", Study::run));
    }

    /// The recorded facts of a run, name to value.
    public synchronized Map<String, String> facts(Run run) throws StudyException {
        Map<String, String> facts = new HashMap<>();
        reading(() -> sql.list(
                "SELECT name, value FROM fact WHERE run_id = ?",
                row -> facts.put(row.getString(1), row.getString(2)),
                run.id()));
        return facts;
    }

    /// The sections of a run, in time.
    public synchronized List<StoredSection> sections(Run run) throws StudyException {
        return reading(() -> sql.list(
                "SELECT id, name, weight, from_ms, to_ms FROM section WHERE run_id = ? ORDER BY from_ms",
                row -> new StoredSection(
                        row.getLong(1),
                        new Section(
                                row.getString(2),
                                Section.Weight.valueOf(row.getString(3)),
                                row.getDouble(4),
                                row.getDouble(5))),
                run.id()));
    }

    /// The parsed log of a run.
    ///
    /// @throws java.util.NoSuchElementException if it has none
    public synchronized FrameLog log(Run run) throws StudyException {
        try {
            return logs.read(run.logId().orElseThrow());
        } catch (SQLException e) {
            throw StudyFile.explain(file, e);
        }
    }

    /// Adds a run with its evidence.
    ///
    /// @param evidence at most one log and one claim
    /// @return the run
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public synchronized Run addRun(RunDraft draft, List<RunEvidence> evidence, Progress progress)
            throws StudyException, IOException {
        try {
            return changing("add run " + draft.name(), () -> {
                OptionalLong log = OptionalLong.empty();
                for (RunEvidence part : evidence) {
                    if (part instanceof RunEvidence.Log(Path raw, ImportedLog imported)) {
                        log = OptionalLong.of(insertLog(raw, imported, progress));
                    }
                }
                long id = insertRun(draft, log);
                for (RunEvidence part : evidence) {
                    if (part instanceof RunEvidence.Said(Path raw, Claim claim)) {
                        insertClaim(id, keep(raw, progress), claim);
                    }
                }
                for (var fact : draft.facts().entrySet()) {
                    sql.run(
                            "INSERT INTO fact (run_id, name, value) VALUES (?, ?, ?)",
                            id,
                            fact.getKey(),
                            fact.getValue());
                }
                return sql.list(RUNS + " WHERE run.id = ?", Study::run, id).getFirst();
            });
        } catch (RawEvidenceException e) {
            throw e.reason;
        }
    }

    /// Removes a run; its evidence stays in the file, so that this can be undone.
    public synchronized void removeRun(Run run) throws StudyException {
        changing("remove run " + run.name(), () -> {
            sql.run("DELETE FROM section WHERE run_id = ?", run.id());
            sql.run("DELETE FROM fact WHERE run_id = ?", run.id());
            sql.run("DELETE FROM claim WHERE run_id = ?", run.id());
            return sql.run("DELETE FROM run WHERE id = ?", run.id());
        });
    }

    /// States the display mode that a run was measured on.
    public synchronized void setDisplay(Run run, DisplayMode mode) throws StudyException {
        changing(
                "set display of " + run.name(),
                () -> sql.run(
                        "UPDATE run SET refresh_hz = ?, sync = ?, vrr_floor_hz = ? WHERE id = ?",
                        mode.refreshHz(),
                        mode.sync().label(),
                        Sql.orNull(mode.vrrFloorHz()),
                        run.id()));
    }

    /// Marks a section of a run.
    public synchronized void addSection(Run run, Section section) throws StudyException {
        changing(
                "mark section " + section.name(),
                () -> sql.insert(
                        "INSERT INTO section (run_id, name, weight, from_ms, to_ms) VALUES (?, ?, ?, ?, ?)",
                        run.id(),
                        section.name(),
                        section.weight().name(),
                        section.fromMs(),
                        section.toMs()));
    }

    /// Says how heavy a section is.
    public synchronized void setWeight(StoredSection section, Section.Weight weight) throws StudyException {
        changing(
                "set weight of " + section.section().name(),
                () -> sql.run("UPDATE section SET weight = ? WHERE id = ?", weight.name(), section.id()));
    }

    /// Removes the mark of a section.
    public synchronized void removeSection(StoredSection section) throws StudyException {
        changing(
                "remove section " + section.section().name(),
                () -> sql.run("DELETE FROM section WHERE id = ?", section.id()));
    }

    /// What would be undone next.
    public synchronized Optional<String> nextUndo() throws StudyException {
        return reading(undo::nextUndo);
    }

    /// What would be redone next.
    public synchronized Optional<String> nextRedo() throws StudyException {
        return reading(undo::nextRedo);
    }

    /// Takes the last step back, if there is one.
    public synchronized void undo() throws StudyException {
        requireWritable();
        reading(() -> {
            undo.undo();
            return true;
        });
    }

    /// Does the last step that was taken back again, if there is one.
    public synchronized void redo() throws StudyException {
        requireWritable();
        reading(() -> {
            undo.redo();
            return true;
        });
    }

    /// Checks every checksum and reads every log anew from its evidence.
    ///
    /// @return what is wrong, in words; empty if nothing is
    public synchronized List<String> check() throws StudyException, IOException {
        try {
            return new StudyCheck(sql, evidence, logs).run();
        } catch (SQLException e) {
            throw StudyFile.explain(file, e);
        }
    }

    @Override
    public synchronized void close() throws StudyException {
        try {
            connection.close();
        } catch (SQLException e) {
            throw StudyFile.explain(file, e);
        } finally {
            release(lock);
        }
    }

    private long insertLog(Path raw, ImportedLog imported, Progress progress) throws SQLException {
        FrameLog log = imported.log();
        List<String> processes = imported.notes().processes();
        long id = sql.insert(
                "INSERT INTO parsed_log (sha256, images, mapping, process, lead_in, segment_starts) VALUES (?, ?, ?, ?, ?,"
                        + " ?)",
                keep(raw, progress),
                log.size(),
                MappingFile.toJson(imported.mapping()),
                processes.isEmpty() ? null : processes.getFirst(),
                log.hasLeadIn(),
                LogCodec.starts(log));
        logs.writeColumns(id, log);
        return id;
    }

    private void insertClaim(long run, String sha256, Claim claim) throws SQLException {
        sql.insert(
                "INSERT INTO claim (run_id, sha256, kind, count, mean_fps, lowest_fps, highest_fps, base_fps,"
                        + " one_percent_low_fps, low_convention) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                run,
                sha256,
                claim.kind().name(),
                claim.count(),
                Sql.orNull(claim.mean().orNaN()),
                Sql.orNull(claim.lowest().orNaN()),
                Sql.orNull(claim.highest().orNaN()),
                Sql.orNull(claim.base().orNaN()),
                Sql.orNull(claim.onePercentLow().orNaN()),
                claim.lowConvention());
    }

    private String keep(Path raw, Progress progress) throws SQLException {
        try {
            return evidence.keep(raw, progress);
        } catch (IOException e) {
            throw new RawEvidenceException(e);
        }
    }

    private long insertRun(RunDraft draft, OptionalLong logId) throws SQLException {
        long game =
                findOrInsert("SELECT id FROM game WHERE name = ?", "INSERT INTO game (name) VALUES (?)", draft.game());
        long scene = findOrInsert(
                "SELECT id FROM scene WHERE game_id = ? AND name = ?",
                "INSERT INTO scene (game_id, name) VALUES (?, ?)",
                game,
                draft.scene());
        List<Long> known = sql.list("SELECT id FROM path WHERE name = ?", row -> row.getLong(1), draft.path());
        long path = known.isEmpty()
                ? sql.insert(
                        "INSERT INTO path (name, is_native, multiplier) VALUES (?, ?, ?)",
                        draft.path(),
                        draft.isNative(),
                        Sql.orNull(draft.multiplier()))
                : known.getFirst();
        return sql.insert(
                "INSERT INTO run (scene_id, path_id, name, log_id, simulated, refresh_hz, sync, vrr_floor_hz, cap_fps,"
                        + " claimed_fps) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                scene,
                path,
                draft.name(),
                logId.isPresent() ? logId.getAsLong() : null,
                draft.simulated(),
                draft.display().map(DisplayMode::refreshHz).orElse(null),
                draft.display().map(mode -> mode.sync().label()).orElse(null),
                draft.display().map(mode -> Sql.orNull(mode.vrrFloorHz())).orElse(null),
                Sql.orNull(draft.capFps()),
                Sql.orNull(draft.claimedFps()));
    }

    private long findOrInsert(String query, String insert, Object... values) throws SQLException {
        List<Long> known = sql.list(query, row -> row.getLong(1), values);
        return known.isEmpty() ? sql.insert(insert, values) : known.getFirst();
    }

    private static Run run(ResultSet row) throws SQLException {
        double hz = Sql.orNaN(row, "refresh_hz");
        Optional<DisplayMode> display = Double.isNaN(hz)
                ? Optional.empty()
                : SyncMode.named(Optional.ofNullable(row.getString("sync")).orElse(""))
                        .map(sync -> displayMode(hz, sync, row));
        return new Run(
                row.getLong("id"),
                row.getLong("scene_id"),
                new DeliveryPath(
                        row.getLong("path_id"),
                        row.getString("path_name"),
                        row.getBoolean("is_native"),
                        Sql.orNaN(row, "multiplier")),
                row.getString("name"),
                row.getObject("log_id") == null ? OptionalLong.empty() : OptionalLong.of(row.getLong("log_id")),
                row.getBoolean("simulated"),
                display,
                Sql.orNaN(row, "cap_fps"),
                Sql.orNaN(row, "claimed_fps"),
                claim(row));
    }

    private static Optional<Claim> claim(ResultSet row) throws SQLException {
        String kind = row.getString("kind");
        if (kind == null) {
            return Optional.empty();
        }
        return Optional.of(new Claim(
                Claim.Kind.valueOf(kind),
                row.getInt("count"),
                figure(row, "mean_fps"),
                figure(row, "lowest_fps"),
                figure(row, "highest_fps"),
                figure(row, "base_fps"),
                figure(row, "one_percent_low_fps"),
                row.getString("low_convention")));
    }

    private static Figure figure(ResultSet row, String column) throws SQLException {
        return Figure.ofFinite(Sql.orNaN(row, column), "the file does not say");
    }

    private static DisplayMode displayMode(double hz, SyncMode sync, ResultSet row) {
        try {
            return new DisplayMode(hz, sync, Sql.orNaN(row, "vrr_floor_hz"));
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private void requireWritable() throws StudyException {
        if (isReadOnly()) {
            throw new StudyException(
                    "%s is open in another window, so it can only be read here. Close the other window and open it again."
                            .formatted(file.getFileName()));
        }
    }

    private <T> T changing(String label, UndoLog.Work<T> work) throws StudyException {
        requireWritable();
        return reading(() -> undo.step(label, work));
    }

    private <T> T reading(UndoLog.Work<T> work) throws StudyException {
        try {
            return work.run();
        } catch (SQLException e) {
            throw StudyFile.explain(file, e);
        }
    }

    /// Whether a file looks like a study by its name.
    public static boolean isStudyName(Path file) {
        return file.toString().endsWith(".fluss") && !Files.isDirectory(file);
    }

    /// Carries a fault of the raw file out of the transaction, which is then rolled back.
    private static final class RawEvidenceException extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final IOException reason;

        RawEvidenceException(IOException reason) {
            super(reason);
            this.reason = reason;
        }
    }
}
