package app.fluss.app.importing;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Edits;
import app.fluss.app.model.EvidenceEdits;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.Mapping;
import app.fluss.files.log.MappingGuess;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.log.Sample;
import app.fluss.files.log.Summary;
import app.fluss.files.overlay.OverlayMemory;
import app.fluss.files.overlay.RecordedNumbers;
import app.fluss.files.study.Candidate;
import app.fluss.files.study.Claim;
import app.fluss.files.study.EvidenceKind;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunEvidence;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// From a file to a run: look at it, let the user map its columns and say what it is, read it, keep it. Either
/// the run with its evidence is in the study at the end, or nothing is.
public final class ImportFlow {
    private final Workbench workbench;
    private final Jobs jobs;
    private final Theme theme;
    private final MappingMemory memory;
    private final OverlayMemory overlays;
    private final Supplier<Window> owner;
    private final Consumer<String> problems;
    private final ClipFlow clips;

    /// @param problems is told, in words, what went wrong
    public ImportFlow(
            Workbench workbench,
            Jobs jobs,
            Theme theme,
            MappingMemory memory,
            OverlayMemory overlays,
            Supplier<Window> owner,
            Consumer<String> problems) {
        this.workbench = workbench;
        this.jobs = jobs;
        this.theme = theme;
        this.memory = memory;
        this.overlays = overlays;
        this.owner = owner;
        this.problems = problems;
        this.clips = new ClipFlow(workbench, jobs, theme, owner, problems);
    }

    /// Lets the user choose files.
    public void choose(Consumer<List<Path>> chosen) {
        chosen.accept(FileChoice.chosen(FileChoice.files(
                        ImportText.OPEN_FILES,
                        FileChoice.kind(
                                ImportText.KNOWN_FILES,
                                "csv",
                                "txt",
                                "tsv",
                                "wav",
                                "y4m",
                                "png",
                                "mp4",
                                "m4v",
                                "mov",
                                "mkv",
                                "webm",
                                "avi",
                                "json",
                                "fluss"),
                        new FileChooser.ExtensionFilter(ImportText.ALL_FILES, "*.*"))
                .showOpenMultipleDialog(owner.get())));
    }

    /// Offers to import a file.
    ///
    /// @param use what a clip is to be looked at for; empty to ask
    public void offer(Path file, Optional<ClipUse> use) {
        if (!workbench.canEdit()) {
            problems.accept(ImportText.STUDY_READ_ONLY);
            return;
        }
        if (ClipFile.isClip(file) || Files.isDirectory(file)) {
            use.ifPresentOrElse(
                    known -> offerClip(file, known),
                    () -> new UseDialog(theme, owner.get(), file, chosen -> offerClip(file, chosen)).show());
            return;
        }
        Edits edits = workbench.edits();
        jobs.start(
                ImportText.LOOKING_AT.formatted(file.getFileName()),
                _ -> look(file),
                seen -> offer(edits.evidence(), file, seen.kind, seen.log),
                e -> problems.accept(words(e)));
    }

    private void offerClip(Path file, ClipUse use) {
        jobs.start(
                ImportText.LOOKING_AT.formatted(file.getFileName()),
                // Numbers are read as far as a recording goes; what is missing is said.
                _ -> use == ClipUse.NUMBERS ? ClipFile.openWhatIsLeft(file) : ClipFile.open(file),
                clip -> {
                    switch (use) {
                        case NUMBERS -> clips.numbers(file, clip, overlays);
                        case PICTURES -> clips.count(file, clip);
                        case LATENCY -> clips.ask(file, clip);
                    }
                },
                e -> problems.accept(words(e)));
    }

    /// What a file was found to be.
    private record Seen(EvidenceKind<?, ?> kind, Optional<SeenLog> log) {}

    /// The first rows of a log, and how its columns were understood.
    private record SeenLog(Sample sample, ImportDialog.Understood understood) {}

    private Seen look(Path file) throws IOException, InputException {
        Candidate candidate = new Candidate(file);
        EvidenceKind<?, ?> kind = EvidenceKinds.of(candidate)
                .orElseThrow(() ->
                        new InputException(file, 0, 0, ImportText.NOTHING_THAT_IS_KNOWN, ImportText.LOG_EXPECTED));
        return new Seen(
                kind,
                kind == EvidenceKinds.FRAME_LOG
                        ? Optional.of(new SeenLog(candidate.sample(), understood(candidate.sample())))
                        : Optional.empty());
    }

    private ImportDialog.Understood understood(Sample sample) {
        MappingGuess guess = MappingGuess.of(sample);
        Optional<Mapping> remembered = guess.certain() ? Optional.of(guess.mapping()) : memory.recall(sample.header());
        return remembered
                .map(known -> ImportDialog.Understood.known(known, ImportText.COLUMNS_KNOWN))
                .orElseGet(
                        () -> new ImportDialog.Understood(guess.mapping(), how(guess), guess.rivals(), guess.cases()));
    }

