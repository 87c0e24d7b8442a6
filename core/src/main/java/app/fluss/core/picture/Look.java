package app.fluss.core.picture;

import java.util.Optional;

/// Where in the pictures of a clip to look.
///
/// @param within only here; empty for everywhere
/// @param without not here, such as where an overlay stands; empty for nowhere
public record Look(Optional<Area> within, Optional<Area> without) {
    /// Everywhere.
    public static final Look EVERYWHERE = new Look(Optional.empty(), Optional.empty());

    /// The pixels that count, row by row.
    ///
    /// @throws IllegalArgumentException if an area does not lie within the pictures, or nothing is left to
    /// look at
    boolean[] mask(int width, int height) {
        for (Area area :
                new Area[] {within.orElse(new Area(0, 0, width, height)), without.orElse(new Area(0, 0, 1, 1))}) {
            if (!area.isWithin(width, height)) {
                throw new IllegalArgumentException("an area must lie within %d × %d px".formatted(width, height));
            }
        }
        boolean[] mask = new boolean[width * height];
        int left = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                boolean counts = contains(within, x, y, true) && !contains(without, x, y, false);
                mask[y * width + x] = counts;
                left += counts ? 1 : 0;
            }
        }
        if (left == 0) {
            throw new IllegalArgumentException("nothing is left to look at");
        }
        return mask;
    }

    private static boolean contains(Optional<Area> area, int x, int y, boolean otherwise) {
        return area.map(at -> x >= at.x() && x < at.x() + at.width() && y >= at.y() && y < at.y() + at.height())
                .orElse(otherwise);
    }
}
