package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/// Reads the number that one rectangle of a clip shows, on every picture: it learns from the clip itself
/// what its glyphs look like, has them named, and reads by them. What is not beyond doubt stays open.
public final class OverlayReader {
    private static final int MOST_INKS = 4;
    private static final double BETTER = 1.05;
    private static final double PLAIN = 0.9;
    private static final int SEVERAL = 3;
    private static final int FEWEST_STEADIED = 5;
    private static final int LARGE = 36;
    private static final double LEARNING = 0.4;
    private static final double SEARCHING = 0.12;
    private static final double CUT = 0.14;
    private static final double MOVING = 0.4;
    private static final double RIMMED = 0.6;
    private static final double TINTED = 0.75;
    private static final double HALF = 0.5;
    private static final double[] REACHES = {12, 24};
    /// By how much a rim is darker than the text within, at least: shadows on one side leave less.
    private static final double RIM = 50;
    /// Of a fainter rim, such as white text has over a bright scene, next to nothing may be left open.
    private static final double FAINT = 24;

    private static final double FAINT_SURE = 0.7;
    private static final double FAINT_STRANGE = 0.1;
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
    public OverlaySeries read(Rectangle rectangle, double[] ms, List<GlyphClass> told, Progress progress) {
        return learnNumber(rectangle, told, progress.part(0, LEARNING))
                .read(rectangle.around(), ms, progress.part(LEARNING, 1));
    }

    /// Learns what the number looks like, to read these pictures or more of the same recording. Where it cannot be
    /// told well from what stands behind it, by its outline too, and with what moves there taken away.
    ///
    /// @return what reads crops like those around the rectangle
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    LearntNumber learnNumber(Rectangle rectangle, List<GlyphClass> told, Progress progress) {
        Crops alone = rectangle.with(Rectangle.Beside.NOTHING).around();
        List<InkSearch.Found> inks = new InkSearch(alone).find(progress.part(0, SEARCHING));
        if (!inks.isEmpty() && inks.getFirst().figureHeight() > LARGE) {
            return learnNumber(rectangle.shrunk(), told, progress.part(SEARCHING, 1))
                    .through(Shrunk::new);
        }
        Rectangle.Beside beside = inks.isEmpty()
                ? Rectangle.Beside.NOTHING
                : CutText.beside(alone, inks.getFirst(), progress.part(SEARCHING, CUT));
        Rectangle seen = rectangle.with(beside);
        List<LearntWay> ways = new ArrayList<>();
        learn(seen, inks, told, progress.part(CUT, MOVING))
                .ifPresent(learnt -> ways.add(new LearntWay(learnt, UnaryOperator.identity(), null)));
        if (ways.stream().noneMatch(OverlayReader::isPlain)) {
            rimmed(seen, told, progress.part(MOVING, RIMMED)).ifPresent(ways::add);
        }
        if (ways.stream().noneMatch(OverlayReader::isPlain)) {
            tinted(seen, inks, told, progress.part(RIMMED, TINTED)).ifPresent(ways::add);
        }
        if (ways.stream().noneMatch(OverlayReader::isPlain)) {
            steadied(seen, inks, told, progress.part(TINTED, 1)).ifPresent(ways::add);
        }
        return LearntNumber.of(ways).through(rectangle.view(beside));
    }

    /// By the rim of the text. Where that is faint and no outline, it tells the rows of the text and its colour,
    /// and the pictures what it says.
    private Optional<LearntWay> rimmed(Rectangle rectangle, List<GlyphClass> told, Progress progress) {
        Crops crops = rectangle.around();
        Rimmed rimmed = new Rimmed(crops);
        Optional<Learner.Learnt> learnt = learn(rectangle.through(_ -> rimmed), told, progress.part(0, HALF))
                .filter(OverlayReader::isRimmed);
        if (learnt.isEmpty()) {
            return Optional.empty();
        }
        InkSearch.Found found = learnt.get().found();
        Outline outline = Outline.of(crops, rimmed, found);
        if (found.ink().y() >= RIM || outline.isThere()) {
            return learnt.map(one -> new LearntWay(one, Rimmed::new, null));
        }
        List<InkSearch.Found> inks = Arrays.stream(REACHES)
                .mapToObj(outline::text)
                .flatMap(Optional::stream)
                .toList();
        return learn(rectangle, inks, told, progress.part(HALF, 1))
                .map(one -> new LearntWay(one, UnaryOperator.identity(), null));
    }

