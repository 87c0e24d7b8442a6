package app.fluss.core.feel;

import java.util.Arrays;
import java.util.function.IntFunction;

/// What a sequence of pictures flashes. A flash is a pair of opposing changes of relative luminance of a
/// tenth or more, where the darker picture is below 0.8; more than three within a second over more than a
/// quarter of ten degrees of the field of view can harm photosensitive people (WCAG 2.2, 2.3.1 and its
/// definition of general flash; ITU-R BT.1702; numbers from memory).
///
/// @param perSecond the most flashes that any place has within a second
/// @param flashingPx2 area of the places that flash more than three times within a second
/// @param changingPx2 the largest area that changes by a tenth or more from one picture to the next
public record FlashLimits(int perSecond, double flashingPx2, double changingPx2) {
    /// Area that may flash, px² of 1/96 inch: a quarter of 341 by 256.
    public static final double AREA_PX2 = 341 * 256 / 4.0;

    /// Flashes within a second that any area may have: {@value}.
    public static final int MOST_PER_SECOND = 3;

    private static final double CHANGE = 0.1;
    private static final double DARK = 0.8;

    /// Walks pictures on a grid of places.
    ///
    /// @param picture by its number from 0 on
    /// @param pictures how many
    /// @param hz pictures a second
    /// @param width of the field, px
    /// @param height of the field, px
    /// @param step between places, px
    public static FlashLimits of(
            IntFunction<FeelPicture> picture, int pictures, double hz, double width, double height, double step) {
        int columns = (int) Math.ceil(width / step);
        int places = columns * (int) Math.ceil(height / step);
        Walk walk = new Walk(places, Math.max(1, (int) Math.round(hz)));
        for (int i = 0; i < pictures; i++) {
            FeelPicture now = picture.apply(i);
            for (int place = 0; place < places; place++) {
                int row = place / columns;
                walk.see(place, i, now.luminance((place % columns + 0.5) * step, (row + 0.5) * step));
            }
            walk.next();
        }
        return new FlashLimits(
                Arrays.stream(walk.most).max().orElse(0) / 2,
                Arrays.stream(walk.most)
                                .filter(changes -> changes / 2 > MOST_PER_SECOND)
                                .count()
                        * step
                        * step,
                walk.mostChanging * step * step);
    }

    /// Whether they stay within the limits.
    public boolean areKept() {
        return flashingPx2 <= AREA_PX2 && changingPx2 <= AREA_PX2;
    }

    /// The changes of each place within the last second.
    private static final class Walk {
        private final double[] turned;
        private final double[] before;
        private final int[] heading;
        private final int[] most;
        private final int[][] changes;
        private final int[] changed;
        private final int second;
        private int changing;
        private int mostChanging;

        Walk(int places, int second) {
            turned = new double[places];
            before = new double[places];
            heading = new int[places];
            most = new int[places];
            changed = new int[places];
            changes = new int[places][second + 1];
            this.second = second;
            Arrays.fill(turned, Double.NaN);
            Arrays.fill(before, Double.NaN);
        }

        void see(int place, int picture, double luminance) {
            if (Double.isNaN(turned[place])) {
                turned[place] = luminance;
            }
            if (Math.abs(luminance - before[place]) >= CHANGE) {
                changing++;
            }
            before[place] = luminance;
            double from = turned[place];
            int way = (int) Math.signum(luminance - from);
            boolean isChange = Math.abs(luminance - from) >= CHANGE && Math.min(luminance, from) < DARK;
            if (isChange && way != heading[place]) {
                note(place, picture);
                heading[place] = way;
                turned[place] = luminance;
            } else if (way == heading[place]) {
                turned[place] = luminance;
            }
        }

        private void note(int place, int picture) {
            int[] ring = changes[place];
            ring[changed[place] % ring.length] = picture + 1;
            changed[place]++;
            int within = 0;
            for (int at : ring) {
                within += at > 0 && picture + 1 - at < second ? 1 : 0;
            }
            most[place] = Math.max(most[place], within);
        }

        void next() {
            mostChanging = Math.max(mostChanging, changing);
            changing = 0;
        }
    }
}
