package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.distribution.continuous.TDistribution;

/// A table of run figures, compared path by path against a baseline path, game by game and over all games.
///
/// @param baseline the path that every other is compared with
/// @param games game to path to measure
/// @param overall path to measure, over the games that both sides have
public record TableComparison(
        String baseline, Map<String, Map<String, Map<String, Cell>>> games, Map<String, Map<String, Overall>> overall) {
    private static final double UPPER = 0.975;

    /// One run's figures.
    ///
    /// @param game the game
    /// @param path the path
    /// @param run the run's name
    /// @param figures measure to value; a measure that the run does not have is left out
    public record Row(String game, String path, String run, Map<String, Double> figures) {}

    /// One measure of one game and path against the baseline.
    ///
    /// @param difference mean of b less mean of a
    /// @param interval Welch's 95 % interval of the difference, from three runs a side
    /// @param hodgesLehmann median of all differences
    /// @param ratio ratio of geometric means
    /// @param ratioInterval 95 % interval of the ratio, from three runs a side
    /// @param runsA runs of the baseline
    /// @param runsB runs of the path
    public record Cell(
            Figure difference,
            Optional<Interval> interval,
            Figure hodgesLehmann,
            Figure ratio,
            Optional<Interval> ratioInterval,
            int runsA,
            int runsB) {}

    /// One measure of one path over all games.
    ///
    /// @param ratio geometric mean of the games' ratios
    /// @param ratioInterval 95 % interval by Student's t on the logarithms, from two games
    /// @param games the games that both sides have
    /// @param leftOut the games that one side lacks
    public record Overall(Figure ratio, Optional<Interval> ratioInterval, List<String> games, List<String> leftOut) {}

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
        Map<String, Map<String, Cell>> cells = new LinkedHashMap<>();
        for (String path : paths) {
            Map<String, Cell> byMeasure = new LinkedHashMap<>();
            for (String measure : measures) {
                double[] a = values(byPath, baseline, measure);
                double[] b = values(byPath, path, measure);
                if (a.length > 0 && b.length > 0) {
                    byMeasure.put(measure, cell(a, b));
                }
            }
            if (!byMeasure.isEmpty()) {
                cells.put(path, byMeasure);
            }
        }
        return cells;
    }

    private static double[] values(Map<String, Map<String, List<Double>>> byPath, String path, String measure) {
        return byPath.getOrDefault(path, Map.of()).getOrDefault(measure, List.of()).stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
    }

    private static Cell cell(double[] a, double[] b) {
        boolean several = a.length >= RunComparison.RUNS_FOR_WELCH && b.length >= RunComparison.RUNS_FOR_WELCH;
        RunFigures.Ratio ratio = RunFigures.Ratio.of(a, b);
        return new Cell(
                Figure.of(Moments.of(b).mean() - Moments.of(a).mean()),
                several ? Optional.of(Welch.of(a, b).interval()) : Optional.empty(),
                Figure.of(HodgesLehmann.shift(a, b)),
                ratio.value(),
                ratio.interval(),
                a.length,
                b.length);
    }

    private static Overall overall(Map<String, Map<String, Map<String, Cell>>> games, String path, String measure) {
        List<String> used = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        List<Double> logs = new ArrayList<>();
        games.forEach((game, byPath) -> {
            Optional<Figure> ratio = Optional.ofNullable(byPath.get(path))
                    .map(byMeasure -> byMeasure.get(measure))
                    .map(Cell::ratio)
                    .filter(Figure::isKnown);
            ratio.ifPresentOrElse(
                    r -> {
                        used.add(game);
                        logs.add(Math.log(r.orNaN()));
                    },
                    () -> leftOut.add(game));
        });
        if (used.isEmpty()) {
            return new Overall(
                    Figure.missing("no game has a ratio"), Optional.empty(), List.of(), List.copyOf(leftOut));
        }
        double[] values = logs.stream().mapToDouble(Double::doubleValue).toArray();
        Moments moments = Moments.of(values);
        return new Overall(
                Figure.of(Math.exp(moments.mean())),
                interval(moments, values),
                List.copyOf(used),
                List.copyOf(leftOut));
    }

    private static Optional<Interval> interval(Moments moments, double[] values) {
        if (values.length < 2) {
            return Optional.empty();
        }
        double half = Arrays.stream(values).distinct().count() == 1
                ? 0
                : new TDistribution(values.length - 1).inverseCumulativeProbability(UPPER)
                        * moments.sd()
                        / Math.sqrt(values.length);
        return Optional.of(new Interval(Math.exp(moments.mean() - half), Math.exp(moments.mean() + half)));
    }
}
