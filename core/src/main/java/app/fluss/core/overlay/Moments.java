package app.fluss.core.overlay;

import java.util.List;

/// Means and variances of the pixels of places where a glyph stands.
final class Moments {
    /// Kinds of pixels by the share that is ink.
    static final int KINDS = 8;

    private final char name;
    private final Patch look;
    private final int n;
    private final float[] mean;
    private final double[] variance;

    private Moments(char name, Patch look, int n, float[] mean, double[] variance) {
        this.name = name;
        this.look = look;
        this.n = n;
        this.mean = mean;
        this.variance = variance;
    }

    /// @param crops crop of each place
    /// @param lefts first column of each place
    static Moments of(char name, Patch look, Template.Frame frame, List<byte[]> crops, int[] lefts) {
        int width = look.width();
        int size = width * frame.rows();
        int n = lefts.length;
        double[] sum = new double[frame.planes() * size];
        double[] squares = new double[frame.planes() * size];
        for (int i = 0; i < n; i++) {
            byte[] crop = crops.get(i);
            for (int plane = 0; plane < frame.planes(); plane++) {
                for (int y = 0; y < frame.rows(); y++) {
                    int from = (plane * frame.height() + frame.top() + y) * frame.width() + lefts[i];
                    int to = plane * size + y * width;
                    for (int x = 0; x < width; x++) {
                        int value = crop[from + x] & 0xFF;
                        sum[to + x] += value;
                        squares[to + x] += (double) value * value;
                    }
                }
            }
        }
        float[] mean = new float[sum.length];
        double[] variance = new double[sum.length];
        for (int i = 0; i < sum.length; i++) {
            mean[i] = (float) (sum[i] / n);
            variance[i] = Math.max(0, squares[i] / n - (double) mean[i] * mean[i]);
        }
        return new Moments(name, look, n, mean, variance);
    }

    char name() {
        return name;
    }

    Patch look() {
        return look;
    }

    /// Number of places.
    int n() {
        return n;
    }

    /// Plane by plane, row by row; not a copy.
    float[] mean() {
        return mean;
    }

    /// The same order; not a copy.
    double[] variance() {
        return variance;
    }

    /// Which kind a pixel is: its plane, and the share that is ink.
    int kind(int at) {
        float[] shares = look.shares();
        int kind = Math.min(KINDS - 1, (int) (shares[at % shares.length] * KINDS));
        return at / shares.length * KINDS + kind;
    }
}
