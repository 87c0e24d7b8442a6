package app.fluss.core.latency;

import static app.fluss.core.measure.Better.LESS;
import static app.fluss.core.measure.Better.MORE;

import app.fluss.core.measure.Better;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.function.Function;

/// Every figure of latency samples: input to light, each trial from its input edge to the stated share of its light
/// step.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
public enum LatencyMeasure implements Described {
    /// Samples.
    SAMPLES("n", "samples", "", 0, MORE, "Trials that were answered and count.", figures -> Figure.of(figures.n())),
    /// Missed trials.
    MISSED(
            "missed",
            "missed trials",
            "",
            0,
            LESS,
            "Trials that were not answered before the time-out; counted, never dropped.",
            figures -> Figure.of(figures.missed())),
    /// Median latency.
    MEDIAN("median_ms", "median latency", "ms", 1, LESS, "Median of the samples.", LatencyFigures::median),
    /// Mean latency.
    MEAN("mean_ms", "mean latency", "ms", 1, LESS, "Mean of the samples.", LatencyFigures::mean),
    /// Latency sd.
    SD("sd_ms", "latency sd", "ms", 2, LESS, "Standard deviation of the samples, with n − 1.", LatencyFigures::sd),
    /// Latency MAD.
    MAD(
            "mad_ms",
            "latency MAD",
            "ms",
            2,
            LESS,
            "Median distance of the samples from their median, unscaled.",
            LatencyFigures::mad),
    /// Latency p5.
    P5("p5_ms", "latency p5", "ms", 1, LESS, "5 % quantile of the samples, type 7.", LatencyFigures::p5),
    /// Latency p95.
    P95("p95_ms", "latency p95", "ms", 1, LESS, "95 % quantile of the samples, type 7.", LatencyFigures::p95);

    private final Description description;
    private final Function<LatencyFigures, Figure> figure;

    LatencyMeasure(
            String json,
            String title,
            String unit,
            int decimals,
            Better better,
            String definition,
            Function<LatencyFigures, Figure> figure) {
        this.description = new Description(json, title, unit, decimals, better, Grade.E, definition);
        this.figure = figure;
    }

    @Override
    public Description description() {
        return description;
    }

    /// The figure.
    public Figure of(LatencyFigures result) {
        return figure.apply(result);
    }
}
