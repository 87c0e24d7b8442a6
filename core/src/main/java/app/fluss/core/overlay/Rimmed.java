package app.fluss.core.overlay;

import java.util.Arrays;

/// Crops as brightness within dark rims: of each pixel, by how much it is brighter than any way to it from outside
/// of the crop is at its darkest. Text with an outline stands out of a scene as bright as it is, which is reached
/// along itself. No picture needs another one, so that the text may change with each.
///
/// That is the reconstruction of a picture from its border (L. Vincent, "Morphological grayscale reconstruction in
/// image analysis", IEEE Transactions on Image Processing 2(2), 1993; from memory). It is done by narrow ways, which
/// find the gaps of a thin rim, and by ways two pixels wide, which do not come between glyphs: what the first reach
/// a little less well is text by as much as the second say.
final class Rimmed implements Crops {
    private static final int LITTLE = 4;
    private static final byte NO_COLOUR = (byte) 128;

    private final Crops plain;
    private final byte[] crop;
    private final int[] narrow;
    private final int[] wide;
    private final Ways narrowWays;
    private final Ways wideWays;

    Rimmed(Crops plain) {
        this.plain = plain;
        int width = plain.width();
        int height = plain.height();
        crop = new byte[PLANES * width * height];
        narrow = new int[width * height];
        wide = new int[(width - 1) * (height - 1)];
        narrowWays = new Ways(width, height);
        wideWays = new Ways(width - 1, height - 1);
    }

    @Override
    public int width() {
        return plain.width();
    }

    @Override
    public int height() {
        return plain.height();
    }

    @Override
    public int size() {
        return plain.size();
    }

    @Override
    public void read(int picture, byte[] into) {
        plain.read(picture, crop);
        int width = width();
        for (int at = 0; at < narrow.length; at++) {
            narrow[at] = crop[at] & 0xFF;
        }
        for (int at = 0; at < wide.length; at++) {
            int pixel = at / (width - 1) * width + at % (width - 1);
            wide[at] = Math.min(
                    Math.min(narrow[pixel], narrow[pixel + 1]),
                    Math.min(narrow[pixel + width], narrow[pixel + width + 1]));
        }
        narrowWays.reach(narrow);
        wideWays.reach(wide);
        for (int y = 0; y < height(); y++) {
            for (int x = 0; x < width; x++) {
                int at = y * width + x;
                int bright = crop[at] & 0xFF;
                into[at] = (byte) Math.min(LITTLE * (bright - narrow[at]), bright - widest(x, y));
            }
        }
        Arrays.fill(into, narrow.length, PLANES * narrow.length, NO_COLOUR);
    }

    /// How bright the best wide way is that comes over a pixel.
    private int widest(int x, int y) {
        int across = width() - 1;
        int best = 0;
        for (int above = Math.max(0, y - 1); above <= Math.min(height() - 2, y); above++) {
            for (int before = Math.max(0, x - 1); before <= Math.min(across - 1, x); before++) {
                best = Math.max(best, wide[above * across + before]);
            }
        }
        return best;
    }

    /// The ways from outside over a field, from each place to those above, below and beside it.
    private static final class Ways {
        private static final int LEVELS = 256;

        private final int across;
        private final int down;
        private final boolean[] reached;
        /// Places to go on from by how bright their way is, chained: the first of each level, the next of each.
        private final int[] first = new int[LEVELS];
        private final int[] next;

        Ways(int across, int down) {
            this.across = across;
            this.down = down;
            reached = new boolean[across * down];
            next = new int[across * down];
        }

        /// Puts in place of how bright each place is, how bright the best way to it is at its darkest.
        void reach(int[] field) {
            if (field.length == 0) {
                return;
            }
            Arrays.fill(first, -1);
            Arrays.fill(reached, false);
            for (int x = 0; x < across; x++) {
                reach(field, x, LEVELS - 1);
                reach(field, (down - 1) * across + x, LEVELS - 1);
            }
            for (int y = 0; y < down; y++) {
                reach(field, y * across, LEVELS - 1);
                reach(field, y * across + across - 1, LEVELS - 1);
            }
            for (int level = LEVELS - 1; level >= 0; level--) {
                while (first[level] >= 0) {
                    int at = first[level];
                    first[level] = next[at];
                    int x = at % across;
                    if (x > 0) {
                        reach(field, at - 1, level);
                    }
                    if (x < across - 1) {
                        reach(field, at + 1, level);
                    }
                    if (at >= across) {
                        reach(field, at - across, level);
                    }
                    if (at < field.length - across) {
                        reach(field, at + across, level);
                    }
                }
            }
        }

        private void reach(int[] field, int at, int level) {
            if (!reached[at]) {
                reached[at] = true;
                field[at] = Math.min(level, field[at]);
                next[at] = first[field[at]];
                first[field[at]] = at;
            }
        }
    }
}
