package app.fluss.files.overlay;

import app.fluss.core.picture.Area;
import app.fluss.core.picture.DistinctPictures;
import app.fluss.core.picture.Look;
import app.fluss.core.picture.PictureDifferences;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.log.InputException;
import java.io.Closeable;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What a clip is looked at for, picture by picture: the rectangles are kept on disk, and the pictures
/// are compared where no rectangle is.
final class ClipCrops implements Closeable {
    /// So much around a rectangle is looked at with it: text that touches its edge is text still.
    private static final int AROUND = 3;
    /// So much more is kept on both sides, in heights of the rectangle: where text touches its edge even so, that text
    /// is looked at to its end.
    private static final double BESIDE = 1.25;

    private static final int FEWEST = 3;

    private final Clip clip;
    private final List<AskedNumber> asked;
    private final double fps;
    private final List<Area> kept;
    private final Path folder;
    private final List<CropFile> files = new ArrayList<>();
    private final DistinctPictures distinct;
    private final byte[] luma;
    private final boolean stamped;
    private int taken;
    private String torn = "";

    /// @throws IllegalArgumentException if a rectangle does not lie within the pictures, or they leave nothing
    ///     else
    ClipCrops(Clip clip, List<AskedNumber> asked, double fps) throws IOException {
        for (AskedNumber one : asked) {
            if (!one.area().isWithin(clip.width(), clip.height())) {
                throw new IllegalArgumentException(
                        "the area \"%s\" (%s) does not lie within the pictures, which are %d × %d px"
                                .formatted(one.name(), one.area().text(), clip.width(), clip.height()));
            }
        }
        this.clip = clip;
        this.asked = List.copyOf(asked);
        this.fps = fps;
        List<Area> areas = asked.stream().map(AskedNumber::area).toList();
        List<Area> grown =
                areas.stream().map(area -> grown(area, AROUND, AROUND)).toList();
        kept = grown.stream()
                .map(area -> grown(area, (int) (BESIDE * area.height()), 0))
                .toList();
        distinct = new DistinctPictures(clip.width(), clip.height(), clip.size(), new Look(Optional.empty(), areas));
        luma = new byte[clip.width() * clip.height()];
        stamped = isStamped();
        clip.watch(kept);
        folder = Files.createTempDirectory("fluss-overlay");
        try {
            for (int i = 0; i < grown.size(); i++) {
                files.add(new CropFile(kept.get(i), grown.get(i), folder));
            }
        } catch (IOException e) {
            close();
            throw e;
        }
    }

    private Area grown(Area area, int beside, int above) {
        int x = Math.max(0, area.x() - beside);
        int y = Math.max(0, area.y() - above);
        return new Area(
                x,
                y,
                Math.min(clip.width(), area.x() + area.width() + beside) - x,
                Math.min(clip.height(), area.y() + area.height() + above) - y);
    }

    private boolean isStamped() {
        boolean rising = Double.isFinite(clip.ms(0));
        for (int i = 1; i < clip.size(); i++) {
            rising &= clip.ms(i) > clip.ms(i - 1);
        }
        return rising;
    }

    /// Takes picture after picture, as far as they can be read.
    ///
    /// @param upTo pictures to have then
    /// @throws InputException if not even the first pictures can be read: it says where and why
    void take(int upTo, Progress progress) throws IOException, InputException {
        int from = taken;
        while (taken < upTo) {
            progress.check((double) (taken - from) / (upTo - from));
            try {
                takeNext();
            } catch (InputException e) {
                if (taken < FEWEST) {
                    throw e;
                }
                torn = "from picture %d on there is %s".formatted(taken + 1, e.found());
                return;
            }
        }
        torn = "";
    }

    private void takeNext() throws IOException, InputException {
        clip.luma(taken, luma);
        for (int i = 0; i < files.size(); i++) {
            byte[] colour = new byte[2 * kept.get(i).width() * kept.get(i).height()];
            clip.colour(i, colour);
            files.get(i).add(luma, clip.width(), colour);
        }
        distinct.add(luma, ms(taken));
        taken++;
    }

    private double ms(int picture) {
        return stamped ? clip.ms(picture) : picture * 1000 / fps;
    }

    List<AskedNumber> asked() {
        return asked;
    }

    /// Pictures that were taken.
    int taken() {
        return taken;
    }

    /// When each of them is shown, ms.
    double[] ms() {
        double[] ms = new double[taken];
        for (int i = 0; i < taken; i++) {
            ms[i] = ms(i);
        }
        return ms;
    }

    /// The crops of a number that was asked for.
    CropFile of(int number) {
        return files.get(number);
    }

    /// How the pictures differ that were taken.
    PictureDifferences differences() {
        return distinct.differences();
    }

    Overlays overlays(String clipName, List<RecordedNumber> numbers) {
        String missing = torn.isEmpty() ? clip.missing() : torn;
        return new Overlays(
                new RecordedNumbers(clipName, clip.width(), clip.height(), fps, taken, missing, numbers),
                differences());
    }

    @Override
    public void close() throws IOException {
        for (CropFile file : files) {
            file.close();
        }
        Files.deleteIfExists(folder);
    }
}
