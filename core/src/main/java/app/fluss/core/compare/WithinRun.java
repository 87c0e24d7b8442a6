package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Ordered;
import app.fluss.core.work.Progress;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// Comparisons of one or two runs a side: intervals come from resampling within the runs, in blocks of a second
/// or more. They say how steady the runs were, not how much the next run would differ.
final class WithinRun {
    /// Longest sequence for which tail figures are resampled; beyond it an interval would take minutes.
    private static final int LONGEST_SORTED = 500_000;

    private static final double BLOCK_MS = 1000;
    private static final long SEED_A = 0xF1055AL;
    private static final long SEED_B = 0xF1055BL;
    private static final double LOWER = 0.025;
    private static final double UPPER = 0.975;

    private final List<Analysis> a;
    private final List<Analysis> b;
    private final Progress progress;
    private final Map<Long, Optional<TailFigures>> tails = new HashMap<>();

    WithinRun(List<Analysis> a, List<Analysis> b, Progress progress) {
        this.a = a;
        this.b = b;
        this.progress = progress;
    }

    /// Compares one measure, given its value for every run.
    MeasureComparison compare(Measure measure, double[] valuesA, double[] valuesB) {
        MeasureComparison plain =
                RunFigures.withoutInterval(measure, RunFigures.mean(valuesA), RunFigures.mean(valuesB));
        Optional<double[]> left = resampled(measure, a, SEED_A);
        Optional<double[]> right = resampled(measure, b, SEED_B);
        if (left.isEmpty() || right.isEmpty()) {
            return plain;
        }
        int n = left.get().length;
        double[] differences = new double[n];
        double[] ratios = new double[n];
        for (int i = 0; i < n; i++) {
            differences[i] = right.get()[i] - left.get()[i];
            ratios[i] = right.get()[i] / left.get()[i];
        }
        return new MeasureComparison(
                measure,
                plain.a(),
                plain.b(),
                plain.difference(),
                interval(differences),
                plain.ratio(),
                plain.ratio().isKnown() ? interval(ratios) : Optional.empty(),
                MeasureComparison.Method.WITHIN_RUN,
                MeasureComparison.Rests.NOTHING,
                MeasureComparison.Rests.NOTHING,
                "");
    }

    /// The middle 95 % of the resamples. Taking it of ratios or of their logarithms gives the same ends.
    private static Optional<Interval> interval(double[] values) {
        for (double value : values) {
            if (!Double.isFinite(value)) {
                return Optional.empty();
            }
        }
        Ordered ordered = Ordered.of(values);
        return Optional.of(new Interval(ordered.quantile(LOWER), ordered.quantile(UPPER)));
    }

    private Optional<double[]> resampled(Measure measure, List<Analysis> runs, long seed) {
        return switch (measure) {
            case RENDERED -> rates(runs, Analysis::renderedIntervalsMs, seed);
            case PRESENTED -> rates(runs, run -> run.times().toArray(), seed);
            case DELIVERED -> rates(runs, Analysis::deliveredIntervalsMs, seed).map(rates -> within(rates, runs));
            case LOW_PERCENTILE, LOW_SLOWEST_MEAN, LOW_TIME_WEIGHTED, P99, SPREAD ->
                tails(runs, seed).map(tails -> tails.of(measure));
            case SUCCESSIVE ->
                Optional.of(bootstrap(runs, run -> successive(run.times().toArray()), seed))
                        .filter(BlockBootstrap::isPossible)
                        .map(BlockBootstrap::means);
            default -> Optional.empty(); // a count, a share or a claim: nothing within a run tells how sure it is
        };
    }

    private static Optional<double[]> rates(List<Analysis> runs, Function<Analysis, double[]> intervals, long seed) {
        BlockBootstrap bootstrap = bootstrap(runs, intervals, seed);
        if (!bootstrap.isPossible()) {
            return Optional.empty();
        }
        double[] means = bootstrap.means();
        for (int i = 0; i < means.length; i++) {
            means[i] = 1000 / means[i];
        }
        return Optional.of(means);
    }

    /// Nothing above the refresh rate is delivered, in a resample as in the figure itself.
    private static double[] within(double[] rates, List<Analysis> runs) {
        double fastest = runs.stream()
                .mapToDouble(run ->
                        run.settings().display().map(DisplayMode::refreshHz).orElse(Double.POSITIVE_INFINITY))
                .max()
                .orElse(Double.POSITIVE_INFINITY);
        return Arrays.stream(rates).map(rate -> Math.min(rate, fastest)).toArray();
    }

    private Optional<TailFigures> tails(List<Analysis> runs, long seed) {
        return tails.computeIfAbsent(seed, _ -> {
            BlockBootstrap bootstrap = bootstrap(runs, run -> run.times().toArray(), seed);
            return bootstrap.isPossible() && bootstrap.length() <= LONGEST_SORTED
                    ? Optional.of(
                            TailFigures.of(bootstrap, seed == SEED_A ? progress.part(0, 0.5) : progress.part(0.5, 1)))
                    : Optional.empty();
        });
    }

    private static BlockBootstrap bootstrap(List<Analysis> runs, Function<Analysis, double[]> values, long seed) {
        List<double[]> sequences = runs.stream().map(values).toList();
        // Values in a second of the run that has most of them: a block is a second or more in every run.
        int blockLength = 1;
        for (int i = 0; i < sequences.size(); i++) {
            double elapsedMs = Math.max(BLOCK_MS, runs.get(i).times().elapsedMs());
            blockLength = Math.max(blockLength, (int) Math.ceil(sequences.get(i).length * BLOCK_MS / elapsedMs));
        }
        return new BlockBootstrap(sequences, blockLength, seed);
    }

    private static double[] successive(double[] times) {
        double[] steps = new double[Math.max(0, times.length - 1)];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = Math.abs(times[i + 1] - times[i]);
        }
        return steps;
    }
}
