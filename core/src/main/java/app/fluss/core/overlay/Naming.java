package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/// Names clusters of glyphs by opinions that know nothing of each other. The engine reads clean
/// pictures made of their means: as lines in the order in which they stand, in a row of equals, and
/// alone. Beside it stand the shape of text faces that a glyph is nearest to, and a net that learnt from
/// such faces: where the net is sure, that is enough. Where the others differ, a shape counts that is
/// plain enough, unless glyphs of another look have that name; what is left open after that stays without
/// a name.
final class Naming {
    private static final int MOST_LINES = 20;
    private static final int LINES_EACH = 3;
    private static final double LINES = 0.5;
    private static final double NAMED = 0.8;
    private static final int REPEATS = 5;
    private static final double OTHER = 0.5;
    private static final char NO_NAME = 0;
    private static final double SAME = 0.4;
    private static final double DIFFERENT = 0.2;
    private static final double LOW = 0.6;
    private static final double LOWEST = 0.8;
    private static final double RARE = 0.1;
    private static final double PIECE = 0.6;
    private static final double KIN = 0.5;
    private static final double KIN_ONLY = 0.2;
    private static final double KIN_BY_SHAPE = 0.08;
    private static final double HALF = 0.5;
    private static final double CLEAR = 0.95;
    private static final double BAR = 0.8;
    private static final double LEAN = 0.12;
    private static final double UPPER_FROM = 0.3;
    private static final double UPPER_TO = 0.5;
    private static final double LOWER_FROM = 0.75;

    private final GlyphNamer namer;
    private final FigureShapes shapes;
    private final int width;
    private final int rows;
    private final int figureTop;
    private final int figureHeight;
    private final int spot;
    private final Function<Cluster, Patch> clean;
    private final Map<Cluster, Patch> inks = new HashMap<>();
    private final Map<Cluster, List<FigureNet.Guess>> groups = new HashMap<>();

    /// @param figureTop row of a patch at which figures begin
    /// @param clean the ink of a cluster on the mean of its pictures
    Naming(
            GlyphNamer namer,
            FigureShapes shapes,
            int width,
            int rows,
            int figureTop,
            int figureHeight,
            int spot,
            Function<Cluster, Patch> clean) {
        this.clean = clean;
        this.spot = spot;
        this.namer = namer;
        this.shapes = shapes;
        this.width = width;
        this.rows = rows;
        this.figureTop = figureTop;
        this.figureHeight = figureHeight;
    }

    /// A glyph of a sample that belongs to a cluster.
    record Placed(Box box, Cluster cluster) {}

    /// Names the clusters, where it can.
    ///
    /// @param lines the glyphs of samples all of whose glyphs belong to clusters
    /// @param told glyphs that the analyst has named
    /// @return what was said of the others
    Map<Cluster, Opinion> name(
            List<Cluster> clusters, List<List<Placed>> lines, List<GlyphClass> told, Progress progress) {
        Map<Cluster, Opinion> said = new LinkedHashMap<>();
        for (Cluster cluster : clusters) {
            progress.check(0);
            char known = told(cluster, told);
            if (known != NO_NAME) {
                cluster.call(known);
            } else if (cluster.isPoint()) {
                cluster.call('.');
            } else {
                TwoViews views = views(cluster);
                FigureShapes.Nearest nearest = views.nearest(shapes, figureTop, figureHeight);
                inks.put(cluster, views.ink());
                said.put(cluster, new Opinion(new Votes(), nearest, isSeven(views.ink())));
            }
        }
        readLines(lines, said, progress.part(0, LINES));
        int done = 0;
        for (Map.Entry<Cluster, Opinion> one : said.entrySet()) {
            progress.check(LINES + (NAMED - LINES) * done++ / said.size());
            readAlone(one.getKey(), one.getValue().engine());
        }
        said.forEach((cluster, one) -> cluster.call(one.agreed()));
        said.forEach((cluster, one) -> {
            if (cluster.name() == 0) {
                cluster.call(alone(cluster, one, said));
            }
        });
        said.forEach((cluster, one) -> {
            if (cluster.name() == 0) {
                cluster.call(left(cluster, one, said));
            }
        });
        List<Cluster> named = clusters.stream()
                .filter(cluster -> cluster.name() != 0 && !cluster.isPoint())
                .toList();
        said.forEach((cluster, one) -> {
            progress.check(NAMED);
            if (cluster.name() == 0) {
                cluster.call(kin(cluster, one, named));
            }
        });
        dropContradictions(clusters, said, progress.part(NAMED, 1));
        dropWithPoint(said);
        new OneLook(said, spot).settle();
        new LastFigure(said, figureHeight, spot).name(clusters);
        return said;
    }

