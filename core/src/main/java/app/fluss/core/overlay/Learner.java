package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Learns from samples of a clip what its glyphs look like.
final class Learner {
    private static final int MOST_SAMPLES = 400;
    private static final long MOST_BYTES = 96L << 20;
    private static final int MOST_LOOKS = 400;
    private static final int MOST_LETTERS = 100;
    private static final double MOSTLY = 0.5;
    private static final double MAY_BE_ALIKE = 0.6;
    private static final int FEWEST_MEMBERS = 3;
    private static final double COLOURED = 14;
    private static final int GREY = 128;
    private static final double WIDEST = 0.95;
    private static final double FLAT = 0.15;
    private static final int MOST_FIGURES = 6;
    private static final double ALWAYS = 0.8;
    private static final double TRUSTED = 0.75;
    private static final double TRUSTED_IF_PLAIN = 0.55;
    private static final int MANY = 8;
    private static final double OFTEN = 0.05;
    private static final double BACKED = 0.6;
    private static final double LEAST = 0.4;
    private static final int FEWEST_FIGURES = 2;
    private static final int FEWEST_ALONE = 4;
    private static final int SEVERAL = 7;
    private static final double PLAIN = 0.95;
    private static final double FAINT = 0.5;
    private static final double PARTING = 0.1;
    private static final double NAMING = 0.6;
    private static final double LETTERS = 0.62;
    private static final double HALFWAY = 0.5;
    private static final double FIRST = 0.1;
    private static final double SECOND = 0.5;
    private static final double AGAIN = 0.3;
    private static final double UNIT = 0.4;

    private final Span asked;
    private final int width;
    private final int height;
    private final GlyphNamer namer;
    private final FigureShapes shapes;
    private final InkSearch.Found found;
    private final Line line;
    private final int top;
    private final int rows;
    private final Template.Frame frame;
    private final List<byte[]> samples = new ArrayList<>();
    private final List<List<Box>> boxes = new ArrayList<>();
    private final Clusters clusters;
    private final Clusters letters;

    Learner(Rectangle rectangle, InkSearch.Found found, GlyphNamer namer, FigureShapes shapes) {
        asked = rectangle.columns();
        this.shapes = shapes;
        width = rectangle.around().width();
        height = rectangle.around().height();
        this.found = found;
        this.namer = namer;
        clusters = new Clusters(found.figureHeight(), MOST_LOOKS);
        letters = new Clusters(found.figureHeight(), MOST_LETTERS);
        line = new Line(found, width, height);
        int around = 1 + found.figureHeight() / 10;
        top = Math.max(0, found.top() - around);
        rows = Math.min(height - 1, found.bottom() + around + found.figureHeight() / 8) - top + 1;
        Ink ink = found.ink();
        boolean coloured = Math.abs(ink.u() - GREY) + Math.abs(ink.v() - GREY) > COLOURED;
        frame = new Template.Frame(width, height, top, rows, coloured ? Crops.PLANES : 1);
    }

    /// How many pictures are looked at.
    static int sampleCount(Crops crops) {
        long bytes = (long) Crops.PLANES * crops.width() * crops.height();
        return (int) Math.min(Math.min(MOST_SAMPLES, crops.size()), Math.max(60, MOST_BYTES / bytes));
    }

    void take(byte[] crop) {
        List<Box> glyphs = line.glyphs(crop);
        int sample = samples.size();
        samples.add(crop.clone());
        boxes.add(glyphs);
        for (Box box : glyphs) {
            clusters.add(patch(box), line.isPoint(box), new Cluster.Place(sample, box));
        }
        for (Box box : line.letters()) {
            letters.add(patch(box), false, new Cluster.Place(sample, box));
        }
    }

    private Patch patch(Box box) {
        float[] shares = new float[box.width() * rows];
        for (int y = 0; y < rows; y++) {
            System.arraycopy(line.shares(), (top + y) * width + box.left(), shares, y * box.width(), box.width());
        }
        return Holes.emptied(new Patch(box.width(), shares), found.figureHeight());
    }

