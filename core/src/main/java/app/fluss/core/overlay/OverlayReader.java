package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.List;
import java.util.stream.Stream;
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
    private static final double MOVING = 0.5;
    private static final int MOST_STEADIED = 2;

    /// Most overlays are white (common practice, no source); over a bright scene it is not found as it
    /// moves.
    private static final Ink WHITE = new Ink(255, 128, 128, 24);

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
        Learner.Learnt moving = learn(crops, inks, told, progress.part(SEARCHING, MOVING));
        boolean plain = moving != null && moving.isTrusted() && moving.place().sureShare() > PLAIN;
        return plain ? new LearntNumber(moving) : steadied(crops, moving, inks, told, progress.part(MOVING, 1));
    }

    /// Where what moves behind the text looks like it, it is taken away over several pictures.
    private LearntNumber steadied(
            Crops crops,
            Learner.@Nullable Learnt moving,
            List<InkSearch.Found> inks,
            List<GlyphClass> told,
            Progress progress) {
        LearntNumber best = new LearntNumber(moving);
        double worth = moving == null || !moving.isTrusted() ? 0 : moving.worth();
        List<Ink> tried = Stream.concat(inks.stream().map(InkSearch.Found::ink).limit(MOST_STEADIED), Stream.of(WHITE))
                .toList();
        for (int i = 0; i < tried.size(); i++) {
            Progress part = progress.part((double) i / tried.size(), (i + 1.0) / tried.size());
            Ink ink = tried.get(i);
            Crops steady = Steadied.back(crops, ink);
            List<InkSearch.Found> found = new InkSearch(steady).find(part.part(0, SEARCHING));
            Learner.Learnt learnt = learn(steady, found, told, part.part(SEARCHING, 1));
            if (learnt != null && learnt.isTrusted() && learnt.worth() > BETTER * worth) {
                best = LearntNumber.ofSteadied(learnt, ink);
                worth = learnt.worth();
            }
        }
        return best;
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
