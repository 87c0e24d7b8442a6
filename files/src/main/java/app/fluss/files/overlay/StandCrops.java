package app.fluss.files.overlay;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// For readings of a number the picture that it was read from: what stood in its rectangle, in shades of grey.
public final class StandCrops {
    private final int width;
    private final int height;
    private final byte[] @Nullable [] grey;

    /// @param width px
    /// @param height px
    /// @param grey for each reading its picture, row by row; null or missing at the end where none is kept
    StandCrops(int width, int height, byte[] @Nullable [] grey) {
        this.width = width;
        this.height = height;
        this.grey = grey.clone();
    }

    /// Width, px.
    public int width() {
        return width;
    }

    /// Height, px.
    public int height() {
        return height;
    }

    /// For how many readings it was asked, at most.
    int size() {
        return grey.length;
    }

    /// The picture of a reading, row by row, unsigned; empty where none was kept. Not a copy.
    ///
    /// @param stand number of the reading, in the order of time
    public Optional<byte[]> of(int stand) {
        return stand < grey.length ? Optional.ofNullable(grey[stand]) : Optional.empty();
    }
}
