package app.fluss.sim.signal;

import java.util.Arrays;

/// The light at one place of a panel over time: towards the level of each image with a first-order response.
/// Exact between images: `x = L + (x0 - L) exp(-(t - t0) / tau)`.
public final class Light {
    private final double[] startMs;
    private final double[] levels;
    private final double[] startLevels;
    private final double responseMs;

    /// @param startMs when each image reaches the place, ms, ascending; the array is taken over
    /// @param levels its light once settled, 0 to 1; the array is taken over
    /// @param responseMs time constant of the panel, ms, 0 or more
    public Light(double[] startMs, double[] levels, double responseMs) {
        this.startMs = startMs;
        this.levels = levels;
        this.responseMs = responseMs;
        startLevels = new double[levels.length];
        for (int i = 1; i < levels.length; i++) {
            startLevels[i] = within(i - 1, startMs[i]);
        }
    }

    private double within(int segment, double ms) {
        double level = levels[segment];
        return responseMs == 0
                ? level
                : level + (startLevels[segment] - level) * Math.exp(-(ms - startMs[segment]) / responseMs);
    }

    /// The light at a time, 0 to 1; dark before the first image.
    public double at(double ms) {
        int segment = segment(ms);
        return segment < 0 ? 0 : within(segment, ms);
    }

    /// The image whose level the light goes to at a time; -1 before the first.
    private int segment(double ms) {
        int found = Arrays.binarySearch(startMs, ms);
        return found >= 0 ? found : -found - 2;
    }

    /// From when on an image of a level shows, `fromMs` if one does already, ms; NaN if none does before `untilMs`.
    public double shows(double level, double fromMs, double untilMs) {
        int now = segment(fromMs);
        if (now < 0 || levels[now] == level) {
            return fromMs;
        }
        for (int i = now + 1; i < levels.length && startMs[i] < untilMs; i++) {
            if (levels[i] == level) {
                return startMs[i];
            }
        }
        return Double.NaN;
    }

    /// When the light first differs from a settled level after a time, because an image with another level began
    /// to show, ms; NaN if it never does before `untilMs`.
    public double leaves(double level, double fromMs, double untilMs) {
        for (int i = Math.max(0, segment(fromMs)); i < levels.length && startMs[i] < untilMs; i++) {
            if (startMs[i] >= fromMs && levels[i] != level) {
                return startMs[i];
            }
        }
        return Double.NaN;
    }

    /// When the light first passes a value after a time, ms; NaN if it never does before `untilMs`.
    ///
    /// @param rising whether it comes from below
    public double passes(double value, boolean rising, double fromMs, double untilMs) {
        for (int i = Math.max(0, segment(fromMs)); i < levels.length && startMs[i] < untilMs; i++) {
            double begin = Math.max(fromMs, startMs[i]);
            double end = Math.min(untilMs, i + 1 < levels.length ? startMs[i + 1] : untilMs);
            double at = passes(i, value, rising, begin);
            if (at < end) {
                return at;
            }
        }
        return Double.NaN;
    }

    private double passes(int segment, double value, boolean rising, double beginMs) {
        double now = within(segment, beginMs);
        double level = levels[segment];
        if (rising ? now >= value : now <= value) {
            return beginMs;
        }
        if (rising ? level <= value : level >= value) {
            return Double.POSITIVE_INFINITY;
        }
        return responseMs == 0 ? beginMs : beginMs - responseMs * Math.log((level - value) / (level - now));
    }
}
