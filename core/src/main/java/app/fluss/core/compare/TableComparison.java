package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/// A table of run figures, compared path by path against a baseline path, game by game and over all games.
///
/// @param baseline the path that every other is compared with
/// @param games game to path to measure
/// @param overall path to measure, over the games that both sides have
public record TableComparison(
        String baseline, Map<String, Map<String, Map<String, Cell>>> games, Map<String, Map<String, Overall>> overall) {
    /// One run's figures.
    ///
    /// @param game the game
    /// @param path the path
    /// @param run the run's name
    /// @param figures measure to value; a measure that the run does not have is left out
    public record Row(String game, String path, String run, Map<String, Double> figures) {}

    /// One measure of one game and path against the baseline.
    ///
    /// @param estimate the difference with its interval
    /// @param hodgesLehmann median of all differences
    /// @param holmP p of the difference, adjusted for all measures of that game and path; NaN without an interval
    /// @param runsA runs of the baseline
    /// @param runsB runs of the path
    public record Cell(Estimate estimate, double hodgesLehmann, double holmP, int runsA, int runsB) {
        /// Whether the difference stands once all measures of that game and path are judged together.
        public boolean stands() {
            return holmP <= Holm.LEVEL;
        }
    }

    /// Compares every path with the baseline.
    ///
    /// @throws IllegalArgumentException if no row belongs to the baseline
    public static TableComparison of(List<Row> rows, String baseline) {
        Map<String, Map<String, Map<String, List<Double>>>> values = new LinkedHashMap<>();
        Set<String> paths = new LinkedHashSet<>();
        Set<String> measures = new LinkedHashSet<>();
        for (Row row : rows) {
            paths.add(row.path());
            measures.addAll(row.figures().keySet());
            Map<String, List<Double>> cell = values.computeIfAbsent(row.game(), _ -> new LinkedHashMap<>())
                    .computeIfAbsent(row.path(), _ -> new LinkedHashMap<>());
            row.figures()
                    .forEach((measure, value) -> cell.computeIfAbsent(measure, _ -> new ArrayList<>())
                            .add(value));
        }
        if (!paths.remove(baseline)) {
            throw new IllegalArgumentException("no row has the baseline path '%s'; the table has: %s"
                    .formatted(baseline, String.join(", ", paths)));
        }
        Map<String, Map<String, Map<String, Cell>>> games = new LinkedHashMap<>();
        values.forEach((game, byPath) -> games.put(game, cells(byPath, paths, measures, baseline)));
        Map<String, Map<String, Overall>> overall = new LinkedHashMap<>();
        for (String path : paths) {
            Map<String, Overall> byMeasure = new LinkedHashMap<>();
            for (String measure : measures) {
                byMeasure.put(measure, overall(games, path, measure));
            }
            overall.put(path, byMeasure);
        }
        return new TableComparison(baseline, games, overall);
    }

    private static Map<String, Map<String, Cell>> cells(
            Map<String, Map<String, List<Double>>> byPath, Set<String> paths, Set<String> measures, String baseline) {
        Map<String, PooledSpread> scene = new LinkedHashMap<>();
        for (String measure : measures) {
            scene.put(
                    measure,
                    PooledSpread.of(byPath.keySet().stream()
                            .map(path -> values(byPath, path, measure))
                            .toList()));
        }
        Map<String, Map<String, Cell>> cells = new LinkedHashMap<>();
        for (String path : paths) {
            Map<String, Cell> byMeasure = new LinkedHashMap<>();
            for (String measure : measures) {
                double[] a = values(byPath, baseline, measure);
                double[] b = values(byPath, path, measure);
                if (a.length > 0 && b.length > 0) {
                    byMeasure.put(measure, cell(a, b, Objects.requireNonNull(scene.get(measure))));
                }
            }
            if (!byMeasure.isEmpty()) {
                cells.put(path, judged(byMeasure));
            }
        }
        return cells;
    }

    private static Map<String, Cell> judged(Map<String, Cell> byMeasure) {
        double[] adjusted = Holm.adjusted(byMeasure.values().stream()
                .mapToDouble(cell -> cell.estimate.p())
                .toArray());
        Map<String, Cell> judged = new LinkedHashMap<>();
        byMeasure.forEach((measure, cell) -> judged.put(
                measure, new Cell(cell.estimate, cell.hodgesLehmann, adjusted[judged.size()], cell.runsA, cell.runsB)));
        return judged;
    }

    private static double[] values(Map<String, Map<String, List<Double>>> byPath, String path, String measure) {
        return byPath.getOrDefault(path, Map.of()).getOrDefault(measure, List.of()).stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
    }

    private static Cell cell(double[] a, double[] b, PooledSpread scene) {
        return new Cell(BetweenRuns.of(a, b, scene), HodgesLehmann.shift(a, b), Double.NaN, a.length, b.length);
    }

    /// How many intervals of a difference there are, over all games, paths and measures.
    public int intervals() {
        return (int) games.values().stream()
                .flatMap(byPath -> byPath.values().stream())
                .flatMap(byMeasure -> byMeasure.values().stream())
                .filter(cell -> cell.estimate.interval().isPresent())
                .count();
    }

    /// How many of them would leave 0 out by chance if nothing differed.
    public double byChance() {
        return Holm.LEVEL * intervals();
    }

    private static Overall overall(Map<String, Map<String, Map<String, Cell>>> games, String path, String measure) {
        Map<String, Figure> ratios = new LinkedHashMap<>();
        games.forEach((game, byPath) -> ratios.put(
                game,
                Optional.ofNullable(byPath.get(path))
                        .flatMap(byMeasure -> Optional.ofNullable(byMeasure.get(measure)))
                        .map(cell -> cell.estimate.ratio())
                        .orElseGet(() -> Figure.missing("one side was not measured in this game"))));
        return Overall.of(ratios);
    }
}
