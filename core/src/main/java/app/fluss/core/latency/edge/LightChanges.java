package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.List;

/// Every change of the light that stands out of its noise, whether a press caused it or not. A change is where the
/// means before and after differ; noise is the usual difference of such means, so that neither steps nor drift nor
/// the band limit of a sensor pass for noise.
///
/// @param all in time
/// @param width samples of the means
/// @param noise standard deviation of the differences of such means
/// @param typical size of the changes that follow presses
record LightChanges(List<LightChange> all, double width, double noise, double typical) {
    private static final double[] WIDTHS_MS = {1, 2, 4, 8, 16};
    private static final double NORMAL_OVER_MAD = 1.4826;
    private static final double MOSTLY_QUIET = 0.85;
    private static final double NORMAL_AT_MOSTLY = 1.44;

    /// A mean over whole periods is cut within a sample at both ends: so many make that small.
    private static final double FEWEST_OF_RIPPLE = 12;

    private static final int NOISE_PLACES = 60_000;
    private static final int MOST_PRESSES = 400;
    private static final double USUAL = 0.8;
    private static final double CLEAR = 15;
    private static final double LEAST_CLEAR = 6;
    private static final double NOISES = 4.5;
    private static final double LEAST_OF_TYPICAL = 0.2;
    private static final double LEAST_STEP = 0.12;
    private static final double SETTLES_MS = 60;
    private static final double DWELLS_MS = 1.5;
    private static final double FLAT = 0.08;

    /// Finds them.
    ///
    /// @param period of the ripple, in samples; 0 without one
    /// @param presses positions after which answers are looked for
    /// @param span samples in which an answer may come
    /// @param leastNoise standard deviation that a sample has at least, by its digits
    /// @param fewest samples of the shortest mean
    static LightChanges of(Coarse light, double period, double[] presses, double span, double leastNoise, int fewest) {
        double best = 0;
        LightChanges clearest = new LightChanges(List.of(), fewest, Double.NaN, 0);
        double last = 0;
        for (double widthMs : WIDTHS_MS) {
            double width = Math.max(fewest, widthMs * light.rateHz() / 1000);
            width = period > 0
                    ? period * Math.ceil(Math.max(width, FEWEST_OF_RIPPLE) / period - 1e-9)
                    : Math.rint(width);
            if (width <= last || 4 * width > light.size()) {
                continue;
            }
            last = width;
            double noise = Math.max(noise(light, width), leastNoise * Math.sqrt(2 / width));
            double usual = usual(light, width, presses, span);
            double clear = noise > 0 ? usual / noise : usual > 0 ? Double.POSITIVE_INFINITY : 0;
            if (clear > best) {
                best = clear;
                clearest = new LightChanges(List.of(), width, noise, usual);
            }
            if (best >= CLEAR) {
                break;
            }
        }
        return best < LEAST_CLEAR ? clearest : clearest.found(light, presses, span);
    }

    private static double noise(Coarse light, double width) {
        double stride = Math.max(1, (light.size() - 2 * width) / NOISE_PLACES);
        double[] jumps = new double[(int) Math.max(1, (light.size() - 2 * width) / stride)];
        for (int i = 0; i < jumps.length; i++) {
            jumps[i] = light.jump(width + i * stride, width);
        }
        Ordered ordered = Ordered.of(jumps);
        double middle = ordered.median();
        for (int i = 0; i < jumps.length; i++) {
            jumps[i] = Math.abs(jumps[i] - middle);
        }
        Ordered sizes = Ordered.of(jumps);
        // Of coarse digits most jumps are none; those that are some tell of the noise then.
        return Math.max(NORMAL_OVER_MAD * sizes.median(), sizes.quantile(MOSTLY_QUIET) / NORMAL_AT_MOSTLY);
    }

    /// The largest jump after most presses.
    private static double usual(Coarse light, double width, double[] presses, double span) {
        int some = Math.min(MOST_PRESSES, presses.length);
        double[] largest = new double[some];
        for (int i = 0; i < some; i++) {
            double press = presses[(int) ((long) i * presses.length / some)];
            double to = Math.min(press + span, light.size() - width);
            for (double at = Math.max(width, press); at < to; at += Math.max(1, width / 8)) {
                largest[i] = Math.max(largest[i], Math.abs(light.jump(at, width)));
            }
        }
        return some == 0 ? 0 : Ordered.of(largest).quantile(USUAL);
    }

