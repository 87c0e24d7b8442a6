package app.fluss.core.latency.edge;

import java.util.Arrays;
import java.util.List;

/// The light as a whole: what is periodic in it, how it is coupled, and every change of it.
///
/// @param coarse the light, thinned, without hum and with its coupling put right
/// @param lines what is periodic
/// @param whole how to take it out of samples
/// @param changes every change
/// @param span samples of the thinned light in which an answer may come
record LightTrace(Coarse coarse, Lines lines, LightEdge.Whole whole, LightChanges changes, double span) {
    private static final int SAMPLED = 200_000;
    private static final double FEWEST_STEPS = 64;

    /// Brightness of pictures comes in 256 steps.
    private static final double LEAST_LUMA = 1;

    /// Looks at the light.
    ///
    /// @param presses readings of the input: answers are looked for after the presses of all of them
    static LightTrace of(Signal light, List<PressSeries> presses, EdgeSettings settings, boolean pictures) {
        Coarse coarse = Coarse.of(light);
        Lines lines = Lines.of(coarse);
        Hum hum = null;
        if (!Double.isNaN(lines.humHz())) {
            hum = Hum.of(coarse, lines.humHz());
            coarse = coarse.minus(hum::at);
        }
        Ripple ripple = Double.isNaN(lines.rippleHz()) ? null : new Ripple(lines.rippleHz());
        double period = ripple == null ? 0 : coarse.rateHz() / ripple.hz();
        double span = settings.timeoutMs() * coarse.rateHz() / 1000;
        double factor = coarse.factor();
        double[] all = presses.stream()
                .flatMapToDouble(series -> Arrays.stream(series.samples()))
                .map(sample -> sample / factor)
                .sorted()
                .toArray();
        double step = pictures ? Math.max(LEAST_LUMA, leastStep(light)) : leastStep(light);
        double leastNoise = step / Math.sqrt(12 * factor);
        int fewest = pictures ? 1 : 2;
        Coupling coupling = Coupling.of(coarse, period);
        if (coupling.isThere()) {
            LightChanges rough = LightChanges.of(coarse.restored(coupling), period, all, span, leastNoise, fewest);
            coupling = coupling.refined(coarse, rough);
            coarse = coarse.restored(coupling);
        }
        LightChanges changes = LightChanges.of(coarse, period, all, span, leastNoise, fewest);
        return new LightTrace(coarse, lines, new LightEdge.Whole(hum, ripple, coupling), changes, span);
    }

    /// The smallest difference of two values: the step of the converter that made them. Light that only knows on
    /// and off has no such step.
    private static double leastStep(Signal light) {
        int stride = Math.max(1, light.size() / SAMPLED);
        double[] some = new double[(light.size() + stride - 1) / stride];
        for (int i = 0; i < some.length; i++) {
            some[i] = light.at(i * stride);
        }
        double least = Double.POSITIVE_INFINITY;
        Arrays.sort(some);
        for (int i = 1; i < some.length; i++) {
            double step = some[i] - some[i - 1];
            least = step > 0 ? Math.min(least, step) : least;
        }
        return some.length == 0 || Double.isInfinite(least)
                ? 0
                : Math.min(least, (some[some.length - 1] - some[0]) / FEWEST_STEPS);
    }

    /// Which change answers which press.
    Answers answers(PressSeries series) {
        double[] positions =
                Arrays.stream(series.samples()).map(coarse::position).toArray();
        return new Answers(changes, positions, span, coarse);
    }

    /// Where some changes in a row lie, in samples of the light.
    LightEdge.Place place(int change) {
        List<LightChange> all = changes.all();
        LightChange here = all.get(change);
        LightChange previous = change > 0 ? all.get(change - 1) : new LightChange(0, 0, 0, 0, 0);
        double size = coarse.size();
        LightChange next = change + 1 < all.size() ? all.get(change + 1) : new LightChange(size, size, size, 0, 0);
        return new LightEdge.Place(
                coarse.sample(previous.to()),
                coarse.sample(previous.at()),
                coarse.sample(here.from()),
                coarse.sample(here.at()),
                coarse.sample(here.to()),
                coarse.sample(next.from()),
                coarse.sample(next.at()));
    }
}
