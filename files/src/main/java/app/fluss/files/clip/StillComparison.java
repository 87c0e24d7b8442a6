package app.fluss.files.clip;

import app.fluss.core.picture.PictureQuality;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;

/// One still against another.
public final class StillComparison {
    private final PictureQuality quality;
    private final byte[] map;
    private final int width;

    private StillComparison(StillFile.Still reference, StillFile.Still picture) {
        width = reference.width();
        quality = PictureQuality.of(reference.luma(), picture.luma(), width, reference.height());
        map = PictureQuality.differenceMap(reference.luma(), picture.luma());
    }

    /// Reads and compares both.
    ///
    /// @param reference what it should look like, a PNG picture
    /// @param picture what it looks like, a PNG picture of the same size
    /// @throws InputException if one cannot be read, or their sizes differ
    public static StillComparison read(Path reference, Path picture) throws IOException, InputException {
        StillFile.Still a = StillFile.read(reference);
        StillFile.Still b = StillFile.read(picture);
        if (a.width() != b.width() || a.height() != b.height()) {
            throw new InputException(
                    picture,
                    0,
                    0,
                    "a picture of %d × %d px".formatted(b.width(), b.height()),
                    "%d × %d px, as the reference".formatted(a.width(), a.height()));
        }
        return new StillComparison(a, b);
    }

    /// How close they are.
    public PictureQuality quality() {
        return quality;
    }

    /// Where they differ, row by row, unsigned; brighter is more. Not a copy.
    public byte[] differenceMap() {
        return map;
    }

    /// Width of both, px.
    public int width() {
        return width;
    }

    /// Height of both, px.
    public int height() {
        return map.length / width;
    }
}