    private LightChanges found(Coarse light, double[] presses, double span) {
        double least = Math.max(NOISES * noise, LEAST_OF_TYPICAL * typical);
        List<LightChange> rough = regions(light, least);
        List<LightChange> levelled = levelled(light, rough);
        double step = typicalStep(levelled, presses, span);
        double leastStep = Math.max(NOISES * noise, LEAST_STEP * step);
        List<LightChange> large = new ArrayList<>();
        for (int i = 0; i < rough.size(); i++) {
            if (levelled.get(i).size() >= leastStep) {
                large.add(rough.get(i));
            }
        }
        return new LightChanges(levelled(light, large), width, noise, step);
    }

    /// Stretches in which the jump stays large and of one sign.
    private List<LightChange> regions(Coarse light, double least) {
        List<LightChange> regions = new ArrayList<>();
        int sign = 0;
        int from = 0;
        int at = 0;
        double highest = 0;
        int end = (int) (light.size() - width);
        for (int i = (int) Math.ceil(width); i <= end; i++) {
            double jump = i < end ? light.jump(i, width) : 0;
            int now = jump > least ? 1 : jump < -least ? -1 : 0;
            if (now != sign) {
                if (sign != 0) {
                    add(light, regions, new LightChange(from, at, i, 0, sign));
                }
                sign = now;
                from = i;
                highest = 0;
            }
            if (Math.abs(jump) > highest) {
                highest = Math.abs(jump);
                at = i;
            }
        }
        return regions;
    }

    /// What noise has split is one: a plateau lasts longer than that, and is flat.
    private void add(Coarse light, List<LightChange> regions, LightChange region) {
        if (!regions.isEmpty()) {
            LightChange before = regions.getLast();
            boolean close = region.from() - before.to() <= Math.max(width, DWELLS_MS * light.rateHz() / 1000);
            if (before.isUp() == region.isUp() && (close || goesOn(light, before, region))) {
                regions.set(
                        regions.size() - 1,
                        new LightChange(before.from(), before.at(), region.to(), 0, region.after()));
                return;
            }
        }
        regions.add(region);
    }

    /// Whether the light went on all the way between two changes, as a slow panel's does.
    private boolean goesOn(Coarse light, LightChange before, LightChange next) {
        if (next.from() - before.to() > SETTLES_MS * light.rateHz() / 1000) {
            return false;
        }
        double middle = (before.to() + next.from()) / 2;
        double between = light.mean(middle, next.from()) - light.mean(before.to(), middle);
        double step = light.mean(next.to(), next.to() + width) - light.mean(next.from() - width, next.from());
        return between / step > FLAT;
    }

    private List<LightChange> levelled(Coarse light, List<LightChange> regions) {
        double settles = SETTLES_MS * light.rateHz() / 1000;
        List<LightChange> levelled = new ArrayList<>();
        for (int i = 0; i < regions.size(); i++) {
            LightChange change = regions.get(i);
            LightChange previous = i > 0 ? regions.get(i - 1) : new LightChange(0, 0, 0, 0, 0);
            LightChange next = i + 1 < regions.size()
                    ? regions.get(i + 1)
                    : new LightChange(light.size(), light.size(), light.size(), 0, 0);
            double before = plateau(
                    light, Math.max(previous.to(), change.from() - settles), change.from(), previous.at(), change.at());
            double after =
                    plateau(light, change.to(), Math.min(next.from(), change.to() + settles), change.at(), next.at());
            levelled.add(new LightChange(change.from(), change.at(), change.to(), before, after));
        }
        return levelled;
    }

    /// The level of a stretch between changes; where the changes leave none, that between their steepest places.
    private double plateau(Coarse light, double from, double to, double steepBefore, double steepAfter) {
        if (to - from >= Math.min(width / 2, 4)) {
            return light.mean(from, to);
        }
        double middle = (steepBefore + steepAfter) / 2;
        double half = Math.max(0.5, (steepAfter - steepBefore) / 4);
        return light.mean(middle - half, middle + half);
    }

    private static double typicalStep(List<LightChange> changes, double[] presses, double span) {
        double[] largest = new double[presses.length];
        int n = 0;
        int first = 0;
        for (double press : presses) {
            while (first < changes.size() && changes.get(first).at() <= press) {
                first++;
            }
            double step = 0;
            for (int i = first; i < changes.size() && changes.get(i).at() <= press + span; i++) {
                step = Math.max(step, changes.get(i).size());
            }
            largest[n++] = step;
        }
        return Ordered.of(largest).quantile(USUAL);
    }
}
