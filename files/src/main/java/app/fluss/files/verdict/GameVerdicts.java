package app.fluss.files.verdict;

import app.fluss.core.bench.FactKey;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Estimate;
import app.fluss.core.compare.Level;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.Severity;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Energy;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.StageKind;
import app.fluss.core.verdict.Case;
import app.fluss.core.verdict.Held;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Verdict;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.compare.Grouping;
import app.fluss.files.compare.Pair;
import app.fluss.files.compare.SceneFigures;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;

/// The verdicts of one game, path by path.
///
/// @param game its name
/// @param school by which it is judged
/// @param paths the verdict of each path, in the order of its first run
/// @param without why there is none, in words; empty if there is one
public record GameVerdicts(String game, School school, Map<String, Verdict> paths, String without) {
    /// The path that is used: the best of those that may be, if any may.
    public Optional<String> primary() {
        return paths.entrySet().stream()
                .filter(one -> one.getValue().word() == Verdict.Word.USE
                        || one.getValue().word() == Verdict.Word.PROBABLY_USE)
                .min(Map.Entry.comparingByValue(school.better()))
                .map(Map.Entry::getKey);
    }

    /// Judges the games of a study.
    ///
    /// @param only name of a game; empty for all
    /// @param school by which all are judged; empty for the one that each kind of game usually asks for
    /// @throws IllegalArgumentException if there is no such game: it says which there are
    public static List<GameVerdicts> of(Study study, Optional<String> only, Optional<School> school)
            throws StudyException {
        List<Game> games = study.games();
        only.filter(name -> games.stream().noneMatch(game -> game.name().equalsIgnoreCase(name)))
                .ifPresent(name -> {
                    throw new IllegalArgumentException("there is no game '%s'; the study has: %s"
                            .formatted(
                                    name,
                                    String.join(
                                            ", ", games.stream().map(Game::name).toList())));
                });
        List<GameVerdicts> all = new ArrayList<>();
        for (Game game : games) {
            if (only.isEmpty() || game.name().equalsIgnoreCase(only.get())) {
                all.add(of(study, game, school));
            }
        }
        return List.copyOf(all);
    }

    private static GameVerdicts of(Study study, Game game, Optional<School> chosen) throws StudyException {
        List<Run> runs = study.runs();
        Map<String, List<Case>> cases = new LinkedHashMap<>();
        Map<String, String> faults = new HashMap<>();
        Optional<String> kind = Optional.empty();
        for (Scene scene : study.scenes()) {
            if (scene.gameId() != game.id()) {
                continue;
            }
            List<Run> ofScene =
                    runs.stream().filter(run -> run.sceneId() == scene.id()).toList();
            kind = kind.or(() -> ofScene.stream()
                    .flatMap(run -> run.setup().value(FactKey.GAME_KIND).stream())
                    .findFirst());
            SceneFigures figures = new SceneFigures(study);
            for (Pair pair : Pair.of(ofScene, new Grouping.ByPath(), Optional.empty())) {
                RunComparison compared = pair.compare(study, figures);
                cases.computeIfAbsent(pair.level(), _ -> new ArrayList<>()).add(judged(scene, pair, compared, figures));
                fault(compared).ifPresent(words -> faults.putIfAbsent(pair.level(), words));
            }
        }
        School school = chosen.orElse(School.usual(kind));
        Map<String, Verdict> verdicts = new LinkedHashMap<>();
        cases.forEach(
                (path, known) -> verdicts.put(path, Verdict.of(school, known, Optional.ofNullable(faults.get(path)))));
        return new GameVerdicts(
                game.name(),
                school,
                verdicts,
                verdicts.isEmpty() ? "no scene of this game has runs on the native path and on another" : "");
    }

    /// What of the runs is wrong, so that nothing can be used because of them.
    private static Optional<String> fault(RunComparison compared) {
        return Findings.of(compared, List.of(), false).stream()
                .filter(finding -> finding.severity() == Severity.FAULT)
                .map(Finding::seen)
                .findFirst();
    }

