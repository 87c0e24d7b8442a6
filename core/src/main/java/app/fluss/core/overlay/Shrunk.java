package app.fluss.core.overlay;

/// Crops of half the size, the mean of each four pixels: large glyphs are read as well, and many times faster.
final class Shrunk implements Crops {
    /// Pixels of a side that become one.
    static final int BY = 2;

    private final Crops large;
    private final byte[] crop;

    Shrunk(Crops large) {
        this.large = large;
        crop = new byte[PLANES * large.width() * large.height()];
    }

    @Override
    public int width() {
        return large.width() / BY;
    }

    @Override
    public int height() {
        return large.height() / BY;
    }

    @Override
    public int size() {
        return large.size();
    }

    @Override
    public void read(int picture, byte[] into) {
        large.read(picture, crop);
        int at = 0;
        for (int plane = 0; plane < PLANES; plane++) {
            int from = plane * large.width() * large.height();
            for (int y = 0; y < height(); y++) {
                for (int x = 0; x < width(); x++) {
                    int first = from + BY * y * large.width() + BY * x;
                    int second = first + large.width();
                    int sum = (crop[first] & 0xFF)
                            + (crop[first + 1] & 0xFF)
                            + (crop[second] & 0xFF)
                            + (crop[second + 1] & 0xFF);
                    into[at++] = (byte) ((sum + 2) / (BY * BY));
                }
            }
        }
    }
}
