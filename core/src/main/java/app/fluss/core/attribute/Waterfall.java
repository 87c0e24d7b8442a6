package app.fluss.core.attribute;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;

/// A way from the native path to the package, one factor at a time, with what each step gives. Parts of the steps put
/// together are the whole.
///
/// @param steps in order; empty where runs on the way are missing
/// @param whole the package against the native path
/// @param missing combinations that no run has, with the fewest of which there is a way; empty where there is one
/// @param why steps have no interval, in words; empty where they have
public record Waterfall(List<Part> steps, Part whole, List<Integer> missing, String why) {
    /// Puts a way together: the one with the fewest missing runs; of several the one that goes along with the order in
    /// which they were measured.
    ///
    /// @param measured when each combination was first measured, ms; may lack some
    /// @param possible whether a combination can be set at all
    /// @return empty where the native path or the package has no run, or no way is possible
    public static Optional<Waterfall> of(Cells cells, Map<Integer, Long> measured, IntPredicate possible) {
        if (cells.count(0) == 0 || cells.count(cells.whole()) == 0) {
            return Optional.empty();
        }
        List<List<Integer>> ways = new ArrayList<>();
        extend(cells, new ArrayList<>(List.of(0)), possible, ways);
        return ways.stream()
                .min(Comparator.comparingInt(
                                (List<Integer> way) -> missing(cells, way).size())
                        .thenComparingInt(way -> turns(way, measured)))
                .map(way -> along(cells, way));
    }

    private static void extend(Cells cells, List<Integer> way, IntPredicate possible, List<List<Integer>> ways) {
        int last = way.getLast();
        if (last == cells.whole()) {
            ways.add(List.copyOf(way));
            return;
        }
        for (int bit = 0; bit < cells.factors().size(); bit++) {
            int next = last | 1 << bit;
            if (next != last && (cells.count(next) > 0 || possible.test(next))) {
                way.add(next);
                extend(cells, way, possible, ways);
                way.removeLast();
            }
        }
    }

    private static List<Integer> missing(Cells cells, List<Integer> way) {
        return way.stream().filter(one -> cells.count(one) == 0).toList();
    }

    /// How often a way goes against the order in which its runs were measured.
    private static int turns(List<Integer> way, Map<Integer, Long> measured) {
        int turns = 0;
        for (int i = 1; i < way.size(); i++) {
            Long before = measured.get(way.get(i - 1));
            Long after = measured.get(way.get(i));
            turns += before != null && after != null && after < before ? 1 : 0;
        }
        return turns;
    }

    private static Waterfall along(Cells cells, List<Integer> way) {
        List<Integer> missing = missing(cells, way);
        List<Part> steps = new ArrayList<>();
        if (missing.isEmpty()) {
            for (int i = 1; i < way.size(); i++) {
                int bit = Integer.numberOfTrailingZeros(way.get(i) ^ way.get(i - 1));
                Factor factor = cells.factors().get(bit);
                steps.add(step("%s %s".formatted(factor.name(), factor.on()), cells, way.get(i - 1), way.get(i)));
            }
        }
        return new Waterfall(
                List.copyOf(steps),
                step("all together", cells, 0, cells.whole()),
                missing,
                cells.spread().sd() instanceof Figure.Missing(String words) ? words : "");
    }

    private static Part step(String name, Cells cells, int from, int to) {
        double error = cells.spread().sd().orNaN() * Math.sqrt(1.0 / cells.count(from) + 1.0 / cells.count(to));
        return Part.of(name, cells, cells.mean(to) - cells.mean(from), error);
    }
}
