package app.fluss.core.picture;

import java.util.Arrays;

/// Takes the pictures of a clip one after the other and keeps how much moves from each to those after it;
/// what was counted is in [PictureDifferences].
public final class DistinctPictures {
    private static final float[] NONE = {};

    private final int width;
    private final int height;
    private final BlockMotion motion;
    private double[] peak;
    private double[] overOne;
    private double[] overTwo;
    private double[] ms;
    private float[] before = NONE;
    private float[] twoBefore = NONE;
    private int size;

    /// @param width of a picture, px
    /// @param height of a picture, px
    /// @param pictures how many are expected; there may be more
    /// @throws IllegalArgumentException if the areas to look at do not lie within the pictures, or leave nothing
    ///     to look at
    public DistinctPictures(int width, int height, int pictures, Look look) {
        this.width = width;
        this.height = height;
        motion = new BlockMotion(width, height, look.mask(width, height));
        if (!motion.hasBlocks()) {
            throw new IllegalArgumentException("nothing is left to look at: too small an area to see motion in");
        }
        peak = new double[pictures];
        overOne = new double[pictures];
        overTwo = new double[pictures];
        ms = new double[pictures];
    }

    /// Takes the next picture.
    ///
    /// @param luma brightness, row by row, unsigned; is copied
    /// @param atMs when it is shown, ms; NaN if not known
    public void add(byte[] luma, double atMs) {
        if (size == ms.length) {
            grow();
        }
        float[] now = motion.reduced(luma, width, height);
        BlockMotion.Motion one = size < 1 ? null : motion.between(before, now);
        peak[size] = one == null ? Double.NaN : one.peak();
        overOne[size] = one == null ? Double.NaN : one.whole();
        overTwo[size] = size < 2 ? Double.NaN : motion.between(twoBefore, now).whole();
        ms[size] = atMs;
        twoBefore = before;
        before = now;
        size++;
    }

    private void grow() {
        int more = 2 * size + 1;
        peak = Arrays.copyOf(peak, more);
        overOne = Arrays.copyOf(overOne, more);
        overTwo = Arrays.copyOf(overTwo, more);
        ms = Arrays.copyOf(ms, more);
    }

    /// How the pictures so far differ.
    public PictureDifferences differences() {
        return PictureDifferences.ofMotion(
                Arrays.copyOf(peak, size),
                Arrays.copyOf(overOne, size),
                Arrays.copyOf(overTwo, size),
                Arrays.copyOf(ms, size));
    }

    /// Counts what has come in.
    ///
    /// @throws IllegalStateException before there are three pictures
    public PictureCount count() {
        return differences().count();
    }
}
