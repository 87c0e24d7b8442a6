package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Finds what follows the number on nearly all pictures, whatever it says: its unit, whole, by its place beside the
/// last figure. Small letters break into pieces, and stand where longer numbers have figures; as one glyph they
/// account for their ink. It is none where it may begin with a figure.
final class UnitSearch {
    private static final double LONGEST = 2.5;
    private static final double SHORTEST = 0.25;
    private static final double GAP = 0.5;
    private static final double HALF = 0.5;
    private static final double QUARTER = 0.25;
    private static final double NO_INK = 0.35;
    private static final double WIDER = 1.25;
    private static final double NO_PAIR = 1.75;
    private static final double UNLIKE = 4;
    private static final double SHORT_OF_ROOM = 0.05;
    private static final double READ = 0.3;
    private static final double NEARLY_ALWAYS = 0.8;
    private static final int FEWEST_EACH = 3;
    private static final int FEWEST_FIGURES = 3;
    private static final int SHIFTED = 6;
    private static final int SEVERAL = 3;

    private final LineReader reader;
    private final Template.Frame frame;
    private final InkSearch.Found found;
    private final int spot;
    private final FigureShapes shapes;

    /// @param reader reads the figures
    /// @param spot side of a spot in which glyphs of one look may not differ, px
    /// @param shapes of figures
    UnitSearch(LineReader reader, Template.Frame frame, InkSearch.Found found, int spot, FigureShapes shapes) {
        this.shapes = shapes;
        this.reader = reader;
        this.frame = frame;
        this.found = found;
        this.spot = spot;
    }

    /// What follows.
    static final class Unit {
        private final Patch look;
        private final int[] lefts;

        private Unit(Patch look, int[] lefts) {
            this.look = look;
            this.lefts = lefts;
        }

        /// Its ink.
        Patch look() {
            return look;
        }

        /// Its first column in a sample; below 0 where it was not found.
        int left(int sample) {
            return lefts[sample];
        }

        /// Whether columns of a sample are part of it, mostly.
        boolean covers(int sample, int left, int width) {
            int from = Math.max(left, lefts[sample]);
            int to = Math.min(left + width, lefts[sample] + look.width());
            return lefts[sample] >= 0 && to - from > HALF * width;
        }
    }

    /// Where the number ends in a sample, and in which figure.
    private record End(int sample, int column, int template) {}

    /// Finds it; empty if there is none, or it cannot be told from a figure.
    Optional<Unit> find(List<byte[]> samples, Progress progress) {
        List<End> ends = ends(samples, progress);
        if (ends.size() < Math.max(FEWEST_EACH, READ * samples.size())) {
            return Optional.empty();
        }
        int[] columns = ends.stream().mapToInt(End::column).sorted().toArray();
        int last = columns[(int) ((1 - SHORT_OF_ROOM) * (columns.length - 1))];
        int width = (int) Math.min(LONGEST * found.figureHeight(), frame.width() - last);
        if (width < SHORTEST * found.figureHeight()) {
            return Optional.empty();
        }
        ends.removeIf(end -> end.column + width > frame.width());
        return unit(samples, ends, width);
    }

    private List<End> ends(List<byte[]> samples, Progress progress) {
        List<Template> templates = reader.templates();
        List<NumberPlace.Seen> seen = NumberPlace.seen(reader, samples, progress);
        NumberPlace place = NumberPlace.find(seen, templates, samples.size(), found.figureHeight());
        List<End> ends = new ArrayList<>();
        for (NumberPlace.Seen one : seen) {
            boolean first = ends.isEmpty() || ends.getLast().sample != one.sample();
            if (first && one.plain() && place.holds(one.centre())) {
                int figure = one.run().figures().getLast().template();
                ends.add(new End(one.sample(), one.run().right(templates), figure));
            }
        }
        return ends;
    }

    private Optional<Unit> unit(List<byte[]> samples, List<End> ends, int width) {
        Map<Integer, List<End>> byFigure = new HashMap<>();
        for (End end : ends) {
            byFigure.computeIfAbsent(end.template, _ -> new ArrayList<>()).add(end);
        }
        List<List<End>> groups = byFigure.values().stream()
                .filter(group -> group.size() >= FEWEST_EACH)
                .sorted((a, b) -> b.size() - a.size())
                .toList();
        int[] lefts = new int[samples.size()];
        Arrays.fill(lefts, -1);
        float[] sum = new float[width * frame.rows()];
        Set<Character> figures = new HashSet<>();
        int covered = 0;
        for (List<End> group : groups) {
            float[] own = sum(samples, group, width);
            int shift = covered == 0 ? 0 : shift(mean(sum, covered), mean(own, group.size()), width);
            if (covered == 0 || isAlike(mean(sum, covered), mean(own, group.size()), width, shift)) {
                for (int y = 0; y < frame.rows(); y++) {
                    for (int x = Math.max(0, -shift); x < Math.min(width, width - shift); x++) {
                        sum[y * width + x] += own[y * width + x + shift];
                    }
                }
                group.forEach(end -> lefts[end.sample] = end.column + shift);
                covered += group.size();
                figures.add(reader.templates().get(group.getFirst().template).name());
            }
        }
        boolean always = covered >= NEARLY_ALWAYS * ends.size() && figures.size() >= FEWEST_FIGURES;
        return always ? cut(samples, mean(sum, covered), width, lefts) : Optional.empty();
    }

    private float[] sum(List<byte[]> samples, List<End> group, int width) {
        float[] sum = new float[width * frame.rows()];
        group.forEach(end -> addInk(sum, samples.get(end.sample), end.column, width));
        return sum;
    }

