package app.fluss.files.share;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Level;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.files.chart.RatesChart;
import app.fluss.files.chart.TradeMap;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.SceneCompared;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// The paths of a game in one of its scenes, for a page.
///
/// @param scene which
/// @param paths each that was measured in it, with what is known of it there
record SceneValues(Scene scene, List<Of> paths) {
    private static final int ROWS = 24;

    /// A path in the scene.
    record Of(GameCases.OfPath path, GameCases.OfScene known) {}

    /// Paths that are held against the same native runs stand together: what was measured on another rig
    /// or display has natives of its own.
    static List<SceneValues> of(GameCases cases, List<Scene> scenes) {
        List<SceneValues> all = new ArrayList<>();
        for (Scene scene : scenes) {
            Map<List<Run>, List<Of>> byNatives = new LinkedHashMap<>();
            for (GameCases.OfPath path : cases.paths()) {
                path.scenes().stream()
                        .filter(one -> one.scene().id() == scene.id())
                        .forEach(one -> byNatives
                                .computeIfAbsent(one.natives(), _ -> new ArrayList<>())
                                .add(new Of(path, one)));
            }
            byNatives.values().forEach(paths -> all.add(new SceneValues(scene, List.copyOf(paths))));
        }
        return all;
    }

    /// Name of the native path, with where it was measured as the other paths have it.
    String nativeName() {
        Of first = paths.getFirst();
        String path = first.path.path().name();
        boolean placed = first.path.name().startsWith(path + ", on ");
        String where = first.path.powerOnly()
                ? ", on mains"
                : placed ? first.path.name().substring(path.length()) : "";
        return first.known.natives().getFirst().path().name() + where;
    }

    SceneCompared first() {
        return paths.getFirst().known.compared();
    }

    /// The table of figures.
    Map<String, Object> values(List<String> charts) {
        List<Map<String, Object>> rows = new ArrayList<>();
        SceneCompared first = first();
        rows.add(Page.values(
                "path", Page.name(nativeName()),
                "claimed", Page.level(first.measure(Measure.CLAIMED).a(), 1),
                "rendered", Page.level(first.measure(Measure.RENDERED).a(), 1),
                "delivered", Page.level(first.measure(Measure.DELIVERED).a(), 1),
                "low",
                        Page.level(
                                first.measure(Measure.DELIVERED_LOW_PERCENTILE).a(), 1),
                "motion", Page.level(first.measure(Measure.MOTION).a(), 2),
                "gain", Page.values("text", "", "interval", "baseline", "sort", "1", "reason", ""),
                "added", Page.values("text", "", "interval", "", "sort", "0", "reason", ""),
                "grade",
                        paths.getFirst().known.natives().stream()
                                .map(Run::grade)
                                .reduce(Grade::weaker)
                                .map(Grade::toString)
                                .orElse(""),
                "runs", Integer.toString(paths.getFirst().known.natives().size())));
        for (Of one : paths) {
            SceneCompared compared = one.known.compared();
            rows.add(Page.values(
                    "path", Page.name(one.path.name()),
                    "claimed", Page.level(compared.measure(Measure.CLAIMED).b(), 1),
                    "rendered", Page.level(compared.measure(Measure.RENDERED).b(), 1),
                    "delivered", Page.level(compared.measure(Measure.DELIVERED).b(), 1),
                    "low",
                            Page.level(
                                    compared.measure(Measure.DELIVERED_LOW_PERCENTILE)
                                            .b(),
                                    1),
                    "motion", Page.level(compared.measure(Measure.MOTION).b(), 2),
                    "gain", gain(compared),
                    "added", Page.added(compared.latency(), compared.latencyEstimated()),
                    "grade", compared.grade().toString(),
                    "runs", Integer.toString(one.known.runs().size())));
        }
        return Page.values(
                "scene", Page.name(scene.name()),
                "weight", scene.weight().name().toLowerCase(Locale.ROOT),
                "rows", rows,
                "charts", charts,
                "said",
                        paths.stream()
                                .map(one -> Shown.words(one.known.compared().maySay()))
                                .toList());
    }

    /// Of delivered rates, else of what counters claimed, which is said.
    private static Map<String, Object> gain(SceneCompared compared) {
        Difference delivered = compared.measure(Measure.DELIVERED);
        Difference claimed = compared.measure(Measure.CLAIMED);
        if (delivered.ratio().isKnown() || !claimed.ratio().isKnown()) {
            return Page.ratio(delivered);
        }
        Map<String, Object> cell = Page.ratio(claimed);
        cell.put("interval", ("claimed " + cell.get("interval")).strip());
        return cell;
    }

    TradeMap map(Optional<String> chosen) {
        return new TradeMap(
                paths.stream()
                        .map(one -> new TradeMap.Arrow(
                                Shown.name(one.path.name()),
                                one.known.compared().measure(Measure.DELIVERED),
                                one.known.compared().latency(),
                                one.known.compared().latencyEstimated(),
                                one.known.compared().grade()))
                        .toList(),
                chosen.map(Shown::name));
    }

    /// The rates, in charts that fit on a printed page.
    List<RatesChart> rates() {
        List<RatesChart.Row> rows = new ArrayList<>();
        SceneCompared first = first();
        rows.add(new RatesChart.Row(
                Shown.name(nativeName()),
                level(first, Measure.CLAIMED, false),
                level(first, Measure.RENDERED, false),
                level(first, Measure.PRESENTED, false),
                level(first, Measure.DELIVERED, false)));
        for (Of one : paths) {
            SceneCompared compared = one.known.compared();
            rows.add(new RatesChart.Row(
                    Shown.name(one.path.name()),
                    level(compared, Measure.CLAIMED, true),
                    level(compared, Measure.RENDERED, true),
                    level(compared, Measure.PRESENTED, true),
                    level(compared, Measure.DELIVERED, true)));
        }
        List<RatesChart> charts = new ArrayList<>();
        for (int from = 0; from < rows.size(); from += ROWS) {
            charts.add(new RatesChart(rows.subList(from, Math.min(rows.size(), from + ROWS))));
        }
        return charts;
    }

    private static Level level(SceneCompared compared, Measure measure, boolean path) {
        return (path ? compared.measure(measure).b() : compared.measure(measure).a()).level();
    }
}
