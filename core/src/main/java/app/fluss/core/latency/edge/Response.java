package app.fluss.core.latency.edge;

/// How a panel goes from one level to another: at rest, then towards the new level with a time constant,
/// `1 - exp(-(t - start) / tau)`.
final class Response {
    private static final double RATIO = GoldenSection.RATIO;
    private static final int TAUS = 22;
    private static final double SHORTEST_MS = 0.05;
    private static final double LONGEST_MS = 30;

    private Response() {}

    /// The start of a response in `y`, and how badly it fits.
    ///
    /// @param startMs relative to the first value
    /// @param meanSquare of what is left
    record Fit(double startMs, double meanSquare) {}

    /// The best start for a time constant, by golden section.
    ///
    /// @param y 0 at rest, 1 settled
    /// @param msASample time between values
    /// @param aroundMs where the start is looked for, within `reachMs` to both sides
    static Fit start(double[] y, double msASample, double tauMs, double aroundMs, double reachMs) {
        double low = aroundMs - reachMs;
        double high = aroundMs + reachMs;
        double a = high - RATIO * (high - low);
        double b = low + RATIO * (high - low);
        double atA = left(y, msASample, tauMs, a);
        double atB = left(y, msASample, tauMs, b);
        for (int i = 0; i < 34; i++) {
            if (atA < atB) {
                high = b;
                b = a;
                atB = atA;
                a = high - RATIO * (high - low);
                atA = left(y, msASample, tauMs, a);
            } else {
                low = a;
                a = b;
                atA = atB;
                b = low + RATIO * (high - low);
                atB = left(y, msASample, tauMs, b);
            }
        }
        double start = (low + high) / 2;
        return new Fit(start, left(y, msASample, tauMs, start));
    }

    /// Mean square of what a response leaves over.
    private static double left(double[] y, double msASample, double tauMs, double startMs) {
        double sum = 0;
        double decay = Math.exp(-msASample / tauMs);
        double rest = Double.NaN;
        for (int i = 0; i < y.length; i++) {
            double t = i * msASample - startMs;
            double model;
            if (t <= 0) {
                model = 0;
            } else {
                rest = Double.isNaN(rest) ? Math.exp(-t / tauMs) : rest * decay;
                model = 1 - rest;
            }
            double error = y[i] - model;
            sum += error * error;
        }
        return sum / y.length;
    }

    /// The time constant that fits some edges best together, ms.
    static double tauMs(double[][] edges, double msASample, double[] aroundMs, double reachMs) {
        double best = Double.POSITIVE_INFINITY;
        double bestTau = 1;
        double factor = Math.pow(LONGEST_MS / SHORTEST_MS, 1.0 / (TAUS - 1));
        double tau = SHORTEST_MS;
        for (int i = 0; i < TAUS; i++, tau *= factor) {
            double left = left(edges, msASample, aroundMs, reachMs, tau);
            if (left < best) {
                best = left;
                bestTau = tau;
            }
        }
        return GoldenSection.least(
                bestTau / factor, bestTau * factor, 16, ms -> left(edges, msASample, aroundMs, reachMs, ms));
    }

    private static double left(double[][] edges, double msASample, double[] aroundMs, double reachMs, double tauMs) {
        double sum = 0;
        for (int i = 0; i < edges.length; i++) {
            sum += start(edges[i], msASample, tauMs, aroundMs[i], reachMs).meanSquare;
        }
        return sum;
    }

    /// When a response passes a share of its way, ms after its start.
    static double passesMs(double share, double tauMs) {
        return -tauMs * Math.log(1 - share);
    }
}
