package app.fluss.app.importing;

import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.EdgeSettings;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.latency.LatencyFile;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.MappingGuess;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.Sample;
import app.fluss.files.log.SummaryFile;
import app.fluss.files.study.Claim;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// From a file to a run: look at it, let the user map its columns and say what it is, read it, keep it.
/// Either the run with its evidence is in the study at the end, or nothing is.
public final class ImportFlow {
    private final Workbench workbench;
    private final Jobs jobs;
    private final Theme theme;
    private final MappingMemory memory;
    private final Supplier<Window> owner;
    private final Consumer<String> problems;
    private final ClipFlow clips;

    /// @param problems is told, in words, what went wrong
    public ImportFlow(
            Workbench workbench,
            Jobs jobs,
            Theme theme,
            MappingMemory memory,
            Supplier<Window> owner,
            Consumer<String> problems) {
        this.workbench = workbench;
        this.jobs = jobs;
        this.theme = theme;
        this.memory = memory;
        this.owner = owner;
        this.problems = problems;
        this.clips = new ClipFlow(workbench, jobs, theme, owner, problems);
    }

    /// Lets the user choose files.
    public void choose(Consumer<List<Path>> chosen) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Open logs or a study");
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter(
                                "Logs, latency and studies",
                                "*.csv",
                                "*.txt",
                                "*.tsv",
                                "*.wav",
                                "*.y4m",
                                "*.png",
                                "*.mp4",
                                "*.mkv",
                                "*.json",
                                "*.fluss"),
                        new FileChooser.ExtensionFilter("All files", "*.*"));
        List<File> files = chooser.showOpenMultipleDialog(owner.get());
        if (files != null) {
            chosen.accept(files.stream().map(File::toPath).toList());
        }
    }

    /// Offers to import a file.
    ///
    /// @param countsPictures whether the pictures of a clip are to be counted, and not latency to be looked for
    public void offer(Path file, boolean countsPictures) {
        Study study = workbench.studyProperty().get();
        if (study == null || study.isReadOnly()) {
            problems.accept("Open a study that can be written first; this one is read-only.");
            return;
        }
        jobs.start(
                "Looking at " + file.getFileName(),
                progress -> look(file, progress),
                seen -> {
                    switch (seen) {
                        case Seen.Log(Sample sample) -> ask(file, sample);
                        case Seen.Said(Claim claim) -> ask(file, claim);
                        case Seen.Latency(LatencyReading reading) -> ask(file, reading);
                        case Seen.Probe _ -> addProbe(file);
                        case Seen.Film(Clip clip) -> {
                            if (countsPictures) {
                                clips.count(file, clip);
                            } else {
                                clips.ask(file, clip);
                            }
                        }
                    }
                },
                e -> problems.accept(words(e)));
    }

    /// What a file was found to be.
    private sealed interface Seen {
        record Log(Sample sample) implements Seen {}

        record Said(Claim claim) implements Seen {}

        record Latency(LatencyReading reading) implements Seen {}

        record Probe() implements Seen {}

        record Film(Clip clip) implements Seen {}
    }

    private static Seen look(Path file, Progress progress) throws IOException, InputException {
        if (ClipFile.isClip(file) || Files.isDirectory(file)) {
            return new Seen.Film(ClipFile.open(file));
        }
        if (file.toString().endsWith(".json")) {
            ProbeFile.read(file);
            return new Seen.Probe();
        }
        if (LatencyFile.isSound(file)) {
            return new Seen.Latency(LatencyReading.of(file, false, EdgeSettings.DEFAULT, progress));
        }
        Sample sample = Sample.read(file);
        if (LatencyFile.isLatency(sample.header())) {
            return new Seen.Latency(LatencyReading.of(file, false, EdgeSettings.DEFAULT, progress));
        }
        if (ReadingsFile.isReadings(sample.header())) {
            return new Seen.Said(Claim.of(ReadingsFile.read(file)));
        }
        return SummaryFile.isSummary(sample.header())
                ? new Seen.Said(Claim.of(SummaryFile.read(file)))
                : new Seen.Log(sample);
    }

    /// A probe belongs to a run, too.
    private void addProbe(Path file) {
        Run run = workbench.selectedProperty().get();
        if (run == null) {
            problems.accept("A link probe belongs to a run: add its log first, select it, then add %s again."
                    .formatted(file.getFileName()));
            return;
        }
        workbench.add(
                "Adding " + file.getFileName(),
                (study, progress) -> {
                    study.stream().addProbe(run, file, progress);
                    return run;
                },
                e -> problems.accept(words(e)));
    }

    /// Latency belongs to a run that is there: the one that is selected.
    private void ask(Path file, LatencyReading reading) {
        Run run = workbench.selectedProperty().get();
        if (run == null) {
            problems.accept("Latency belongs to a run: add its log first, select it, then add %s again."
                    .formatted(file.getFileName()));
            return;
        }
        LatencyDialog dialog = new LatencyDialog(
                theme,
                owner.get(),
                file,
                reading,
                workbench.contentsProperty().get().place(run) + " · "
                        + run.path().name() + " · " + run.name());
        dialog.ask(swapped -> workbench.add(
                "Adding " + file.getFileName(),
                (study, progress) -> {
                    LatencyReading taken = swapped == reading.swapped()
                            ? reading
                            : LatencyReading.of(file, swapped, EdgeSettings.DEFAULT, progress.part(0, 0.5));
                    return study.addLatency(run, file, taken, progress.part(0.5, 1));
                },
                e -> problems.accept(words(e))));
    }

    private void ask(Path file, Claim claim) {
        ClaimDialog dialog = new ClaimDialog(
                theme,
                owner.get(),
                file,
                claim,
                workbench.contentsProperty().get(),
                Optional.ofNullable(workbench.selectedProperty().get()));
        dialog.ask(draft -> workbench.add(
                "Adding " + file.getFileName(),
                (study, progress) -> study.addRun(draft, List.of(new RunEvidence.Said(file, claim)), progress),
                e -> problems.accept(words(e))));
    }

    private void ask(Path file, Sample sample) {
        MappingGuess guess = MappingGuess.of(sample);
        var remembered = guess.certain() ? Optional.of(guess.mapping()) : memory.recall(sample.header());
        ImportDialog dialog = new ImportDialog(
                theme,
                owner.get(),
                file,
                sample,
                remembered.orElse(guess.mapping()),
                remembered.isPresent(),
                workbench.contentsProperty().get(),
                Optional.ofNullable(workbench.selectedProperty().get()));
        dialog.ask(answer -> read(file, answer));
    }

    private void read(Path file, ImportDialog.Answer answer) {
        workbench.add(
                "Reading " + file.getFileName(),
                (study, progress) -> {
                    ImportOptions options = ImportOptions.guess().with(answer.mapping());
                    options = answer.process().isPresent()
                            ? options.forProcess(answer.process().get())
                            : options;
                    ImportedLog imported = LogImport.read(file, options, progress.part(0, 0.5));
                    memory.remember(answer.mapping());
                    return study.addRun(
                            answer.draft(), List.of(new RunEvidence.Log(file, imported)), progress.part(0.5, 1));
                },
                e -> problems.accept(words(e)));
    }

    private static String words(Exception e) {
        return switch (e) {
            case InputException fault -> String.valueOf(fault.getMessage());
            case IOException fault -> "The file cannot be read: " + fault.getMessage();
            default -> String.valueOf(e.getMessage());
        };
    }
}
