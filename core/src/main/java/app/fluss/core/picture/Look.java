package app.fluss.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Where in the pictures of a clip to look.
///
/// @param within only here; empty for everywhere
/// @param without not here, such as where overlays stand
public record Look(Optional<Area> within, List<Area> without) {
    /// Everywhere.
    public static final Look EVERYWHERE = new Look(Optional.empty(), List.of());

    /// Keeps a copy.
    public Look {
        without = List.copyOf(without);
    }

    /// The pixels that count, row by row.
    ///
    /// @throws IllegalArgumentException if an area does not lie within the pictures, or nothing is left to
    /// look at
    boolean[] mask(int width, int height) {
        for (Area area : areas()) {
            if (!area.isWithin(width, height)) {
                throw new IllegalArgumentException("an area must lie within %d × %d px".formatted(width, height));
            }
        }
        boolean[] mask = new boolean[width * height];
        int left = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                boolean counts = counts(x, y);
                mask[y * width + x] = counts;
                left += counts ? 1 : 0;
            }
        }
        if (left == 0) {
            throw new IllegalArgumentException("nothing is left to look at");
        }
        return mask;
    }

    private boolean counts(int x, int y) {
        return within.map(area -> area.contains(x, y)).orElse(true)
                && without.stream().noneMatch(area -> area.contains(x, y));
    }

    private List<Area> areas() {
        List<Area> all = new ArrayList<>(without);
        within.ifPresent(all::add);
        return all;
    }
}
