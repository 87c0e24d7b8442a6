package app.fluss.bench;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.FrameTimes;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// How long the columns of the frame-time band of a ten-million-frame log take to fill, at several zooms: what
/// a redraw waits for before it draws 1800 columns.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx1g"})
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
public class BandBenchmark {
    private static final int FRAMES = 10_000_000;
    private static final int COLUMNS = 1800;

    /// Share of the run that is shown.
    @Param({"1", "0.3", "0.01", "0.0001"})
    private double share;

    private final BandLevels.Columns columns = new BandLevels.Columns(COLUMNS);
    private BandLevels levels = BandLevels.of(
            FrameTimes.of(FrameLog.presentedAt(new double[0], 0).build().all()));
    private double at;

    /// Makes the log.
    @Setup
    public void make() {
        SplittableRandom random = new SplittableRandom(1);
        double[] present = new double[FRAMES];
        for (int i = 1; i < FRAMES; i++) {
            present[i] = present[i - 1] + 6 + 4 * random.nextDouble();
        }
        levels = BandLevels.of(
                FrameTimes.of(FrameLog.presentedAt(present, FRAMES).build().all()));
    }

    /// One step of a pan.
    @Benchmark
    public double pan() {
        double run = levels.elapsedMs();
        double length = run * share;
        at = at + length / 50 > run - length ? 0 : at + length / 50;
        levels.fill(at, at + length, columns);
        return columns.max(COLUMNS / 2);
    }
}