    private Patch ink(Cluster cluster) {
        return inks.getOrDefault(cluster, cluster.mean());
    }

    /// What the analyst calls the look that a cluster is nearest to; 0 if none is near.
    private char told(Cluster cluster, List<GlyphClass> told) {
        return told.stream()
                .filter(one -> one.isLook(cluster.mean(), spot))
                .min(Comparator.comparingDouble(one -> one.look().distanceBetweenPixels(cluster.mean(), spot)))
                .map(GlyphClass::name)
                .orElse(NO_NAME);
    }

    private void readLines(List<List<Placed>> lines, Map<Cluster, Opinion> said, Progress progress) {
        Map<Cluster, Integer> covered = new HashMap<>();
        int read = 0;
        for (List<Placed> line : lines) {
            boolean wanted = line.stream().anyMatch(one -> covered.getOrDefault(one.cluster, 0) < LINES_EACH);
            if (!wanted || read == MOST_LINES) {
                continue;
            }
            progress.check((double) read++ / MOST_LINES);
            line.forEach(one -> covered.merge(one.cluster, 1, Integer::sum));
            Sheet sheet = new Sheet(width, rows);
            line.forEach(one -> sheet.put(ink(one.cluster), one.box.left()));
            vote(line, sheet.read(namer, GlyphNamer.Layout.LINE, figureHeight), said);
            vote(line, sheet.read(namer, GlyphNamer.Layout.NUMBERS, figureHeight), said);
        }
    }

    private static void vote(List<Placed> line, String text, Map<Cluster, Opinion> said) {
        String glyphs = text.replace(" ", "");
        for (int i = 0; glyphs.length() == line.size() && i < line.size(); i++) {
            Opinion one = said.get(line.get(i).cluster);
            if (one != null) {
                one.engine().add(glyphs.charAt(i), 1);
            }
        }
    }

    private void readAlone(Cluster cluster, Votes votes) {
        Sheet alone = new Sheet(cluster.width(), rows);
        alone.put(ink(cluster), 0);
        String text = alone.read(namer, GlyphNamer.Layout.GLYPH, figureHeight);
        if (text.length() == 1) {
            votes.add(text.charAt(0), 1);
        }
        int apart = cluster.width() + 1 + figureHeight / 8;
        Sheet row = new Sheet(REPEATS * apart, rows);
        for (int i = 0; i < REPEATS; i++) {
            row.put(ink(cluster), i * apart);
        }
        String many = row.read(namer, GlyphNamer.Layout.NUMBERS, figureHeight).replace(" ", "");
        if (many.length() == REPEATS && many.chars().distinct().count() == 1) {
            votes.add(many.charAt(0), 2);
        }
    }

    /// Whether a figure has a bar over all of its width on top, and a stroke below that leans.
    private boolean isSeven(Patch look) {
        int covered = 0;
        for (int x = 0; x < look.width(); x++) {
            double most = 0;
            for (int y = figureTop; y < figureTop + Math.max(2, figureHeight / 5); y++) {
                most = Math.max(most, look.ink(x, y, 1));
            }
            covered += most > HALF ? 1 : 0;
        }
        double lean = centre(look, UPPER_FROM, UPPER_TO) - centre(look, LOWER_FROM, 1);
        return covered >= BAR * look.width() && lean >= LEAN * look.width();
    }

    /// The middle of the ink in some rows of the figure, as shares of its height, px.
    private double centre(Patch look, double from, double to) {
        double sum = 0;
        double all = 0;
        int end = Math.min(look.rows(), figureTop + (int) Math.ceil(to * figureHeight));
        for (int y = figureTop + (int) (from * figureHeight); y < end; y++) {
            for (int x = 0; x < look.width(); x++) {
                double ink = look.ink(x, y, 1);
                sum += ink * x;
                all += ink;
            }
        }
        return sum / all;
    }