    /// A log makes a run of its own, as does what was claimed; all else belongs to the run that is selected.
    private void offer(EvidenceEdits edits, Path file, EvidenceKind<?, ?> kind, Optional<SeenLog> log) {
        if (log.isPresent()) {
            ask(edits, file, log.get());
        } else if (kind == EvidenceKinds.READINGS) {
            askClaim(edits, file, EvidenceKinds.READINGS, (ReadingSeries read) -> Claim.of(read));
        } else if (kind == EvidenceKinds.RECORDING) {
            askClaim(edits, file, EvidenceKinds.RECORDING, (RecordedNumbers read) -> Claim.of(read));
        } else if (kind == EvidenceKinds.SUMMARY) {
            askClaim(edits, file, EvidenceKinds.SUMMARY, (Summary read) -> Claim.of(read));
        } else if (kind == EvidenceKinds.LATENCY) {
            askLatency(edits, file);
        } else {
            Run run = workbench.selectedProperty().get();
            if (run == null) {
                problems.accept(ImportText.NEEDS_RUN.formatted(kind.title(), file.getFileName()));
            } else {
                edits.add(file, run, progress -> RunEvidence.of(kind, file, progress), e -> problems.accept(words(e)));
            }
        }
    }

    /// Latency belongs to the run that is selected, or makes one of its own where there is no log.
    private void askLatency(EvidenceEdits edits, Path file) {
        jobs.start(
                ImportText.READING.formatted(file.getFileName()),
                progress -> EvidenceKinds.LATENCY.read(file, progress),
                reading -> {
                    Optional<Run> run = selected();
                    new LatencyDialog(theme, owner.get(), file, reading, SelectedRun.of(workbench))
                            .ask(
                                    swapped -> edits.add(
                                            file,
                                            run.orElseThrow(),
                                            progress -> latency(file, read(file, reading, swapped, progress)),
                                            e -> problems.accept(words(e))),
                                    swapped -> askLatencyRun(edits, file, reading, swapped));
                },
                e -> problems.accept(words(e)));
    }

    private void askLatencyRun(EvidenceEdits edits, Path file, LatencyReading reading, boolean swapped) {
        jobs.start(
                ImportText.READING.formatted(file.getFileName()),
                progress -> read(file, reading, swapped, progress),
                read -> OwnRunDialog.of(read.measurement().figures(), theme, owner.get(), file, contents(), selected())
                        .ask(draft ->
                                edits.addRun(file, draft, _ -> latency(file, read), e -> problems.accept(words(e)))),
                e -> problems.accept(words(e)));
    }

    private static LatencyReading read(Path file, LatencyReading reading, boolean swapped, Progress progress)
            throws IOException, InputException {
        return swapped == reading.swapped()
                ? reading
                : LatencyReading.of(file, swapped, EdgeSettings.DEFAULT, progress);
    }

    private static RunEvidence<?> latency(Path file, LatencyReading read) {
        return new RunEvidence<>(EvidenceKinds.LATENCY, file, read);
    }

    private Contents contents() {
        return workbench.contentsProperty().get();
    }

    private Optional<Run> selected() {
        return Optional.ofNullable(workbench.selectedProperty().get());
    }

    private <R> void askClaim(EvidenceEdits edits, Path file, EvidenceKind<R, ?> kind, Function<R, Claim> claim) {
        jobs.start(
                ImportText.READING.formatted(file.getFileName()),
                progress -> kind.read(file, progress),
                read -> OwnRunDialog.of(claim.apply(read), theme, owner.get(), file, contents(), selected())
                        .ask(draft -> edits.addRun(
                                file, draft, _ -> new RunEvidence<>(kind, file, read), e -> problems.accept(words(e)))),
                e -> problems.accept(words(e)));
    }

    private void ask(EvidenceEdits edits, Path file, SeenLog log) {
        ImportDialog dialog =
                new ImportDialog(theme, owner.get(), file, log.sample, log.understood, contents(), selected());
        dialog.ask(answer -> edits.addRun(
                file, answer.draft(), progress -> read(file, answer, progress), e -> problems.accept(words(e))));
    }

    private static String how(MappingGuess guess) {
        return guess.rivals().isEmpty() ? ImportText.CHECK_COLUMNS.formatted(guess.why()) : ImportText.TWO_TIMES;
    }

    private RunEvidence<?> read(Path file, ImportDialog.Answer answer, Progress progress)
            throws IOException, InputException {
        ImportOptions options = ImportOptions.guess().with(answer.mapping());
        options = answer.process().isPresent()
                ? options.forProcess(answer.process().get())
                : options;
        ImportedLog imported = LogImport.read(file, options, progress);
        memory.remember(answer.mapping());
        return new RunEvidence<>(EvidenceKinds.FRAME_LOG, file, imported);
    }

    private static String words(Exception e) {
        return switch (e) {
            case InputException fault -> String.valueOf(fault.getMessage());
            case IOException fault -> ImportText.FILE_NOT_READ.formatted(fault.getMessage());
            default -> String.valueOf(e.getMessage());
        };
    }
}