    private void addInk(float[] sum, byte[] crop, int left, int width) {
        int plane = frame.width() * frame.height();
        for (int y = 0; y < frame.rows(); y++) {
            for (int x = 0; x < width; x++) {
                int at = (frame.top() + y) * frame.width() + left + x;
                sum[y * width + x] += found.ink().share(crop, plane, at);
            }
        }
    }

    private static float[] mean(float[] sum, int n) {
        float[] mean = new float[sum.length];
        for (int i = 0; i < mean.length; i++) {
            mean[i] = sum[i] / n;
        }
        return mean;
    }

    /// By how many columns the second stands to the right of the first.
    private int shift(float[] first, float[] second, int width) {
        int most = Math.min(width / 2, 1 + found.figureHeight() / SHIFTED);
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int shift = -most; shift <= most; shift++) {
            double off = 0;
            for (int y = 0; y < frame.rows(); y++) {
                for (int x = Math.max(0, -shift); x < Math.min(width, width - shift); x++) {
                    off += Math.abs(first[y * width + x] - second[y * width + x + shift]);
                }
            }
            off /= width - Math.abs(shift);
            if (off < least) {
                least = off;
                best = shift;
            }
        }
        return best;
    }

    private boolean isAlike(float[] first, float[] second, int width, int shift) {
        Patch one = columns(first, width, Math.max(0, -shift), width - Math.abs(shift));
        Patch other = columns(second, width, Math.max(0, shift), width - Math.abs(shift));
        return one.distanceBetweenPixels(other, spot) < Clusters.ALIKE;
    }

    private static Patch columns(float[] shares, int width, int from, int columns) {
        int rows = shares.length / width;
        float[] part = new float[columns * rows];
        for (int y = 0; y < rows; y++) {
            System.arraycopy(shares, y * width + from, part, y * columns, columns);
        }
        return new Patch(columns, part);
    }

    /// The part of what follows that belongs together, if it begins with no figure.
    private Optional<Unit> cut(List<byte[]> samples, float[] mean, int width, int[] lefts) {
        int from = 0;
        while (from < width && !hasInk(mean, width, from)) {
            from++;
        }
        int to = from;
        for (int x = from; x < width && x - to <= GAP * found.figureHeight(); x++) {
            to = hasInk(mean, width, x) ? x + 1 : to;
        }
        boolean close = from < GAP * found.figureHeight() && to - from >= 2;
        if (!close || mayBeFigure(mean, width) || !isSteady(samples, columns(mean, width, 0, to), lefts)) {
            return Optional.empty();
        }
        int begin = from;
        int[] begins = Arrays.stream(lefts)
                .map(left -> left < 0 || left + begin < 0 ? -1 : left + begin)
                .toArray();
        return Optional.of(new Unit(columns(mean, width, from, to - from), begins));
    }

    /// Whether nearly every sample by itself shows what all of them show on average, from the end of the number on:
    /// figures that change are alike on average only.
    private boolean isSteady(List<byte[]> samples, Patch mean, int[] lefts) {
        int steady = 0;
        int all = 0;
        for (int i = 0; i < lefts.length; i++) {
            if (lefts[i] >= 0 && lefts[i] + mean.width() <= frame.width()) {
                float[] one = new float[mean.shares().length];
                addInk(one, samples.get(i), lefts[i], mean.width());
                steady += new Patch(mean.width(), one).distance(mean, spot) < Clusters.ALIKE ? 1 : 0;
                all++;
            }
        }
        return steady >= NEARLY_ALWAYS * all;
    }

    private boolean hasInk(float[] mean, int width, int x) {
        for (int y = 0; y < frame.rows(); y++) {
            if (mean[y * width + x] >= HALF) {
                return true;
            }
        }
        return false;
    }

    /// Whether the first part may be a figure: it has ink in the upper quarter of figures and in the lower one, is
    /// not plainly wider than one figure and narrower than two, is not made of pieces as % is, and its shape is not
    /// unlike all of them.
    private boolean mayBeFigure(float[] mean, int width) {
        List<Box> parts = new Parts(width, frame.rows()).find(mean, HALF, new Box(0, 0, width - 1, frame.rows() - 1));
        Box first = parts.getFirst();
        for (Box part : parts) {
            first = part.left() <= first.right() + 1 ? first.with(part) : first;
        }
        int top = found.top() - frame.top();
        int bottom = top + found.figureHeight();
        int quarter = (int) Math.ceil(QUARTER * found.figureHeight());
        Box whole = first;
        boolean several = parts.stream()
                        .filter(part -> part.left() <= whole.right() && part.height() >= quarter)
                        .count()
                >= SEVERAL;
        boolean high = mostInk(mean, width, first, top, top + quarter) >= NO_INK
                && mostInk(mean, width, first, bottom - quarter, bottom) >= NO_INK;
        int widest = reader.templates().stream()
                .filter(Template::isFigure)
                .mapToInt(Template::width)
                .max()
                .orElse(0);
        boolean wide = first.width() >= WIDER * widest && first.width() <= NO_PAIR * widest;
        Patch part = columns(mean, width, first.left(), first.width());
        FigureShapes.Nearest shape =
                shapes.nearest(FigureShapes.normal(part.shares(), part.width(), top, found.figureHeight()));
        double away = shape.to(shape.figure());
        return high && !wide && !several && (away <= UNLIKE || Double.isInfinite(away));
    }

    private static double mostInk(float[] mean, int width, Box part, int from, int to) {
        double most = 0;
        for (int y = from; y < to; y++) {
            for (int x = part.left(); x <= part.right(); x++) {
                most = Math.max(most, mean[y * width + x]);
            }
        }
        return most;
    }
}
