package app.fluss.core.overlay;

import java.util.List;

/// A glyph as shares of ink on all rows of the line, 0 to 1.
public final class Patch {
    private static final int AROUND = 2;

    private final int width;
    private final float[] shares;

    /// @param width px, 1 or more
    /// @param shares row by row; width times rows. The array is taken over
    /// @throws IllegalArgumentException if they are not whole rows
    public Patch(int width, float[] shares) {
        if (width < 1 || shares.length == 0 || shares.length % width != 0) {
            throw new IllegalArgumentException("%d shares in rows of %d".formatted(shares.length, width));
        }
        this.width = width;
        this.shares = shares;
    }

    /// Width, px.
    public int width() {
        return width;
    }

    /// Shares, row by row; not a copy.
    public float[] shares() {
        return shares;
    }

    /// Rows, px.
    public int rows() {
        return shares.length / width;
    }

    /// Some of its columns, as a patch of their own.
    Patch part(int from, int columns) {
        float[] some = new float[columns * rows()];
        for (int y = 0; y < rows(); y++) {
            System.arraycopy(shares, y * width + from, some, y * columns, columns);
        }
        return new Patch(columns, some);
    }

    /// How much its shares differ from each other: their standard deviation. A glyph has ink and gaps; what happens to
    /// stand behind it is much the same all over.
    double spread() {
        double sum = 0;
        double squares = 0;
        for (float share : shares) {
            sum += share;
            squares += (double) share * share;
        }
        double mean = sum / shares.length;
        return Math.sqrt(Math.max(0, squares / shares.length - mean * mean));
    }

    /// How much ink one has in some spot and the other has not, at the best shift by a pixel: 0 to 1. A spot is
    /// as large as a stroke is thick, so that it is a part of a glyph that is there or not; what coding and
    /// noise leave is spread thin.
    ///
    /// @param spot side of a spot, px
    double distance(Patch other, int spot) {
        if (Math.abs(width - other.width) > 1 + width / 10) {
            return 1;
        }
        int bestX = 0;
        int bestY = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int dx = Math.min(0, other.width - width); dx <= Math.max(0, other.width - width); dx++) {
            for (int dy = -1; dy <= 1; dy++) {
                double sum = 0.5 * Math.abs(dy);
                for (int y = 0; y < rows() && sum < least; y++) {
                    for (int x = -1; x < width + 1; x++) {
                        sum += Math.abs(at(x, y) - other.at(x + dx, y + dy));
                    }
                }
                if (sum < least) {
                    least = sum;
                    bestX = dx;
                    bestY = dy;
                }
            }
        }
        return spot(other, bestX, bestY, spot);
    }

    /// The same, where one of the two may also be shifted by half a pixel to either side: text may stand
    /// between pixels.
    double distanceBetweenPixels(Patch other, int spot) {
        return Math.min(
                distance(other, spot),
                Math.min(halfway(-1).distance(other, spot), halfway(1).distance(other, spot)));
    }

    /// How much ink this has in some spot and the other has not, at the shift by half pixels where that is least:
    /// 0 to 1. What stands behind a glyph adds ink to it and takes none away.
    ///
    /// @param spot side of a spot, px
    double lacking(Patch other, int spot) {
        double least = 1;
        int columns = width - spot + 1;
        int lines = rows() - spot + 1;
        int wide = columns + 2;
        double[] theirs = other.spots(-1, wide, lines + 2, spot);
        for (Patch shifted : List.of(this, halfway(-1), halfway(1))) {
            double[] ours = shifted.spots(0, columns, lines, spot);
            for (int dx = 0; dx < 3; dx++) {
                for (int dy = 0; dy < 3; dy++) {
                    double most = 0;
                    for (int y = 0; y < lines && most < least; y++) {
                        for (int x = 0; x < columns; x++) {
                            most = Math.max(most, ours[y * columns + x] - theirs[(y + dy) * wide + x + dx]);
                        }
                    }
                    least = Math.min(least, most);
                }
            }
        }
        return least;
    }

    /// Mean shares of ink in spots, row by row.
    ///
    /// @param from first column and row at which one begins
    private double[] spots(int from, int columns, int lines, int spot) {
        double[] spots = new double[Math.max(0, columns) * Math.max(0, lines)];
        for (int y = 0; y < lines; y++) {
            for (int x = 0; x < columns; x++) {
                spots[y * columns + x] = ink(from + x, from + y, spot);
            }
        }
        return spots;
    }

    /// How a patch is moved onto another one: by half a pixel to a side, then by whole ones, and cut to its size.
    ///
    /// @param half -1 or 1; 0 for none
    record Shift(int half, int dx, int dy, int width) {
        Patch of(Patch patch) {
            Patch from = half == 0 ? patch : patch.halfway(half);
            float[] moved = new float[width * patch.rows()];
            for (int y = 0; y < patch.rows(); y++) {
                for (int x = 0; x < width; x++) {
                    moved[y * width + x] = from.at(x + dx, y + dy);
                }
            }
            return new Patch(width, moved);
        }
    }

    /// The shift of another patch, as high as this, by which it differs least.
    Shift nearest(Patch other) {
        Shift best = new Shift(0, 0, 0, width);
        double least = Double.POSITIVE_INFINITY;
        for (int half = -1; half <= 1; half++) {
            for (int dx = Math.min(0, other.width - width) - 1; dx <= Math.max(0, other.width - width) + 1; dx++) {
                for (int dy = -1; dy <= 1; dy++) {
                    Shift shift = new Shift(half, dx, dy, width);
                    float[] moved = shift.of(other).shares;
                    double sum = 0;
                    for (int i = 0; i < moved.length; i++) {
                        sum += (moved[i] - shares[i]) * (moved[i] - shares[i]);
                    }
                    if (sum < least) {
                        least = sum;
                        best = shift;
                    }
                }
            }
        }
        return best;
    }

    private Patch halfway(int to) {
        float[] half = new float[shares.length];
        for (int y = 0; y < rows(); y++) {
            for (int x = 0; x < width; x++) {
                half[y * width + x] = (at(x, y) + at(x + to, y)) / 2;
            }
        }
        return new Patch(width, half);
    }

    /// Mean share of ink in a spot.
    double ink(int left, int top, int spot) {
        double sum = 0;
        for (int y = top; y < top + spot; y++) {
            for (int x = left; x < left + spot; x++) {
                sum += at(x, y);
            }
        }
        return sum / (spot * spot);
    }

    private double spot(Patch other, int dx, int dy, int spot) {
        double most = 0;
        int columns = width + 2 * AROUND;
        double[] sums = new double[columns + 1];
        double[][] rowsAbove = new double[rows() + 1][];
        rowsAbove[0] = sums;
        for (int y = 0; y < rows(); y++) {
            double[] next = new double[columns + 1];
            double row = 0;
            for (int x = 0; x < columns; x++) {
                row += at(x - AROUND, y) - other.at(x - AROUND + dx, y + dy);
                next[x + 1] = rowsAbove[y][x + 1] + row;
            }
            rowsAbove[y + 1] = next;
        }
        for (int y = 0; y + spot <= rows(); y++) {
            for (int x = 0; x + spot <= columns; x++) {
                double sum = rowsAbove[y + spot][x + spot]
                        - rowsAbove[y][x + spot]
                        - rowsAbove[y + spot][x]
                        + rowsAbove[y][x];
                most = Math.max(most, Math.abs(sum));
            }
        }
        return most / (spot * spot);
    }

    private float at(int x, int y) {
        return x < 0 || x >= width || y < 0 || y >= rows() ? 0 : shares[y * width + x];
    }
}
