package app.fluss.files.share;

import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Method;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import app.fluss.core.path.Stage;
import app.fluss.files.study.Attached;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.verdict.GameCases;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/// How the runs of a report were measured, so that another analyst can repeat it: equipment, scenes,
/// paths, what had to hold, the order of the runs, what was left out, and by which conventions figures
/// were worked out.
final class HowMeasured {
    private static final int CHECKSUM = 16;
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT).withZone(ZoneOffset.UTC);

    private static final List<Measure> EXPLAINED = List.of(
            Measure.CLAIMED,
            Measure.RENDERED,
            Measure.PRESENTED,
            Measure.DELIVERED,
            Measure.DELIVERED_LOW_PERCENTILE,
            Measure.SPREAD,
            Measure.STUTTERS,
            Measure.LOST,
            Measure.MOTION);

    private HowMeasured() {}

    static Map<String, Object> values(List<ReportGame> games) {
        List<MeasuredRun> runs =
                games.stream().flatMap(game -> game.runs().stream()).toList();
        return Page.values(
                "facts", facts(runs),
                "scenes", scenes(runs),
                "paths", paths(runs),
                "requirements", requirements(runs),
                "runs", order(runs),
                "leftOut", leftOut(games, runs),
                "confounds", confounds(games),
                "conventions", conventions(),
                "grades", grades());
    }

    /// Every fact that was recorded, with each of its values and how many runs have it.
    private static List<Map<String, Object>> facts(List<MeasuredRun> runs) {
        Map<FactKey, Map<String, Integer>> known = new EnumMap<>(FactKey.class);
        Map<FactKey, Set<String>> sources = new EnumMap<>(FactKey.class);
        Map<String, Map<String, Integer>> others = new TreeMap<>();
        for (MeasuredRun one : runs) {
            for (Fact fact : one.run().setup().facts()) {
                known.computeIfAbsent(fact.key(), _ -> new TreeMap<>()).merge(fact.value(), 1, Integer::sum);
                sources.computeIfAbsent(fact.key(), _ -> new LinkedHashSet<>())
                        .add(fact.source().title());
            }
            one.run()
                    .setup()
                    .items()
                    .forEach((part, name) -> others.computeIfAbsent(part.title(), _ -> new TreeMap<>())
                            .merge(name, 1, Integer::sum));
            one.run()
                    .setup()
                    .others()
                    .forEach((name, value) ->
                            others.computeIfAbsent(name, _ -> new TreeMap<>()).merge(value, 1, Integer::sum));
        }
        List<Map<String, Object>> rows = new ArrayList<>();
        others.forEach((name, values) -> rows.add(Page.values(
                "group",
                "",
                "fact",
                Shown.words(name.replace('_', ' ')),
                "value",
                said(values, UnaryOperator.identity(), runs.size()),
                "source",
                "")));
        known.forEach((key, values) -> rows.add(Page.values(
                "group", key.group(),
                "fact", key.title(),
                "value", said(values, key::shown, runs.size()),
                "source", String.join(", ", Objects.requireNonNull(sources.get(key))))));
        return rows;
    }

    private static String said(Map<String, Integer> values, UnaryOperator<String> shown, int all) {
        return values.entrySet().stream()
                .map(one -> shown.apply(Shown.words(one.getKey()))
                        + (one.getValue() == all ? "" : " (%s)".formatted(runs(one.getValue()))))
                .collect(Collectors.joining(", "));
    }

    private static String runs(int count) {
        return count == 1 ? "1 run" : count + " runs";
    }

    private static List<Map<String, Object>> scenes(List<MeasuredRun> runs) {
        Map<Scene, MeasuredRun> scenes = new LinkedHashMap<>();
        runs.forEach(one -> scenes.putIfAbsent(one.scene(), one));
        return scenes.values().stream()
                .map(one -> Page.values(
                        "game", Page.name(one.game().name()),
                        "scene", Page.name(one.scene().name()),
                        "weight", one.scene().weight().name().toLowerCase(Locale.ROOT),
                        "seconds", Integer.toString(one.scene().seconds()),
                        "begins", Shown.words(one.scene().begins()),
                        "route", Shown.words(one.scene().route())))
                .toList();
    }

    private static List<Map<String, Object>> paths(List<MeasuredRun> runs) {
        Set<DeliveryPath> paths =
                runs.stream().map(one -> one.run().path()).collect(Collectors.toCollection(LinkedHashSet::new));
        return paths.stream()
                .sorted(Comparator.comparing((DeliveryPath path) -> !path.isNative())
                        .thenComparing(DeliveryPath::name))
                .map(path -> Page.values(
                        "path",
                        Page.name(path.name()),
                        "stages",
                        path.isNative()
                                ? List.of("nothing between the game and the display")
                                : path.chain().stages().stream()
                                        .map(HowMeasured::stage)
                                        .toList()))
                .toList();
    }

    private static String stage(Stage stage) {
        String settings = stage.settings().entrySet().stream()
                .map(one -> one.getKey().said(Shown.words(one.getValue())))
                .collect(Collectors.joining(", "));
        return stage.kind().title() + (settings.isEmpty() ? "" : ": " + settings);
    }

    private static List<Map<String, Object>> requirements(List<MeasuredRun> runs) {
        Map<Requirement, int[]> counts = new LinkedHashMap<>();
        for (MeasuredRun one : runs) {
            for (Judgement judged : one.judged()) {
                int column = switch (judged.state()) {
                    case MET -> 0;
                    case NOT_MET -> 1;
                    case UNKNOWN -> 2;
                };
                counts.computeIfAbsent(judged.requirement(), _ -> new int[Outcome.State.values().length])[column]++;
            }
        }
        return counts.entrySet().stream()
                .map(one -> Page.values(
                        "asks", one.getKey().asks(),
                        "met", one.getValue()[0],
                        "notMet", one.getValue()[1],
                        "unknown", one.getValue()[2]))
                .toList();
    }

    private static List<Map<String, Object>> order(List<MeasuredRun> runs) {
        return runs.stream()
                .sorted(Comparator.comparingLong(
                        one -> one.run().taking().measuredAtMs().orElse(Long.MAX_VALUE)))
                .map(one -> row(one.game().name(), one.scene().name(), one.run()))
                .toList();
    }

    private static Map<String, Object> row(String game, String scene, Run run) {
        return Page.values(
                "when",
                        run.taking().measuredAtMs().isPresent()
                                ? TIME.format(Instant.ofEpochMilli(
                                        run.taking().measuredAtMs().getAsLong()))
                                : "time unknown",
                "game", Page.name(game),
                "scene", Page.name(scene),
                "path", Page.name(run.path().name()),
                "run", Page.name(run.name()),
                "grade", run.grade().toString(),
                "simulated", run.simulated(),
                "outcome", run.isKept() ? "" : run.taking().outcome().title(),
                "evidence", run.evidence().stream().map(HowMeasured::evidence).toList());
    }

    private static String evidence(Attached attached) {
        return "%s %s".formatted(attached.kind().title(), attached.sha256().substring(0, CHECKSUM));
    }

    private static List<Map<String, Object>> leftOut(List<ReportGame> games, List<MeasuredRun> runs) {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (MeasuredRun one : runs) {
            if (!one.run().isCompared()) {
                rows.add(Page.values(
                        "what",
                        Shown.name(one.game().name()) + ", "
                                + Shown.name(one.run().name()),
                        "why",
                        one.run().isKept()
                                ? "its path was switched while it ran: it is compared within itself only"
                                : Shown.words(one.run().taking().outcome().title()
                                        + (one.run().taking().reason().isBlank()
                                                ? ""
                                                : ": " + one.run().taking().reason()))));
            }
        }
        for (ReportGame game : games) {
            if (!game.verdicts().cases().without().isEmpty()) {
                rows.add(Page.values(
                        "what", Shown.name(game.verdicts().game()),
                        "why", Shown.words(game.verdicts().cases().without())));
            }
        }
        return rows;
    }

    private static List<Map<String, Object>> confounds(List<ReportGame> games) {
        Set<Map<String, Object>> rows = new LinkedHashSet<>();
        for (ReportGame game : games) {
            for (GameCases.OfPath path : game.verdicts().cases().paths()) {
                for (GameCases.OfScene scene : path.scenes()) {
                    for (Confound one : scene.compared().confounds()) {
                        if (one.kind() == Confound.Kind.BETWEEN) {
                            rows.add(Page.values(
                                    "where",
                                    "%s, %s, %s"
                                            .formatted(
                                                    Shown.name(game.verdicts().game()),
                                                    Shown.name(scene.scene().name()),
                                                    Shown.name(path.name())),
                                    "fact",
                                    Shown.words(one.title()),
                                    "native",
                                    one.a().isEmpty() ? "not recorded" : Shown.words(one.a()),
                                    "path",
                                    one.b().isEmpty() ? "not recorded" : Shown.words(one.b())));
                        }
                    }
                }
            }
        }
        return List.copyOf(rows);
    }

    private static List<Map<String, Object>> conventions() {
        List<Map<String, Object>> rows = new ArrayList<>();
        EXPLAINED.forEach(measure -> rows.add(Page.values(
                "name", measure.title(), "words", measure.description().definition())));
        rows.add(Page.values(
                "name",
                "intervals",
                "words",
                "95 %. From three runs a side by Welch on the figures of the runs, ratios on their logarithms;"
                        + " with fewer, Student's t with the spread borrowed from the other runs of the scene. All"
                        + " figures of a comparison are judged together by Holm (1979)."));
        Arrays.stream(Method.values())
                .filter(method -> method != Method.NONE)
                .forEach(method -> rows.add(Page.values("name", method.id(), "words", method.title() + ".")));
        rows.add(Page.values(
                "name",
                "verdicts",
                "words",
                "“Use” requires that every claim of the school holds, each at 95 % (an intersection-union decision, Berger"
                        + " 1982); one claim that fails, its interval widened for the number of claims, settles “leave"
                        + " off”. Figures without an interval from run to run make a claim likely or unlikely, never"
                        + " more."));
        return rows;
    }

    private static List<Map<String, Object>> grades() {
        return Arrays.stream(Grade.values())
                .map(grade -> Page.values("grade", grade.toString(), "rests", grade.rests()))
                .toList();
    }
}
