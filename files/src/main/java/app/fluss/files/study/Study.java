package app.fluss.files.study;

import app.fluss.core.bench.Setup;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.ImportNotes;
import app.fluss.core.measure.Section;
import app.fluss.core.toggle.ToggleMark;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// One file with everything: games, scenes, paths, runs, their evidence and their parsed logs.
///
/// Each change is committed before its method returns. Safe for threads: one at a time gets through, and
/// what takes long (compressing, hashing, parsing) is done before or after, so that a quick change never
/// waits for an import. A study that can only be read says why; changes then throw [StudyException].
public final class Study implements AutoCloseable {
    private final Path file;
    private final StudyFile.Opened opened;
    private final Steps steps;
    private final Sql sql;
    private final RunRows rows;
    private final EvidenceShelf shelf;
    private final RunAdder adder;
    private final BenchRecords bench;
    private final PlanRecords plan;
    private final SchoolRecords schools;
    private final CaptureRecords capture;
    private final LatencyRecords latency;

    private Study(Path file, StudyFile.Opened opened) {
        this.file = file;
        this.opened = opened;
        this.steps = new Steps(file, opened.connection(), opened.readOnly());
        this.sql = steps.sql();
        this.rows = new RunRows(steps);
        this.shelf = new EvidenceShelf(steps);
        this.adder = new RunAdder(steps, rows, shelf);
        this.bench = new BenchRecords(steps);
        this.plan = new PlanRecords(steps);
        this.schools = new SchoolRecords(steps);
        this.capture = new CaptureRecords(steps);
        this.latency = new LatencyRecords(steps, shelf);
    }

    /// Opens a study; one that does not exist is made.
    ///
    /// @throws StudyException if the file is no study, is damaged, or was made by a newer Fluss; it is then
    ///     left as it is
    public static Study open(Path file) throws StudyException {
        return new Study(file, StudyFile.open(file));
    }

    /// Where the study is kept.
    public Path file() {
        return file;
    }

    /// Whether it can only be read.
    public boolean isReadOnly() {
        return opened.readOnly().isPresent();
    }

    /// Why it can only be read; empty if it can be written.
    public Optional<ReadOnlyReason> readOnlyReason() {
        return opened.readOnly();
    }

    /// What opening it did, in words for the user: a write that was taken back, a version that was
    /// brought up to date.
    public List<String> notices() {
        return opened.notices();
    }

    /// All games, by name.
    public List<Game> games() throws StudyException {
        return steps.read(() ->
                sql
                        .list("SELECT id, name FROM game", row -> new Game(row.getLong("id"), Sql.text(row, "name")))
                        .stream()
                        .sorted(Comparator.comparing(Game::name, NameOrder.NAMES))
                        .toList());
    }

    /// All scenes, by name.
    public List<Scene> scenes() throws StudyException {
        return steps.read(() -> sql.list("SELECT * FROM scene ORDER BY id", BenchRecords::scene).stream()
                .sorted(Comparator.comparing(Scene::name, NameOrder.NAMES))
                .toList());
    }

    /// All runs, in the order they were added.
    public List<Run> runs() throws StudyException {
        return steps.read(() -> rows.all());
    }

    /// A run as it is now; empty if it is not there.
    public Optional<Run> run(long id) throws StudyException {
        return steps.read(() -> rows.numbered(id));
    }

    /// The sections of a run, in time.
    public List<StoredSection> sections(Run run) throws StudyException {
        return steps.read(() -> sql.list(
                "SELECT id, name, weight, from_ms, to_ms FROM section WHERE run_id = ? ORDER BY from_ms",
                row -> new StoredSection(
                        row.getLong("id"),
                        new Section(
                                Sql.text(row, "name"),
                                Sql.word(row, "weight", Section.Weight.class),
                                Sql.orNaN(row, "from_ms"),
                                Sql.orNaN(row, "to_ms"))),
                run.id()));
    }

    /// The parsed log of a run.
    ///
    /// @throws java.util.NoSuchElementException if it has none
    public FrameLog log(Run run) throws StudyException {
        return shelf.kept().logs().read(logId(run));
    }

