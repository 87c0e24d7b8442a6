package app.fluss.core.latency;

import java.util.ArrayList;
import java.util.List;

/// What a latency figure is uncertain by, part by part, combined after JCGM 100:2008 (from memory):
/// independent parts add in squares; the expanded uncertainty is twice the combined one.
///
/// @param parts one line each
public record UncertaintyBudget(List<Part> parts) {
    /// Largest error of a sound card's, sensor's or camera's clock, as a share: 100 parts in a million.
    /// Common practice, no source.
    public static final double USUAL_CLOCK_SHARE = 1e-4;

    private static final double COVERAGE_FACTOR = 2;
    private static final double THRESHOLD_SHARE = 0.1;

    /// Keeps a copy.
    public UncertaintyBudget {
        parts = List.copyOf(parts);
    }

    /// One line of a budget.
    ///
    /// @param name what it comes from
    /// @param uncertaintyMs its standard uncertainty, ms, 0 or more
    /// @param shape how that follows from what is known
    public record Part(String name, double uncertaintyMs, String shape) {}

    /// The shapes of JCGM 100:2008, 4.3, for what is only known within bounds.
    public enum Shape {
        /// Any value within the bounds is as likely.
        RECTANGULAR(Math.sqrt(3)),
        /// Values in the middle are likelier: the sum of two equal rectangles.
        TRIANGULAR(Math.sqrt(6)),
        /// The bounds are likelier: a sine wave.
        ARC_SINE(Math.sqrt(2));

        private final double divisor;

        Shape(double divisor) {
            this.divisor = divisor;
        }

        /// Standard uncertainty of something within `± halfWidth`.
        public double uncertainty(double halfWidth) {
            return halfWidth / divisor;
        }
    }

    /// The budget of a mean of samples from a sensor trace.
    ///
    /// @param figures of the samples; the mean's own uncertainty is `sd / sqrt(n)`
    /// @param rateHz samples a second of the trace
    /// @param thresholdMs how far the crossing moves if the threshold is a tenth of the step off, ms
    /// @param scanMs time of a whole scan-out, ms, if nobody knows where on the screen the sensor sat; else 0
    /// @param clockShare largest error of the clock, as a share, such as 0.0001
    public static UncertaintyBudget of(
            LatencyFigures figures, double rateHz, double thresholdMs, double scanMs, double clockShare) {
        List<Part> parts = new ArrayList<>();
        double mean = figures.mean().orNaN();
        if (figures.n() > 1) {
            parts.add(new Part(
                    "spread of %d samples".formatted(figures.n()),
                    figures.sd().orNaN() / Math.sqrt(figures.n()),
                    "type A: sd / √n"));
        }
        parts.add(new Part("resolution", Shape.TRIANGULAR.uncertainty(1000 / rateHz), "triangular, ± one sample"));
        parts.add(new Part(
                "threshold", Shape.RECTANGULAR.uncertainty(thresholdMs), "rectangular, ± a tenth of the step"));
        parts.add(new Part(
                "place on the screen", Shape.RECTANGULAR.uncertainty(scanMs / 2), "rectangular, ± half a scan"));
        parts.add(new Part("clock", Shape.RECTANGULAR.uncertainty(clockShare * mean), "rectangular"));
        parts.removeIf(part -> !(part.uncertaintyMs() > 0));
        return new UncertaintyBudget(parts);
    }

    /// How far the crossing of a first-order response moves if the threshold is a tenth of the step off:
    /// `0.1 tau / (1 - s)`, the slope of `-tau ln(1 - s)`.
    ///
    /// @param tauMs time constant of the panel, ms; NaN if not stated
    /// @param threshold s, share of the step, above 0 and below 1
    public static double thresholdMs(double tauMs, double threshold) {
        return THRESHOLD_SHARE * tauMs / (1 - threshold);
    }

    /// Combined standard uncertainty, ms.
    public double combinedMs() {
        return Math.sqrt(parts.stream()
                .mapToDouble(part -> part.uncertaintyMs() * part.uncertaintyMs())
                .sum());
    }

    /// Expanded uncertainty with a coverage factor of 2, ms.
    public double expandedMs() {
        return COVERAGE_FACTOR * combinedMs();
    }
}
