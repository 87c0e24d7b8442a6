package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/// The white that each figure of a face brings on its two sides (its side bearings). Two figures stand as far apart
/// as theirs tell; where they stand farther, one between them was not made out. A narrow one leaves no more room than
/// a wide one takes: only what is known of the figures on its two sides tells that it is lacking.
final class Bearings {
    /// In heights of a figure: more than figures found a column astray differ by, less than the narrowest one takes.
    private static final double ROOM = 0.2;

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
    /// @param left template of the first
    /// @param right template of the second
    /// @param gap columns between them
    private record Pair(int left, int right, double gap) {}

    /// Doubts the numbers two of whose figures stand too far apart.
    void doubtWide(PictureReading[] readings) {
        List<Pair> known = known(readings);
        double[] after = new double[templates.size()];
        double[] before = new double[templates.size()];
        for (int round = 0; round < ROUNDS; round++) {
            settle(after, known, Pair::left, pair -> pair.gap - before[pair.right]);
            settle(before, known, Pair::right, pair -> pair.gap - after[pair.left]);
        }
        for (int i = 0; i < readings.length; i++) {
            boolean wide = readings[i].sure()
                    && pairs(readings[i]).stream()
                            .anyMatch(pair -> pair.gap > after[pair.left] + before[pair.right] + room);
            readings[i] = readings[i].sure(readings[i].sure() && !wide);
        }
    }

    /// @param side white on one side of each template
    /// @param white what a pair tells of it
    private static void settle(
            double[] side, List<Pair> known, Function<Pair, Integer> template, Function<Pair, Double> white) {
        known.stream()
                .collect(Collectors.groupingBy(template, Collectors.mapping(white, Collectors.toList())))
                .forEach((one, told) -> side[one] = median(told));
    }

    /// The pairs of each number once, however long it stands: what is lacking from one that stands long is not usual.
    private List<Pair> known(PictureReading[] readings) {
        Map<String, Map<List<Integer>, List<Pair>>> all = Arrays.stream(readings)
                .filter(PictureReading::sure)
                .collect(Collectors.groupingBy(
                        PictureReading::text,
                        Collectors.flatMapping(
                                reading -> pairs(reading).stream(),
                                Collectors.groupingBy(pair -> List.of(pair.left, pair.right)))));
        return all.values().stream()
                .flatMap(number -> number.values().stream())
                .map(same -> new Pair(
                        same.getFirst().left,
                        same.getFirst().right,
                        median(same.stream().map(Pair::gap).toList())))
                .toList();
    }

    private List<Pair> pairs(PictureReading reading) {
        List<Glyph> figures = reading.glyphs().stream()
                .filter(glyph -> templates.get(glyph.template()).isFigure())
                .filter(glyph -> glyph.left() >= reading.from() && glyph.left() < reading.to())
                .toList();
        List<Pair> pairs = new ArrayList<>();
        int figure = 0;
        for (int i = 0; i + 1 < reading.text().length(); i++) {
            boolean point = reading.text().charAt(i) == '.';
            if (!point && reading.text().charAt(i + 1) != '.') {
                Glyph left = figures.get(figure);
                Glyph right = figures.get(figure + 1);
                int end = left.left() + templates.get(left.template()).width();
                pairs.add(new Pair(left.template(), right.template(), right.left() - end));
            }
            figure += point ? 0 : 1;
        }
        return pairs;
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }
}
