package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/// What is periodic in the light, as lines in its spectrum: mains hum and the ripple of a backlight. Stretches of a
/// quarter of a second hold one answer at most, so that clicks at even times make no lines.
///
/// @param humHz 50 or 60 or close to it; NaN if there is none
/// @param rippleHz NaN if there is none
record Lines(double humHz, double rippleHz) {
    private static final double STRETCH_S = 0.25;
    private static final int MOST_BINS = 4096;
    private static final int MOST_STRETCHES = 240;
    private static final int FEWEST_STRETCHES = 4;
    private static final double LOWEST_HZ = 45;

    /// No backlight flickers slower; flashes of one length make waves in the spectrum below.
    private static final double LOWEST_RIPPLE_HZ = 80;
    private static final double HIGHEST_HZ = 2000;
    private static final double STANDS_OUT = 12;
    private static final double STANDS_OUT_MOSTLY = 5;
    /// Six standard deviations of the logarithm of one power, which is 1.28.
    private static final double CHANCE = 6 * 1.28;

    private static final double MAINS_HZ = 1.5;
    private static final double OF_STRONGEST = 0.1;

    static Lines of(Coarse light) {
        int bins = Math.min(MOST_BINS, Integer.highestOneBit((int) (light.rateHz() * STRETCH_S * 1.9)));
        int stretches = Math.min(MOST_STRETCHES, 2 * light.size() / Math.max(1, bins) - 1);
        if (bins < 16 || stretches < FEWEST_STRETCHES) {
            return new Lines(Double.NaN, Double.NaN);
        }
        double[] mean = new double[bins / 2];
        double[] mostly = new double[bins / 2];
        double[][] z = new double[2][bins];
        for (int s = 0; s < stretches; s++) {
            int from = (int) ((long) s * (light.size() - bins) / Math.max(1, stretches - 1));
            double level = light.mean(from, from + bins);
            for (int i = 0; i < bins; i++) {
                z[0][i] = (light.at(from + i) - level) * (0.5 - 0.5 * Math.cos(2 * Math.PI * i / bins));
                z[1][i] = 0;
            }
            FastFourierTransformer.transformInPlace(z, DftNormalization.STANDARD, TransformType.FORWARD);
            for (int k = 0; k < mean.length; k++) {
                double power = z[0][k] * z[0][k] + z[1][k] * z[1][k];
                mean[k] += power / stretches;
                mostly[k] += Math.log(power + 1e-30) / stretches;
            }
        }
        for (int k = 0; k < mostly.length; k++) {
            mostly[k] = Math.exp(mostly[k]);
        }
        double binHz = light.rateHz() / bins;
        double hum = Double.NaN;
        double humPower = 0;
        double[] line = new double[mean.length];
        double strongest = 0;
        for (int k = (int) Math.ceil(LOWEST_HZ / binHz); k < Math.min(mean.length - 1, HIGHEST_HZ / binHz); k++) {
            if (!standsOut(mean, mostly, k, stretches)) {
                continue;
            }
            double rough = k * binHz;
            boolean near = Math.min(Math.abs(rough - 50), Math.abs(rough - 60)) < MAINS_HZ + binHz;
            double hz = near ? refined(light, rough, binHz) : rough;
            if (Math.min(Math.abs(hz - 50), Math.abs(hz - 60)) < MAINS_HZ) {
                if (mean[k] > humPower) {
                    hum = hz;
                    humPower = mean[k];
                }
            } else if (hz > LOWEST_RIPPLE_HZ) {
                line[k] = hz;
                strongest = Math.max(strongest, mean[k]);
            }
        }
        double ripple = ripple(line, mean, strongest, hum, humPower, MAINS_HZ + binHz);
        return new Lines(hum, Double.isNaN(ripple) ? ripple : refined(light, ripple, binHz));
    }

    /// The lowest of the strong lines that is not one of the hum's own.
    private static double ripple(
            double[] line, double[] mean, double strongest, double hum, double humPower, double near) {
        for (int k = 0; k < line.length; k++) {
            double times = line[k] / hum;
            boolean ofHum = Math.abs(times - Math.rint(times)) * hum < near && mean[k] < humPower;
            if (line[k] > 0 && mean[k] >= OF_STRONGEST * strongest && !ofHum) {
                return line[k];
            }
        }
        return Double.NaN;
    }

    /// Whether a bin is a line: higher than both neighbours, and far above what is around it.
    private static boolean standsOut(double[] mean, double[] mostly, int k, int stretches) {
        double byChance = Math.exp(CHANCE / Math.sqrt(stretches));
        boolean peak = mean[k] >= mean[k - 1] && mean[k] > mean[k + 1];
        return peak
                && (mean[k] > Math.max(STANDS_OUT, byChance) * around(mean, k)
                        || mostly[k] > Math.max(STANDS_OUT_MOSTLY, byChance) * around(mostly, k));
    }

    private static double around(double[] spectrum, int k) {
        double[] near = new double[18];
        int n = 0;
        for (int d = 3; d < 12; d++) {
            if (k - d > 0) {
                near[n++] = spectrum[k - d];
            }
            if (k + d < spectrum.length) {
                near[n++] = spectrum[k + d];
            }
        }
        return Ordered.of(Arrays.copyOf(near, n)).median();
    }

    private static double refined(Coarse light, double hz, double binHz) {
        int length = (int) Math.min(light.size(), 1.5 * light.rateHz());
        Ripple.Stretch[] some = new Ripple.Stretch[Math.clamp(light.size() / length, 1, 6)];
        for (int i = 0; i < some.length; i++) {
            int from = (int) ((long) i * (light.size() - length) / Math.max(1, some.length - 1));
            some[i] = Ripple.stretch(light, from, from + length);
        }
        return Ripple.refined(some, hz, binHz, light.rateHz());
    }
}
