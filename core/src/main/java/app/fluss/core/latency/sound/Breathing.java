package app.fluss.core.latency.sound;

import app.fluss.core.latency.edge.Signal;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// How far the quiet between clicks is from even. Levels are those of differences from sample to sample in windows of
/// 20 ms, which hum and slow swings do not reach; a window that follows a loud one within 0.4 s is left
/// out, for the sound of a knock dies away in that time.
final class Breathing {
    private static final double WINDOW_S = 0.02;
    private static final int AFTER_WINDOWS = 20;
    private static final double LOUD = 0.4;
    private static final int FEWEST = 20;

    /// The step of 16 bits by the root of 12: less cannot be told from silence.
    private static final double LEAST = 1 / 32768.0 / Math.sqrt(12);

    private Breathing() {}

    static double db(Signal click) {
        int length = (int) Math.max(1, WINDOW_S * click.rateHz());
        int windows = click.size() / length;
        double[] level = new double[windows];
        double[] peak = new double[windows];
        double[] samples = new double[length];
        double last = windows > 0 ? click.at(0) : 0;
        double loudest = 0;
        for (int w = 0; w < windows; w++) {
            int count = click.read(w * length, samples);
            double sum = 0;
            for (int i = 0; i < count; i++) {
                double difference = samples[i] - last;
                sum += difference * difference;
                peak[w] = Math.max(peak[w], Math.abs(difference));
                last = samples[i];
            }
            level[w] = 20 * Math.log10(Math.max(LEAST, Math.sqrt(sum / length)));
            loudest = Math.max(loudest, peak[w]);
        }
        double[] quiet = new double[windows];
        int n = 0;
        int loud = -AFTER_WINDOWS - 1;
        for (int w = 0; w < windows; w++) {
            boolean isLoud = Math.max(peak[w], peak[Math.min(w + 1, windows - 1)]) > LOUD * loudest;
            loud = isLoud ? w : loud;
            if (w - loud > AFTER_WINDOWS) {
                quiet[n++] = level[w];
            }
        }
        if (n < FEWEST) {
            return Double.NaN;
        }
        Ordered ordered = Ordered.of(Arrays.copyOf(quiet, n));
        return ordered.quantile(0.9) - ordered.quantile(0.1);
    }
}
