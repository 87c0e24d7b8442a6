package app.fluss.core.picture;

import java.util.Arrays;

/// How much of the difference of two pictures a shift of their content explains, block by block. Motion moves
/// edges, so its differences follow the gradient of brightness; what a codec refines and what grain adds do not. In
/// each block the shift is found by least squares (Lucas and Kanade, "An iterative image registration technique",
/// 1981, from memory, one step) and what it explains is kept.
final class BlockMotion {
    private static final int WIDEST = 480;
    private static final int LARGE_BLOCK = 16;
    private static final int SMALL_BLOCK = 8;
    private static final int FEW_PX = 200 * 120;
    private static final int MOST_STRONG = 5;
    private static final int BLOCKS_A_STRONG = 20;
    private static final double FLAT = 1;

    private final int width;
    private final int factor;
    private final int columns;
    private final int rows;
    private final int block;
    private final boolean[] counted;
    private final double[] explained;

    /// The strongest blocks, and all of them.
    ///
    /// @param peak root mean square of what motion explains in the strongest blocks, 0 to 255
    /// @param whole the same of all blocks
    record Motion(double peak, double whole) {}

    /// @param counts which pixels are looked at, row by row
    BlockMotion(int pictureWidth, int pictureHeight, boolean[] counts) {
        factor = Math.max(1, Math.ceilDiv(pictureWidth, WIDEST));
        width = pictureWidth / factor;
        int height = pictureHeight / factor;
        block = width * height < FEW_PX ? SMALL_BLOCK : LARGE_BLOCK;
        columns = Math.max(1, width / block);
        rows = Math.max(1, height / block);
        counted = new boolean[columns * rows];
        for (int b = 0; b < counted.length; b++) {
            counted[b] = isWhole(b, pictureWidth, pictureHeight, counts);
        }
        explained = new double[counted.length];
    }

    private boolean isWhole(int b, int pictureWidth, int pictureHeight, boolean[] counts) {
        int size = block * factor;
        int left = b % columns * size;
        int top = b / columns * size;
        for (int y = top; y < Math.min(pictureHeight, top + size); y++) {
            for (int x = left; x < Math.min(pictureWidth, left + size); x++) {
                if (!counts[y * pictureWidth + x]) {
                    return false;
                }
            }
        }
        return true;
    }

    /// Whether any block lies whole within what is looked at.
    boolean hasBlocks() {
        for (boolean one : counted) {
            if (one) {
                return true;
            }
        }
        return false;
    }

    /// A picture made smaller: means of so many pixels that it is at most 480 wide.
    float[] reduced(byte[] luma, int pictureWidth, int pictureHeight) {
        int height = pictureHeight / factor;
        float[] small = new float[width * height];
        int pixels = factor * factor;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int sum = 0;
                for (int dy = 0; dy < factor; dy++) {
                    int row = (y * factor + dy) * pictureWidth + x * factor;
                    for (int dx = 0; dx < factor; dx++) {
                        sum += luma[row + dx] & 0xFF;
                    }
                }
                small[y * width + x] = (float) sum / pixels;
            }
        }
        return small;
    }

    /// The motion between two reduced pictures.
    ///
    /// HOT PATH: every pixel of every picture.
    Motion between(float[] a, float[] b) {
        int n = 0;
        double total = 0;
        int height = a.length / width;
        for (int at = 0; at < counted.length; at++) {
            if (!counted[at]) {
                continue;
            }
            int left = at % columns * block;
            int top = at / columns * block;
            double xx = FLAT;
            double yy = FLAT;
            double xy = 0;
            double xd = 0;
            double yd = 0;
            for (int y = Math.max(1, top); y < Math.min(height - 1, top + block); y++) {
                for (int x = Math.max(1, left); x < Math.min(width - 1, left + block); x++) {
                    int i = y * width + x;
                    double gx = (a[i + 1] + b[i + 1] - a[i - 1] - b[i - 1]) / 4;
                    double gy = (a[i + width] + b[i + width] - a[i - width] - b[i - width]) / 4;
                    double d = b[i] - a[i];
                    xx += gx * gx;
                    yy += gy * gy;
                    xy += gx * gy;
                    xd += gx * d;
                    yd += gy * d;
                }
            }
            double found = (yy * xd * xd - 2 * xy * xd * yd + xx * yd * yd) / (xx * yy - xy * xy);
            explained[n] = Math.max(0, found) / (block * block);
            total += explained[n++];
        }
        if (n == 0) {
            return new Motion(0, 0);
        }
        double[] sorted = Arrays.copyOf(explained, n);
        Arrays.sort(sorted);
        int strong = Math.clamp(n / BLOCKS_A_STRONG, 1, MOST_STRONG);
        double sum = 0;
        for (int i = n - strong; i < n; i++) {
            sum += sorted[i];
        }
        return new Motion(Math.sqrt(sum / strong), Math.sqrt(total / n));
    }
}
