package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/// One change of the light, sample by sample: settled before, settled after, and on the way between. Samples are only
/// held while it is looked at, and after that only those around the crossing.
final class LightEdge {
    /// How far from its guess the start of a response is looked for, ms.
    static final double REACH_MS = 6;

    private static final double RIPPLE_WINDOW_MS = 300;
    private static final double WINDOW_MS = 200;
    private static final int MOST_WINDOW = 8192;
    private static final double SETTLES_MS = 60;
    private static final double LEVEL_MS = 60;
    private static final double COARSE_MS = 4;
    private static final double SHAPE_FITS = 1.35;
    private static final double LEAST_NOISE = 0.004;
    private static final double NOISE_MS = 20;
    private static final int SHARP = 3;
    private static final double SHARP_NOISE = 0.05;
    private static final double LOW = 0.2;
    private static final double HIGH = 0.8;

    private final double rateHz;
    private final int begin;
    private final int beforeTo;
    private final int afterFrom;
    private final int afterTo;
    private final int end;
    private final double periodSamples;
    private double before;
    private double after;
    private double noise;
    private int riseSamples;
    private double[] shape = {};
    private int shapeBegin;
    private double coarse = Double.NaN;
    private boolean pulsed;
    private boolean sharp;

    /// Where an edge lies, in samples.
    ///
    /// @param previousTo where the change before it ends; 0 without one
    /// @param previousAt where that is steepest
    /// @param from where the edge begins at the latest
    /// @param at where it is steepest
    /// @param to where it ends at the latest
    /// @param nextFrom where the change after it begins; the last sample without one
    /// @param nextAt where that is steepest
    record Place(
            double previousTo, double previousAt, double from, double at, double to, double nextFrom, double nextAt) {}

    /// What is known of the light as a whole.
    ///
    /// @param hum null without any
    /// @param ripple null without any
    record Whole(@Nullable Hum hum, @Nullable Ripple ripple, Coupling coupling) {}

    LightEdge(Signal light, Place place, Whole whole, double threshold, boolean wholePictures) {
        rateHz = light.rateHz();
        periodSamples = whole.ripple() == null ? 0 : rateHz / whole.ripple().hz();
        // Only ripple needs a long look: many of its periods.
        int window = Math.min(MOST_WINDOW, light.samples(periodSamples > 0 ? RIPPLE_WINDOW_MS : WINDOW_MS));
        int few = (int) Math.max(3, periodSamples);
        int from = (int) place.from();
        int base = (int) Math.max(Math.max(0, place.previousTo()), from - window);
        if (from - base < few) {
            base = (int) Math.max(0, (place.previousAt() + place.at()) / 2);
            from = (int) Math.max(base + 1, Math.min(place.at() - 1, Math.max(from, base + few)));
        }
        begin = base;
        beforeTo = from;
        int settled = (int) Math.min(place.nextFrom(), place.to() + light.samples(SETTLES_MS));
        int longEnough = (int) Math.min(place.nextFrom(), place.to() + window);
        if (settled - place.to() < few) {
            double quarter = (place.nextAt() - place.at()) / 4;
            afterFrom = (int) Math.ceil(place.at() + quarter);
            afterTo = (int) Math.max(afterFrom + 1, place.nextAt() - quarter);
            longEnough = afterTo;
        } else {
            double half = (settled - place.to()) / 2;
            afterFrom = (int) (half > few ? place.to() + half : place.to());
            afterTo = settled;
        }
        end = (int) Math.min(light.size(), Math.max(Math.max(longEnough, afterTo), place.at() + 2));
        double[] x = new double[end - begin];
        light.read(begin, x);
        Hum hum = whole.hum();
        if (hum != null) {
            for (int i = 0; i < x.length; i++) {
                x[i] -= hum.at(light.ms(begin + i));
            }
        }
        whole.coupling().restore(x, rateHz);
        level(x, light.samples(LEVEL_MS));
        if (whole.ripple() != null) {
            remove(whole.ripple(), x, (int) place.to() - begin, light.samples(LEVEL_MS));
        }
        noise = spread(x, 0, beforeTo - begin, light.samples(NOISE_MS));
        if (wholePictures) {
            firstPicture(x, threshold);
        } else if (pulsed) {
            firstPulse(x, threshold);
        } else {
            guess(x, threshold);
        }
    }

