package app.fluss.core.overlay;

/// Some columns of crops.
final class Columns implements Crops {
    private final Crops all;
    private final int from;
    private final int width;
    private final byte[] crop;

    Columns(Crops all, int from, int to) {
        this.all = all;
        this.from = from;
        width = to - from;
        crop = new byte[PLANES * all.width() * all.height()];
    }

    @Override
    public int width() {
        return width;
    }

    @Override
    public int height() {
        return all.height();
    }

    @Override
    public int size() {
        return all.size();
    }

    @Override
    public void read(int picture, byte[] into) {
        all.read(picture, crop);
        for (int row = 0; row < PLANES * height(); row++) {
            System.arraycopy(crop, row * all.width() + from, into, row * width, width);
        }
    }
}
