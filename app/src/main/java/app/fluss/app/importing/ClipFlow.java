package app.fluss.app.importing;

import app.fluss.app.model.Contents;
import app.fluss.app.model.EvidenceEdits;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Theme;
import app.fluss.files.clip.Clip;
import app.fluss.files.latency.TraceWriter;
import app.fluss.files.overlay.OverlayMemory;
import app.fluss.files.study.Claim;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.stage.Window;

/// Brings what clips show into the study: latency, distinct pictures, or the numbers on them. What is kept as
/// evidence is what was read from the clip: the brightness of both areas, picture by picture, or the pictures
/// that were marked; clips themselves take gigabytes.
final class ClipFlow {
    private final Workbench workbench;
    private final Jobs jobs;
    private final Theme theme;
    private final Supplier<Window> owner;
    private final Consumer<String> problems;

    ClipFlow(Workbench workbench, Jobs jobs, Theme theme, Supplier<Window> owner, Consumer<String> problems) {
        this.workbench = workbench;
        this.jobs = jobs;
        this.theme = theme;
        this.owner = owner;
        this.problems = problems;
    }

    /// Asks what the clip shows. Latency belongs to the run that is selected, or makes one of its own where there is
    /// no log.
    ///
    /// @param clip is closed in the end
    void ask(Path file, Clip clip) {
        Optional<Run> run = selected();
        ClipDialog dialog = new ClipDialog(theme, owner.get(), jobs, problems, file, clip, SelectedRun.of(workbench));
        EvidenceEdits edits = workbench.edits().evidence();
        dialog.ask(
                result -> edits.addWritten(
                        file,
                        run.orElseThrow(),
                        EvidenceKinds.LATENCY,
                        evidence -> write(result, evidence),
                        this::failed),
                result -> askOwn(
                        () -> OwnRunDialog.of(result.figures(), theme, owner.get(), file, contents(), run),
                        draft -> edits.addWritten(
                                file, draft, EvidenceKinds.LATENCY, evidence -> write(result, evidence), this::failed)),
                () -> close(clip));
    }

    /// Asks what of the clip is to be counted.
    ///
    /// @param clip is closed in the end
    void count(Path file, Clip clip) {
        Run run = workbench.selectedProperty().get();
        if (run == null) {
            problems.accept(ClipText.CLIP_NEEDS_RUN.formatted(file.getFileName()));
            close(clip);
            return;
        }
        CountDialog dialog =
                new CountDialog(theme, owner.get(), jobs, file, clip, contents().describe(run));
        EvidenceEdits edits = workbench.edits().evidence();
        dialog.ask(pictures -> edits.addPictures(file, run, pictures, this::failed), () -> close(clip));
    }

    /// Asks for the numbers on the clip, and what run it is.
    ///
    /// @param clip is closed in the end
    void numbers(Path file, Clip clip, OverlayMemory memory) {
        Optional<Run> run = selected();
        RecordingDialog dialog = new RecordingDialog(
                theme,
                owner.get(),
                jobs,
                file,
                clip,
                memory,
                run.map(one -> one.path().name() + " · " + one.name()));
        EvidenceEdits edits = workbench.edits().evidence();
        dialog.ask(
                new RecordingDialog.Then(
                        overlays -> askOwn(
                                () -> OwnRunDialog.of(
                                        Claim.of(overlays.recorded()), theme, owner.get(), file, contents(), run),
                                draft -> edits.addRecording(file, draft, overlays, this::failed)),
                        overlays -> run.ifPresent(one -> edits.addRecording(file, one, overlays, this::failed))),
                () -> close(clip));
    }

    /// Asks what run it is, once the dialog that led to it has closed.
    private static void askOwn(Supplier<OwnRunDialog> dialog, Consumer<RunDraft> add) {
        Platform.runLater(() -> dialog.get().ask(add));
    }

    private void failed(Exception e) {
        problems.accept(String.valueOf(e.getMessage()));
    }

    private Contents contents() {
        return workbench.contentsProperty().get();
    }

    private Optional<Run> selected() {
        return Optional.ofNullable(workbench.selectedProperty().get());
    }

    private static void write(ClipDialog.Result result, Path evidence) throws IOException {
        switch (result) {
            case ClipDialog.Result.Found found ->
                TraceWriter.writeClip(found.light().input(), found.light().light(), evidence);
            case ClipDialog.Result.Marked(List<int[]> pictures, double fps) ->
                Files.writeString(evidence, trials(pictures, fps));
        }
    }

    private static String trials(List<int[]> pictures, double fps) {
        StringBuilder text = new StringBuilder("trial,input_ms,photon_ms\n");
        int trial = 1;
        for (int[] pair : pictures) {
            text.append(trial++)
                    .append(',')
                    .append(pair[0] * 1000 / fps)
                    .append(',')
                    .append(pair[1] * 1000 / fps)
                    .append('\n');
        }
        return text.toString();
    }

    private void close(Clip clip) {
        try {
            synchronized (clip) {
                clip.close();
            }
        } catch (IOException e) {
            problems.accept(ClipText.CLIP_NOT_CLOSED.formatted(e.getMessage()));
        }
    }
}
