package app.fluss.files.overlay;

import app.fluss.core.overlay.FigureShapes;
import app.fluss.core.overlay.GlyphNamer;
import app.fluss.core.overlay.OverlayReader;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.Area;
import app.fluss.core.picture.DistinctPictures;
import app.fluss.core.picture.Look;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.zip.GZIPInputStream;

/// Reads the numbers that stand on the pictures of a clip. The clip is gone through once: the rectangles are
/// kept on disk, and its pictures are compared where no rectangle is.
public final class ClipOverlays {
    /// So much around a rectangle is looked at with it: text that touches its edge is text still.
    private static final int AROUND = 3;

    /// What is kept of a clip to look at stays small against the study.
    private static final int MOST_CROP_BYTES = 8 << 20;

    private static final int FEWEST = 3;
    private static final double LOOKING = 0.5;
    private static final String SHAPES = "shapes.gz";

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
        for (AskedNumber one : asked) {
            if (!one.area().isWithin(clip.width(), clip.height())) {
                throw new IllegalArgumentException(
                        "the area \"%s\" (%s) does not lie within the pictures, which are %d × %d px"
                                .formatted(one.name(), one.area().text(), clip.width(), clip.height()));
            }
        }
        List<Area> areas = asked.stream().map(AskedNumber::area).toList();
        List<Area> grown = areas.stream().map(area -> grown(area, clip)).toList();
        Path folder = Files.createTempDirectory("fluss-overlay");
        List<CropFile> crops = new ArrayList<>();
        try {
            for (Area area : grown) {
                crops.add(new CropFile(area, folder));
            }
            DistinctPictures distinct =
                    new DistinctPictures(clip.width(), clip.height(), clip.size(), new Look(Optional.empty(), areas));
            Looking looking = new Looking(clip, grown, crops, distinct, fps);
            String missing = looking.through(progress.part(0, LOOKING));
            double[] ms = looking.ms();
            List<RecordedNumber> numbers = new ArrayList<>();
            OverlayReader reader = new OverlayReader(namer, shapes());
            for (AskedNumber one : asked) {
                int done = numbers.size();
                double share = (1 - LOOKING) / asked.size();
                Progress part = progress.part(LOOKING + done * share, LOOKING + (done + 1) * share);
                OverlaySeries series = reader.read(crops.get(done), ms, one.told(), part);
                StandCrops kept = crops.get(done).of(series.stands(), MOST_CROP_BYTES / asked.size());
                numbers.add(new RecordedNumber(one.name(), one.area(), series, one.told(), kept));
            }
            RecordedNumbers recorded =
                    new RecordedNumbers(clipName, clip.width(), clip.height(), fps, ms.length, missing, numbers);
            return new Overlays(recorded, distinct.differences());
        } finally {
            for (CropFile file : crops) {
                file.close();
            }
            Files.deleteIfExists(folder);
        }
    }

    private static Area grown(Area area, Clip clip) {
        int x = Math.max(0, area.x() - AROUND);
        int y = Math.max(0, area.y() - AROUND);
        return new Area(
                x,
                y,
                Math.min(clip.width(), area.x() + area.width() + AROUND) - x,
                Math.min(clip.height(), area.y() + area.height() + AROUND) - y);
    }

    private static FigureShapes shapes() throws IOException {
        try (InputStream packed = ClipOverlays.class.getResourceAsStream(SHAPES)) {
            if (packed == null) {
                throw new IOException("a part of the program is missing: " + SHAPES);
            }
            return new FigureShapes(new GZIPInputStream(packed).readAllBytes());
        }
    }

    /// The way through the clip.
    private static final class Looking {
        private final Clip clip;
        private final List<Area> grown;
        private final List<CropFile> crops;
        private final DistinctPictures distinct;
        private final double[] ms;
        private int taken;

        Looking(Clip clip, List<Area> grown, List<CropFile> crops, DistinctPictures distinct, double fps) {
            this.clip = clip;
            this.grown = grown;
            this.crops = crops;
            this.distinct = distinct;
            ms = new double[clip.size()];
            boolean stamped = true;
            for (int i = 0; i < ms.length; i++) {
                ms[i] = clip.ms(i);
                stamped &= i == 0 ? Double.isFinite(ms[0]) : ms[i] > ms[i - 1];
            }
            for (int i = 0; !stamped && i < ms.length; i++) {
                ms[i] = i * 1000 / fps;
            }
        }

        /// Takes picture after picture, as far as they can be read.
        ///
        /// @return what is missing, in words
        String through(Progress progress) throws IOException, InputException {
            byte[] luma = new byte[clip.width() * clip.height()];
            clip.watch(grown);
            for (; taken < ms.length; taken++) {
                progress.check((double) taken / ms.length);
                try {
                    clip.luma(taken, luma);
                } catch (InputException e) {
                    if (taken < FEWEST) {
                        throw e;
                    }
                    return "from picture %d on there is %s".formatted(taken + 1, e.found());
                }
                for (int i = 0; i < crops.size(); i++) {
                    byte[] colour =
                            new byte[2 * grown.get(i).width() * grown.get(i).height()];
                    clip.colour(i, colour);
                    crops.get(i).add(luma, clip.width(), colour);
                }
                distinct.add(luma, ms[taken]);
            }
            return clip.missing();
        }

        double[] ms() {
            return Arrays.copyOf(ms, taken);
        }
    }
}