    /// What was learnt.
    ///
    /// @param reader reads lines by it
    /// @param place where in the line the number stands
    /// @param classes the glyphs for the analyst to look at
    /// @param found ink and rows
    /// @param backed whether the net by itself calls every figure the same
    record Learnt(
            LineReader reader, NumberPlace place, List<GlyphClass> classes, InkSearch.Found found, boolean backed) {
        /// Whether what was read is the text, and all of it: not what happens to stand behind it, nor the
        /// strokes of letters, which look like so many 1. Where a glyph has no name, the rest may be the
        /// text all the same, unless few figures are known. Chance does not show nearly all of them, each
        /// as plain as the net wants it. The ring of a % and a piece of it are a 0 and a 1 that stand alone.
        boolean isTrusted() {
            double trusted = backed && place.figures() >= MANY ? TRUSTED_IF_PLAIN : TRUSTED;
            return place.sureShare() >= LEAST
                    && place.sureShare() >= trusted * (place.figures() < SEVERAL ? 1 : 1 - place.strangeShare())
                    && place.figures() >= (place.alone() ? FEWEST_ALONE : FEWEST_FIGURES)
                    && !place.still()
                    && !place.spacing().isLost();
        }

        /// Whether it is sure of few pictures, where the other way to look at them is of nearly all: where the two
        /// differ, this one takes for figures what stands behind them.
        boolean isFaintBeside(Learnt other) {
            boolean plain = other.place.sureShare() > PLAIN && other.place.figures() >= SEVERAL;
            return plain && other.isTrusted() && place.sureShare() < FAINT;
        }

        /// The more samples are read, the more figures there are and the taller they are, the surer is
        /// the ink; none where it is surely no number.
        double worth() {
            return place.still()
                    ? 0
                    : place.sureShare() * Math.min(MOST_FIGURES, place.figures()) * Math.sqrt(found.figureHeight());
        }
    }

