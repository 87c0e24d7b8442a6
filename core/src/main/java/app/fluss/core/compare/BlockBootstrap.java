package app.fluss.core.compare;

import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ObjIntConsumer;

/// Resamples the sequence of a figure within runs in blocks, so that what belongs together in time stays
/// together: the moving-block bootstrap (Künsch, "The jackknife and the bootstrap for general stationary
/// observations", The Annals of Statistics 17 (1989) 1217-1241, from memory).
final class BlockBootstrap {
    /// Resamples taken: {@value}. The ends of a 95 % interval then rest on 25 resamples each.
    static final int RESAMPLES = 1000;

    /// Resamples taken where each must be put in order: {@value}.
    static final int RESAMPLES_SORTED = 400;

    /// Blocks that must fit in before an interval is given: {@value}. Our own convention.
    static final int FEWEST_BLOCKS = 10;

    private final List<double[]> runs;
    private final int length;
    private final int blockLength;
    private final long seed;

    /// @param runs sequences, each in time order
    /// @param blockLength values in a block, at least 1
    BlockBootstrap(List<double[]> runs, int blockLength, long seed) {
        this.runs = runs;
        this.length = runs.stream().mapToInt(run -> run.length).sum();
        this.blockLength = blockLength;
        this.seed = seed;
    }

    /// Whether the runs are long enough to resample.
    boolean isPossible() {
        return runs.stream().allMatch(run -> run.length >= blockLength) && length >= FEWEST_BLOCKS * blockLength;
    }

    /// Number of values in all runs together.
    int length() {
        return length;
    }

    /// The mean of each resample, from running sums: no resample is written out.
    double[] means() {
        List<double[]> sums = runs.stream().map(BlockBootstrap::runningSum).toList();
        SplittableRandom random = new SplittableRandom(seed);
        int blocks = blocks();
        double[] means = new double[RESAMPLES];
        for (int r = 0; r < RESAMPLES; r++) {
            double sum = 0;
            for (int b = 0; b < blocks; b++) {
                Start start = start(random);
                double[] running = sums.get(start.run());
                sum += running[start.at() + blockLength] - running[start.at()];
            }
            means[r] = sum / ((double) blocks * blockLength);
        }
        return means;
    }

    /// Writes every resample out and hands it on with its number. The array is used again for the next.
    void forEach(ObjIntConsumer<double[]> use) {
        SplittableRandom random = new SplittableRandom(seed);
        int blocks = blocks();
        double[] resample = new double[blocks * blockLength];
        for (int r = 0; r < RESAMPLES_SORTED; r++) {
            for (int b = 0; b < blocks; b++) {
                Start start = start(random);
                System.arraycopy(runs.get(start.run()), start.at(), resample, b * blockLength, blockLength);
            }
            use.accept(resample, r);
        }
    }

    private int blocks() {
        return (length + blockLength - 1) / blockLength;
    }

    private Start start(SplittableRandom random) {
        int at = random.nextInt(length - runs.size() * (blockLength - 1));
        for (int run = 0; ; run++) {
            int starts = runs.get(run).length - blockLength + 1;
            if (at < starts) {
                return new Start(run, at);
            }
            at -= starts;
        }
    }

    private static double[] runningSum(double[] values) {
        double[] sums = new double[values.length + 1];
        for (int i = 0; i < values.length; i++) {
            sums[i + 1] = sums[i] + values[i];
        }
        return sums;
    }

    /// Where a block starts.
    private record Start(int run, int at) {}
}
