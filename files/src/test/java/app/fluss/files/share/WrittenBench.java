package app.fluss.files.share;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/// Studies whose logs are written frame by frame from plain definitions, at known rates.
final class WrittenBench {
    /// A name that would run as script, as formula, turn the text around it, break its line, and not fit.
    static final String HOSTILE =
            "=cmd|' /C calc'!A0 <script>alert(1)</script>\n\u202Eevil\u202C \"quoted\" " + "long ".repeat(60);

    private static final int FRAMES = 700;

    private final Path folder;
    private final SplittableRandom random = new SplittableRandom(19);
    private int added;

    WrittenBench(Path folder) {
        this.folder = folder;
    }

    static Chain doubled() {
        return new Chain(List.of(new Stage(StageKind.DRIVER_GENERATION, Map.of(FactKey.MULTIPLIER, "2"))));
    }

    /// A game with runs on the native path and on one that presents a generated image after each rendered
    /// one.
    ///
    /// @param runs of each
    /// @param rig name of the machine; empty for none
    void addGame(Study study, String game, String scene, String path, int runs, String rig) throws Exception {
        for (int i = 0; i < runs; i++) {
            add(study, game, scene, "native", Chain.NATIVE, 12.5, rig);
            add(study, game, scene, path, doubled(), 13.0, rig);
        }
    }

    Run add(Study study, String game, String scene, String path, Chain chain, double frameMs, String rig)
            throws Exception {
        StringBuilder log = new StringBuilder("present_ms,displayed_ms,content_ms,cpu_ms,gpu_ms,kind\n");
        double at = 0;
        boolean generates = !chain.isNative();
        for (int i = 0; i < FRAMES; i++) {
            double took = frameMs * (1 + 0.03 * random.nextGaussian()) + (i % 211 == 210 ? 40 : 0);
            log.append("%.4f,%.4f,%.4f,4.1,9.2,rendered\n".formatted(at, at + 5, at));
            if (generates) {
                log.append("%.4f,%.4f,%.4f,,,generated\n".formatted(at + took / 2, at + took / 2 + 5, at + took / 2));
            }
            at += took;
        }
        Path file = Files.writeString(folder.resolve("log" + added + ".csv"), log);
        Setup setup = Setup.EMPTY
                .withNamed(Map.of("driver", "31.4", "quality", "high"), FactSource.TYPED)
                .withDisplay(new DisplayMode(240, SyncMode.VRR, 40), FactSource.TYPED);
        added++;
        return study.addRun(
                new RunDraft(
                        game,
                        scene,
                        path,
                        chain,
                        "run " + added,
                        false,
                        rig.isEmpty() ? setup : setup.withItem(BenchPart.RIG, rig),
                        Double.NaN,
                        Taking.UNRECORDED.at(1_790_000_000_000L + added * 120_000L)),
                List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, file, Progress.NONE)),
                Progress.NONE);
    }
}
