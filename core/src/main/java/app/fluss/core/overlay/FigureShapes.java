package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// What figures and letters look like in many text faces: a second opinion beside the engine's. A glyph is
/// named after the shape that it is nearest to.
public final class FigureShapes {
    /// Side of a shape, px: figures are two less high.
    public static final int SIDE = 16;

    /// No shapes: it has no opinion.
    public static final FigureShapes NONE = new FigureShapes(new byte[0], FigureNet.NONE);

    private static final int FINE = 3;
    private static final int LEVELS = 15;
    private static final int BYTES = SIDE * SIDE / 2;
    private static final int NAMES = 256;

    private final FigureNet net;
    private final List<float[]> shapes = new ArrayList<>();
    private final List<Character> names = new ArrayList<>();

    /// @param packed for each shape its name as one byte, then two pixels a byte
    /// @param net is asked beside them
    public FigureShapes(byte[] packed, FigureNet net) {
        this.net = net;
        for (int at = 0; at + BYTES < packed.length; at += BYTES + 1) {
            names.add((char) (packed[at] & 0xFF));
            float[] shape = new float[SIDE * SIDE];
            for (int i = 0; i < shape.length; i++) {
                int two = packed[at + 1 + i / 2] & 0xFF;
                shape[i] = (float) (i % 2 == 0 ? two >> 4 : two & LEVELS) / LEVELS;
            }
            shapes.add(shape);
        }
    }

    /// Packs a shape as the constructor reads it.
    public static byte[] packed(char name, float[] shape) {
        byte[] packed = new byte[BYTES + 1];
        packed[0] = (byte) name;
        for (int i = 0; i < shape.length; i += 2) {
            packed[1 + i / 2] = (byte) (level(shape[i]) << 4 | level(shape[i + 1]));
        }
        return packed;
    }

    private static int level(float share) {
        return (int) Math.clamp(Math.rint(share * LEVELS), 0, LEVELS);
    }

    /// A glyph brought to the size of a shape, in the middle.
    ///
    /// @param shares of ink, row by row
    /// @param width of a row
    /// @param top row at which figures begin
    /// @param height of figures
    public static float[] normal(float[] shares, int width, int top, int height) {
        int rows = shares.length / width;
        double by = height / (SIDE - 2.0);
        double from = top - by;
        double left = width / 2.0 - by * SIDE / 2;
        float[] shape = new float[SIDE * SIDE];
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                double sum = 0;
                for (int j = 0; j < FINE; j++) {
                    for (int i = 0; i < FINE; i++) {
                        sum += at(
                                shares,
                                width,
                                rows,
                                left + (x + (i + 0.5) / FINE) * by - 0.5,
                                from + (y + (j + 0.5) / FINE) * by - 0.5);
                    }
                }
                shape[y * SIDE + x] = (float) (sum / (FINE * FINE));
            }
        }
        return shape;
    }

    private static double at(float[] shares, int width, int rows, double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double right = x - left;
        double below = y - top;
        return (one(shares, width, rows, left, top) * (1 - right) + one(shares, width, rows, left + 1, top) * right)
                        * (1 - below)
                + (one(shares, width, rows, left, top + 1) * (1 - right)
                                + one(shares, width, rows, left + 1, top + 1) * right)
                        * below;
    }

    private static double one(float[] shares, int width, int rows, int x, int y) {
        return x < 0 || x >= width || y < 0 || y >= rows ? 0 : shares[y * width + x];
    }

    /// How far two shapes are apart, at the best shift by a pixel to the side.
    public static double distance(float[] a, float[] b) {
        double least = Double.POSITIVE_INFINITY;
        for (int dx = -1; dx <= 1; dx++) {
            double sum = 0;
            for (int y = 0; y < SIDE; y++) {
                for (int x = 1; x < SIDE - 1; x++) {
                    double off = a[y * SIDE + x] - b[y * SIDE + x + dx];
                    sum += off * off;
                }
            }
            least = Math.min(least, sum);
        }
        return Math.sqrt(least);
    }

    /// What the net says of a glyph.
    FigureNet.Guess guess(float[] glyph) {
        return net.guess(glyph);
    }

    /// What the net says of ink.
    ///
    /// @param top row at which figures begin
    /// @param height of figures
    FigureNet.Guess guess(Patch ink, int top, int height) {
        return guess(normal(ink.shares(), ink.width(), top, height));
    }

    /// How far a glyph is from the nearest shape of each name.
    Nearest nearest(float[] glyph) {
        return nearest(glyph, guess(glyph));
    }

    /// The same, where it is known what the net says of it.
    Nearest nearest(float[] glyph, FigureNet.Guess guess) {
        double[] nearest = new double[NAMES];
        Arrays.fill(nearest, Double.POSITIVE_INFINITY);
        for (int i = 0; i < shapes.size(); i++) {
            int name = names.get(i);
            nearest[name] = Math.min(nearest[name], distance(glyph, shapes.get(i)));
        }
        return new Nearest(nearest, guess);
    }

    /// Distances of a glyph to the nearest shape of each name, and what the net says.
    static final class Nearest {
        private final double[] distances;
        private final FigureNet.Guess guess;

        private Nearest(double[] distances, FigureNet.Guess guess) {
            this.distances = distances;
            this.guess = guess;
        }

        /// What the net says of it.
        FigureNet.Guess guess() {
            return guess;
        }

        double to(char name) {
            return name < distances.length ? distances[name] : Double.POSITIVE_INFINITY;
        }

        /// The nearest figure; 0 without shapes.
        char figure() {
            return best('0', '9');
        }

        /// The nearest of all; 0 without shapes.
        char any() {
            return best((char) 1, (char) (NAMES - 1));
        }

        /// How much farther the nearest figure of another name is, as a ratio.
        double clearance() {
            char best = figure();
            double second = Double.POSITIVE_INFINITY;
            for (char name = '0'; name <= '9'; name++) {
                second = name == best ? second : Math.min(second, distances[name]);
            }
            return second / distances[best];
        }

        private char best(char from, char to) {
            char best = 0;
            for (char name = from; name <= to; name++) {
                best = distances[name] < distances[best] ? name : best;
            }
            return best;
        }
    }
}
