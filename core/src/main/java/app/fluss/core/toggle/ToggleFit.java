package app.fluss.core.toggle;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Estimate;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Level;
import app.fluss.core.compare.Method;
import app.fluss.core.compare.Student;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;

/// One figure of the stretches of a run, regressed on the path and on time: `y = a + b · on + c · t` by least
/// squares, on logarithms where all are above 0. Steady drift is so taken out. Student's t with n − 3 degrees
/// of freedom, from three stretches of each.
///
/// @param off the figure with the path off, at the middle of the run
/// @param on the figure with the path on, at the middle of the run
/// @param ratio `on / off`; missing where a figure is 0 or less
/// @param ratioInterval 95 %
/// @param difference `on - off`
/// @param interval 95 %
/// @param p the chance of such a difference where nothing differs; NaN without an interval
/// @param driftPerMinute how the figure moves by itself, as a share of `off`
/// @param stretchesOff how many stretches have it with the path off
/// @param stretchesOn how many stretches have it with the path on
public record ToggleFit(
        Figure off,
        Figure on,
        Figure ratio,
        Optional<Interval> ratioInterval,
        Figure difference,
        Optional<Interval> interval,
        double p,
        Figure driftPerMinute,
        int stretchesOff,
        int stretchesOn) {
    /// Stretches of each that an interval needs.
    public static final int FEWEST = 3;

    private static final double MS_PER_MINUTE = 60_000;
    /// Residuals below this share of a figure are rounding.
    private static final double EXACT = 1e-12;

    static ToggleFit of(List<ToggleStretch> stretches, List<Figure> figures) {
        int[] having = IntStream.range(0, stretches.size())
                .filter(i -> figures.get(i).isKnown())
                .toArray();
        int on = (int) Arrays.stream(having).filter(i -> stretches.get(i).on()).count();
        int off = having.length - on;
        if (on == 0 || off == 0) {
            Figure why = figures.stream()
                    .filter(figure -> !figure.isKnown())
                    .findFirst()
                    .orElseGet(() -> Figure.missing("there is no stretch with the path " + (on == 0 ? "on" : "off")));
            return new ToggleFit(why, why, why, Optional.empty(), why, Optional.empty(), Double.NaN, why, off, on);
        }
        double[] y =
                Arrays.stream(having).mapToDouble(i -> figures.get(i).orNaN()).toArray();
        boolean logs = Arrays.stream(y).allMatch(value -> value > 0);
        if (logs) {
            y = Arrays.stream(y).map(Math::log).toArray();
        }
        double middle = Arrays.stream(having)
                .mapToDouble(i -> stretches.get(i).middleMs())
                .average()
                .orElseThrow();
        double[][] x = Arrays.stream(having)
                .mapToObj(i -> new double[] {
                    stretches.get(i).on() ? 1 : 0, (stretches.get(i).middleMs() - middle) / MS_PER_MINUTE
                })
                .toArray(double[][]::new);
        return having.length < 3 ? plain(y, x, logs) : fitted(y, x, logs, off, on);
    }

    /// Two stretches: drift cannot be told from the path.
    private static ToggleFit plain(double[] y, double[][] x, boolean logs) {
        double off = x[0][0] == 0 ? y[0] : y[1];
        double on = x[0][0] == 0 ? y[1] : y[0];
        return made(
                off,
                on - off,
                Optional.empty(),
                Double.NaN,
                Figure.missing("two stretches cannot tell drift from the path"),
                logs,
                1,
                1);
    }

    private static ToggleFit fitted(double[] y, double[][] x, boolean logs, int off, int on) {
        OLSMultipleLinearRegression fit = new OLSMultipleLinearRegression();
        fit.newSampleData(y, x);
        double[] found = fit.estimateRegressionParameters();
        Optional<Interval> interval = Optional.empty();
        double p = Double.NaN;
        if (Math.min(off, on) >= FEWEST) {
            double error = fit.estimateRegressionParametersStandardErrors()[1];
            double half = Student.reach(y.length - 3) * error;
            // Figures that leave no residual are as fine as they were logged: that is resolution, not certainty.
            interval = half > EXACT * Math.max(1, Math.abs(found[0]))
                    ? Optional.of(new Interval(found[1] - half, found[1] + half))
                    : Optional.empty();
            p = interval.isPresent() ? Student.twoSided(found[1] / error, y.length - 3.0) : Double.NaN;
        }
        return made(found[0], found[1], interval, p, drift(found, logs), logs, off, on);
    }

    /// As the difference of a comparison, judged with no other.
    ///
    /// @param grade of what the stretches are made of
    Difference compared(Grade grade) {
        String few = "an interval needs %d stretches of each".formatted(FEWEST);
        String why = interval.isPresent()
                ? ""
                : Math.min(stretchesOff, stretchesOn) < FEWEST
                        ? few
                        : "the stretches leave no residual: that is resolution, not certainty";
        Estimate estimate = new Estimate(
                difference,
                interval,
                ratio,
                ratioInterval,
                interval.isPresent() ? Method.TOGGLE : Method.NONE,
                0,
                why,
                p,
                interval.isPresent() ? stretchesOff + stretchesOn - 3.0 : Double.NaN,
                ratioInterval.isPresent() ? stretchesOff + stretchesOn - 3.0 : Double.NaN,
                Optional.empty());
        return new Difference(
                side(off, stretchesOff, grade), side(on, stretchesOn, grade), estimate, Double.NaN, false, "");
    }

    private static Difference.Side side(Figure figure, int stretches, Grade grade) {
        return new Difference.Side(
                Level.without(figure, "see the difference"),
                stretches,
                figure.isKnown() ? Optional.of(grade) : Optional.empty(),
                Optional.empty());
    }

    private static Figure drift(double[] found, boolean logs) {
        return logs
                ? Figure.of(Math.expm1(found[2]))
                : Figure.ofFinite(found[2] / found[0], "a figure of 0 has no share that drifts");
    }

    private static ToggleFit made(
            double off,
            double step,
            Optional<Interval> interval,
            double p,
            Figure drift,
            boolean logs,
            int offs,
            int ons) {
        if (!logs) {
            return new ToggleFit(
                    Figure.of(off),
                    Figure.of(off + step),
                    Figure.missing("a ratio needs values above 0"),
                    Optional.empty(),
                    Figure.of(step),
                    interval,
                    p,
                    drift,
                    offs,
                    ons);
        }
        double base = Math.exp(off);
        return new ToggleFit(
                Figure.of(base),
                Figure.of(base * Math.exp(step)),
                Figure.of(Math.exp(step)),
                interval.map(ends -> new Interval(Math.exp(ends.low()), Math.exp(ends.high()))),
                Figure.of(base * Math.expm1(step)),
                interval.map(ends -> new Interval(base * Math.expm1(ends.low()), base * Math.expm1(ends.high()))),
                p,
                drift,
                offs,
                ons);
    }
}