    /// By its colour, where that tells more than its brightness does.
    private Optional<LearntWay> tinted(
            Rectangle rectangle, List<InkSearch.Found> inks, List<GlyphClass> told, Progress progress) {
        List<Tint> tints = inks.stream()
                .limit(MOST_INKS)
                .map(InkSearch.Found::ink)
                .distinct()
                .map(ink -> Tint.of(rectangle.around(), ink))
                .flatMap(Optional::stream)
                .toList();
        List<LearntWay> ways = new ArrayList<>();
        for (int i = 0; i < tints.size(); i++) {
            Tint tint = tints.get(i);
            UnaryOperator<Crops> view = crops -> new Tinted(crops, tint);
            Progress part = progress.part((double) i / tints.size(), (i + 1.0) / tints.size());
            learn(rectangle.through(view), told, part).ifPresent(learnt -> ways.add(new LearntWay(learnt, view, null)));
        }
        return ways.stream().max(Comparator.comparingDouble(way -> way.learnt().worth()));
    }

    /// Whether text was told by its rim, and not by a shadow on one side.
    private static boolean isRimmed(Learner.Learnt learnt) {
        double rim = learnt.found().ink().y();
        boolean clear =
                learnt.place().sureShare() >= FAINT_SURE && learnt.place().strangeShare() <= FAINT_STRANGE;
        return rim >= (clear ? FAINT : RIM);
    }

    /// Whether looking further is not worth the while.
    private static boolean isPlain(LearntWay way) {
        return way.learnt().isTrusted() && way.learnt().place().firmShare() > PLAIN;
    }

    /// Where what moves behind the text looks like it, it is taken away over several pictures. What numbers that change
    /// with every picture have in common is left, too: it looks like one figure or two.
    private Optional<LearntWay> steadied(
            Rectangle rectangle, List<InkSearch.Found> inks, List<GlyphClass> told, Progress progress) {
        List<LearntWay> ways = new ArrayList<>();
        List<Ink> tried = Stream.concat(inks.stream().map(InkSearch.Found::ink).limit(MOST_STEADIED), Stream.of(WHITE))
                .toList();
        for (int i = 0; i < tried.size(); i++) {
            Ink ink = tried.get(i);
            Progress part = progress.part((double) i / tried.size(), (i + 1.0) / tried.size());
            learn(rectangle.through(crops -> Steadied.back(crops, ink)), told, part)
                    .filter(learnt -> learnt.isTrusted() && learnt.place().figures() >= FEWEST_STEADIED)
                    .ifPresent(learnt -> ways.add(new LearntWay(learnt, UnaryOperator.identity(), ink)));
        }
        return ways.stream().max(Comparator.comparingDouble(way -> way.learnt().worth()));
    }

    /// What can be trusted, or is worth more.
    private static boolean isBetter(Learner.Learnt learnt, Learner.Learnt best) {
        return learnt.isTrusted() == best.isTrusted() ? learnt.worth() > BETTER * best.worth() : learnt.isTrusted();
    }

    private Optional<Learner.Learnt> learn(Rectangle rectangle, List<GlyphClass> told, Progress progress) {
        List<InkSearch.Found> inks = new InkSearch(rectangle.around()).find(progress.part(0, SEARCHING));
        return learn(rectangle, inks, told, progress.part(SEARCHING, 1));
    }

    /// Empty if no ink was found.
    private Optional<Learner.Learnt> learn(
            Rectangle rectangle, List<InkSearch.Found> inks, List<GlyphClass> told, Progress progress) {
        Crops crops = rectangle.around();
        Learner.@Nullable Learnt best = null;
        int tried = Math.min(MOST_INKS, inks.size());
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        for (int i = 0; i < tried; i++) {
            Progress part = progress.part((double) i / tried, (i + 1.0) / tried);
            Learner learner = new Learner(rectangle, inks.get(i), namer, shapes);
            int samples = Learner.sampleCount(crops);
            for (int s = 0; s < samples; s++) {
                crops.read((int) ((long) s * crops.size() / samples), crop);
                learner.take(crop);
                part.check(0.3 * s / samples);
            }
            Learner.Learnt learnt = learner.learn(told, part.part(0.3, 1));
            if (best == null || isBetter(learnt, best)) {
                best = learnt;
            }
            if (best.place().firmShare() > PLAIN && best.place().figures() >= SEVERAL) {
                break;
            }
        }
        return Optional.ofNullable(best);
    }
}
