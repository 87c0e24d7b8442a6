package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Section;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.ImportedLog;
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
    private final Steps steps;
    private final Sql sql;
    private final LogCodec logs;
    private final RunRows rows;
    private final Evidence evidence;
    private final BenchRecords bench;
    private final PlanRecords plan;
    private final CaptureRecords capture;
    private final LatencyRecords latency;
    private final PictureRecords pictures;
    private final StreamRecords stream;

    private Study(Path file, Connection connection, Optional<WriterLock> lock) {
        this.file = file;
        this.connection = connection;
        this.lock = lock;
        this.steps = new Steps(file, connection, lock.isEmpty());
        this.sql = steps.sql();
        this.logs = new LogCodec(sql);
        this.rows = new RunRows(sql);
        this.evidence = new Evidence(sql);
        this.bench = new BenchRecords(steps);
        this.plan = new PlanRecords(steps);
        this.capture = new CaptureRecords(steps);
        this.latency = new LatencyRecords(steps, evidence);
        this.pictures = new PictureRecords(steps, evidence);
        this.stream = new StreamRecords(steps, logs, evidence);
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
    public List<Game> games() throws StudyException {
        return steps.read(() ->
                sql.list("SELECT id, name FROM game ORDER BY name", row -> new Game(row.getLong(1), row.getString(2))));
    }

    /// All scenes, by name.
    public List<Scene> scenes() throws StudyException {
        return steps.read(() -> sql.list("SELECT * FROM scene ORDER BY name", BenchRecords::scene));
    }

    /// All runs, in the order they were added.
    public List<Run> runs() throws StudyException {
        return steps.read(() -> rows.all());
    }

    /// The recorded facts of a run, name to value.
    public Map<String, String> facts(Run run) throws StudyException {
        Map<String, String> facts = new HashMap<>();
        steps.read(() -> sql.list(
                "SELECT name, value FROM fact WHERE run_id = ?",
                row -> facts.put(row.getString(1), row.getString(2)),
                run.id()));
        return facts;
    }

    /// The recorded facts of every run that has any: run number to name to value.
    public Map<Long, Map<String, String>> facts() throws StudyException {
        Map<Long, Map<String, String>> facts = new HashMap<>();
        steps.read(() -> sql.list(
                "SELECT run_id, name, value FROM fact",
                row -> facts.computeIfAbsent(row.getLong(1), _ -> new HashMap<>())
                        .put(row.getString(2), row.getString(3))));
        return facts;
    }

    /// The sections of a run, in time.
    public List<StoredSection> sections(Run run) throws StudyException {
        return steps.read(() -> sql.list(
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
    public FrameLog log(Run run) throws StudyException {
        return steps.log(logs, run.logId().orElseThrow());
    }

    /// Adds a run with its evidence.
    ///
    /// @param evidence at most one of each kind
    /// @return the run
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public Run addRun(RunDraft draft, List<RunEvidence> evidence, Progress progress)
            throws StudyException, IOException {
        return adding(draft, () -> insert(draft, evidence, progress));
    }

    /// Ends an attempt with a run; the line of the run sheet is done, and comes again if the run is to be
    /// repeated.
    ///
    /// @param evidence at most one of each kind
    /// @param checked the requirements as they were judged
    /// @return the run
    public Run finish(
            Attempt attempt,
            RunDraft draft,
            List<RunEvidence> evidence,
            List<Taking.Checked> checked,
            Progress progress)
            throws StudyException, IOException {
        return adding(draft, () -> {
            long id = insert(draft, evidence, progress);
            capture.keep(id, checked);
            capture.end(attempt, SheetRow.State.DONE, draft.taking().outcome() == Outcome.REPEAT);
            return id;
        });
    }

    private Run adding(RunDraft draft, UndoLog.Work<Long> work) throws StudyException, IOException {
        return steps.changeFromFile("add run " + draft.name(), () -> rows.numbered(work.run()));
    }

    private long insert(RunDraft draft, List<RunEvidence> evidence, Progress progress) throws SQLException {
        OptionalLong log = OptionalLong.empty();
        for (RunEvidence part : evidence) {
            if (part instanceof RunEvidence.Log(Path raw, ImportedLog imported)) {
                log = OptionalLong.of(logs.insert(this.evidence.keepWithin(raw, progress), imported));
            }
        }
        long id = rows.insert(draft, log);
        for (RunEvidence part : evidence) {
            switch (part) {
                case RunEvidence.Log _ -> {} // it came before the run
                case RunEvidence.HostLog(Path raw, ImportedLog imported) ->
                    stream.insertHostLog(id, raw, imported, progress);
                case RunEvidence.Probe(Path raw, ProbeTrace trace) -> stream.insertProbe(id, raw, trace, progress);
                case RunEvidence.Said(Path raw, Claim claim) ->
                    rows.insertClaim(id, this.evidence.keepWithin(raw, progress), claim);
                case RunEvidence.Latency(Path raw, LatencyReading reading) ->
                    latency.insert(id, this.evidence.keepWithin(raw, progress), reading);
            }
        }
        insertFacts(id, draft.facts());
        return id;
    }

    /// Says whether a run counts.
    ///
    /// @param reason why not; empty if it does
    public void setOutcome(Run run, Outcome outcome, String reason) throws StudyException {
        steps.change(
                "mark %s as %s".formatted(run.name(), outcome.title()),
                () -> sql.run("UPDATE run SET outcome = ?, reason = ? WHERE id = ?", outcome.name(), reason, run.id()));
    }

    /// What stands on the bench.
    public BenchRecords bench() {
        return bench;
    }

    /// What is planned.
    public PlanRecords plan() {
        return plan;
    }

    /// What is measured right now.
    public CaptureRecords capture() {
        return capture;
    }

    /// Measured latency.
    public LatencyRecords latency() {
        return latency;
    }

    /// Clips of the game, counted.
    public PictureRecords pictures() {
        return pictures;
    }

    /// Host logs and link probes.
    public StreamRecords stream() {
        return stream;
    }

    /// Adds measured latency to a run; what was there before goes.
    ///
    /// @param raw the file as it came
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public Run addLatency(Run run, Path raw, LatencyReading reading, Progress progress)
            throws StudyException, IOException {
        return steps.changeFromFile("add latency to " + run.name(), () -> {
            latency.delete(run.id());
            latency.insert(run.id(), evidence.keepWithin(raw, progress), reading);
            return rows.numbered(run.id());
        });
    }

    /// Removes a run; its evidence stays in the file, so that this can be undone.
    public void removeRun(Run run) throws StudyException {
        steps.change("remove run " + run.name(), () -> {
            sql.run("DELETE FROM section WHERE run_id = ?", run.id());
            sql.run("DELETE FROM fact WHERE run_id = ?", run.id());
            sql.run("DELETE FROM claim WHERE run_id = ?", run.id());
            sql.run("DELETE FROM run_check WHERE run_id = ?", run.id());
            latency.delete(run.id());
            pictures.delete(run.id());
            stream.delete(run.id());
            return sql.run("DELETE FROM run WHERE id = ?", run.id());
        });
    }

    /// States the display mode that a run was measured on.
    public void setDisplay(Run run, DisplayMode mode) throws StudyException {
        steps.change(
                "set display of " + run.name(),
                () -> sql.run(
                        "UPDATE run SET refresh_hz = ?, sync = ?, vrr_floor_hz = ? WHERE id = ?",
                        mode.refreshHz(),
                        mode.sync().label(),
                        Sql.orNull(mode.vrrFloorHz()),
                        run.id()));
    }

    /// States the facts of a run anew.
    public void setFacts(Run run, Map<String, String> facts) throws StudyException {
        steps.change("set facts of " + run.name(), () -> {
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
    public void addSection(Run run, Section section) throws StudyException {
        steps.change(
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
    public void setWeight(StoredSection section, Section.Weight weight) throws StudyException {
        steps.change(
                "set weight of " + section.section().name(),
                () -> sql.run("UPDATE section SET weight = ? WHERE id = ?", weight.name(), section.id()));
    }

    /// Gives a section another name.
    public void renameSection(StoredSection section, String name) throws StudyException {
        steps.change(
                "rename section " + section.section().name(),
                () -> sql.run("UPDATE section SET name = ? WHERE id = ?", name, section.id()));
    }

    /// Removes the mark of a section.
    public void removeSection(StoredSection section) throws StudyException {
        steps.change(
                "remove section " + section.section().name(),
                () -> sql.run("DELETE FROM section WHERE id = ?", section.id()));
    }

    /// What would be undone next.
    public Optional<String> nextUndo() throws StudyException {
        return steps.read(steps.undo()::nextUndo);
    }

    /// What would be redone next.
    public Optional<String> nextRedo() throws StudyException {
        return steps.read(steps.undo()::nextRedo);
    }

    /// Takes the last step back, if there is one.
    public void undo() throws StudyException {
        steps.requireWritable();
        steps.read(() -> {
            steps.undo().undo();
            return true;
        });
    }

    /// Does the last step that was taken back again, if there is one.
    public void redo() throws StudyException {
        steps.requireWritable();
        steps.read(() -> {
            steps.undo().redo();
            return true;
        });
    }

    /// Checks every checksum and reads every log anew from its evidence.
    ///
    /// @return what is wrong, in words; empty if nothing is
    public List<String> check() throws StudyException, IOException {
        synchronized (steps) {
            try {
                return new StudyCheck(sql, evidence, logs).run();
            } catch (SQLException e) {
                throw StudyFile.explain(file, e);
            }
        }
    }

    @Override
    public void close() throws StudyException {
        try {
            steps.read(() -> {
                connection.close();
                return true;
            });
        } finally {
            release(lock);
        }
    }

    /// Whether a file looks like a study by its name.
    public static boolean isStudyName(Path file) {
        return file.toString().endsWith(".fluss") && !Files.isDirectory(file);
    }
}
