package app.fluss.app.model;

import app.fluss.files.study.RunDraft;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.Objects;

/// The study behind a workbench, for tests that set the scene.
public final class StudyAccess {
    private StudyAccess() {}

    /// Work on a study that may fail in any way.
    @FunctionalInterface
    public interface Work {
        /// Does it.
        void on(Study study) throws Exception;
    }

    /// The open study.
    public static Study study(Workbench workbench) {
        return open(workbench).study();
    }

    private static Open open(Workbench workbench) {
        return Objects.requireNonNull(workbench.openProperty().get());
    }

    /// Changes the open study as a screen would.
    public static void change(Workbench workbench, String name, Work work) {
        workbench.change(open(workbench), name, study -> {
            try {
                work.on(study);
            } catch (StudyException e) {
                throw e;
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
    }

    /// A draft as import makes it: with the facts of the bench.
    public static RunDraft onBench(Study study, RunDraft draft) throws StudyException {
        return SetupOfBench.of(study, draft);
    }
}
