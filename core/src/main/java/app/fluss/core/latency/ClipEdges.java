package app.fluss.core.latency;

import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.List;

/// Edges in the brightness of a clip's pictures. A camera gathers light over a whole picture, so an edge is
/// counted in pictures and not looked for between them: the first picture at or above the share of the step.
final class ClipEdges {
    private static final int SETTLED = 5;
    private static final double LEAST_OF_TYPICAL = 0.25;
    private static final double NOISES = 5;

    /// Noise alone reaches over eleven of its standard deviations in millions of pictures; a lamp must do
    /// more.
    private static final double SWINGS = 12;

    private static final double NORMAL_OVER_MAD = 1.4826;

    private ClipEdges() {}

    /// The trials of a clip.
    ///
    /// @param input brightness where the input shows, one value a picture
    /// @param light brightness where the answer shows
    static List<Trial> of(Signal input, Signal light, EdgeSettings settings) {
        List<Integer> presses = presses(input, settings);
        double[] steps = new double[presses.size()];
        List<double[]> levels = new ArrayList<>();
        for (int i = 0; i < steps.length; i++) {
            int end = i + 1 < steps.length ? presses.get(i + 1) : light.size();
            int until = Math.min(end, presses.get(i) + light.samples(settings.timeoutMs()));
            double before = median(light, presses.get(i) - SETTLED, presses.get(i));
            double after = median(light, until - SETTLED, until);
            levels.add(new double[] {before, after, until});
            steps[i] = Math.abs(after - before);
        }
        double typical = steps.length == 0 ? 0 : Ordered.of(steps).quantile(0.75);
        double noise = noise(light);
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < steps.length; i++) {
            double[] level = levels.get(i);
            boolean answered = steps[i] >= LEAST_OF_TYPICAL * typical && steps[i] > NOISES * noise;
            trials.add(trial(light, presses.get(i), level[0], level[1], (int) level[2], answered, settings));
        }
        return trials;
    }

    private static Trial trial(
            Signal light, int press, double before, double after, int until, boolean answered, EdgeSettings settings) {
        double at = before + settings.threshold() * (after - before);
        for (int i = press; answered && i < until; i++) {
            if (after > before ? light.at(i) >= at : light.at(i) <= at) {
                return new Trial(light.ms(press), light.ms(i), before, after, Trial.State.ACCEPTED);
            }
        }
        return new Trial(light.ms(press), Double.NaN, before, after, Trial.State.MISSED);
    }

    /// The first pictures above the middle of the input's swing.
    private static List<Integer> presses(Signal input, EdgeSettings settings) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < input.size(); i++) {
            low = Math.min(low, input.at(i));
            high = Math.max(high, input.at(i));
        }
        List<Integer> presses = new ArrayList<>();
        double middle = (low + high) / 2;
        int apart = Math.max(1, input.samples(settings.refractoryMs()));
        boolean swings = high - low > SWINGS * noise(input);
        for (int i = 1; swings && i < input.size(); i++) {
            boolean rises = input.at(i) >= middle && input.at(i - 1) < middle;
            if (rises && (presses.isEmpty() || i - presses.getLast() >= apart)) {
                presses.add(i);
            }
        }
        return presses;
    }

    /// Standard deviation of the noise, from the differences of successive pictures: most of them are
    /// noise alone.
    private static double noise(Signal signal) {
        double[] differences = new double[Math.max(0, signal.size() - 1)];
        for (int i = 0; i < differences.length; i++) {
            differences[i] = Math.abs(signal.at(i + 1) - signal.at(i));
        }
        return differences.length == 0
                ? 0
                : NORMAL_OVER_MAD * Ordered.of(differences).median() / Math.sqrt(2);
    }

    private static double median(Signal signal, int from, int to) {
        int first = Math.max(0, from);
        int last = Math.min(signal.size(), Math.max(first + 1, to));
        double[] values = new double[Math.max(1, last - first)];
        for (int i = 0; i < values.length; i++) {
            values[i] = signal.at(Math.min(signal.size() - 1, first + i));
        }
        return Ordered.of(values).median();
    }
}
