package app.fluss.files.report;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Drift;
import app.fluss.core.compare.Estimate;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Method;
import app.fluss.core.compare.Overall;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.TableComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.files.compare.StudyComparison;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Comparisons as JSON.
public final class ComparisonJson {
    static final String LATENCY = "latency_ms";

    private ComparisonJson() {}

    /// Runs against runs.
    public static ObjectNode of(RunComparison comparison, List<Finding> findings) {
        ObjectNode node = Json.object();
        put(node, comparison);
        Json.putFindings(node, findings);
        return node;
    }

    private static void put(ObjectNode node, RunComparison comparison) {
        for (Measure measure : Measure.COMPARED) {
            put(node.putObject(measure.comparisonKey()), comparison.measure(measure));
        }
        comparison.latency().ifPresent(latency -> put(node.putObject(LATENCY), latency));
        GenerationFigures generation = comparison.generation();
        for (GenerationMeasure measure : GenerationMeasure.values()) {
            Json.put(node, measure, measure.of(generation));
            measure.interval(comparison.intervals())
                    .ifPresent(interval -> Json.put(node, measure.description().json() + "_ci", interval));
        }
        node.put("primary", key(comparison.primary()));
        node.put("judged", comparison.judged());
        if (comparison.confounds().isEmpty()) {
            node.putNull("confounds");
        } else {
            ArrayNode confounds = node.putArray("confounds");
            for (Confound confound : comparison.confounds().get()) {
                confounds
                        .addObject()
                        .put("fact", confound.fact())
                        .put("a", confound.a())
                        .put("b", confound.b())
                        .put("kind", Json.dashed(confound.kind()));
            }
        }
        drift(node, comparison.drift());
    }

    private static String key(Described measure) {
        return measure instanceof Measure one ? one.comparisonKey() : LATENCY;
    }

    private static void put(ObjectNode node, Difference compared) {
        Json.put(node, "a", compared.a().mean());
        Json.put(node, "b", compared.b().mean());
        Json.put(node, "difference", compared.difference());
        Json.put(node, "ci", compared.interval());
        Json.put(node, "ratio", compared.ratio());
        Json.put(node, "ratio_ci", compared.ratioInterval());
        node.put("method", compared.method().id());
        if (compared.method() == Method.BORROWED) {
            node.put("borrowed_from", compared.estimate().borrowedFrom());
        }
        compared.estimate().shift().ifPresent(shift -> {
            node.put("hodges_lehmann", shift.median());
            Json.put(node, "hodges_lehmann_ci", shift.interval());
        });
        node.putArray("runs").add(compared.a().runs()).add(compared.b().runs());
        ArrayNode grades = node.putArray("grade");
        for (Difference.Side side : List.of(compared.a(), compared.b())) {
            grades.add(side.grade().map(Grade::toString).orElse(null));
        }
        Json.put(node, "a_ci", compared.a().level().interval());
        Json.put(node, "b_ci", compared.b().level().interval());
        Json.put(node, "holm_p", Figure.ofFinite(compared.holmP(), "there is no interval"));
        node.put("stands", compared.stands());
        steadiness(node, compared);
        node.put("reason", reason(compared));
        node.put("note", compared.note().isEmpty() ? null : compared.note());
    }

    private static void steadiness(ObjectNode node, Difference compared) {
        Optional<Interval> a = compared.a().steadiness();
        Optional<Interval> b = compared.b().steadiness();
        if (a.isEmpty() && b.isEmpty()) {
            node.putNull("steadiness");
            return;
        }
        ObjectNode steadiness = node.putObject("steadiness");
        Json.put(steadiness, "a", a);
        Json.put(steadiness, "b", b);
    }

    /// Why there is no difference, or no interval of it; null if there are both.
    private static @Nullable String reason(Difference compared) {
        return switch (compared.difference()) {
            case Figure.Missing(String why) -> why;
            case Figure.Known _ ->
                compared.estimate().why().isEmpty() ? null : compared.estimate().why();
        };
    }

    private static void drift(ObjectNode node, Drift drift) {
        ObjectNode told = node.putObject("drift");
        told.put("figure", drift.measure().comparisonKey());
        told.put("state", Json.dashed(drift.state()));
        slope(told, "per_hour", drift.perHour());
        slope(told, "carried", drift.carried());
        told.put("reason", drift.why().isEmpty() ? null : drift.why());
    }