    private void level(double[] x, int longest) {
        int beforeLength = wholePeriods(Math.min(beforeTo - begin, longest));
        before = mean(x, beforeTo - begin - beforeLength, beforeTo - begin);
        int afterLength = wholePeriods(afterTo - afterFrom);
        after = mean(x, afterFrom - begin, Math.min(x.length, afterFrom - begin + afterLength));
    }

    private int wholePeriods(int length) {
        return periodSamples > 0 && length > periodSamples
                ? (int) Math.rint(Math.floor(length / periodSamples) * periodSamples)
                : length;
    }

    private static double mean(double[] x, int from, int to) {
        double sum = 0;
        int n = 0;
        for (int i = Math.max(0, from); i < Math.min(x.length, to); i++) {
            if (!Double.isNaN(x[i])) {
                sum += x[i];
                n++;
            }
        }
        return sum / n;
    }

    double step() {
        return after - before;
    }

    double before() {
        return before;
    }

    double after() {
        return after;
    }

    double relativeNoise() {
        return noise / Math.abs(step());
    }

    /// Whether a crossing was found.
    boolean isFound() {
        return !Double.isNaN(coarse);
    }

    /// Whether the light goes fully off between pulses: the crossing is that of a pulse.
    boolean isPulsed() {
        return pulsed;
    }

    private void remove(Ripple ripple, double[] x, int late, int longest) {
        double[] early = ripple.waveform(x, 0, beforeTo - begin, begin, rateHz);
        double[] settled = ripple.waveform(x, Math.min(late, afterFrom - begin), x.length, begin, rateHz);
        double step = step();
        if ((early.length == 0 && settled.length == 0) || step == 0) {
            return;
        }
        // Ripple is a share of the light: where one level is too short to show it, the other does.
        double[] first = early.length > 0 ? early : scaled(settled, before / after);
        double[] last = settled.length > 0 ? settled : scaled(early, after / before);
        pulsed = ripple.remove(x, begin, rateHz, first, last, before, step);
        level(x, longest);
    }

    private static double[] scaled(double[] wave, double by) {
        double factor = Double.isFinite(by) ? Math.clamp(by, 0, 20) : 0;
        return Arrays.stream(wave).map(value -> value * factor).toArray();
    }

    /// The usual spread within a short stretch, so that drift is none.
    private static double spread(double[] x, int from, int to, int length) {
        int stretches = Math.max(1, (to - from) / Math.max(3, length));
        double[] squares = new double[stretches];
        int n = 0;
        for (int s = 0; s < stretches; s++) {
            int begin = from + (int) ((long) s * (to - from) / stretches);
            int end = from + (int) ((s + 1L) * (to - from) / stretches);
            double mean = mean(x, begin, end);
            double sum = 0;
            int count = 0;
            for (int i = begin; i < end; i++) {
                if (!Double.isNaN(x[i])) {
                    sum += (x[i] - mean) * (x[i] - mean);
                    count++;
                }
            }
            if (count > 1) {
                squares[n++] = sum / (count - 1);
            }
        }
        return n == 0 ? 0 : Math.sqrt(Ordered.of(Arrays.copyOf(squares, n)).median());
    }

    /// A camera gathers light over a whole picture: the first picture at or over the share, if the next one is too.
    private void firstPicture(double[] x, double threshold) {
        for (int i = beforeTo - begin; i < x.length; i++) {
            boolean stays = i + 1 >= x.length || share(x[i + 1]) >= threshold;
            if (share(x[i]) >= threshold && stays) {
                coarse = i;
                return;
            }
        }
    }

    /// The first sample of a lit pulse from which a whole period stays over the share.
    private void firstPulse(double[] x, double threshold) {
        for (int i = Math.max(1, beforeTo - begin); i < x.length; i++) {
            if (!(share(x[i]) >= threshold)) {
                continue;
            }
            double level = mean(x, i, i + (int) Math.ceil(periodSamples));
            if (share(level) >= threshold) {
                double here = share(x[i]);
                double last = share(x[i - 1]);
                coarse = last < threshold ? i - 1 + (threshold - last) / (here - last) : i;
                return;
            }
        }
    }

    private void guess(double[] x, double threshold) {
        double coarseSamples = COARSE_MS / 1000 * rateHz;
        int width = Math.max(1, (int) Math.min(coarseSamples, Math.ceil(coarseSamples * relativeNoise() * 12)));
        double[] smooth = smoothed(x, width);
        int at = passes(smooth, threshold, width);
        if (at < 0) {
            return;
        }
        riseSamples = Math.max(2, passes(smooth, 0.9, width) - passes(smooth, 0.1, width));
        sharp = relativeNoise() < SHARP_NOISE && isSharp(x, at - 2 * width, at + 2 * width);
        int reach = Math.max(24, 3 * riseSamples);
        shapeBegin = Math.max(0, at - reach);
        shape = new double[Math.min(x.length, at + 2 * reach) - shapeBegin];
        for (int i = 0; i < shape.length; i++) {
            shape[i] = share(x[shapeBegin + i]);
        }
        coarse = at - shapeBegin;
    }

