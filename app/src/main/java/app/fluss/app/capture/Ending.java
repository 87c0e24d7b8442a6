package app.fluss.app.capture;

import app.fluss.app.model.Contents;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.latency.EdgeSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.StageKind;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.latency.TraceWriter;
import app.fluss.files.log.InputException;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.Summary;
import app.fluss.files.log.SummaryFile;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.Claim;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.Taking;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/// Makes a run of an attempt and all that belongs to it.
///
/// @param contents the study as it was shown
/// @param attempt what was typed
/// @param log the log that is attached, if one is
/// @param latency what was measured of latency, if anything was
/// @param judged the requirements as they were judged
record Ending(
        Contents contents,
        Attempt attempt,
        Optional<LogPanel.Attached> log,
        Optional<SensorPanel.Attached> latency,
        List<Judgement> judged) {
    /// Adds the run and ends the attempt.
    ///
    /// @param reason why it does not count; empty if it does
    Run add(Study study, Outcome outcome, String reason, Progress progress)
            throws StudyException, IOException, InputException {
        Path folder = Files.createTempDirectory("fluss-typed");
        Path typed = folder.resolve("typed.csv");
        Path trace = folder.resolve("trace.csv");
        try {
            List<RunEvidence> evidence = evidence(typed, trace, progress.part(0, 0.6));
            return study.finish(
                    attempt, draft(outcome, reason), evidence, Taking.Checked.of(judged), progress.part(0.6, 1));
        } finally {
            Files.deleteIfExists(typed);
            Files.deleteIfExists(trace);
            Files.deleteIfExists(folder);
        }
    }

    private SheetRow row() {
        return contents.planned().sheet().stream()
                .filter(line -> line.id() == attempt.sheetId())
                .findFirst()
                .orElseThrow();
    }

    private RunDraft draft(Outcome outcome, String reason) {
        Scene scene = contents.scene(row().sceneId());
        DeliveryPath path = contents.path(row().pathId());
        Setup setup = contents.bench().setup(scene.gameId(), path.chain());
        long number = contents.runs(scene).stream()
                        .filter(run -> run.path().id() == path.id())
                        .count()
                + 1;
        double cap = setup.number(FactKey.CAP_FPS);
        return new RunDraft(
                contents.game(scene).name(),
                scene.name(),
                path.name(),
                path.chain(),
                "run " + number,
                latency.map(Ending::isSimulated).orElse(false),
                display(setup, path),
                cap > 0 ? cap : Double.NaN,
                Double.NaN,
                setup.named(),
                new Taking(
                        OptionalLong.of(attempt.startedAtMs().orElse(attempt.begunAtMs())),
                        outcome,
                        reason,
                        attempt.impression()));
    }

    /// The display mode that the bench states, if it states one.
    static Optional<DisplayMode> display(Setup setup, DeliveryPath path) {
        boolean headset = path.chain().has(StageKind.VR_REPROJECTION);
        double hz = setup.number(headset ? FactKey.HEADSET_HZ : FactKey.OUTPUT_HZ);
        Optional<SyncMode> sync = headset
                ? Optional.of(SyncMode.LATEST)
                : setup.value(FactKey.SYNC).flatMap(SyncMode::named);
        double floor = setup.number(FactKey.VRR_FLOOR_HZ);
        return sync.filter(_ -> hz > 0)
                .map(mode -> new DisplayMode(hz, mode, mode == SyncMode.VRR && floor < hz ? floor : Double.NaN));
    }

    /// The log, and what was claimed: by a tool if it said anything, else by the counter that was read.
    private List<RunEvidence> evidence(Path typed, Path trace, Progress progress) throws IOException, InputException {
        List<RunEvidence> evidence = new ArrayList<>();
        log.ifPresent(attached -> evidence.add(new RunEvidence.Log(attached.file(), attached.log())));
        Optional<Summary> summary = attempt.summary().summary(row().lastsS());
        if (summary.isPresent()) {
            SummaryFile.write(summary.get(), typed);
            evidence.add(new RunEvidence.Said(typed, Claim.of(SummaryFile.read(typed))));
        } else if (!PadEntry.readings(attempt.entries()).isEmpty()) {
            ReadingsFile.writePad(attempt.entries(), typed);
            evidence.add(new RunEvidence.Said(typed, Claim.of(ReadingsFile.read(typed))));
        }
        if (latency.isPresent()) {
            Path file = switch (latency.get()) {
                case SensorPanel.Attached.Measured(Path measured) -> measured;
                case SensorPanel.Attached.Sensed sensed -> {
                    TraceWriter.write(sensed.input(), sensed.light(), trace);
                    yield trace;
                }
            };
            evidence.add(new RunEvidence.Latency(file, LatencyReading.of(file, false, EdgeSettings.DEFAULT, progress)));
        }
        return evidence;
    }

    /// A stand-in's run is a rehearsal, and says so.
    private static boolean isSimulated(SensorPanel.Attached attached) {
        return attached instanceof SensorPanel.Attached.Sensed sensed && sensed.simulated();
    }
}
