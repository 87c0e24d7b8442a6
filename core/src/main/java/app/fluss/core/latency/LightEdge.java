package app.fluss.core.latency;

import java.util.List;

/// One input edge and the light around it: settled before, settled after, and on the way between. Samples are only
/// held while it is looked at, and after that only those around the crossing.
final class LightEdge {
    /// How far from its guess the start of a response is looked for, ms.
    static final double REACH_MS = 6;

    private static final double WINDOW_MS = 300;
    private static final int MOST_WINDOW = 8192;
    private static final int FEWEST_WINDOW = 8;
    private static final double LEAST_WINDOW_MS = 15;
    private static final double BEFORE_SHARE = 0.4;
    private static final double AFTER_FROM = 0.6;
    private static final double COARSE_MS = 4;
    private static final double MISSED_SHARE = 0.3;
    private static final double NOISES = 6;
    private static final double SHAPE_FITS = 1.35;
    private static final double LEAST_NOISE = 0.004;

    private final double start;
    private final double rateHz;
    private final int begin;
    private final int beforeTo;
    private final int afterFrom;
    private final int end;
    private double before;
    private double after;
    private double noise;
    private int riseSamples;
    private boolean answered;
    private boolean ambiguous;
    private double[] shape = {};
    private int shapeBegin;
    private double coarse = Double.NaN;

    private LightEdge(double start, double rateHz, int begin, int beforeTo, int afterFrom, int end) {
        this.start = start;
        this.rateHz = rateHz;
        this.begin = begin;
        this.beforeTo = beforeTo;
        this.afterFrom = afterFrom;
        this.end = end;
    }

    /// The edge at a sample.
    ///
    /// @param previous sample of the input edge before, 0 for the first
    /// @param next sample of the input edge after, the last sample for the last
    static LightEdge around(Signal light, double start, double previous, double next, EdgeSettings settings) {
        int window = Math.min(MOST_WINDOW, light.samples(WINDOW_MS));
        int span = (int) Math.min(next - start, light.samples(settings.timeoutMs()));
        int end = Math.min(light.size(), (int) start + span);
        int begin = (int) Math.max(0, start - Math.min(window, BEFORE_SHARE * (start - previous)));
        int after = Math.max(end - window, (int) (start + AFTER_FROM * span));
        LightEdge edge =
                new LightEdge(start, light.rateHz(), begin, (int) start, Math.min(after, end), Math.max(begin, end));
        edge.before = mean(light, begin, (int) start);
        edge.after = mean(light, edge.afterFrom, edge.end);
        return edge;
    }

    private static double mean(Signal light, int from, int to) {
        double sum = 0;
        double[] part = new double[Math.max(0, to - from)];
        light.read(from, part);
        for (double value : part) {
            sum += value;
        }
        return sum / part.length;
    }

    double step() {
        return after - before;
    }

    double relativeNoise() {
        return noise / Math.abs(step());
    }

    boolean isAnswered() {
        return answered && !Double.isNaN(coarse);
    }

    /// Whether there is no rest before or after to judge by.
    boolean isShort() {
        return beforeTo - begin < FEWEST_WINDOW || end - afterFrom < FEWEST_WINDOW;
    }

    /// The brighter of the two settled stretches: ripple is stronger there.
    Ripple.Stretch brightStretch(Signal light) {
        return after > before ? Ripple.stretch(light, afterFrom, end) : Ripple.stretch(light, begin, beforeTo);
    }

    /// Takes the periodic parts away and looks whether the light changed, and about where.
    ///
    /// @param typical size of a step, in the signal's unit
    void look(Signal light, List<Ripple> ripples, double typical, double threshold) {
        if (isShort()) {
            ambiguous = true;
            return;
        }
        double[] x = new double[end - begin];
        light.read(begin, x);
        ripples.forEach(ripple -> remove(ripple, x));
        noise = Math.max(spread(x, 0, beforeTo - begin, before), spread(x, afterFrom - begin, x.length, after));
        double sure = NOISES * noise / Math.sqrt(Math.min(beforeTo - begin, end - afterFrom));
        ambiguous = (beforeTo - begin) / rateHz * 1000 < LEAST_WINDOW_MS;
        answered = Math.abs(step()) >= Math.max(sure, MISSED_SHARE * typical);
        if (answered) {
            guess(x, threshold);
        }
    }

    private void remove(Ripple ripple, double[] x) {
        double[] early = ripple.waveform(x, 0, beforeTo - begin, begin, rateHz);
        double[] late = ripple.waveform(x, afterFrom - begin, x.length, begin, rateHz);
        double step = step();
        if (early.length == 0 || late.length == 0 || step == 0) {
            return;
        }
        ripple.remove(x, begin, rateHz, early, late, before, step);
        before = level(x, 0, beforeTo - begin);
        after = level(x, afterFrom - begin, x.length);
    }

    private static double level(double[] x, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += x[i];
        }
        return sum / (to - from);
    }

    private static double spread(double[] x, int from, int to, double level) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += (x[i] - level) * (x[i] - level);
        }
        return Math.sqrt(sum / Math.max(1, to - from - 1));
    }

    private void guess(double[] x, double threshold) {
        double coarseSamples = COARSE_MS / 1000 * rateHz;
        int width = Math.max(1, (int) Math.min(coarseSamples, Math.ceil(coarseSamples * relativeNoise() * 12)));
        double[] smooth = smoothed(x, width);
        int at = passes(smooth, threshold, width);
        if (at < 0) {
            ambiguous = true;
            return;
        }
        riseSamples = Math.max(2, passes(smooth, 0.9, width) - passes(smooth, 0.1, width));
        int reach = Math.max(24, 3 * riseSamples);
        shapeBegin = Math.max(0, at - reach);
        shape = new double[Math.min(x.length, at + 2 * reach) - shapeBegin];
        for (int i = 0; i < shape.length; i++) {
            shape[i] = share(x[shapeBegin + i]);
        }
        coarse = at - shapeBegin;
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

    /// The way from 0 to 1 around the crossing.
    double[] shape() {
        return shape;
    }

    /// About where in it the crossing is, ms.
    double shapeStartsMs() {
        return coarse * 1000 / rateHz;
    }

    /// The trial that it was.
    ///
    /// @param tauMs time constant of the panel
    Trial trial(double threshold, double tauMs) {
        double inputMs = start * 1000 / rateHz;
        if (!isAnswered()) {
            Trial.State state = ambiguous ? Trial.State.AMBIGUOUS : Trial.State.MISSED;
            return new Trial(inputMs, Double.NaN, before, after, state);
        }
        double photonMs = (begin + shapeBegin + crossing(threshold, tauMs)) * 1000 / rateHz;
        Trial.State state = ambiguous ? Trial.State.AMBIGUOUS : Trial.State.ACCEPTED;
        return new Trial(inputMs, photonMs, before, after, state);
    }

    /// Where the way passes the threshold, in samples of the shape: by the panel's response where it explains the edge,
    /// else by a curve through the samples around.
    private double crossing(double threshold, double tauMs) {
        double relative = Math.max(LEAST_NOISE, relativeNoise());
        Response.Fit fit = Response.start(shape, 1000 / rateHz, tauMs, shapeStartsMs(), Math.max(REACH_MS, 2 * tauMs));
        if (fit.meanSquare() <= SHAPE_FITS * relative * relative) {
            return (fit.startMs() + Response.passesMs(threshold, tauMs)) * rateHz / 1000;
        }
        return curve(threshold, relative);
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
}
