package app.fluss.core.picture;

import java.util.Arrays;

/// Takes the pictures of a clip one after the other and keeps how each differs from those before; what was
/// counted is in [PictureDifferences].
public final class DistinctPictures {
    private final double[] overOne;
    private final double[] overTwo;
    private final int[] mask;
    private final int pixels;
    private byte[] before = new byte[0];
    private byte[] twoBefore = new byte[0];
    private int size;

    /// @param width of a picture, px
    /// @param height of a picture, px
    /// @param pictures how many will come
    /// @throws IllegalArgumentException if the areas to look at do not lie within the pictures
    public DistinctPictures(int width, int height, int pictures, Look look) {
        boolean[] counts = look.mask(width, height);
        int[] at = new int[counts.length];
        int n = 0;
        for (int i = 0; i < counts.length; i++) {
            if (counts[i]) {
                at[n++] = i;
            }
        }
        mask = Arrays.copyOf(at, n);
        pixels = n;
        overOne = new double[pictures];
        overTwo = new double[pictures];
    }

    /// Takes the next picture.
    ///
    /// @param luma brightness, row by row, unsigned; is copied
    public void add(byte[] luma) {
        overOne[size] = size == 0 ? Double.NaN : difference(luma, before);
        overTwo[size] = size < 2 ? Double.NaN : difference(luma, twoBefore);
        byte[] free = twoBefore;
        twoBefore = before;
        before = free.length == luma.length ? free : new byte[luma.length];
        System.arraycopy(luma, 0, before, 0, luma.length);
        size++;
    }

    private double difference(byte[] a, byte[] b) {
        long sum = 0;
        for (int i : mask) {
            sum += Math.abs((a[i] & 0xFF) - (b[i] & 0xFF));
        }
        return (double) sum / pixels;
    }

    /// How the pictures so far differ.
    public PictureDifferences differences() {
        return new PictureDifferences(Arrays.copyOf(overOne, size), Arrays.copyOf(overTwo, size));
    }

    /// Counts what has come in.
    ///
    /// @throws IllegalStateException before there are three pictures
    public PictureCount count() {
        return differences().count();
    }
}
