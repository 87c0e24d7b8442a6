package app.fluss.core.overlay;

import java.util.Arrays;
import java.util.List;

/// The ink of a glyph on the mean of all pictures that show it. What moves behind it and noise are gone there: a scene
/// that single pictures show in a colour near that of the text is none of it.
final class CleanInk {
    private static final int LEVELS = 256;
    private static final double WIDER = 1.5;
    /// Pixels of the background are not all alike.
    private static final double SHORT_OF_BACKGROUND = 0.9;
    /// Where a stroke fills a pixel nearly, coding leaves it a little off its colour.
    private static final double FULL = 1.25;

    private final List<byte[]> samples;
    private final Template.Frame frame;
    private final double[] colour;
    private final double reach;
    private final int[] counts = new int[LEVELS];

    CleanInk(List<byte[]> samples, Template.Frame frame, Ink ink) {
        this.samples = samples;
        this.frame = frame;
        colour = new double[] {ink.y(), ink.u(), ink.v()};
        reach = WIDER * ink.reach();
    }

    /// The shares of ink of the members of a cluster.
    Patch of(Cluster cluster) {
        List<Cluster.Place> places = cluster.places();
        int width = cluster.width();
        int rows = frame.rows();
        double[][] mean = new double[Crops.PLANES][width * rows];
        double[] behind = new double[Crops.PLANES];
        for (int p = 0; p < Crops.PLANES; p++) {
            for (int y = 0; y < rows; y++) {
                for (int x = 0; x < width; x++) {
                    int at = (p * frame.height() + frame.top() + y) * frame.width() + x;
                    mean[p][y * width + x] = mean(places, at);
                    // Above figures and below them there is no ink.
                    behind[p] += y == 0 || y == rows - 1 ? mean[p][y * width + x] / (2 * width) : 0;
                }
            }
        }
        double most = Math.max(1, Math.min(reach, SHORT_OF_BACKGROUND * away(behind[0], behind[1], behind[2])));
        float[] shares = new float[width * rows];
        for (int i = 0; i < shares.length; i++) {
            double share = FULL * (1 - away(mean[0][i], mean[1][i], mean[2][i]) / most);
            shares[i] = (float) Math.clamp(share, 0, 1);
        }
        return new Patch(width, shares);
    }

    private double away(double y, double u, double v) {
        return Math.hypot(y - colour[0], Math.hypot(u - colour[1], v - colour[2]));
    }

    /// The mean of a pixel, without the quarter of pictures on which it is darkest and the one on which it is
    /// brightest: something else may stand behind the glyph there.
    ///
    /// @param at where it is in a crop, for a glyph that begins at its first column
    private double mean(List<Cluster.Place> places, int at) {
        Arrays.fill(counts, 0);
        for (Cluster.Place place : places) {
            counts[samples.get(place.sample())[at + place.box().left()] & 0xFF]++;
        }
        int from = places.size() / 4;
        int to = places.size() - from;
        double sum = 0;
        int below = 0;
        for (int level = 0; level < LEVELS; level++) {
            int within = Math.min(to, below + counts[level]) - Math.max(from, below);
            sum += Math.max(0, within) * level;
            below += counts[level];
        }
        return sum / (to - from);
    }
}