    /// Whether the way is over within a few samples, whatever the average around them makes of it.
    private boolean isSharp(double[] x, int from, int to) {
        int low = -1;
        for (int i = Math.max(0, from); i < Math.min(x.length, to + 2); i++) {
            if (share(x[i]) > HIGH) {
                return low >= 0 && i - low <= SHARP;
            }
            low = share(x[i]) < LOW ? i : low;
        }
        return false;
    }

    private double share(double value) {
        return (value - before) / step();
    }

    /// The way from 0 to 1, averaged over a width around each sample.
    private double[] smoothed(double[] x, int width) {
        double[] smooth = new double[x.length];
        double sum = 0;
        int half = width / 2;
        int count = 0;
        for (int i = -half; i < x.length; i++) {
            if (i + half < x.length) {
                sum += share(x[i + half]);
                count++;
            }
            if (i - half - 1 >= 0) {
                sum -= share(x[i - half - 1]);
                count--;
            }
            if (i >= 0) {
                smooth[i] = sum / count;
            }
        }
        return smooth;
    }

    /// The first sample from which the way stays above a share for half the width of the average; -1 if none.
    private int passes(double[] smooth, double level, int width) {
        int above = 0;
        for (int i = Math.max(0, beforeTo - begin); i < smooth.length; i++) {
            above = smooth[i] >= level ? above + 1 : 0;
            if (above > Math.max(1, width / 2)) {
                return i - above + 1;
            }
        }
        return -1;
    }

    /// The way from 0 to 1 around the crossing; empty for pictures and pulses.
    double[] shape() {
        return shape;
    }

    /// About where in it the crossing is, ms.
    double shapeStartsMs() {
        return coarse * 1000 / rateHz;
    }

    /// Where the way passes the threshold, in samples of the trace: by the panel's response where it explains the edge,
    /// else by a curve through the samples around.
    ///
    /// @param tauMs time constant of the panel; NaN if none is known
    double crossing(double threshold, double tauMs) {
        if (shape.length == 0) {
            return begin + coarse;
        }
        if (sharp) {
            return begin + shapeBegin + between(threshold);
        }
        double relative = Math.max(LEAST_NOISE, relativeNoise());
        if (!Double.isNaN(tauMs)) {
            double reach = Math.max(REACH_MS, 2 * tauMs);
            Response.Fit fit = Response.start(shape, 1000 / rateHz, tauMs, shapeStartsMs(), reach);
            if (fit.meanSquare() <= SHAPE_FITS * relative * relative) {
                return begin + shapeBegin + (fit.startMs() + Response.passesMs(threshold, tauMs)) * rateHz / 1000;
            }
        }
        return begin + shapeBegin + curve(threshold, relative);
    }

    /// Where a parabola through the samples around passes the threshold.
    private double curve(double threshold, double relative) {
        double at = coarse;
        double half = Math.max(2.5, riseSamples * Math.clamp(4 * relative, 0.08, 0.4));
        for (int round = 0; round < 4; round++) {
            int from = (int) Math.max(0, Math.ceil(at - half));
            int to = (int) Math.min(shape.length - 1.0, Math.floor(at + half));
            double[] parabola = Parabola.fit(from, to, at, i -> shape[i]);
            double next = at + Parabola.root(parabola, threshold);
            if (Double.isNaN(next) || Math.abs(next - at) > 2 * half) {
                break;
            }
            at = next;
        }
        return at;
    }

    /// Of an edge that is over in a sample or two: on the line between the samples on both sides.
    private double between(double threshold) {
        int at = (int) coarse;
        while (at > 0 && shape[at - 1] > LOW) {
            at--;
        }
        while (at < shape.length - 1 && shape[at] < threshold) {
            at++;
        }
        if (at == 0) {
            return 0;
        }
        // Over within one sample, every share is passed somewhere between the two: their middle is the best guess.
        return shape[at - 1] < LOW && shape[at] > HIGH
                ? at - 0.5
                : at - 1 + (threshold - shape[at - 1]) / (shape[at] - shape[at - 1]);
    }
}