    private long logId(Run run) throws StudyException {
        return ParsedLogs.logId(
                shelf.kept(), run.attached(EvidenceKinds.FRAME_LOG).orElseThrow());
    }

    /// What the importer met in the log of a run; empty if it has none.
    public Optional<ImportNotes> notes(Run run) throws StudyException {
        return run.hasLog() ? shelf.kept().logs().notes(logId(run)) : Optional.empty();
    }

    /// Evidence of a run, if it has some of the kind.
    public <S> Optional<S> evidence(Run run, EvidenceKind<?, S> kind) throws StudyException {
        Optional<Attached> attached = run.attached(kind);
        return attached.isEmpty() ? Optional.empty() : shelf.load(kind, attached.get());
    }

    /// Adds a run with its evidence.
    ///
    /// @param evidence at most one of each kind
    /// @return the run
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public Run addRun(RunDraft draft, List<? extends RunEvidence<?>> evidence, Progress progress)
            throws StudyException, IOException {
        return adder.add("add run " + draft.name(), evidence, progress, () -> rows.insert(draft));
    }

    /// Adds runs with their evidence, all in one step.
    ///
    /// @return them, in order
    /// @throws InputException if a file cannot be used; then nothing was added
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public List<Run> addRuns(List<NewRun.Source> added, Progress progress)
            throws StudyException, IOException, InputException {
        return adder.addAll(added, progress);
    }

    /// Corrects a run that was typed: where it was, on what path, how it felt, and what was noted of it.
    ///
    /// @param corrected what is said of it now; its setup stays
    public Run correct(Run run, NewRun corrected, Progress progress) throws StudyException, IOException {
        return adder.correct(run, corrected, progress);
    }

    /// Ends an attempt with a run; the line of the run sheet is done, and comes again if the run is to be
    /// repeated.
    ///
    /// @param evidence at most one of each kind
    /// @param checked the requirements as they were judged
    /// @param switches where its path was switched on and off, on the clock of its log; empty if it was not
    /// @return the run
    /// @throws StudyException if the attempt has ended, so that nothing is kept twice
    public Run finish(
            Attempt attempt,
            RunDraft draft,
            List<? extends RunEvidence<?>> evidence,
            List<Taking.Checked> checked,
            List<ToggleMark> switches,
            Progress progress)
            throws StudyException, IOException {
        capture.requireOpen(attempt);
        return adder.add("add run " + draft.name(), evidence, progress, () -> {
            long id = rows.insert(draft);
            rows.setToggles(id, switches);
            capture.keep(id, checked);
            capture.end(attempt, SheetRow.State.DONE, draft.taking().outcome() == Outcome.REPEAT);
            return id;
        });
    }

    /// Adds evidence to a run; what it had of the kind goes.
    ///
    /// @return the run with it
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public Run add(Run run, RunEvidence<?> evidence, Progress progress) throws StudyException, IOException {
        return adder.add(
                "add %s to %s".formatted(evidence.kind().title(), run.name()), List.of(evidence), progress, run::id);
    }

    /// Adds evidence of several kinds to a run, all in one step; what it had of them goes.
    ///
    /// @param what it is, in words
    /// @return the run with it
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public Run addAll(Run run, String what, List<? extends RunEvidence<?>> evidence, Progress progress)
            throws StudyException, IOException {
        return adder.add("add %s to %s".formatted(what, run.name()), evidence, progress, run::id);
    }

    /// Adds a counted clip to a run; what was there before goes.
    ///
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public Run addPictures(Run run, StoredPictures pictures, Progress progress) throws StudyException, IOException {
        Path folder = Files.createTempDirectory("fluss-pictures");
        RunEvidence<StoredPictures> written = pictures.written(folder);
        try {
            return add(run, written, progress);
        } finally {
            Files.deleteIfExists(written.raw());
            Files.delete(folder);
        }
    }

    /// Takes evidence of a run away; the file as it came stays, so that this can be undone.
    public void remove(Run run, EvidenceKind<?, ?> kind) throws StudyException {
        steps.change("remove %s of %s".formatted(kind.title(), run.name()), () -> shelf.delete(kind, run.id()));
    }

    /// What stands on the bench.
    public BenchRecords bench() {
        return bench;
    }

