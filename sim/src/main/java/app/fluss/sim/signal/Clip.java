package app.fluss.sim.signal;

import java.util.Arrays;
import java.util.SplittableRandom;

/// A recording of the panel: one picture a refresh of a small scene in which a bar moves with the game time, with
/// a little noise. Two refreshes that show the same image differ by that noise only.
public final class Clip {
    /// Width of a picture, px: {@value}.
    public static final int WIDTH = 96;

    /// Height of a picture, px: {@value}.
    public static final int HEIGHT = 54;

    private static final double PX_PER_MS = 0.21;
    private static final double BAR_PX = 14;
    private static final int BACK = 60;
    private static final int BAR = 130;

    private final int fps;
    private final double[] contentMs;
    private final long seed;

    /// @param fps pictures a second
    /// @param contentMs game time that each picture shows, ms; the array is taken over
    /// @param seed of the noise
    public Clip(int fps, double[] contentMs, long seed) {
        this.fps = fps;
        this.contentMs = contentMs;
        this.seed = seed;
    }

    /// Pictures a second.
    public int fps() {
        return fps;
    }

    /// Number of pictures.
    public int frames() {
        return contentMs.length;
    }

    /// Number of pictures that show another game time than the one before, the first included.
    public int distinct() {
        int distinct = 0;
        for (int i = 0; i < contentMs.length; i++) {
            distinct += i == 0 || contentMs[i] != contentMs[i - 1] ? 1 : 0;
        }
        return distinct;
    }

    /// Brightness of a picture, row by row, 0 to 255 as unsigned bytes.
    public byte[] luma(int frame) {
        SplittableRandom random = new SplittableRandom(seed + frame);
        double[] row = new double[WIDTH];
        double left = Math.floorMod((long) Math.floor(contentMs[frame] * PX_PER_MS), (long) WIDTH)
                + contentMs[frame] * PX_PER_MS
                - Math.floor(contentMs[frame] * PX_PER_MS);
        Arrays.setAll(row, x -> BACK + BAR * covered(x, left));
        byte[] luma = new byte[WIDTH * HEIGHT];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                luma[y * WIDTH + x] = (byte) (int) Math.rint(row[x] + y * 0.5 + random.nextInt(3) - 1);
            }
        }
        return luma;
    }

    /// Share of a pixel column that the bar covers; the bar goes round the edge.
    private static double covered(int x, double left) {
        double share = 0;
        for (double from : new double[] {left, left - WIDTH}) {
            share += Math.clamp(Math.min(x + 1, from + BAR_PX) - Math.max(x, from), 0, 1);
        }
        return share;
    }
}
