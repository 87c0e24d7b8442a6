package app.fluss.files.simulated;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Grade;
import app.fluss.core.picture.Look;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipDifferences;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.latency.SoundWriter;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.log.InputException;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.SummaryFile;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.scenario.Scenario;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Brings simulated runs into a study the way that measured ones come: their files are written, read by the
/// same importers, and kept as evidence.
public final class SimulatedEvidence {
    private static final double SOUND_HZ = 8000;

    private final Path folder;

    /// @param folder for the files on their way; left as it was
    public SimulatedEvidence(Path folder) {
        this.folder = folder;
    }

    /// What is said of a run, with what its scenario says: that it is simulated, path, display, cap and the
    /// facts of its bench.
    public static RunDraft draft(Scenario scenario, RunDraft said) {
        double cap = scenario.game().capFps();
        Setup bench = Setup.EMPTY
                .withNamed(ScenarioFacts.of(scenario), FactSource.SIMULATED)
                .with(Double.isNaN(cap) ? Map.of() : Map.of(FactKey.CAP_FPS, FactKey.text(cap)), FactSource.SIMULATED)
                .with(Map.of(FactKey.SCENE_S, FactKey.text(scenario.seconds())), FactSource.SIMULATED)
                .withDisplay(scenario.display().mode(), FactSource.SIMULATED);
        return new RunDraft(
                said.game(),
                said.scene(),
                said.path(),
                ScenarioChain.of(scenario, said.chain()),
                said.name(),
                true,
                bench.overlaid(said.setup()),
                said.claimedFps(),
                said.taking());
    }

    /// Adds a simulated run.
    ///
    /// @param rests grade of the evidence that is kept: A or B for the log and readings, C for a summary
    ///     alone, D+, D or E for readings alone
    /// @return the run
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public Run add(Study study, RunDraft draft, SimulatedRun simulated, Grade rests, Progress progress)
            throws StudyException, IOException, InputException {
        Path log = folder.resolve(SimulationFolder.mainLog(simulated));
        Path readings = folder.resolve("readings.csv");
        Path summary = folder.resolve("summary.csv");
        Path clicks = folder.resolve("clicks.wav");
        Path host = folder.resolve("host.csv");
        Path probe = folder.resolve("probe.json");
        try {
            List<RunEvidence<?>> evidence = new ArrayList<>(
                    switch (rests) {
                        case A -> withLatency(simulated, log, readings, clicks, progress.part(0, 0.5));
                        case B -> List.of(log(simulated, log, progress.part(0, 0.5)), readings(simulated, readings));
                        case C -> List.of(summary(simulated, summary));
                        case D_PLUS, D, E -> List.of(readings(simulated, readings));
                    });
            if (rests.hasLog()) {
                addStream(simulated, host, probe, evidence);
            }
            return study.addRun(draft, evidence, progress.part(0.5, 1));
        } finally {
            Files.deleteIfExists(log);
            Files.deleteIfExists(readings);
            Files.deleteIfExists(summary);
            Files.deleteIfExists(clicks);
            Files.deleteIfExists(host);
            Files.deleteIfExists(probe);
        }
    }

    /// Of a stream the log of its host, and a probe of its link.
    private static void addStream(SimulatedRun simulated, Path host, Path probe, List<RunEvidence<?>> evidence)
            throws IOException, InputException {
        if (simulated.hostLog().isPresent()) {
            FrameLogWriter.write(simulated.hostLog().get(), host);
            evidence.add(RunEvidence.of(EvidenceKinds.HOST_LOG, host, Progress.NONE));
        }
        Optional<ProbeTrace> trace = simulated.probe();
        if (trace.isPresent()) {
            ProbeFile.write(trace.get(), probe);
            evidence.add(RunEvidence.of(EvidenceKinds.LINK_PROBE, probe, Progress.NONE));
        }
    }

    /// Records the panel of a simulated run, counts the pictures and adds the count to its run.
    public void addClip(Study study, Run run, SimulatedRun simulated, Progress progress)
            throws StudyException, IOException, InputException {
        Path file = folder.resolve("panel.y4m");
        try {
            PanelClipFile.write(simulated.clip().get(), file);
            try (Clip clip = ClipFile.open(file)) {
                study.addPictures(
                        run,
                        new StoredPictures(
                                "panel.y4m",
                                clip.fps(),
                                "everywhere",
                                ClipDifferences.of(clip, Look.EVERYWHERE, clip.fps(), progress)),
                        progress);
            }
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static List<RunEvidence<?>> withLatency(
            SimulatedRun simulated, Path log, Path readings, Path clicks, Progress progress)
            throws IOException, InputException {
        List<RunEvidence<?>> all = new ArrayList<>();
        all.add(log(simulated, log, progress.part(0, 0.5)));
        all.add(readings(simulated, readings));
        Optional<byte[]> sound = simulated.sound(SOUND_HZ);
        if (sound.isPresent()) {
            SoundWriter.write(sound.get(), SOUND_HZ, clicks);
            all.add(RunEvidence.of(EvidenceKinds.LATENCY, clicks, progress.part(0.5, 1)));
        }
        return all;
    }

    private static RunEvidence<?> log(SimulatedRun simulated, Path file, Progress progress)
            throws IOException, InputException {
        FrameLogWriter.write(simulated.log(), file);
        return RunEvidence.of(EvidenceKinds.FRAME_LOG, file, progress);
    }

    private static RunEvidence<?> readings(SimulatedRun simulated, Path file) throws IOException, InputException {
        ReadingsFile.write(SimulationFolder.readings(simulated), file);
        return RunEvidence.of(EvidenceKinds.READINGS, file, Progress.NONE);
    }

    private static RunEvidence<?> summary(SimulatedRun simulated, Path file) throws IOException, InputException {
        SummaryFile.write(SimulationFolder.summary(simulated), file);
        return RunEvidence.of(EvidenceKinds.SUMMARY, file, Progress.NONE);
    }
}