    /// What is planned.
    public PlanRecords plan() {
        return plan;
    }

    /// A number that changes when somebody judges a trial of a run, or what was checked before it: what a
    /// [Run] does not hold by itself. Nothing else can be read from it.
    public long judgements() throws StudyException {
        return steps.read(() -> sql.list(
                        "SELECT (SELECT total((id * 31 + coalesce(judged, 7)) % 1000003) FROM trial)"
                                + " + (SELECT total((id * 37 + length(state) * 7 + ticked) % 1000003) FROM run_check)",
                        row -> (long) row.getDouble(1))
                .getFirst());
    }

    /// Schools, and which of them games are judged by.
    public SchoolRecords schools() {
        return schools;
    }

    /// What is measured right now.
    public CaptureRecords capture() {
        return capture;
    }

    /// What is said of measured latency.
    public LatencyRecords latency() {
        return latency;
    }

    /// Numbers of recordings, and what the analyst says of them.
    public RecordingRecords recordings() {
        return new RecordingRecords(steps);
    }

    /// What people noticed.
    public FeelRecords feel() {
        return new FeelRecords(steps);
    }

    /// Whether they told paths apart.
    public BlindRecords blind() {
        return new BlindRecords(steps);
    }

    /// What they found in simulated runs.
    public DrillRecords drill() {
        return new DrillRecords(steps);
    }

    /// Games, scenes and runs as a whole: names, places, removing.
    public GameRecords gamesAndRuns() {
        return new GameRecords(steps, rows, shelf);
    }

    /// States what a run was measured on.
    public void setSetup(Run run, Setup setup) throws StudyException {
        steps.change("state the setup of " + run.name(), () -> {
            rows.insertSetup(run.id(), setup);
            return true;
        });
    }

    /// Says where the path of a run was switched on and off while it went on.
    ///
    /// @param marks in time; none for a run on one path
    public void setToggles(Run run, List<ToggleMark> marks) throws StudyException {
        steps.change("mark the switches of " + run.name(), () -> {
            rows.setToggles(run.id(), marks);
            return true;
        });
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

    /// Writes chosen games as a study of its own; a file that is there is replaced. What is planned and
    /// what could be undone stays behind.
    ///
    /// @param games one or more
    /// @throws IllegalArgumentException without a game, or if the target is this study itself
    public void handOn(List<Game> games, Path to) throws StudyException, IOException {
        if (games.isEmpty()) {
            throw new IllegalArgumentException("choose a game to hand on");
        }
        if (Files.exists(to) && Files.isSameFile(to, file)) {
            throw new IllegalArgumentException("%s is the study itself; choose another name".formatted(to));
        }
        HandOn.write(steps, games.stream().map(Game::id).toList(), to);
    }

    /// Takes another analyst's study in; runs that are here are never changed, and each that is added is
    /// marked with where it comes from.
    ///
    /// @param origin how they are marked: a word or two that names the other analyst or bench
    /// @throws StudyException if the other study is none, is damaged or does not verify; then nothing has changed
    public TakenIn takeIn(Path other, String origin) throws StudyException, IOException {
        String mark = origin.strip();
        if (mark.isEmpty() || mark.length() > 60) {
            throw new IllegalArgumentException("name the origin in a word or two");
        }
        return TakeIn.from(steps, other, mark);
    }

    /// Checks every checksum and makes everything again from its evidence.
    ///
    /// @return what is wrong, in words; empty if nothing is
    public List<String> check() throws StudyException, IOException {
        return new StudyCheck(this, steps, shelf).run();
    }

    @Override
    public void close() throws StudyException {
        try {
            steps.read(() -> {
                opened.connection().close();
                return true;
            });
        } finally {
            release();
        }
    }

    private void release() {
        try {
            if (opened.lock().isPresent()) {
                opened.lock().get().close();
            }
            if (opened.temporary()) {
                Files.deleteIfExists(opened.shown());
            }
        } catch (IOException e) {
            // The system releases the lock when the program ends.
        }
    }

    /// Whether a file looks like a study by its name.
    public static boolean isStudyName(Path file) {
        return file.toString().endsWith(".fluss") && !Files.isDirectory(file);
    }
}
