package app.fluss.core.overlay;

import java.util.List;

/// What stands behind text: of each plane the mean, and how far it strays, where no ink is.
final class Background {
    private static final int EVERY = 3;

    private final double[] mean;
    private final double[] sd;

    /// @param mean of each plane, 0 to 255
    /// @param sd of each plane
    Background(double[] mean, double[] sd) {
        this.mean = mean;
        this.sd = sd;
    }

    double mean(int plane) {
        return mean[plane];
    }

    double sd(int plane) {
        return sd[plane];
    }

    static Background of(List<byte[]> samples, Template.Frame frame, Ink ink) {
        int plane = frame.width() * frame.height();
        double[] sum = new double[Crops.PLANES];
        double[] squares = new double[Crops.PLANES];
        double n = 0;
        float[] shares = new float[plane];
        for (byte[] crop : samples) {
            ink.shares(crop, shares);
            int end = (frame.top() + frame.rows()) * frame.width();
            for (int at = frame.top() * frame.width(); at < end; at += EVERY) {
                if (shares[at] == 0) {
                    n++;
                    for (int p = 0; p < Crops.PLANES; p++) {
                        int value = crop[p * plane + at] & 0xFF;
                        sum[p] += value;
                        squares[p] += (double) value * value;
                    }
                }
            }
        }
        double[] mean = new double[Crops.PLANES];
        double[] sd = new double[Crops.PLANES];
        for (int p = 0; p < Crops.PLANES; p++) {
            mean[p] = sum[p] / Math.max(1, n);
            sd[p] = Math.sqrt(Math.max(0, squares[p] / Math.max(1, n) - mean[p] * mean[p]));
        }
        return new Background(mean, sd);
    }
}
