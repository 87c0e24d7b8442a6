package app.fluss.app.model;

import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.measure.Grade;
import app.fluss.core.overlay.Stand;
import app.fluss.core.reading.QuickRow;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.EvidenceKind;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.NewRun;
import app.fluss.files.study.QuickRun;
import app.fluss.files.study.RecordingRecords;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.StoredLatency.HandMark;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import app.fluss.files.study.StoredNumbers;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Scenario;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;

/// Changes of what runs rest on. What is added brings the bench's facts of now along, marked as such.
public final class EvidenceEdits {
    private final Edits edits;

    EvidenceEdits(Edits edits) {
        this.edits = edits;
    }

    /// Reads evidence from a file on the worker.
    @FunctionalInterface
    public interface Reading {
        /// Reads it.
        RunEvidence<?> read(Progress progress) throws IOException, InputException;
    }

    /// Adds a run that rests on one file.
    ///
    /// @param failed is told why it could not
    public void addRun(Path file, RunDraft draft, Reading reading, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_EVIDENCE_EDITS.formatted(file.getFileName()),
                (study, progress) -> study.addRun(
                        SetupOfBench.of(study, draft),
                        List.of(reading.read(progress.part(0, 0.5))),
                        progress.part(0.5, 1)),
                failed);
    }

    /// Adds runs that were typed into a table, all in one step; the last of them is then looked at.
    ///
    /// @param paths the paths that are known
    /// @param names of the runs, one each
    public void addTyped(
            List<QuickRow.Reading.Read> rows,
            List<DeliveryPath> paths,
            List<String> names,
            Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_RUNS.formatted(rows.size()),
                (study, progress) -> withFolder(folder -> {
                    List<NewRun.Source> runs = new ArrayList<>();
                    for (int i = 0; i < rows.size(); i++) {
                        int row = i;
                        runs.add(_ -> typed(study, rows.get(row), paths, names.get(row), folder, row));
                    }
                    return study.addRuns(runs, progress).getLast();
                }),
                failed);
    }

    /// Adds a run for each of many files, all in one step; the last of them is then looked at.
    ///
    /// @param failed is told why it could not; then nothing was added
    public void addFiles(List<FileOfRun> files, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_RUNS.formatted(files.size()),
                (study, progress) -> withFolder(folder -> {
                    List<NewRun.Source> runs = new ArrayList<>();
                    for (FileOfRun file : files) {
                        runs.add(part ->
                                new NewRun(SetupOfBench.of(study, file.draft), file.evidence.read(folder, part)));
                    }
                    return study.addRuns(runs, progress).getLast();
                }),
                failed);
    }

    /// A run that is made of one file or of several that belong together.
    ///
    /// @param draft what run it is
    /// @param evidence reads what it rests on, on the worker
    public record FileOfRun(RunDraft draft, ManyReading evidence) {}

    /// Reads the evidence of a run from its files.
    @FunctionalInterface
    public interface ManyReading {
        /// Reads it.
        ///
        /// @param folder for what has to be written to be kept; it goes afterwards
        List<RunEvidence<?>> read(Path folder, Progress progress) throws IOException, InputException;
    }

    /// Corrects a run that was typed.
    public void correct(Run run, QuickRow.Reading.Read row, List<DeliveryPath> paths, Consumer<Exception> failed) {
        edits.add(
                ModelText.CORRECTING.formatted(run.name()),
                (study, progress) -> withFolder(
                        folder -> study.correct(run, typed(study, row, paths, run.name(), folder, 0), progress)),
                failed);
    }

    private static NewRun typed(
            Study study, QuickRow.Reading.Read row, List<DeliveryPath> paths, String name, Path folder, int number)
            throws StudyException, IOException, InputException {
        return new NewRun(
                SetupOfBench.of(study, QuickRun.draft(row, paths, name)), QuickRun.evidence(row, folder, number));
    }

    @FunctionalInterface
    private interface InFolder {
        Run work(Path folder) throws StudyException, IOException, InputException;
    }

    private static Run withFolder(InFolder work) throws StudyException, IOException, InputException {
        Path folder = Files.createTempDirectory("fluss-adding");
        try {
            return work.work(folder);
        } finally {
            Folders.delete(folder);
        }
    }

    /// Adds evidence to a run that is there.
    ///
    /// @param failed is told why it could not
    public void add(Path file, Run run, Reading reading, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_EVIDENCE_EDITS.formatted(file.getFileName()),
                (study, progress) -> study.add(run, reading.read(progress.part(0, 0.5)), progress.part(0.5, 1)),
                failed);
    }

    /// Adds the log of a stream's host.
    ///
    /// @param options how it is read
    public void addHostLog(Path file, Run run, OptionsOf options, Consumer<Exception> failed) {
        add(
                file,
                run,
                progress -> new RunEvidence<>(
                        EvidenceKinds.HOST_LOG, file, LogImport.read(file, options.of(file), progress)),
                failed);
    }

    /// Finds out how a log is read.
    @FunctionalInterface
    public interface OptionsOf {
        /// Looks at it.
        ImportOptions of(Path file) throws IOException, InputException;
    }

    /// Adds a counted clip.
    public void addPictures(Path file, Run run, StoredPictures pictures, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_EVIDENCE_EDITS.formatted(file.getFileName()),
                (study, progress) -> study.addPictures(run, pictures, progress),
                failed);
    }

    /// Adds a run that rests on the numbers of a recording, and on its pictures.
    public void addRecording(Path file, RunDraft draft, Overlays overlays, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_EVIDENCE_EDITS.formatted(file.getFileName()),
                (study, progress) -> withFolder(folder -> study.addRun(
                        SetupOfBench.of(study, draft), RecordingRecords.evidence(overlays, folder), progress)),
                failed);
    }

    /// Adds the numbers of a recording, and its pictures, to a run that is there.
    public void addRecording(Path file, Run run, Overlays overlays, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_EVIDENCE_EDITS.formatted(file.getFileName()),
                (study, progress) -> withFolder(folder ->
                        study.addAll(run, ModelText.RECORDING, RecordingRecords.evidence(overlays, folder), progress)),
                failed);
    }

    /// Says what a reading of a recording showed.
    ///
    /// @param value empty for a reading that cannot be told
    public void correct(StoredNumbers numbers, RecordedNumber number, Stand stand, OptionalDouble value) {
        edits.change(ModelText.CORRECTING_READING, study -> study.recordings().correct(numbers, number, stand, value));
    }

    /// Takes back what was said of a reading of a recording.
    public void takeBack(StoredNumbers numbers, RecordedNumber number, Stand stand) {
        edits.change(ModelText.PUTTING_READING_BACK, study -> study.recordings().takeBack(numbers, number, stand));
    }

    /// Keeps a link probe that was just made.
    public void keepProbe(Run run, ProbeTrace trace, Consumer<Exception> failed) {
        addWritten(Path.of("probe.json"), run, EvidenceKinds.LINK_PROBE, file -> ProbeFile.write(trace, file), failed);
    }

    /// Adds evidence that Fluss writes itself: what was found in a clip, what was just measured.
    ///
    /// @param about the file that it was found in, or a name for it
    public void addWritten(Path about, Run run, EvidenceKind<?, ?> kind, Writing writing, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_EVIDENCE_EDITS.formatted(about.getFileName()),
                (study, progress) -> withFolder(folder -> study.add(
                        run, written(about, kind, writing, folder, progress.part(0, 0.5)), progress.part(0.5, 1))),
                failed);
    }

    /// Adds a run that rests on evidence that Fluss writes itself.
    ///
    /// @param about the file that it was found in, or a name for it
    public void addWritten(
            Path about, RunDraft draft, EvidenceKind<?, ?> kind, Writing writing, Consumer<Exception> failed) {
        edits.add(
                ModelText.ADDING_EVIDENCE_EDITS.formatted(about.getFileName()),
                (study, progress) -> withFolder(folder -> study.addRun(
                        SetupOfBench.of(study, draft),
                        List.of(written(about, kind, writing, folder, progress.part(0, 0.5))),
                        progress.part(0.5, 1))),
                failed);
    }

    private static RunEvidence<?> written(
            Path about, EvidenceKind<?, ?> kind, Writing writing, Path folder, Progress progress)
            throws IOException, InputException {
        Path file = folder.resolve(kind.writtenName(String.valueOf(about.getFileName())));
        writing.to(file);
        return RunEvidence.of(kind, file, progress);
    }

    /// Writes evidence to a file.
    @FunctionalInterface
    public interface Writing {
        /// Does it.
        void to(Path file) throws IOException;
    }

    /// Takes evidence of a run away.
    public void remove(Run run, EvidenceKind<?, ?> kind) {
        edits.change(ModelText.REMOVING.formatted(kind.title()), study -> study.remove(run, kind));
    }

    /// Says whether a trial of measured latency counts.
    public void judge(JudgedTrial trial, boolean accepted) {
        edits.change(ModelText.JUDGING_TRIAL, study -> study.latency().judge(trial, Optional.of(accepted)));
    }

    /// Sets the mark of a trial's light by hand, or puts it back where it was found.
    public void mark(JudgedTrial trial, Optional<HandMark> mark) {
        edits.change(ModelText.SETTING_MARK, study -> study.latency().mark(trial, mark));
    }

    /// Looks at the evidence of measured latency again.
    public void lookAgain(Run run, EdgeSettings settings, boolean swapped) {
        edits.change(
                ModelText.ANALYSING_LATENCY_AGAIN,
                study -> study.latency().lookAgain(run, settings, swapped, Progress.NONE));
    }

    /// Simulates a scenario several times, each time with another seed than any run on that path has.
    ///
    /// @param failed is told why it could not
    public void simulate(RunDraft draft, Scenario scenario, int repeats, Consumer<Exception> failed) {
        edits.add(
                ModelText.SIMULATING.formatted(scenario.name()),
                (study, progress) -> simulate(study, draft, scenario, repeats, progress),
                failed);
    }

    private static Run simulate(Study study, RunDraft draft, Scenario scenario, int repeats, Progress progress)
            throws StudyException, IOException, InputException {
        Path folder = Files.createTempDirectory("fluss-simulated");
        try {
            SimulatedEvidence evidence = new SimulatedEvidence(folder);
            int before = (int) study.runs().stream()
                    .filter(run -> run.path().name().equals(draft.path()))
                    .count();
            Run last = one(study, draft, scenario, before, evidence, progress.part(0, 1.0 / repeats));
            for (int repeat = 1; repeat < repeats; repeat++) {
                Progress part = progress.part((double) repeat / repeats, (repeat + 1.0) / repeats);
                last = one(study, draft, scenario, before + repeat, evidence, part);
            }
            return last;
        } finally {
            Files.delete(folder);
        }
    }

    private static Run one(
            Study study, RunDraft draft, Scenario scenario, int before, SimulatedEvidence evidence, Progress progress)
            throws StudyException, IOException, InputException {
        Scenario seeded = scenario.withSeed(scenario.seed() + before);
        RunDraft named = SimulatedEvidence.draft(seeded, draft.named(draft.name() + " " + (before + 1)));
        return evidence.add(study, SetupOfBench.of(study, named), Simulation.run(seeded), Grade.A, progress);
    }
}
