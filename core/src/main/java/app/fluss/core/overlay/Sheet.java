package app.fluss.core.overlay;

/// A clean picture for the engine: glyphs dark on light, large, with room around them.
final class Sheet {
    private static final double TALL = 34;
    private static final int ROOM = 14;

    private final float[] ink;
    private final int width;
    private final int rows;

    Sheet(int width, int rows) {
        this.width = width;
        this.rows = rows;
        ink = new float[width * rows];
    }

    void put(Patch patch, int left) {
        for (int y = 0; y < Math.min(rows, patch.rows()); y++) {
            for (int x = 0; x < patch.width(); x++) {
                int at = left + x;
                if (at >= 0 && at < width) {
                    ink[y * width + at] = Math.max(ink[y * width + at], patch.shares()[y * patch.width() + x]);
                }
            }
        }
    }

    String read(GlyphNamer namer, GlyphNamer.Layout layout, int figureHeight) {
        double by = TALL / figureHeight;
        int outWidth = (int) Math.ceil(width * by) + 2 * ROOM;
        int outHeight = (int) Math.ceil(rows * by) + 2 * ROOM;
        byte[] grey = new byte[outWidth * outHeight];
        for (int y = 0; y < outHeight; y++) {
            for (int x = 0; x < outWidth; x++) {
                double share = at((x - ROOM + 0.5) / by - 0.5, (y - ROOM + 0.5) / by - 0.5);
                grey[y * outWidth + x] = (byte) (int) Math.rint(255 * (1 - Math.clamp(share * 1.6 - 0.3, 0, 1)));
            }
        }
        return namer.read(grey, outWidth, outHeight, layout);
    }

    private double at(double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double right = x - left;
        double below = y - top;
        return (one(left, top) * (1 - right) + one(left + 1, top) * right) * (1 - below)
                + (one(left, top + 1) * (1 - right) + one(left + 1, top + 1) * right) * below;
    }

    private float one(int x, int y) {
        return x < 0 || x >= width || y < 0 || y >= rows ? 0 : ink[y * width + x];
    }
}
