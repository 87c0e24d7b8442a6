package app.fluss.app.demo;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.sim.Counter;
import app.fluss.sim.Generation;
import app.fluss.sim.Scenario;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.Work;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A bench with four invented games, made by the simulation and by the same import that a user has. Every run
/// is labelled as simulated.
public final class DemoStudy {
    private static final double SECONDS = 40;
    private static final DisplayMode VRR = new DisplayMode(144, SyncMode.VRR, 48);
    private static final DisplayMode FIXED = new DisplayMode(120, SyncMode.LATEST);
    private static final DisplayMode SLOW = new DisplayMode(60, SyncMode.FIFO);

    private final Study study;
    private final Path folder;

    private DemoStudy(Study study, Path folder) {
        this.study = study;
        this.folder = folder;
    }

    /// One game of the bench.
    private record Setting(
            String game,
            String scene,
            int repeats,
            Scenario off,
            String path,
            Scenario on,
            Map<String, String> changed) {}

    /// Makes the study.
    ///
    /// @param file where; nothing may be there yet
    public static void make(Path file) throws StudyException, IOException {
        Path folder = Files.createTempDirectory("fluss-logs");
        try (Study study = Study.open(file)) {
            DemoStudy demo = new DemoStudy(study, folder);
            for (Setting setting : settings()) {
                demo.add(setting);
            }
        } finally {
            Files.delete(folder);
        }
    }

    private static List<Setting> settings() {
        Work calm = new Work(4.2, 0.08, 0.9, 0.4, 18);
        Work drawing = new Work(12.9, 0.09, 0.95, 0.3, 12);
        Work racing = new Work(5.5, 0.12, 0.9, 1.2, 22);
        Work track = new Work(14.6, 0.1, 0.9, 0.6, 16);
        Work crowd = new Work(6.4, 0.1, 0.92, 0.8, 26);
        Work hall = new Work(15.5, 0.12, 0.9, 0.6, 14);
        Work quick = new Work(6.1, 0.14, 0.9, 2.0, 24);
        Work arena = new Work(9.6, 0.16, 0.93, 0.8, 10);
        Generation two = interpolation(2, 1.5, Generation.Behaviour.HONEST);
        Generation heavy = interpolation(2, 5.2, Generation.Behaviour.HONEST);
        Generation phantom = interpolation(2, 0.4, Generation.Behaviour.PHANTOM);
        Generation idle = interpolation(2, 1.2, Generation.Behaviour.NOT_ENGAGED);
        return List.of(
                new Setting(
                        "Tidewarden",
                        "reed marsh loop",
                        3,
                        scenario(11, calm, drawing, new Generation.Off(), VRR, Counter.PRESENTED),
                        "engine generation 2×",
                        scenario(21, calm, drawing, two, VRR, Counter.PRESENTED),
                        Map.of()),
                new Setting(
                        "Kelp Circuit",
                        "harbour lap",
                        3,
                        scenario(31, racing, track, new Generation.Off(), FIXED, Counter.PRESENTED),
                        "driver generation 2×",
                        scenario(41, racing, track, phantom, FIXED, Counter.PRESENTED),
                        Map.of()),
                new Setting(
                        "Lantern Row",
                        "market at dusk",
                        1,
                        scenario(51, crowd, hall, new Generation.Off(), SLOW, Counter.PRESENTED),
                        "engine generation 2×",
                        scenario(61, crowd, hall, idle, SLOW, Counter.NOMINAL),
                        Map.of("upscaler", "other")),
                new Setting(
                        "Saltglass",
                        "arena, two rounds",
                        1,
                        scenario(71, quick, arena, new Generation.Off(), VRR, Counter.PRESENTED),
                        "capture generation 2×",
                        scenario(81, quick, arena, heavy, VRR, Counter.RENDERED),
                        Map.of("render_scale", "120 %")));
    }

    private static Generation.Interpolation interpolation(int m, double costMs, Generation.Behaviour behaviour) {
        return new Generation.Interpolation(m, costMs, behaviour);
    }

    private static Scenario scenario(
            long seed, Work cpu, Work gpu, Generation generation, DisplayMode display, Counter counter) {
        return new Scenario(seed, SECONDS, cpu, gpu, Double.NaN, 2, generation, display, counter);
    }

    private void add(Setting setting) throws StudyException, IOException {
        Map<String, String> facts = Map.of("quality", "high", "render_scale", "100 %", "upscaler", "own");
        for (int repeat = 1; repeat <= setting.repeats; repeat++) {
            add(setting, "native", true, Double.NaN, setting.off, repeat, facts);
        }
        Map<String, String> changed = new HashMap<>(facts);
        changed.putAll(setting.changed);
        for (int repeat = 1; repeat <= setting.repeats; repeat++) {
            add(setting, setting.path, false, 2, setting.on, repeat, changed);
        }
    }

    private void add(
            Setting setting,
            String path,
            boolean isNative,
            double multiplier,
            Scenario scenario,
            int repeat,
            Map<String, String> facts)
            throws StudyException, IOException {
        SimulatedRun simulated = Simulation.run(scenario.withSeed(scenario.seed() + repeat));
        Path log = folder.resolve("simulated.csv");
        Path readings = folder.resolve("readings.csv");
        try {
            FrameLogWriter.write(simulated.log(), log);
            ReadingsFile.write(simulated.readings(), readings);
            ImportedLog imported = LogImport.read(log, ImportOptions.guess(), Progress.NONE);
            Run run = study.addRun(
                    new RunDraft(
                            setting.game,
                            setting.scene,
                            path,
                            isNative,
                            multiplier,
                            "run " + repeat,
                            true,
                            Optional.of(scenario.display()),
                            scenario.capFps(),
                            ReadingsFile.meanClaimed(readings).orNaN(),
                            facts),
                    log,
                    imported,
                    Progress.NONE);
            if (repeat == 1 && !isNative && setting.game.equals("Tidewarden")) {
                study.addSection(run, new Section("reeds", Section.Weight.LIGHT, 4_000, 16_000));
                study.addSection(run, new Section("landing", Section.Weight.WORST, 24_000, 36_000));
            }
        } catch (InputException e) {
            throw new IllegalStateException("our own log cannot be read", e);
        } finally {
            Files.deleteIfExists(log);
            Files.deleteIfExists(readings);
        }
    }
}
