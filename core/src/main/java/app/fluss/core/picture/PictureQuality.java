package app.fluss.core.picture;

/// How close one picture is to another: PSNR, and SSIM with a Gaussian window of 11 × 11 px and a standard
/// deviation of 1.5 px, the mean over all windows that lie within the picture (Wang, Bovik, Sheikh and
/// Simoncelli, "Image quality assessment: from error visibility to structural similarity", IEEE Transactions
/// on Image Processing 13 (2004) 600-612).
///
/// @param meanSquaredError of brightness, 0 to 65025
/// @param ssim -1 to 1; NaN for pictures smaller than the window
public record PictureQuality(double meanSquaredError, double ssim) {
    private static final int WINDOW = 11;
    private static final double SIGMA = 1.5;
    private static final double PEAK = 255;
    private static final double C1 = 0.01 * PEAK * 0.01 * PEAK;
    private static final double C2 = 0.03 * PEAK * 0.03 * PEAK;

    /// Compares two pictures.
    ///
    /// @param a brightness, row by row, unsigned
    /// @param b of the same size
    /// @throws IllegalArgumentException if the sizes differ
    public static PictureQuality of(byte[] a, byte[] b, int width, int height) {
        if (a.length != b.length || a.length != width * height) {
            throw new IllegalArgumentException("pictures must be of one size");
        }
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            double difference = (a[i] & 0xFF) - (b[i] & 0xFF);
            sum += difference * difference;
        }
        boolean small = width < WINDOW || height < WINDOW;
        return new PictureQuality(sum / a.length, small ? Double.NaN : ssim(a, b, width, height));
    }

    /// Peak signal-to-noise ratio, dB; infinite for equal pictures.
    public double psnrDb() {
        return 10 * Math.log10(PEAK * PEAK / meanSquaredError);
    }

    /// Where two pictures differ: the absolute difference of each pixel, unsigned.
    public static byte[] differenceMap(byte[] a, byte[] b) {
        byte[] map = new byte[a.length];
        for (int i = 0; i < map.length; i++) {
            map[i] = (byte) Math.abs((a[i] & 0xFF) - (b[i] & 0xFF));
        }
        return map;
    }

    private static double[] window() {
        double[] window = new double[WINDOW];
        double sum = 0;
        for (int i = 0; i < WINDOW; i++) {
            double away = i - WINDOW / 2;
            window[i] = Math.exp(-away * away / (2 * SIGMA * SIGMA));
            sum += window[i];
        }
        for (int i = 0; i < WINDOW; i++) {
            window[i] /= sum;
        }
        return window;
    }

    /// The window is a product of two, so rows are weighted first and columns of the results after.
    private static double ssim(byte[] a, byte[] b, int width, int height) {
        double[] window = window();
        int columns = width - WINDOW + 1;
        double[][][] rows = new double[height][][];
        double total = 0;
        for (int y = 0; y < height; y++) {
            rows[y] = row(a, b, y * width, columns, window);
            if (y >= WINDOW - 1) {
                total += windows(rows, y - WINDOW + 1, columns, window);
                rows[y - WINDOW + 1] = new double[0][];
            }
        }
        return total / ((double) columns * (height - WINDOW + 1));
    }

    /// Weighted sums of x, y, x², y² and xy along a row.
    private static double[][] row(byte[] a, byte[] b, int at, int columns, double[] window) {
        double[][] sums = new double[5][columns];
        for (int x = 0; x < columns; x++) {
            for (int i = 0; i < WINDOW; i++) {
                double w = window[i];
                double left = a[at + x + i] & 0xFF;
                double right = b[at + x + i] & 0xFF;
                sums[0][x] += w * left;
                sums[1][x] += w * right;
                sums[2][x] += w * left * left;
                sums[3][x] += w * right * right;
                sums[4][x] += w * left * right;
            }
        }
        return sums;
    }

    private static double windows(double[][][] rows, int top, int columns, double[] window) {
        double total = 0;
        for (int x = 0; x < columns; x++) {
            double[] s = new double[5];
            for (int i = 0; i < WINDOW; i++) {
                for (int k = 0; k < s.length; k++) {
                    s[k] += window[i] * rows[top + i][k][x];
                }
            }
            double varianceA = s[2] - s[0] * s[0];
            double varianceB = s[3] - s[1] * s[1];
            double covariance = s[4] - s[0] * s[1];
            total += (2 * s[0] * s[1] + C1)
                    * (2 * covariance + C2)
                    / ((s[0] * s[0] + s[1] * s[1] + C1) * (varianceA + varianceB + C2));
        }
        return total;
    }
}
