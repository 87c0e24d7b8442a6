package app.fluss.files.study;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.work.Progress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/// Small studies with something of everything, for tests of the file itself.
final class StudyMaker {
    private StudyMaker() {}

    /// A frame log of ten images a second; another seed gives another file.
    static Path log(Path folder, int seed, int images) throws Exception {
        StringBuilder text = new StringBuilder("present_ms,displayed_ms,cpu_ms,gpu_ms,kind\n");
        for (int i = 0; i < images; i++) {
            text.append("%d,%d,%d.%d,7.5,rendered\n".formatted(i * 10, i * 10 + 4, 3 + i % 3, seed % 10));
        }
        return Files.writeString(folder.resolve("log" + seed + ".csv"), text);
    }

    static RunDraft draft(String name) {
        return new RunDraft(
                "Tidewarden",
                "marsh",
                "native",
                Chain.NATIVE,
                name,
                false,
                Setup.EMPTY
                        .withNamed(Map.of("driver", "5", "shader cache", "warm"), FactSource.TYPED)
                        .withDisplay(new DisplayMode(100, SyncMode.FIFO), FactSource.TYPED),
                Double.NaN,
                Taking.UNRECORDED);
    }

    /// Adds a run with a log, readings and latency.
    static Run add(Study study, Path folder, int seed, int images) throws Exception {
        Path readings = Files.writeString(folder.resolve("readings.csv"), "t_s,claimed_fps\n1,70\n2,74\n3,66\n");
        Path latency = Files.writeString(
                folder.resolve("latency.csv"), "trial,input_ms,photon_ms\n1,100,141.5\n2,900,\n3,1700,1738.25\n");
        return study.addRun(
                draft("run " + seed),
                List.of(
                        RunEvidence.of(EvidenceKinds.FRAME_LOG, log(folder, seed, images), Progress.NONE),
                        RunEvidence.of(EvidenceKinds.READINGS, readings, Progress.NONE),
                        RunEvidence.of(EvidenceKinds.LATENCY, latency, Progress.NONE)),
                Progress.NONE);
    }

    /// Reads everything that a window would.
    static void readAll(Study study) throws StudyException {
        study.games();
        study.scenes();
        study.bench().read();
        study.plan().read();
        study.schools().read();
        study.capture().open();
        study.nextUndo();
        study.nextRedo();
        for (Run run : study.runs()) {
            study.sections(run);
            study.notes(run);
            study.capture().checks(run);
            for (Attached attached : run.evidence()) {
                study.evidence(run, attached.kind());
            }
        }
    }
}
