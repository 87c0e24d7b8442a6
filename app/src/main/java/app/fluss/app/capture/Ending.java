package app.fluss.app.capture;

import app.fluss.app.model.CaptureEdits;
import app.fluss.app.model.Contents;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.latency.Measurement;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.StageKind;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.toggle.PadSwitches;
import app.fluss.core.toggle.ToggleMark;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.SoundWriter;
import app.fluss.files.latency.TraceWriter;
import app.fluss.files.log.InputException;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.Summary;
import app.fluss.files.log.SummaryFile;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import app.fluss.files.study.Taking;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;

/// Makes a run of an attempt and all that belongs to it.
///
/// @param contents the study as it was shown
/// @param attempt what was typed
/// @param log the log that is attached, if one is
/// @param latency what was measured of latency, if anything was
/// @param judged the requirements as they were judged
/// @param aheadMs how far the log's clock is ahead of the scene's, ms; NaN if it was not seen to grow
record Ending(
        Contents contents,
        Attempt attempt,
        Optional<LogPanel.Attached> log,
        Optional<SensorPanel.Attached> latency,
        List<Judgement> judged,
        double aheadMs) {
    /// Adds the run and ends the attempt.
    ///
    /// @param reason why it does not count; empty if it does
    /// @param failed is told why it could not be kept
    void add(CaptureEdits edits, Outcome outcome, String reason, Consumer<Exception> failed) {
        edits.finish(attempt, draft(outcome, reason), this::evidence, judged, switches(), failed);
    }

    /// What was marked beside a log that grew. Without a log they belong to the readings; a log that was not
    /// seen to grow has a clock that nobody knows.
    private List<ToggleMark> switches() {
        return log.isPresent() && !Double.isNaN(aheadMs) ? PadSwitches.of(attempt.entries(), aheadMs) : List.of();
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
        return new RunDraft(
                contents.game(scene).name(),
                scene.name(),
                path.name(),
                path.chain(),
                "run " + number,
                latency.map(Ending::isSimulated).orElse(false),
                measuredOn(setup, path)
                        .with(Map.of(FactKey.SCENE_S, Integer.toString(row().lastsS())), FactSource.TYPED),
                Double.NaN,
                new Taking(
                        OptionalLong.of(attempt.startedAtMs().orElse(attempt.begunAtMs())),
                        outcome,
                        reason,
                        attempt.impression()));
    }

    /// What the bench states, with the panel of a headset as the display where one is used.
    static Setup measuredOn(Setup setup, DeliveryPath path) {
        double hz = setup.number(FactKey.HEADSET_HZ);
        return path.chain().has(StageKind.VR_REPROJECTION) && hz > 0
                ? setup.withDisplay(new DisplayMode(hz, SyncMode.LATEST), FactSource.TYPED)
                : setup;
    }

    /// The log, and what was claimed by a tool and by the counter that was read.
    private List<RunEvidence<?>> evidence(Path folder, Progress progress) throws IOException, InputException {
        List<RunEvidence<?>> evidence = new ArrayList<>();
        log.ifPresent(
                attached -> evidence.add(new RunEvidence<>(EvidenceKinds.FRAME_LOG, attached.file(), attached.log())));
        Optional<Summary> summary = attempt.summary().summary(row().lastsS());
        if (summary.isPresent()) {
            Path typed = folder.resolve("summary.csv");
            SummaryFile.write(summary.get(), typed);
            evidence.add(RunEvidence.of(EvidenceKinds.SUMMARY, typed, Progress.NONE));
        }
        if (!PadEntry.readings(attempt.entries()).isEmpty()) {
            Path typed = folder.resolve("readings.csv");
            ReadingsFile.writePad(attempt.entries(), typed);
            evidence.add(RunEvidence.of(EvidenceKinds.READINGS, typed, Progress.NONE));
        }
        if (latency.isPresent()) {
            Path file = switch (latency.get()) {
                case SensorPanel.Attached.Measured(Path measured) -> measured;
                case SensorPanel.Attached.Sensed sensed -> write(sensed, folder);
            };
            evidence.add(RunEvidence.of(EvidenceKinds.LATENCY, file, progress));
        }
        return evidence;
    }

    private static Path write(SensorPanel.Attached.Sensed sensed, Path folder) throws IOException {
        if (sensed.source() == Measurement.Source.SOUND) {
            Path sound = folder.resolve("sound.wav");
            SoundWriter.write(sensed.input(), sensed.light(), sound);
            return sound;
        }
        Path trace = folder.resolve("trace.csv");
        TraceWriter.write(sensed.input(), sensed.light(), trace);
        return trace;
    }

    /// A stand-in's run is a rehearsal, and says so.
    private static boolean isSimulated(SensorPanel.Attached attached) {
        return attached instanceof SensorPanel.Attached.Sensed sensed && sensed.simulated();
    }
}
