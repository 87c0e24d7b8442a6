package app.fluss.core.latency.edge;

import java.util.Arrays;

/// The light around one trial, thinned to what a picture of it needs.
public final class Excerpt {
    /// Points at most: {@value}.
    public static final int MOST = 700;

    private static final double BEFORE_MS = 30;
    private static final double AFTER_MS = 60;
    private static final double CHANGE_MS = 4;
    private static final double RIVAL = 0.5;
    private static final double OWN_MS = 12;

    private final double fromMs;
    private final double stepMs;
    private final float[] light;

    /// @param fromMs time of the first point, ms after the first sample of the trace
    /// @param stepMs from point to point, ms, above 0
    /// @param light the points, in the trace's unit; a copy is kept
    public Excerpt(double fromMs, double stepMs, float[] light) {
        this.fromMs = fromMs;
        this.stepMs = stepMs;
        this.light = light.clone();
    }

    /// The light from a little before the input to a little after the light's edge, or to the end of the
    /// time-out where nothing answered or something competes.
    public static Excerpt of(Signal light, Trial trial, EdgeSettings settings) {
        double until =
                trial.state() == Trial.State.ACCEPTED ? trial.photonMs() : trial.inputMs() + settings.timeoutMs();
        int from = Math.max(0, (int) Math.rint(light.index(trial.inputMs() - BEFORE_MS)));
        int to = Math.min(light.size(), (int) Math.rint(light.index(until + AFTER_MS)) + 1);
        int step = Math.max(1, (to - from + MOST - 1) / MOST);
        int points = Math.max(0, (to - from) / step);
        double[] block = new double[Math.max(1, points * step)];
        light.read(from, block);
        float[] thinned = new float[points];
        for (int p = 0; p < points; p++) {
            double sum = 0;
            for (int i = p * step; i < (p + 1) * step; i++) {
                sum += block[i];
            }
            thinned[p] = (float) (sum / step);
        }
        // A point is the mean of its samples, so it stands in their middle.
        return new Excerpt(light.ms(from + (step - 1) / 2.0), light.ms(step), thinned);
    }

    /// Where else than at a trial's own edge the light changes so much, and the same way, that it could be the answer:
    /// what competes. Times in ms after the first sample, growing; none for a trial without levels.
    public double[] rivals(Trial trial) {
        int wide = Math.max(1, (int) Math.rint(CHANGE_MS / stepMs));
        double step = trial.after() - trial.before();
        double[] found = new double[light.length];
        int n = 0;
        int from = -1;
        for (int i = 2 * wide; i + 2 * wide <= light.length; i++) {
            boolean large = step != 0 && change(i, wide) * Math.signum(step) >= RIVAL * Math.abs(step);
            if (large && from < 0) {
                from = i;
            }
            if (from >= 0 && (!large || i + 2 * wide == light.length)) {
                double middle = (ms(from) + ms(i - 1)) / 2;
                if (Math.abs(middle - trial.photonMs()) >= OWN_MS && middle > trial.inputMs()) {
                    found[n++] = middle;
                }
                from = -1;
            }
        }
        return Arrays.copyOf(found, n);
    }

    /// How much the light rises about a point: from the mean of what is before to that of what is after.
    private double change(int at, int wide) {
        double before = 0;
        double after = 0;
        for (int i = 0; i < wide; i++) {
            before += light[at - 2 * wide + i];
            after += light[at + wide + i];
        }
        return (after - before) / wide;
    }

    /// Number of points.
    public int size() {
        return light.length;
    }

    /// Time of a point, ms after the first sample of the trace.
    public double ms(int point) {
        return fromMs + point * stepMs;
    }

    /// From point to point, ms.
    public double stepMs() {
        return stepMs;
    }

    /// The light, in the trace's unit.
    public double light(int point) {
        return light[point];
    }
}