    private static void slope(ObjectNode node, String key, Optional<Drift.Slope> slope) {
        Json.put(
                node,
                key,
                slope.map(one -> Figure.of(one.value())).orElseGet(() -> Figure.missing("drift cannot be judged")));
        Json.put(node, key + "_ci", slope.map(Drift.Slope::interval));
    }

    /// A whole study, scene by scene and over its scenes.
    public static ObjectNode of(StudyComparison study) {
        ObjectNode node = Json.object();
        node.put("by", study.by().id());
        ArrayNode scenes = node.putArray("scenes");
        for (StudyComparison.OfScene scene : study.scenes()) {
            ObjectNode one = scenes.addObject();
            one.put("scene", scene.name());
            ArrayNode comparisons = one.putArray("comparisons");
            for (StudyComparison.Compared compared : scene.compared()) {
                ObjectNode pair = comparisons.addObject();
                pair.put(
                        "within",
                        compared.pair().within().isEmpty()
                                ? null
                                : compared.pair().within());
                pair.put("baseline", compared.pair().baseline());
                pair.put("level", compared.pair().level());
                pair.put("may_say", compared.maySay());
                put(pair, compared.comparison());
                Json.putFindings(pair, Findings.of(compared.comparison(), List.of(), false));
            }
            ArrayNode toggles = one.putArray("toggles");
            for (StudyComparison.Toggled toggled : scene.toggled()) {
                ObjectNode run = toggles.addObject();
                run.put("run", toggled.run().name());
                run.put("path", toggled.run().path().name());
                toggled.differences()
                        .forEach((measure, difference) -> put(run.putObject(measure.comparisonKey()), difference));
                run.put("primary", toggled.comparison().primary().comparisonKey());
            }
        }
        ArrayNode overall = node.putArray("overall");
        for (StudyComparison.OverScenes group : study.overall()) {
            ObjectNode one = overall.addObject();
            one.put("within", group.within().isEmpty() ? null : group.within());
            one.put("baseline", group.baseline());
            one.put("level", group.level());
            group.measures()
                    .forEach((measure, figures) -> put(one.putObject(measure.comparisonKey()), figures, "scenes"));
        }
        node.put("intervals", study.intervals());
        node.put("by_chance", study.byChance());
        return node;
    }

    private static void put(ObjectNode node, Overall overall, String over) {
        Json.put(node, "ratio", overall.ratio());
        Json.put(node, "ratio_ci", overall.ratioInterval());
        overall.over().forEach(node.putArray(over)::add);
        overall.leftOut().forEach(node.putArray("left_out")::add);
    }

    /// A table of run figures against its baseline.
    public static ObjectNode of(TableComparison table) {
        ObjectNode node = Json.object();
        node.put("baseline", table.baseline());
        ObjectNode games = node.putObject("games");
        table.games().forEach((game, paths) -> {
            ObjectNode byPath = games.putObject(game);
            paths.forEach((path, measures) -> {
                ObjectNode byMeasure = byPath.putObject(path);
                measures.forEach((measure, cell) -> cell(byMeasure.putObject(measure), cell));
            });
        });
        ObjectNode overall = node.putObject("overall");
        table.overall().forEach((path, measures) -> {
            ObjectNode byMeasure = overall.putObject(path);
            measures.forEach((measure, figures) -> put(byMeasure.putObject(measure), figures, "games"));
        });
        node.put("intervals", table.intervals());
        node.put("by_chance", table.byChance());
        return node;
    }

    private static void cell(ObjectNode node, TableComparison.Cell cell) {
        Estimate estimate = cell.estimate();
        Json.put(node, "difference", estimate.difference());
        Json.put(node, "ci", estimate.interval());
        node.put("hodges_lehmann", cell.hodgesLehmann());
        Json.put(node, "ratio", estimate.ratio());
        Json.put(node, "ratio_ci", estimate.ratioInterval());
        node.put("method", estimate.method().id());
        node.putArray("n").add(cell.runsA()).add(cell.runsB());
        Json.put(node, "holm_p", Figure.ofFinite(cell.holmP(), "there is no interval"));
        node.put("stands", cell.stands());
        node.put("reason", estimate.why().isEmpty() ? null : estimate.why());
    }
}
