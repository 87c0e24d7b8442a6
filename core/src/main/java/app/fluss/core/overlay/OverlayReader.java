package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// Reads the number that one rectangle of a clip shows, on every picture: it learns from the clip itself
/// what its glyphs look like, has them named, and reads by them. What is not beyond doubt stays open.
public final class OverlayReader {
    private static final int MOST_INKS = 4;
    private static final double BETTER = 1.05;
    private static final double PLAIN = 0.9;
    private static final int SEVERAL = 3;
    private static final int LARGE = 36;
    private static final double LEARNING = 0.4;
    private static final double SEARCHING = 0.12;

    private final GlyphNamer namer;
    private final FigureShapes shapes;

    /// @param namer names glyphs
    /// @param shapes are the second opinion
    public OverlayReader(GlyphNamer namer, FigureShapes shapes) {
        this.namer = namer;
        this.shapes = shapes;
    }

    /// Reads a number on every picture.
    ///
    /// @param told glyphs of this clip, or of one with the same overlay, that the analyst has named: they are
    ///     taken as they were called
    /// @param ms when each picture is shown, ms from the clip's begin, rising; as many as there are crops, one
    ///     at least
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public OverlaySeries read(Crops crops, double[] ms, List<GlyphClass> told, Progress progress) {
        return learn(crops, told, progress.part(0, LEARNING)).read(crops, ms, progress.part(LEARNING, 1));
    }

    /// Learns what the number looks like, to read these pictures or more of the same recording.
    ///
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    LearntNumber learn(Crops crops, List<GlyphClass> told, Progress progress) {
        List<InkSearch.Found> inks = new InkSearch(crops).find(progress.part(0, SEARCHING));
        if (!inks.isEmpty() && inks.getFirst().figureHeight() > LARGE) {
            return LearntNumber.ofHalf(learn(new Shrunk(crops), told, progress.part(SEARCHING, 1)));
        }
        return new LearntNumber(learn(crops, inks, told, progress.part(SEARCHING, 1)));
    }

    private Learner.@Nullable Learnt learn(
            Crops crops, List<InkSearch.Found> inks, List<GlyphClass> told, Progress progress) {
        Learner.@Nullable Learnt best = null;
        int tried = Math.min(MOST_INKS, inks.size());
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        for (int i = 0; i < tried; i++) {
            Progress part = progress.part((double) i / tried, (i + 1.0) / tried);
            Learner learner = new Learner(crops.width(), crops.height(), inks.get(i), namer, shapes);
            int samples = Learner.sampleCount(crops);
            for (int s = 0; s < samples; s++) {
                crops.read((int) ((long) s * crops.size() / samples), crop);
                learner.take(crop);
                part.check(0.3 * s / samples);
            }
            Learner.Learnt learnt = learner.learn(told, part.part(0.3, 1));
            if (best == null || learnt.worth() > BETTER * best.worth()) {
                best = learnt;
            }
            if (best.place().sureShare() > PLAIN && best.place().figures() >= SEVERAL) {
                break;
            }
        }
        return best;
    }
}
