package app.fluss.bench;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Rendered frames that are simulated in a second on one core, from the game loop to the display and back into a
/// frame log, without sensor outputs.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-XX:+UseSerialGC"})
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class SimulationBenchmark {
    private static final int FRAMES = 300_000;
    private static final double WORK_MS = 10;

    /// Images presented per rendered image; 1 without a generator.
    @Param({"1", "2", "4"})
    private int multiplier;

    /// Simulates a run of so many frames.
    @Benchmark
    @OperationsPerInvocation(FRAMES)
    public SimulatedRun run() {
        Work cpu = new Work(WORK_MS / 2, 0.1, 0.9, 1, 20);
        Work gpu = new Work(WORK_MS, 0.1, 0.9, 1, 20);
        Scenario scenario = Scenario.of(
                1, FRAMES * WORK_MS / 1000, Game.of(cpu, gpu), Display.of(new DisplayMode(500, SyncMode.LATEST)));
        return Simulation.run(multiplier == 1 ? scenario : scenario.with(Generator.interpolating(multiplier, 0)));
    }
}
