package app.fluss.core.latency.sound;

import app.fluss.core.latency.edge.Signal;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/// Where the spectrum of a sound ends before half of its rate. A sound that was taken at a lower rate and brought up to
/// this one ends like a wall there; what microphones and amplifiers lose, they lose slowly.
final class UpperEnd {
    private static final int LENGTH = 2048;
    private static final int MOST_STRETCHES = 200;
    private static final int FEWEST_STRETCHES = 4;

    /// The level falls by as much as this within a sixth of an octave.
    private static final double WALL_DB = 20;

    private static final double SIXTH = Math.pow(2, 1 / 6.0);
    private static final double LOWEST_SHARE = 0.1;
    private static final double HIGHEST_SHARE = 0.94;
    private static final int AROUND = 12;

    private UpperEnd() {}

    /// The frequency, Hz; NaN if there is no such end.
    static double hz(Signal sound) {
        int stretches = Math.min(MOST_STRETCHES, sound.size() / LENGTH);
        if (stretches < FEWEST_STRETCHES) {
            return Double.NaN;
        }
        double[] db = smooth(spectrum(sound, stretches));
        int from = (int) (LOWEST_SHARE * db.length);
        int to = (int) (HIGHEST_SHARE * db.length);
        double above = Ordered.of(Arrays.copyOfRange(db, to - AROUND, to)).median();
        for (int k = to - 1; k >= from; k--) {
            if (db[k] - above > WALL_DB / 2) {
                boolean wall = db[(int) (k / SIXTH)] - above > WALL_DB;
                return wall ? (k + 1) * sound.rateHz() / LENGTH : Double.NaN;
            }
        }
        return Double.NaN;
    }

    /// The mean of the logarithm, which single knocks do not rule, dB.
    private static double[] spectrum(Signal sound, int stretches) {
        double[] db = new double[LENGTH / 2];
        double[][] z = new double[2][LENGTH];
        double[] samples = new double[LENGTH];
        for (int s = 0; s < stretches; s++) {
            int from = (int) ((long) s * (sound.size() - LENGTH) / Math.max(1, stretches - 1));
            sound.read(from, samples);
            for (int i = 0; i < LENGTH; i++) {
                z[0][i] = samples[i] * window(i);
                z[1][i] = 0;
            }
            FastFourierTransformer.transformInPlace(z, DftNormalization.STANDARD, TransformType.FORWARD);
            for (int k = 0; k < db.length; k++) {
                double power = z[0][k] * z[0][k] + z[1][k] * z[1][k];
                db[k] += 10 * Math.log10(power + 1e-18) / stretches;
            }
        }
        return db;
    }

    /// The window of Blackman and Harris, four terms: what is loud below does not leak into what is quiet above.
    private static double window(int i) {
        double turn = 2 * Math.PI * i / LENGTH;
        return 0.35875 - 0.48829 * Math.cos(turn) + 0.14128 * Math.cos(2 * turn) - 0.01168 * Math.cos(3 * turn);
    }

    private static double[] smooth(double[] db) {
        double[] smooth = new double[db.length];
        for (int k = 0; k < db.length; k++) {
            double sum = 0;
            int n = 0;
            for (int j = Math.max(0, k - 3); j <= Math.min(db.length - 1, k + 3); j++, n++) {
                sum += db[j];
            }
            smooth[k] = sum / n;
        }
        return smooth;
    }
}
