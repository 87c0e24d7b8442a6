package app.fluss.files.study;

import app.fluss.core.work.Progress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/// Makes a study of many runs, half a minute each, to time its opening: `bench/window-start.sh`.
final class ManyRuns {
    private static final int IMAGES = 3000;

    private ManyRuns() {}

    /// @param args the study to make, how many runs
    public static void main(String[] args) throws Exception {
        Path folder = Files.createTempDirectory("many-runs");
        try (Study study = Study.open(Path.of(args[0]))) {
            for (int run = 0; run < Integer.parseInt(args[1]); run++) {
                study.addRun(
                        StudyMaker.draft("run " + run),
                        List.of(RunEvidence.of(
                                EvidenceKinds.FRAME_LOG, StudyMaker.log(folder, run, IMAGES), Progress.NONE)),
                        Progress.NONE);
            }
        }
    }
}