    /// What the net calls far the likeliest figure, or a shape says that is plain enough by itself, unless glyphs of
    /// another look have that name. Where no glyph has it, less will do of a shape.
    private static char alone(Cluster cluster, Opinion said, Map<Cluster, Opinion> all) {
        FigureNet.Guess guess = said.shape().guess();
        if (guess.none() < HALF && guess.clear() >= CLEAR && !isTaken(guess.figure(), cluster, all)) {
            return guess.figure();
        }
        char shape = said.shape().figure();
        boolean free = all.keySet().stream().noneMatch(other -> other.name() == shape);
        boolean plain = said.isPlain() || (free && said.isPlainIfLeft());
        return plain && !isTaken(shape, cluster, all) ? shape : 0;
    }

    /// The figure that the engine always says, where no glyph is called so, and every figure that the shape is nearer
    /// to is another glyph for certain; else 0.
    private static char left(Cluster cluster, Opinion said, Map<Cluster, Opinion> all) {
        char name = said.unanimous();
        if (name == NO_NAME || all.keySet().stream().anyMatch(other -> other.name() == name)) {
            return NO_NAME;
        }
        for (char figure = '0'; figure <= '9'; figure++) {
            if (said.shape().to(figure) < said.shape().to(name) && !isTaken(figure, cluster, all)) {
                return NO_NAME;
            }
        }
        return name;
    }

    /// Takes the names away from glyphs of one look that are called differently: one of them is wrong. Where one is
    /// rare and the other beyond doubt, it is the rare one; where the net is sure of one only, it is the
    /// other. What the analyst said stays.
    private void dropContradictions(List<Cluster> clusters, Map<Cluster, Opinion> said, Progress progress) {
        Set<Cluster> doubtful = new HashSet<>();
        int seen = 0;
        for (Cluster one : clusters) {
            progress.check((double) seen++ / clusters.size());
            for (Cluster other : clusters) {
                boolean differ = one.isFigure() && other.isFigure() && one.name() != other.name();
                boolean sure = isSure(one, said) && !isSure(other, said);
                boolean same = differ
                        && !sure
                        && !isRareBeside(other, one, said)
                        && !areTwo(one, other, said)
                        && one.mean().distanceBetweenPixels(other.mean(), spot) < SAME;
                if (same || (differ && isPiece(one, other, said))) {
                    doubtful.add(one);
                }
            }
        }
        doubtful.stream().filter(said::containsKey).forEach(cluster -> cluster.call(NO_NAME));
    }

    /// Whether the net takes neither for the other, and their members show that they are two looks, however alike.
    private boolean areTwo(Cluster one, Cluster other, Map<Cluster, Opinion> said) {
        Opinion first = said.get(one);
        Opinion second = said.get(other);
        return first != null
                && second != null
                && first.isRather(one.name(), other.name())
                && second.isRather(other.name(), one.name())
                && one.mean().distanceBetweenPixels(other.mean(), spot) >= DIFFERENT
                && Separation.areTwo(one.apart(other), figureHeight)
                && areRather(one, one.name(), other.name())
                && areRather(other, other.name(), one.name());
    }

    /// Whether the net takes no group of a look's pictures for another figure: a mean may hide some that are.
    private boolean areRather(Cluster look, char figure, char other) {
        List<FigureNet.Guess> each = groups.computeIfAbsent(look, this::guesses);
        return each.size() == 1 || each.stream().allMatch(guess -> guess.isRather(figure, other));
    }

    /// What the net says of each group of a look's pictures.
    private List<FigureNet.Guess> guesses(Cluster look) {
        return look.groups().stream().map(group -> views(group).guess()).toList();
    }

    private TwoViews views(Cluster look) {
        return TwoViews.of(look.common(), clean.apply(look), shapes, figureTop, figureHeight);
    }

    /// Whether the net is sure of the name of a look.
    private static boolean isSure(Cluster cluster, Map<Cluster, Opinion> said) {
        Opinion opinion = said.get(cluster);
        return opinion != null && opinion.isSure() && opinion.agreed() == cluster.name();
    }

