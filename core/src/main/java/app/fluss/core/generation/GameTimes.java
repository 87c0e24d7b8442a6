package app.fluss.core.generation;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import java.util.Optional;

/// What the game times of a run say of its images.
///
/// A made image lies where a straight line has it, to the last digit that is logged; a rendered one comes near
/// by chance only. Chance hits grow with the tolerance and made images do not, so `2 n(t) - n(2t)` counts
/// the made ones.
///
/// @param made share of images that were made from others, 0 to 1
/// @param repeated share of images that depict the same game time as the one before, 0 to 1
record GameTimes(Figure made, Figure repeated) {
    /// Tolerance as a share of the step: some microseconds.
    private static final double TOLERANCE = 5e-4;

    /// Share of images in longer rows than generation makes, chance aside, from which the game's own steps are too
    /// even to be told from made ones.
    private static final double TOO_EVEN = 0.2;

    /// Images for each rendered one at most where no multiplier is stated.
    private static final int UNSTATED = 8;

    /// Game times in whole steps of this, ms, are too coarse for the tolerance.
    private static final double COARSE_MS = 0.01;

    private static final int FEWEST = 30;
    private static final double EXACT = 1e-6;
    private static final double[] BETWEEN = {1 / 2.0, 1 / 3.0, 2 / 3.0, 1 / 4.0, 3 / 4.0};

    static GameTimes of(Analysis run) {
        FrameSlice slice = run.slice();
        Optional<Values> content = slice.log().channel(Channel.CONTENT);
        if (content.isEmpty()) {
            return missing("the log has no game times");
        } else if (slice.size() < FEWEST) {
            return missing("there are fewer than %d images".formatted(FEWEST));
        } else if (isCoarse(content.get(), slice)) {
            return missing("the game times are logged to 0.01 ms only");
        }
        double multiplier = run.settings().multiplier();
        return of(content.get(), slice, multiplier > 1 ? (int) Math.rint(multiplier) : 1);
    }

    private static GameTimes missing(String reason) {
        return new GameTimes(Figure.missing(reason), Figure.missing(reason));
    }

    private static GameTimes of(Values content, FrameSlice slice, int multiplier) {
        int longest = 2 * (multiplier > 1 ? multiplier : UNSTATED);
        int repeated = 0;
        int near = 0;
        int nearer = 0;
        int row = 0;
        int even = 0;
        int n = slice.size() - 2;
        for (int i = slice.from() + 1; i < slice.to() - 1; i++) {
            boolean repeats = content.at(i) == content.at(i - 1);
            double off = repeats
                    ? Double.POSITIVE_INFINITY
                    : Math.min(between(content, i), after(content, i, slice.from(), multiplier));
            repeated += repeats ? 1 : 0;
            near += off <= 2 * TOLERANCE ? 1 : 0;
            nearer += off <= TOLERANCE ? 1 : 0;
            row = off <= TOLERANCE ? row + 1 : 0;
            even += row == longest ? longest : row > longest ? 1 : 0;
        }
        Figure repeats = Figure.of((double) repeated / n);
        if (even > TOO_EVEN * n) {
            return new GameTimes(
                    Figure.missing("the game's own steps are too even to be told from made ones"), repeats);
        }
        double made = Math.max(0, 2 * nearer - near);
        return new GameTimes(Figure.of((made + repeated) / n), repeats);
    }

    private static boolean isCoarse(Values content, FrameSlice slice) {
        for (int i = slice.from(); i < slice.to(); i++) {
            double steps = content.at(i) / COARSE_MS;
            if (Math.abs(steps - Math.rint(steps)) > EXACT * Math.max(1, Math.abs(steps))) {
                return false;
            }
        }
        return true;
    }

    /// How far from halfway between its neighbours, or from where it would be if one or two images between them
    /// were skipped, as a share of the step.
    private static double between(Values content, int i) {
        double whole = content.at(i + 1) - content.at(i - 1);
        if (!(whole > 0)) {
            return Double.POSITIVE_INFINITY;
        }
        double at = (content.at(i) - content.at(i - 1)) / whole;
        double least = Double.POSITIVE_INFINITY;
        for (double share : BETWEEN) {
            least = Math.min(least, Math.abs(at - share));
        }
        return least;
    }

    /// How far from going on after a rendered image by a part of the last rendered step.
    private static double after(Values content, int i, int first, int multiplier) {
        double least = Double.POSITIVE_INFINITY;
        for (int part = 1; part < multiplier && i - part - multiplier >= first; part++) {
            int newest = i - part;
            double step = (content.at(newest) - content.at(newest - multiplier)) / multiplier;
            least = Math.min(least, off(content.at(i), content.at(newest) + part * step, step));
        }
        return least;
    }

    private static double off(double value, double expected, double step) {
        return step > 0 ? Math.abs(value - expected) / step : Double.POSITIVE_INFINITY;
    }
}