    /// @param told glyphs that the analyst has named
    Learnt learn(List<GlyphClass> told, Progress progress) {
        List<Cluster> large = new ArrayList<>(clusters.all(progress.part(0, PARTING)));
        large.removeIf(cluster -> cluster.size() < FEWEST_MEMBERS);
        large.sort(Comparator.comparingInt(cluster -> -cluster.size()));
        large.removeIf(cluster -> cluster.isPoint() && !isBetweenFigures(cluster));
        Map<Integer, List<Naming.Placed>> bySample = new HashMap<>();
        for (Cluster cluster : large) {
            for (Cluster.Place place : cluster.places()) {
                bySample.computeIfAbsent(place.sample(), _ -> new ArrayList<>())
                        .add(new Naming.Placed(place.box(), cluster));
            }
        }
        List<List<Naming.Placed>> whole = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            List<Naming.Placed> placed = bySample.getOrDefault(i, List.of());
            if (!placed.isEmpty() && placed.size() == boxes.get(i).size()) {
                placed.sort(Comparator.comparingInt(one -> one.box().left()));
                whole.add(placed);
            }
        }
        CleanInk clean = new CleanInk(samples, frame, found.ink());
        Map<Cluster, Opinion> said = new Naming(
                        namer, shapes, width, rows, found.top() - top, found.figureHeight(), clusters.spot(), clean::of)
                .name(large, whole, told, progress.part(PARTING, NAMING));
        new UnitStroke(said, samples.size()).name(large);
        new Labels(samples.size(), found.figureHeight(), clusters.spot(), large).name();
        dropUnbacked(said);
        large.removeIf(cluster -> cluster.name() == 0 && cluster.mean().spread() < FLAT);
        Touching touching = new Touching(large, shapes, clusters.spot(), found.top() - top, found.figureHeight());
        // Letters may be wide, and units are always there; what else is wide and has no name is glyphs that touch.
        large.removeIf(cluster -> {
            progress.check(NAMING);
            boolean wide = cluster.width() > WIDEST * found.figureHeight();
            return cluster.name() == 0 && cluster.size() < ALWAYS * samples.size() && (wide || touching.holds(cluster));
        });
        large.addAll(letters(large, progress.part(NAMING, LETTERS)));
        return build(large, said, progress.part(LETTERS, 1));
    }

    /// Takes the names away from low figures that hardly one of their pictures bears out: the mean is of several.
    private void dropUnbacked(Map<Cluster, Opinion> said) {
        if (found.figureHeight() <= Clusters.SMALL) {
            SinglePictures singly = new SinglePictures(shapes, found.top() - top, found.figureHeight());
            said.keySet().stream()
                    .filter(look -> look.isFigure() && !singly.bearOut(look))
                    .forEach(look -> look.call((char) 0));
        }
    }

    /// Whether the net by itself would call every figure that is often seen what it is called. What the analyst said
    /// needs no other opinion.
    private boolean isBacked(List<Cluster> named, Map<Cluster, Opinion> said) {
        return named.stream()
                .filter(cluster -> cluster.isFigure() && cluster.size() >= OFTEN * samples.size())
                .allMatch(cluster -> !said.containsKey(cluster)
                        || said.get(cluster).shape().guess().of(cluster.name()) >= BACKED);
    }

    /// The letters of other heights that stand on most pictures: no figures, but what would be taken for
    /// figures without them. What may be a figure, or a piece of one, is none of them.
    private List<Cluster> letters(List<Cluster> figures, Progress progress) {
        List<Cluster> often = new ArrayList<>(letters.all(progress));
        dropSeldom(often);
        often.removeIf(letter -> figures.stream()
                .anyMatch(figure -> !figure.isPoint() && (isLike(letter, figure) || isPiece(letter, figure))));
        dropSeldom(often);
        often.forEach(letter -> letter.call(GlyphClass.OTHER));
        return often;
    }

    private void dropSeldom(List<Cluster> looks) {
        List<Cluster> all = List.copyOf(looks);
        looks.removeIf(look -> look.size() < FEWEST_MEMBERS
                || all.stream()
                                .filter(other -> isLike(look, other))
                                .mapToInt(Cluster::size)
                                .sum()
                        < MOSTLY * samples.size());
    }

    private boolean isLike(Cluster one, Cluster other) {
        return one.mean().distanceBetweenPixels(other.mean(), clusters.spot()) < MAY_BE_ALIKE;
    }

    private boolean isPiece(Cluster letter, Cluster figure) {
        Box box = letter.places().getFirst().box();
        for (int x = 0; x + letter.width() <= figure.width(); x++) {
            Patch piece = figure.mean().part(x, letter.width());
            for (int y = 0; y < rows; y++) {
                if (top + y < box.top() || top + y > box.bottom()) {
                    Arrays.fill(piece.shares(), y * piece.width(), (y + 1) * piece.width(), 0);
                }
            }
            if (piece.distance(letter.mean(), clusters.spot()) < Clusters.ALIKE) {
                return true;
            }
        }
        return false;
    }

    /// Whether parts that may be points mostly stand close between two glyphs.
    private boolean isBetweenFigures(Cluster cluster) {
        double close = Spacing.apart(found.figureHeight());
        long between = cluster.places().stream()
                .filter(place -> {
                    boolean before = false;
                    boolean after = false;
                    for (Box box : boxes.get(place.sample())) {
                        boolean high = !line.isPoint(box);
                        double left = place.box().left() - box.right();
                        double right = box.left() - place.box().right();
                        before |= high && left > 0 && left < close;
                        after |= high && right > 0 && right < close;
                    }
                    return before && after;
                })
                .count();
        return between > cluster.size() / 2;
    }

    private Learnt build(List<Cluster> large, Map<Cluster, Opinion> said, Progress progress) {
        List<GlyphClass> classes = new ArrayList<>();
        List<GlyphKind> kinds = new ArrayList<>();
        for (Cluster cluster : large) {
            int side = cluster.isPoint() ? 1 : 0;
            int wide = cluster.width() + 2 * side;
            List<Cluster.Place> own = cluster.places().stream()
                    .filter(place -> place.box().left() >= side && place.box().right() + side < width)
                    .toList();
            if (own.size() >= FEWEST_MEMBERS) {
                Opinion opinion = said.get(cluster);
                GlyphKind kind = new GlyphKind(
                        cluster.name(),
                        new Patch(wide, shares(cluster.mean(), side)),
                        opinion == null ? null : opinion.shape().guess());
                own.forEach(place -> kind.add(place.sample(), place.box().left() - side));
                kinds.add(kind);
                if (kind.name() != GlyphClass.OTHER) {
                    classes.add(new GlyphClass(kind.name(), cluster.mean(), own.size()));
                }
            }
        }
        Background background = Background.of(samples, frame, found.ink());
        Scenery scenery = new Scenery(frame, background, found.figureHeight());
        LineReader first = reader(kinds, kinds, scenery, progress.part(0, FIRST));
        List<GlyphKind> more = again(kinds, first, progress.part(FIRST, AGAIN));
        new UnitSearch(first, frame, found, clusters.spot(), shapes)
                .find(samples, progress.part(AGAIN, UNIT))
                .ifPresent(unit -> add(unit, kinds, more));
        LineReader second = reader(kinds, more, scenery, progress.part(UNIT, SECOND));
        return new Learnt(
                second,
                NumberPlace.of(second, samples, found.figureHeight(), progress.part(SECOND, 1)),
                classes,
                found,
                isBacked(large, said));
    }

    /// The places where a first reader finds each kind for certain: more than were found as parts, and
    /// those that touch what stands behind them.
    private List<GlyphKind> again(List<GlyphKind> kinds, LineReader first, Progress progress) {
        List<GlyphKind> more = new ArrayList<>();
        kinds.forEach(kind -> more.add(kind.anew()));
        for (int i = 0; i < samples.size(); i++) {
            progress.check((double) i / samples.size());
            for (Glyph glyph : first.read(samples.get(i)).glyphs()) {
                if (!first.templates().get(glyph.template()).isPoint() && first.isCertain(samples.get(i), glyph)) {
                    more.get(glyph.template()).add(i, glyph.left());
                }
            }
        }
        for (int t = 0; t < more.size(); t++) {
            if (more.get(t).size() < kinds.get(t).size() / 2 + 1) {
                more.set(t, kinds.get(t));
            }
        }
        return more;
    }

    /// The unit as one glyph in place of its pieces.
    private void add(UnitSearch.Unit unit, List<GlyphKind> kinds, List<GlyphKind> more) {
        for (int t = kinds.size() - 1; t >= 0; t--) {
            if (kinds.get(t).isPartOf(unit)) {
                kinds.remove(t);
                more.remove(t);
            }
        }
        GlyphKind whole = GlyphKind.of(unit, samples.size());
        kinds.add(whole);
        more.add(whole);
    }

    /// A reader whose templates are learnt from some places, and look for glyphs near others.
    private LineReader reader(List<GlyphKind> standing, List<GlyphKind> learnt, Scenery scenery, Progress progress) {
        List<Moments> moments = new ArrayList<>();
        for (GlyphKind kind : learnt) {
            progress.check((double) moments.size() / learnt.size() / 2);
            moments.add(Moments.of(kind.name(), kind.look(), frame, kind.crops(samples), kind.lefts()));
        }
        List<Template> templates = Template.of(moments, frame.planes());
        boolean[] centres = new boolean[2 * width + 1];
        for (int t = 0; t < templates.size(); t++) {
            progress.check(HALFWAY + (double) t / templates.size() / 2);
            Template template = templates.get(t);
            template.learnFit(frame, learnt.get(t).crops(samples), learnt.get(t).lefts());
            template.learnGuess(learnt.get(t).guess());
            for (int left : standing.get(t).lefts()) {
                centres[2 * left + template.width()] |= template.isFigure();
            }
        }
        boolean[][] allowed = new boolean[templates.size()][width];
        int slack = Math.max(3, found.figureHeight() / 3);
        for (int t = 0; t < allowed.length; t++) {
            Template template = templates.get(t);
            for (int x = 0; x + template.width() <= width; x++) {
                allowed[t][x] = template.isFigure() && near(centres, 2 * x + template.width(), slack);
            }
            for (int left : standing.get(t).lefts()) {
                for (int x = Math.max(0, left - 1); x <= Math.min(width - template.width(), left + 1); x++) {
                    allowed[t][x] = true;
                }
            }
        }
        return new LineReader(frame, scenery, templates, allowed, centres, found, shapes, asked);
    }

    /// With a column of nothing on both sides, or none.
    private static float[] shares(Patch patch, int side) {
        int wide = patch.width() + 2 * side;
        float[] shares = new float[wide * patch.rows()];
        for (int y = 0; y < patch.rows(); y++) {
            System.arraycopy(patch.shares(), y * patch.width(), shares, y * wide + side, patch.width());
        }
        return shares;
    }

    private static boolean near(boolean[] centres, int at, int slack) {
        for (int i = Math.max(0, at - slack); i <= Math.min(centres.length - 1, at + slack); i++) {
            if (centres[i]) {
                return true;
            }
        }
        return false;
    }
}