    /// Whether a look that by its shape is none of its name is another one that lacks a side: thin strokes break, and
    /// a 9 without its left one is a 3 to the engine.
    private boolean isPiece(Cluster piece, Cluster whole, Map<Cluster, Opinion> said) {
        Opinion opinion = said.get(piece);
        boolean may = opinion != null
                && opinion.shape().figure() != piece.name()
                && piece.width() < whole.width()
                && piece.width() >= PIECE * whole.width();
        for (int x = 0; may && x + piece.width() <= whole.width(); x++) {
            if (whole.mean().part(x, piece.width()).distance(piece.mean(), spot) < SAME) {
                return true;
            }
        }
        return false;
    }

    /// Whether a look is seldom seen, and another is what both opinions say and often seen.
    private static boolean isRareBeside(Cluster rare, Cluster other, Map<Cluster, Opinion> said) {
        Opinion opinion = said.get(other);
        return rare.size() <= RARE * other.size()
                && said.containsKey(rare)
                && opinion != null
                && opinion.agreed() == other.name()
                && opinion.shape().figure() == other.name();
    }

    /// Takes the name away from looks that hold another one of their name and beside it a part that may be a point: it
    /// touches the figure, and would be lost.
    private void dropWithPoint(Map<Cluster, Opinion> said) {
        List<Cluster> figures = said.keySet().stream().filter(Cluster::isFigure).toList();
        List<Cluster> pointed = figures.stream()
                .filter(wide -> figures.stream().anyMatch(plain -> hasPointBeside(wide, plain)))
                .toList();
        pointed.forEach(wide -> wide.call(NO_NAME));
    }

    private boolean hasPointBeside(Cluster wide, Cluster plain) {
        int beside = wide.width() - plain.width();
        // A point is as wide as a stroke.
        if (wide.name() != plain.name() || beside < spot) {
            return false;
        }
        boolean after = isLow(wide.mean().part(plain.width(), beside))
                && wide.mean().part(0, plain.width()).distance(plain.mean(), spot) < SAME;
        boolean before = isLow(wide.mean().part(0, beside))
                && wide.mean().part(beside, plain.width()).distance(plain.mean(), spot) < SAME;
        return after || before;
    }

    /// Whether some columns have ink, and only low, where points have it. That of the bar of a 4 ends higher.
    private boolean isLow(Patch columns) {
        double high = 0;
        double low = 0;
        for (int x = 0; x < columns.width(); x++) {
            for (int y = 0; y < columns.rows(); y++) {
                double at = (y - figureTop) / (double) figureHeight;
                high = Math.max(high, at < LOW ? columns.ink(x, y, 1) : 0);
                low = Math.max(low, at >= LOWEST ? columns.ink(x, y, 1) : 0);
            }
        }
        return low >= HALF && high < HALF;
    }

    /// The name of glyphs that look nearly the same, where no others do; where the shape says so too,
    /// others may be nearer.
    private char kin(Cluster cluster, Opinion said, List<Cluster> named) {
        char name = NO_NAME;
        double near = KIN;
        double other = Double.POSITIVE_INFINITY;
        for (Cluster one : named) {
            double distance = one.mean().distanceBetweenPixels(cluster.mean(), spot);
            if (distance < near) {
                other = name == NO_NAME || one.name() == name ? other : Math.min(other, near);
                near = distance;
                name = one.name();
            } else if (one.name() != name) {
                other = Math.min(other, distance);
            }
        }
        double only = said.shape().figure() == name ? KIN_BY_SHAPE : KIN_ONLY;
        return other - near > only && !said.isOutOfQuestion(name) ? name : 0;
    }

    /// Whether glyphs of another look have a name for certain.
    private static boolean isTaken(char name, Cluster cluster, Map<Cluster, Opinion> all) {
        for (Map.Entry<Cluster, Opinion> one : all.entrySet()) {
            Cluster other = one.getKey();
            if (other != cluster
                    && other.name() == name
                    && one.getValue().agreed() == name
                    && other.mean().distance(cluster.mean(), 2) > OTHER) {
                return true;
            }
        }
        return false;
    }
}