    private static Case judged(Scene scene, Pair pair, RunComparison compared, Pair.Figures figures)
            throws StudyException {
        Run first = pair.b().getFirst();
        Difference latency = compared.latency()
                .orElseGet(() -> LatencyDifference.estimated(Figure.missing("latency was not measured on both sides")));
        return new Case(
                scene.name(),
                scene.weight(),
                compared,
                latency,
                first.path().chain().stages().stream()
                        .anyMatch(stage -> stage.kind().isGenerator()),
                first.display().map(mode -> mode.refreshHz()).orElse(Double.NaN),
                further(pair, figures));
    }

    /// What a headset and a battery say.
    private static Map<Rule, Held> further(Pair pair, Pair.Figures figures) throws StudyException {
        Map<Rule, Held> further = new EnumMap<>(Rule.class);
        Grade grade = Stream.concat(pair.a().stream(), pair.b().stream())
                .map(Run::grade)
                .reduce(Grade.A, Grade::weaker);
        level(further, Rule.WITHOUT_NEW_IMAGE, values(pair.b(), figures, GameVerdicts::withoutNewImage), grade);
        level(further, Rule.BELOW_HALF_RATE, values(pair.b(), figures, GameVerdicts::belowHalfRate), grade);
        level(further, Rule.HOURS, values(pair.b(), figures, GameVerdicts::hours), grade);
        double[] before = values(pair.a(), figures, GameVerdicts::joules);
        double[] after = values(pair.b(), figures, GameVerdicts::joules);
        if (before.length > 0 && after.length > 0) {
            further.put(
                    Rule.JOULES_OF_NATIVE, Held.ratio(Estimate.of(before, after), grade, before.length, after.length));
        }
        return further;
    }

    private static void level(Map<Rule, Held> further, Rule rule, double[] runs, Grade grade) {
        if (runs.length > 0) {
            further.put(rule, Held.level(Level.of(runs), grade, runs.length));
        }
    }

    /// What is worked out of a run, of those that have it.
    private static double[] values(List<Run> runs, Pair.Figures figures, BiFunction<Run, Analysis, Figure> of)
            throws StudyException {
        double[] values = new double[runs.size()];
        int n = 0;
        for (Run run : runs) {
            if (of.apply(run, figures.of(run)) instanceof Figure.Known(double value)) {
                values[n++] = value;
            }
        }
        return Arrays.copyOf(values, n);
    }

    private static Figure withoutNewImage(Run run, Analysis analysis) {
        return headset(run, analysis, Reprojection::share);
    }

    private static Figure belowHalfRate(Run run, Analysis analysis) {
        return headset(run, analysis, Reprojection::belowHalfTime);
    }

    private static Figure headset(Run run, Analysis analysis, Function<Reprojection, Figure> of) {
        boolean worn = run.path().chain().has(StageKind.VR_REPROJECTION)
                || run.setup().value(FactKey.HEADSET_HZ).isPresent();
        return analysis.ledger()
                .filter(_ -> worn)
                .map(ledger -> of.apply(Reprojection.of(analysis.slice().log(), ledger)))
                .orElseGet(() -> Figure.missing("the run was not seen in a headset"));
    }

    private static Figure hours(Run run, Analysis analysis) {
        return energy(run, analysis, Energy::hours);
    }

    private static Figure joules(Run run, Analysis analysis) {
        return energy(run, analysis, Energy::joulesPerImage);
    }

    private static Figure energy(Run run, Analysis analysis, Function<Energy, Figure> of) {
        return Energy.of(
                        analysis,
                        run.setup().number(FactKey.BATTERY_WH),
                        run.setup().number(FactKey.BATTERY_USABLE_PCT) / 100)
                .map(of)
                .orElseGet(() -> Figure.missing("the log has no power"));
    }
}
