package app.fluss.files.overlay;

import app.fluss.core.overlay.FollowedNumber;
import app.fluss.core.overlay.GlyphNamer;
import app.fluss.core.overlay.OverlayReader;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.GrowingClip;
import app.fluss.files.log.InputException;
import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Reads numbers along with a folder of pictures that a recorder still writes. Not safe for threads.
public final class FollowedOverlays implements Closeable {
    private static final double LOOKING = 0.5;

    private final GrowingClip clip;
    private final GlyphNamer namer;
    private final ClipCrops crops;
    private final List<FollowedNumber> numbers = new ArrayList<>();

    /// @param clip stays open while this is
    /// @param asked the numbers, each by another name
    /// @param fps pictures a second of the recorder, above 0
    /// @throws IllegalArgumentException if a rectangle does not lie within the pictures, or they leave nothing
    ///     else
    public FollowedOverlays(GrowingClip clip, List<AskedNumber> asked, double fps, GlyphNamer namer)
            throws IOException {
        this.clip = clip;
        this.namer = namer;
        crops = new ClipCrops(clip, asked, fps);
        OverlayReader reader = ClipOverlays.reader(namer);
        for (int i = 0; i < asked.size(); i++) {
            numbers.add(new FollowedNumber(
                    reader, crops.of(i).rectangle(), asked.get(i).told()));
        }
    }

    /// Takes the pictures that have come.
    ///
    /// @return how many are taken now
    /// @throws InputException if not even the first pictures can be read, or there are too many: it says why
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public int take(Progress progress) throws IOException, InputException {
        crops.take(Math.max(crops.taken(), clip.grow() - GrowingClip.UNFINISHED), progress);
        return crops.taken();
    }

    /// Counts the distinct pictures so far; there are three at least.
    public PictureCount count() {
        return crops.differences().count();
    }

    /// What the numbers showed so far, in the order in which they were asked for; none before there are
    /// pictures.
    ///
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public List<OverlaySeries> soFar(Progress progress) {
        List<OverlaySeries> soFar = new ArrayList<>();
        double[] ms = crops.ms();
        for (FollowedNumber number : crops.taken() == 0 ? List.<FollowedNumber>of() : numbers) {
            int done = soFar.size();
            double all = numbers.size();
            soFar.add(number.read(ms, progress.part(done / all, (done + 1) / all)));
        }
        return soFar;
    }

    /// Takes what is left once nothing comes any more, and reads all pictures by all that can be learnt
    /// of them, as if the folder had been whole from the begin.
    ///
    /// @param clipName name of the folder
    /// @throws InputException if not even the first pictures can be read: it says where and why
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public Overlays end(String clipName, Progress progress) throws IOException, InputException {
        crops.take(clip.grow(), progress.part(0, LOOKING));
        return ClipOverlays.read(crops, clipName, namer, progress.part(LOOKING, 1));
    }

    @Override
    public void close() throws IOException {
        crops.close();
    }
}
