package app.fluss.files.share;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Level;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.files.study.Run;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import app.fluss.files.verdict.SceneCompared;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Figures as open data, one a row: those of every run, the mean of each path, and how far it is from the
/// native one.
final class FigureRows {
    private static final List<String> HEADER = List.of(
            "game", "scene", "path", "run", "measure", "value", "unit", "low", "high", "method", "grade", "n",
            "reason");

    private final List<List<String>> rows = new ArrayList<>();

    DataTable table() {
        return new DataTable(HEADER, rows);
    }

    void addAll(FigureRows others) {
        rows.addAll(others.rows);
    }

    /// Every figure of a run.
    void run(String game, String scene, Run run, Analysis analysis) {
        for (Measure measure : Measure.values()) {
            Figure figure = measure.of(analysis);
            add(
                    new Place(game, scene, run.path().name(), run.name()),
                    measure.id(),
                    figure,
                    measure.unit(),
                    Optional.empty(),
                    "",
                    Optional.of(run.grade()),
                    1,
                    reason(figure));
        }
    }

    /// Every compared figure of a path in a scene: its level, and its difference and ratio to the native
    /// one.
    void path(String game, String scene, String path, SceneCompared compared) {
        Place place = new Place(game, scene, path, "");
        for (Map.Entry<Measure, Difference> one : compared.measures().entrySet()) {
            Measure measure = one.getKey();
            Difference difference = one.getValue();
            level(place, measure, difference.b());
            difference(place, measure.id(), measure.unit(), difference);
        }
        difference(place, compared.latencyEstimated() ? "latency-estimated" : "latency", "ms", compared.latency());
    }

    /// The levels of the native path in a scene.
    void natives(String game, String scene, String path, SceneCompared compared) {
        compared.measures()
                .forEach((measure, difference) -> level(new Place(game, scene, path, ""), measure, difference.a()));
    }

    private record Place(String game, String scene, String path, String run) {}

    private void level(Place place, Measure measure, Difference.Side side) {
        Level level = side.level();
        add(
                place,
                measure.id(),
                level.figure(),
                measure.unit(),
                level.interval(),
                level.method().id(),
                side.grade(),
                side.runs(),
                level.figure().isKnown() ? level.why() : reason(level.figure()));
    }

    private void difference(Place place, String measure, String unit, Difference difference) {
        Optional<Grade> grade =
                difference.a().grade().flatMap(a -> difference.b().grade().map(a::weaker));
        int n = difference.a().runs() + difference.b().runs();
        add(
                place,
                measure + "-difference",
                difference.difference(),
                unit,
                difference.interval(),
                difference.method().id(),
                grade,
                n,
                reason(difference, difference.difference()));
        add(
                place,
                measure + "-ratio",
                difference.ratio(),
                "×",
                difference.ratioInterval(),
                difference.method().id(),
                grade,
                n,
                reason(difference, difference.ratio()));
    }

    private static String reason(Difference difference, Figure figure) {
        return figure.isKnown() ? difference.estimate().why() : reason(figure);
    }

    private static String reason(Figure figure) {
        return figure instanceof Figure.Missing(String why) ? why : "";
    }

    private void add(
            Place place,
            String measure,
            Figure figure,
            String unit,
            Optional<Interval> interval,
            String method,
            Optional<Grade> grade,
            int n,
            String reason) {
        rows.add(List.of(
                Shown.words(place.game),
                Shown.words(place.scene),
                Shown.words(place.path),
                Shown.words(place.run),
                measure,
                Cell.of(figure),
                unit,
                Cell.of(interval, Interval::low),
                Cell.of(interval, Interval::high),
                method,
                grade.map(Grade::toString).orElse(""),
                Integer.toString(n),
                reason));
    }
}
