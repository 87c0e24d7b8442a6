package app.fluss.files.study;

import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.util.List;

/// A run on its way into a study.
///
/// @param draft what is said of it
/// @param evidence what it rests on, at most one of each kind
public record NewRun(RunDraft draft, List<RunEvidence<?>> evidence) {
    /// Keeps a copy.
    public NewRun {
        evidence = List.copyOf(evidence);
    }

    /// Makes a run when its turn comes, so that the logs of many are not in memory at once.
    @FunctionalInterface
    public interface Source {
        /// Makes it.
        NewRun make(Progress progress) throws StudyException, IOException, InputException;
    }
}
