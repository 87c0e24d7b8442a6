package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Section;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.MappingFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
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
    private final Path file;
    private final Connection connection;
    private final Optional<WriterLock> lock;
    private final Sql sql;
    private final UndoLog undo;
    private final LogCodec logs;
    private final RunRows rows;
    private final Evidence evidence;

    private Study(Path file, Connection connection, Optional<WriterLock> lock) {
        this.file = file;
        this.connection = connection;
        this.lock = lock;
        this.sql = new Sql(connection);
        this.undo = new UndoLog(connection);
        this.logs = new LogCodec(sql);
        this.rows = new RunRows(sql);
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
        return reading(() -> rows.all());
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

    /// The recorded facts of every run that has any: run number to name to value.
    public synchronized Map<Long, Map<String, String>> facts() throws StudyException {
        Map<Long, Map<String, String>> facts = new HashMap<>();
        reading(() -> sql.list(
                "SELECT run_id, name, value FROM fact",
                row -> facts.computeIfAbsent(row.getLong(1), _ -> new HashMap<>())
                        .put(row.getString(2), row.getString(3))));
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
                long id = rows.insert(draft, log);
                for (RunEvidence part : evidence) {
                    if (part instanceof RunEvidence.Said(Path raw, Claim claim)) {
                        rows.insertClaim(id, keep(raw, progress), claim);
                    }
                }
                insertFacts(id, draft.facts());
                return rows.numbered(id);
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

    /// States the facts of a run anew.
    public synchronized void setFacts(Run run, Map<String, String> facts) throws StudyException {
        changing("set facts of " + run.name(), () -> {
            sql.run("DELETE FROM fact WHERE run_id = ?", run.id());
            return insertFacts(run.id(), facts);
        });
    }

    private int insertFacts(long run, Map<String, String> facts) throws SQLException {
        for (var fact : facts.entrySet()) {
            sql.run("INSERT INTO fact (run_id, name, value) VALUES (?, ?, ?)", run, fact.getKey(), fact.getValue());
        }
        return facts.size();
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

    /// Gives a section another name.
    public synchronized void renameSection(StoredSection section, String name) throws StudyException {
        changing(
                "rename section " + section.section().name(),
                () -> sql.run("UPDATE section SET name = ? WHERE id = ?", name, section.id()));
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

    private String keep(Path raw, Progress progress) throws SQLException {
        try {
            return evidence.keep(raw, progress);
        } catch (IOException e) {
            throw new RawEvidenceException(e);
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
