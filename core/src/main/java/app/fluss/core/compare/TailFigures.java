package app.fluss.core.compare;

import app.fluss.core.measure.LowConvention;
import app.fluss.core.measure.Lows;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;
import app.fluss.core.measure.Ordered;
import app.fluss.core.work.Progress;

/// The figures of the tail of frame times, for every resample of a bootstrap. They share one ordering of each
/// resample, which is where the time goes.
final class TailFigures {
    private static final double SHARE = 0.01;

    private final double[] percentile = new double[BlockBootstrap.RESAMPLES_SORTED];
    private final double[] slowestMean = new double[BlockBootstrap.RESAMPLES_SORTED];
    private final double[] timeWeighted = new double[BlockBootstrap.RESAMPLES_SORTED];
    private final double[] p99 = new double[BlockBootstrap.RESAMPLES_SORTED];
    private final double[] spread = new double[BlockBootstrap.RESAMPLES_SORTED];

    private TailFigures() {}

    static TailFigures of(BlockBootstrap bootstrap, Progress progress) {
        TailFigures figures = new TailFigures();
        bootstrap.forEach((times, resample) -> {
            progress.check((double) resample / BlockBootstrap.RESAMPLES_SORTED);
            figures.add(times, resample);
        });
        return figures;
    }

    private void add(double[] times, int resample) {
        Ordered ordered = Ordered.of(times);
        Moments moments = Moments.of(times);
        Lows lows = Lows.of(ordered, moments.mean() * times.length, SHARE);
        percentile[resample] = lows.by(LowConvention.PERCENTILE).orNaN();
        slowestMean[resample] = lows.by(LowConvention.SLOWEST_MEAN).orNaN();
        timeWeighted[resample] = lows.by(LowConvention.TIME_WEIGHTED).orNaN();
        p99[resample] = ordered.quantile(1 - SHARE);
        spread[resample] = moments.sd();
    }

    /// The figure of each resample.
    ///
    /// @throws IllegalArgumentException if the measure is none of the tail
    double[] of(Measure measure) {
        return switch (measure) {
            case LOW_PERCENTILE -> percentile;
            case LOW_SLOWEST_MEAN -> slowestMean;
            case LOW_TIME_WEIGHTED -> timeWeighted;
            case P99 -> p99;
            case SPREAD -> spread;
            default -> throw new IllegalArgumentException(measure + " is no figure of the tail");
        };
    }
}
