package app.fluss.files.overlay;

import app.fluss.core.overlay.FigureNet;
import app.fluss.core.overlay.FigureShapes;
import app.fluss.core.overlay.GlyphNamer;
import app.fluss.core.overlay.OverlayReader;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.GZIPInputStream;

/// Reads the numbers that stand on the pictures of a clip. The clip is gone through once: the rectangles
/// are kept on disk, and its pictures are compared where no rectangle is.
public final class ClipOverlays {
    /// What is kept of a clip to look at stays small against the study.
    private static final int MOST_CROP_BYTES = 8 << 20;

    private static final double LOOKING = 0.5;
    private static final String SHAPES = "shapes.gz";
    private static final String NET = "figures.gz";

    private ClipOverlays() {}

    /// Reads a clip.
    ///
    /// @param clipName name of its file
    /// @param asked the numbers, each by another name
    /// @param fps pictures a second of the clip, above 0
    /// @throws InputException if not even its first pictures can be read: it says where and why
    /// @throws IllegalArgumentException if a rectangle does not lie within the pictures, or they leave nothing
    ///     else
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static Overlays read(
            Clip clip, String clipName, List<AskedNumber> asked, double fps, GlyphNamer namer, Progress progress)
            throws IOException, InputException {
        try (ClipCrops crops = new ClipCrops(clip, asked, fps)) {
            crops.take(clip.size(), progress.part(0, LOOKING));
            return read(crops, clipName, namer, progress.part(LOOKING, 1));
        }
    }

    /// Reads all that was taken of a clip.
    static Overlays read(ClipCrops crops, String clipName, GlyphNamer namer, Progress progress) throws IOException {
        List<AskedNumber> asked = crops.asked();
        double[] ms = crops.ms();
        List<RecordedNumber> numbers = new ArrayList<>();
        OverlayReader reader = reader(namer);
        for (AskedNumber one : asked) {
            int done = numbers.size();
            Progress part = progress.part((double) done / asked.size(), (done + 1.0) / asked.size());
            OverlaySeries series = reader.read(crops.of(done).rectangle(), ms, one.told(), part);
            StandCrops kept = crops.of(done).of(series.stands(), MOST_CROP_BYTES / asked.size());
            numbers.add(new RecordedNumber(one.name(), one.area(), series, one.told(), kept));
        }
        return crops.overlays(clipName, numbers);
    }

    static OverlayReader reader(GlyphNamer namer) throws IOException {
        return new OverlayReader(namer, shapes());
    }

    private static FigureShapes shapes() throws IOException {
        return new FigureShapes(part(SHAPES), net());
    }

    static FigureNet net() throws IOException {
        return new FigureNet(part(NET));
    }

    private static byte[] part(String name) throws IOException {
        try (InputStream packed = ClipOverlays.class.getResourceAsStream(name)) {
            if (packed == null) {
                throw new IOException("a part of the program is missing: " + name);
            }
            return new GZIPInputStream(packed).readAllBytes();
        }
    }
}
