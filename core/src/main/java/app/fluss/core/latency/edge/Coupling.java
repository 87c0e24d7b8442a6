package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// A coupling by a capacitor, as every sound card has one: what stays falls back to rest with a time constant, and
/// what ends swings to the other side. First order: `y' = x' - y / tau`, so `x = y + (the integral of y) / tau`.
///
/// @param tauMs time constant, ms; NaN without such a coupling
/// @param rest where the signal falls back to
record Coupling(double tauMs, double rest) {
    /// The signal stays where it is.
    static final Coupling NONE = new Coupling(Double.NaN, 0);

    private static final int MOST_PLACES = 60_000;
    private static final double FAR = 0.3;
    private static final int FEWEST = 30;
    private static final double ALIKE = 2.2;
    private static final double SHORTEST_MS = 3;
    private static final double LONGEST_MS = 600;
    private static final double STEP_MS = 3;
    private static final double WANDER_S = 2;
    private static final double WANDERS = 0.2;
    private static final double SETTLE_MS = 12;
    private static final int FEWEST_CHANGES = 4;
    private static final int ROUNDS = 25;

    /// Looks whether both sides of rest fall back alike: a flash that fades by itself does so on one side only.
    ///
    /// @param width samples over which a mean is free of ripple; 1 where there is none
    static Coupling of(Coarse light, double width) {
        double step = Math.max(width, Math.max(2, light.rateHz() * STEP_MS / 1000));
        step = width > 1 ? width * Math.ceil(step / width) : step;
        double rest = light.mean(0, light.size());
        double stride = Math.max(1, light.size() / (double) MOST_PLACES);
        int places = (int) ((light.size() - 3 * step) / stride);
        if (places < FEWEST || wanders(light, rest)) {
            return NONE;
        }
        double[] sizes = new double[places];
        for (int i = 0; i < places; i++) {
            sizes[i] = Math.abs(light.mean(i * stride, i * stride + step) - rest);
        }
        double far = FAR * Ordered.of(sizes).quantile(0.98);
        double above = fallsTo(light, rest, far, step, stride, places, 1);
        double below = fallsTo(light, rest, far, step, stride, places, -1);
        double tauAbove = tauMs(above, step, light.rateHz());
        double tauBelow = tauMs(below, step, light.rateHz());
        boolean both =
                tauAbove > 0 && tauBelow > 0 && Math.max(tauAbove, tauBelow) < ALIKE * Math.min(tauAbove, tauBelow);
        double tau = Math.sqrt(tauAbove * tauBelow);
        return both && tau > SHORTEST_MS && tau < LONGEST_MS ? new Coupling(tau, rest) : NONE;
    }

    /// Whether the mean over a second or two is not always that of the whole: a capacitor lets no such thing through.
    private static boolean wanders(Coarse light, double rest) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        double[] sizes = new double[Math.min(light.size(), MOST_PLACES)];
        for (int i = 0; i < sizes.length; i++) {
            sizes[i] = Math.abs(light.at((int) ((long) i * light.size() / sizes.length)) - rest);
        }
        double length = WANDER_S * light.rateHz();
        int stretches = (int) (light.size() / length);
        for (int s = 0; s < stretches; s++) {
            double mean = light.mean(s * length, (s + 1) * length);
            low = Math.min(low, mean);
            high = Math.max(high, mean);
        }
        return high - low > WANDERS * Ordered.of(sizes).quantile(0.98);
    }

    /// The same with its time constant fitted to the light between changes, where it only falls back.
    Coupling refined(Coarse light, LightChanges changes) {
        double settles = SETTLE_MS * light.rateHz() / 1000;
        double longest = 1.5 * tauMs * light.rateHz() / 1000;
        int n = 0;
        double[] first = new double[changes.all().size()];
        double[] second = new double[first.length];
        double[] apart = new double[first.length];
        for (int i = 0; i < first.length; i++) {
            double from = changes.all().get(i).to() + settles;
            double next = i + 1 < first.length ? changes.all().get(i + 1).from() : light.size();
            double to = Math.min(next, from + longest);
            if (to - from > settles) {
                first[n] = light.mean(from, (from + to) / 2) - rest;
                second[n] = light.mean((from + to) / 2, to) - rest;
                apart[n++] = (to - from) / 2;
            }
        }
        if (n < FEWEST_CHANGES) {
            return this;
        }
        int used = n;
        double tau = GoldenSection.least(
                tauMs / 2, tauMs * 2, ROUNDS, ms -> left(first, second, apart, used, ms, light.rateHz()));
        return new Coupling(tau, rest);
    }

    private static double left(double[] first, double[] second, double[] apart, int n, double tauMs, double rateHz) {
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double error = second[i] - first[i] * Math.exp(-apart[i] * 1000 / rateHz / tauMs);
            sum += error * error;
        }
        return sum;
    }

    /// To which share of itself what is far from rest falls in a step; NaN where too little is. It is chosen by the
    /// stretch before, whose noise has no part in the two that are compared.
    private static double fallsTo(
            Coarse light, double rest, double far, double step, double stride, int places, int side) {
        double[] shares = new double[places];
        int n = 0;
        for (int i = 0; i < places; i++) {
            double at = i * stride;
            if (side * (light.mean(at, at + step) - rest) > far) {
                double first = light.mean(at + step, at + 2 * step) - rest;
                double second = light.mean(at + 2 * step, at + 3 * step) - rest;
                if (side * first > 0) {
                    shares[n++] = second / first;
                }
            }
        }
        return n < FEWEST ? Double.NaN : Ordered.of(Arrays.copyOf(shares, n)).median();
    }

    private static double tauMs(double share, double step, double rateHz) {
        return share > 0 && share < 1 ? -step * 1000 / rateHz / Math.log(share) : Double.NaN;
    }

    boolean isThere() {
        return !Double.isNaN(tauMs);
    }

    /// What one sample adds to the integral.
    double share(double seconds) {
        return isThere() ? Math.expm1(seconds * 1000 / tauMs) : 0;
    }

    /// Puts samples right, in place.
    void restore(double[] y, double rateHz) {
        if (!isThere()) {
            return;
        }
        double part = share(1 / rateHz);
        double held = 0;
        for (int i = 0; i < y.length; i++) {
            double here = y[i] - rest;
            y[i] = here + held;
            held += part * here;
        }
    }
}
