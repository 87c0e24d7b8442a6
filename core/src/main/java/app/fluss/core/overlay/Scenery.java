package app.fluss.core.overlay;

import java.util.Arrays;

/// What stands where no glyph does: in each column anything at all, or a part of something smooth that is wider
/// than a stroke, such as a plate. Told column by column, so that glyphs in one place are not favoured for what
/// stands beside them.
final class Scenery {
    private static final double SMOOTH = 7;
    private static final double LEAST_SD = 24;
    private static final int NARROWEST = 4;
    private static final int STROKES = 3;

    private final double[] mean;
    private final double[] sd;
    private final Template.Frame frame;
    private final int wide;
    private final double[][] sums;
    private final double[][] squares;
    private final double[] any;
    private final double[] all;

    /// @param figureHeight px
    Scenery(Template.Frame frame, Background background, int figureHeight) {
        this.frame = frame;
        mean = new double[frame.planes()];
        sd = new double[frame.planes()];
        Arrays.setAll(mean, background::mean);
        Arrays.setAll(sd, plane -> Math.max(LEAST_SD, background.sd(plane)));
        wide = Math.min(frame.width(), Math.max(NARROWEST, figureHeight / STROKES));
        sums = new double[frame.planes()][frame.width() + 1];
        squares = new double[frame.planes()][frame.width() + 1];
        any = new double[frame.width()];
        all = new double[frame.width() + 1];
    }

    /// Looks at a picture.
    void look(byte[] crop) {
        Arrays.fill(any, 0);
        for (int plane = 0; plane < frame.planes(); plane++) {
            double inverse = 1 / (2 * sd[plane] * sd[plane]);
            double log = Math.log(sd[plane]);
            for (int x = 0; x < frame.width(); x++) {
                double sum = 0;
                double square = 0;
                for (int y = 0; y < frame.rows(); y++) {
                    int value = crop[(plane * frame.height() + frame.top() + y) * frame.width() + x] & 0xFF;
                    double off = value - mean[plane];
                    any[x] -= Math.min(off * off * inverse, Template.FARTHEST) + log;
                    sum += value;
                    square += (double) value * value;
                }
                sums[plane][x + 1] = sums[plane][x] + sum;
                squares[plane][x + 1] = squares[plane][x] + square;
            }
        }
        for (int x = 0; x < frame.width(); x++) {
            double best = any[x];
            for (int from = Math.max(0, x - wide + 1); from <= Math.min(x, frame.width() - wide); from++) {
                best = Math.max(best, smooth(x, from));
            }
            all[x + 1] = all[x] + best;
        }
    }

    /// Logarithm of the likelihood of a column as a part of something smooth.
    private double smooth(int x, int from) {
        double fit = 0;
        for (int plane = 0; plane < frame.planes(); plane++) {
            double level = (sums[plane][from + wide] - sums[plane][from]) / (wide * frame.rows());
            double rest = squares[plane][x + 1]
                    - squares[plane][x]
                    - 2 * level * (sums[plane][x + 1] - sums[plane][x])
                    + frame.rows() * level * level;
            fit -= frame.rows() * Math.log(SMOOTH) + rest / (2 * SMOOTH * SMOOTH);
        }
        return fit;
    }

    /// Logarithm of the likelihood of these columns, up to a constant a pixel.
    double at(int left, int width) {
        return all[left + width] - all[left];
    }
}
