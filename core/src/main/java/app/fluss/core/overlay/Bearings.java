package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

/// The white that each figure of a face brings on its two sides (its side bearings). Two figures stand as far apart
/// as theirs tell; where they stand farther, one between them was not made out. A narrow one leaves no more room than
/// a wide one takes: only what other numbers tell of the figures on its two sides shows that it is lacking.
final class Bearings {
    /// In heights of a figure: more than figures found a column or two astray differ by, less than the narrowest one
    /// takes.
    private static final double ROOM = 0.2;

    private static final int FIGURES = 10;
    private static final int ROUNDS = 6;

    private final double room;
    private final List<Template> templates;

    /// @param figureHeight px
    Bearings(int figureHeight, List<Template> templates) {
        room = Math.max(2, ROOM * figureHeight);
        this.templates = templates;
    }

    /// Two figures of a number without a point between them.
    ///
    /// @param left the first
    /// @param right the second
    /// @param gap columns between them
    private record Pair(int left, int right, double gap) {
        boolean isOf(Pair other) {
            return left == other.left && right == other.right;
        }
    }

    /// Doubts the numbers two of whose figures stand too far apart.
    void doubtWide(PictureReading[] readings) {
        List<Pair> known = known(readings);
        OptionalDouble[] expected = new OptionalDouble[FIGURES * FIGURES];
        for (Pair pair : known) {
            // A pair of which one is always lacking tells nothing of itself.
            List<Pair> others =
                    known.stream().filter(other -> !other.isOf(pair)).toList();
            expected[FIGURES * pair.left + pair.right] = expected(pair, others);
        }
        for (int i = 0; i < readings.length; i++) {
            boolean wide = readings[i].sure()
                    && pairs(readings[i]).stream()
                            .anyMatch(pair ->
                                    pair.gap > expected[FIGURES * pair.left + pair.right].orElse(pair.gap) + room);
            readings[i] = readings[i].sure(readings[i].sure() && !wide);
        }
    }

    /// How far apart the figures of a pair stand, by what others tell of the white on their sides. Of a figure that was
    /// seen on one side only, the other is as white.
    private static OptionalDouble expected(Pair pair, List<Pair> others) {
        double[] after = new double[FIGURES];
        double[] before = new double[FIGURES];
        Arrays.fill(before, median(others.stream().mapToDouble(Pair::gap)) / 2);
        for (int round = 0; round < ROUNDS; round++) {
            for (int i = 0; i < FIGURES; i++) {
                int figure = i;
                after[i] = median(others.stream()
                        .filter(other -> other.left == figure)
                        .mapToDouble(other -> other.gap - before[other.right]));
            }
            for (int i = 0; i < FIGURES; i++) {
                int figure = i;
                before[i] = median(others.stream()
                        .filter(other -> other.right == figure)
                        .mapToDouble(other -> other.gap - after[other.left]));
            }
        }
        double left = Double.isNaN(after[pair.left]) ? before[pair.left] : after[pair.left];
        double right = Double.isNaN(before[pair.right]) ? after[pair.right] : before[pair.right];
        return Double.isNaN(left + right) ? OptionalDouble.empty() : OptionalDouble.of(left + right);
    }

    /// Each pair of figures once, with its usual gap.
    private List<Pair> known(PictureReading[] readings) {
        List<List<Double>> gaps = new ArrayList<>();
        for (int i = 0; i < FIGURES * FIGURES; i++) {
            gaps.add(new ArrayList<>());
        }
        Arrays.stream(readings)
                .filter(PictureReading::sure)
                .flatMap(reading -> pairs(reading).stream())
                .forEach(pair -> gaps.get(FIGURES * pair.left + pair.right).add(pair.gap));
        List<Pair> known = new ArrayList<>();
        for (int i = 0; i < gaps.size(); i++) {
            if (!gaps.get(i).isEmpty()) {
                double usual = median(gaps.get(i).stream().mapToDouble(Double::doubleValue));
                known.add(new Pair(i / FIGURES, i % FIGURES, usual));
            }
        }
        return known;
    }

    private List<Pair> pairs(PictureReading reading) {
        List<Glyph> figures = reading.glyphs().stream()
                .filter(glyph -> templates.get(glyph.template()).isFigure())
                .filter(glyph -> glyph.left() >= reading.from() && glyph.left() < reading.to())
                .toList();
        List<Pair> pairs = new ArrayList<>();
        String text = reading.text();
        int figure = 0;
        for (int i = 0; i + 1 < text.length(); i++) {
            boolean point = text.charAt(i) == '.';
            if (!point && text.charAt(i + 1) != '.') {
                Glyph left = figures.get(figure);
                int end = left.left() + templates.get(left.template()).width();
                pairs.add(new Pair(
                        text.charAt(i) - '0',
                        text.charAt(i + 1) - '0',
                        figures.get(figure + 1).left() - end));
            }
            figure += point ? 0 : 1;
        }
        return pairs;
    }

    /// NaN of nothing.
    private static double median(DoubleStream values) {
        double[] sorted = values.sorted().toArray();
        return sorted.length == 0 ? Double.NaN : sorted[sorted.length / 2];
    }
}
