package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;

/// Mains hum: a sine and its harmonics that are the same all along, whatever the light does.
final class Hum {
    private static final int HARMONICS = 4;
    private static final double FAR = 4 * 1.4826;
    private static final int SAMPLED = 100_000;

    private final double hz;
    private final double[] cosines = new double[HARMONICS];
    private final double[] sines = new double[HARMONICS];

    private Hum(double hz) {
        this.hz = hz;
    }

    /// Fits it where nothing else moves.
    static Hum of(Coarse light, double hz) {
        Hum hum = new Hum(hz);
        double period = light.rateHz() / hz;
        int from = (int) Math.ceil(period);
        int to = light.size() - from;
        int stride = Math.max(1, (to - from) / SAMPLED);
        double[] sizes = new double[Math.max(0, (to - from + stride - 1) / stride)];
        for (int i = 0; i < sizes.length; i++) {
            sizes[i] = Math.abs(beside(light, from + i * stride, period));
        }
        double far = FAR * Ordered.of(sizes).median();
        int n = 0;
        for (int i = from; i < to; i++) {
            double x = beside(light, i, period);
            if (Math.abs(x) > far) {
                continue;
            }
            n++;
            double turn = 2 * Math.PI * hz * ms(light, i) / 1000;
            double c = Math.cos(turn);
            double s = Math.sin(turn);
            double ck = c;
            double sk = s;
            for (int k = 0; k < HARMONICS; k++) {
                hum.cosines[k] += x * ck;
                hum.sines[k] += x * sk;
                double next = ck * c - sk * s;
                sk = sk * c + ck * s;
                ck = next;
            }
        }
        for (int k = 0; k < HARMONICS; k++) {
            hum.cosines[k] *= 2.0 / Math.max(1, n);
            hum.sines[k] *= 2.0 / Math.max(1, n);
        }
        return hum;
    }

    private static double ms(Coarse light, int i) {
        return light.ms(i + 0.5 - 0.5 / light.factor());
    }

    /// A sample without the mean of a period around it.
    private static double beside(Coarse light, int i, double period) {
        return light.at(i) - light.mean(i + 0.5 - period / 2, i + 0.5 + period / 2);
    }

    /// Its value at a time, ms after the first sample.
    double at(double ms) {
        double turn = 2 * Math.PI * hz * ms / 1000;
        double c = Math.cos(turn);
        double s = Math.sin(turn);
        double ck = c;
        double sk = s;
        double sum = 0;
        for (int k = 0; k < HARMONICS; k++) {
            sum += cosines[k] * ck + sines[k] * sk;
            double next = ck * c - sk * s;
            sk = sk * c + ck * s;
            ck = next;
        }
        return sum;
    }
}
