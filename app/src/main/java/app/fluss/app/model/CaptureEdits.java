package app.fluss.app.model;

import app.fluss.core.path.Judgement;
import app.fluss.core.reading.Impression;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.toggle.ToggleMark;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.SheetRow;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.Taking;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/// Changes of what is measured right now. The attempt at a line begins with the first thing that is kept with it.
public final class CaptureEdits {
    private final Edits edits;

    CaptureEdits(Edits edits) {
        this.edits = edits;
    }

    private interface OnAttempt {
        void keep(Study study, Attempt attempt) throws StudyException;
    }

    private void onAttempt(String name, SheetRow row, OnAttempt work) {
        edits.note(name, study -> {
            if (study.capture().open().isEmpty()) {
                study.capture().begin(row, System.currentTimeMillis());
            }
            work.keep(study, study.capture().open().orElseThrow());
        });
    }

    /// Begins an attempt, if none is open.
    public void begin(SheetRow row) {
        onAttempt(ModelText.BEGINNING_RUN, row, (_, _) -> {});
    }

    /// Says when the scene was started, ms since the start of 1970.
    public void start(SheetRow row, long atMs) {
        onAttempt(
                ModelText.STARTING_SCENE,
                row,
                (study, attempt) -> study.capture().start(attempt, atMs));
    }

    /// Keeps what was typed on the pad.
    public void type(SheetRow row, PadEntry entry) {
        onAttempt(
                ModelText.TYPING_ON_PAD,
                row,
                (study, attempt) -> study.capture().note(attempt, entry));
    }

    /// Takes back what was typed last.
    public void takeBack(SheetRow row) {
        onAttempt(
                ModelText.TAKING_ENTRY_BACK,
                row,
                (study, attempt) -> study.capture().takeBack(attempt));
    }

    /// Keeps what a tool said.
    public void summarise(SheetRow row, Attempt.TypedSummary summary) {
        onAttempt(
                ModelText.TYPING_SUMMARY,
                row,
                (study, attempt) -> study.capture().summarise(attempt, summary));
    }

    /// Keeps how it felt.
    public void feel(SheetRow row, Impression impression) {
        onAttempt(
                ModelText.SAYING_HOW_IT_FELT,
                row,
                (study, attempt) -> study.capture().feel(attempt, impression));
    }

    /// Answers a requirement of the line that is measured.
    ///
    /// @param met empty to take back what was said
    public void answer(SheetRow row, long gameId, Judgement judgement, Optional<Boolean> met) {
        onAttempt(
                ModelText.ANSWERING,
                row,
                (study, attempt) -> study.capture()
                        .say(
                                gameId,
                                row.pathId(),
                                judgement.requirement().id(),
                                judgement.isOfRun() ? Optional.of(attempt) : Optional.empty(),
                                met));
    }

    /// Answers a requirement of a path in a game until it is taken back.
    ///
    /// @param met empty to take back what was said
    public void answer(long gameId, long pathId, String requirement, Optional<Boolean> met) {
        edits.note(
                ModelText.ANSWERING_PREFLIGHT,
                study -> study.capture().say(gameId, pathId, requirement, Optional.empty(), met));
    }

    /// Leaves an attempt without a run.
    public void leave(Attempt attempt) {
        edits.note(ModelText.LEAVING_RUN, study -> study.capture().leave(attempt));
    }

    /// Makes evidence of what was typed and attached, on the worker.
    @FunctionalInterface
    public interface Making {
        /// Makes it.
        ///
        /// @param folder for files that last until the run is kept
        List<RunEvidence<?>> evidence(Path folder, Progress progress) throws IOException, InputException;
    }

    /// Ends an attempt with a run.
    ///
    /// @param judged the requirements as they were judged
    /// @param switches where its path was switched on and off, on the clock of its log; empty if it was not
    /// @param failed is told why it could not be kept
    public void finish(
            Attempt attempt,
            RunDraft draft,
            Making making,
            List<Judgement> judged,
            List<ToggleMark> switches,
            Consumer<Exception> failed) {
        edits.add(
                ModelText.KEEPING_RUN,
                (study, progress) -> {
                    Path folder = Files.createTempDirectory("fluss-typed");
                    try {
                        return study.finish(
                                attempt,
                                draft,
                                making.evidence(folder, progress.part(0, 0.6)),
                                Taking.Checked.of(judged),
                                switches,
                                progress.part(0.6, 1));
                    } finally {
                        Folders.delete(folder);
                    }
                },
                failed);
    }
}
