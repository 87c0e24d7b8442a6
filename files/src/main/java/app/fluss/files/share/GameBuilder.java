package app.fluss.files.share;

import app.fluss.core.attribute.Cells;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.WorstStretch;
import app.fluss.core.path.Requirement;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.School;
import app.fluss.core.work.Progress;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.chart.Chart;
import app.fluss.files.chart.FrameTimesChart;
import app.fluss.files.chart.LadderChart;
import app.fluss.files.chart.RatesChart;
import app.fluss.files.chart.StageStack;
import app.fluss.files.chart.WaterfallChart;
import app.fluss.files.compare.SceneFigures;
import app.fluss.files.known.AnalysedLatency;
import app.fluss.files.known.KnownRun;
import app.fluss.files.known.Ladders;
import app.fluss.files.known.Latencies;
import app.fluss.files.share.ReportWish.Part;
import app.fluss.files.study.Bench;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredSchools;
import app.fluss.files.study.StoredSection;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.GameVerdicts;
import app.fluss.files.verdict.Grids;
import app.fluss.files.verdict.PooledOverRigs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// Works out the page of one game. What has frames is forgotten with the builder.
final class GameBuilder {
    private static final double WORST_MS = 10_000;
    private static final int SLUG = 30;

    private final Study study;
    private final ReportWish wish;
    private final List<Requirement> requirements;
    private final Game game;
    private final List<Scene> scenes;
    private final List<Run> runs;
    private final String slug;
    private final Map<Long, SceneFigures> figures = new HashMap<>();
    private final List<ReportChart> charts = new ArrayList<>();

    /// @param number of the game in the report, from 1
    /// @param allRuns of the study
    GameBuilder(
            Study study,
            ReportWish wish,
            List<Requirement> requirements,
            Game game,
            int number,
            List<Scene> allScenes,
            List<Run> allRuns) {
        this.study = study;
        this.wish = wish;
        this.requirements = requirements;
        this.game = game;
        scenes = GameCases.scenes(game, allScenes);
        runs = allRuns.stream()
                .filter(run -> scenes.stream().anyMatch(scene -> scene.id() == run.sceneId()))
                .toList();
        slug = slug(number, game.name());
    }

    /// The name of a game among files.
    static String slug(int number, String name) {
        String plain = Shown.words(name)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return "%02d-%s".formatted(number, plain.length() > SLUG ? plain.substring(0, SLUG) : plain);
    }

    private SceneFigures figures(Scene scene) {
        return figures.computeIfAbsent(scene.id(), _ -> new SceneFigures(study));
    }

    ReportGame build(StoredSchools schools, Bench bench, Progress progress) throws StudyException {
        GameCases cases = GameCases.of(study, game, scenes, runs, this::figures, requirements, progress.part(0, 0.6));
        School school = wish.school()
                .map(schools.schools()::named)
                .orElseGet(() -> schools.school(game, bench.kind(game).or(cases::kind)));
        GameVerdicts verdicts = GameVerdicts.of(
                cases, school, new Grids.Worked(run -> figures(scene(run)).of(run)));
        progress.check(0.8);
        Map<String, Object> values = page(verdicts);
        progress.check(0.9);
        return new ReportGame(verdicts, values, List.copyOf(charts), rows(cases), measured());
    }

    private Scene scene(Run run) {
        return scenes.stream()
                .filter(scene -> scene.id() == run.sceneId())
                .findFirst()
                .orElseThrow();
    }

    private List<MeasuredRun> measured() throws StudyException {
        List<MeasuredRun> all = new ArrayList<>();
        for (Run run : runs) {
            all.add(new MeasuredRun(
                    game, scene(run), run, KnownRun.judged(study.capture().checks(run), requirements)));
        }
        return all;
    }

    private FigureRows rows(GameCases cases) throws StudyException {
        FigureRows rows = new FigureRows();
        for (Run run : runs) {
            rows.run(game.name(), scene(run).name(), run, figures(scene(run)).of(run));
        }
        for (SceneValues scene : SceneValues.of(cases, scenes)) {
            String name = scene.scene().name();
            rows.natives(game.name(), name, scene.nativeName(), scene.first());
            scene.paths()
                    .forEach(one -> rows.path(
                            game.name(), name, one.path().name(), one.known().compared()));
        }
        return rows;
    }

    private Map<String, Object> page(GameVerdicts verdicts) throws StudyException {
        Optional<String> primary = verdicts.primary();
        List<Map<String, Object>> paths = new ArrayList<>();
        verdicts.paths()
                .forEach((name, verdict) -> paths.add(ClaimValues.path(
                        verdicts.path(name),
                        verdict,
                        primary.filter(name::equals).isPresent())));
        boolean simulated = runs.stream().anyMatch(Run::simulated);
        return Page.values(
                "id",
                "game-" + slug,
                "game",
                Page.name(game.name()),
                "school",
                Shown.words(verdicts.school().title()),
                "whatFor",
                Shown.words(verdicts.school().whatFor()),
                "without",
                Shown.words(verdicts.cases().without()),
                "kind",
                verdicts.cases().kind().map(Shown::words).orElse(""),
                "simulated",
                simulated,
                "use",
                primary.map(path -> Shown.words(Said.sentence(path, verdicts.verdict(path))))
                        .orElse(""),
                "paths",
                paths,
                "rigs",
                rigs(verdicts.cases()),
                "claims",
                wish.has(Part.CLAIMS) && !paths.isEmpty(),
                "scenes",
                wish.has(Part.FIGURES) ? scenes(verdicts.cases(), primary) : List.of(),
                "frames",
                wish.has(Part.FRAMES) ? frames(verdicts.cases(), primary) : List.of(),
                "latency",
                wish.has(Part.LATENCY) ? latency(verdicts.cases(), primary) : List.of(),
                "settings",
                wish.has(Part.SETTINGS) ? settings(verdicts.cases()) : List.of(),
                "findings",
                wish.has(Part.FINDINGS) ? NoticedValues.of(verdicts.cases()) : List.of());
    }

    private static List<Map<String, Object>> rigs(GameCases cases) {
        return PooledOverRigs.of(cases).stream()
                .map(one -> Page.values(
                        "path", Page.name(one.path()),
                        "gain", Page.cell(one.gain().ratio(), one.gain().interval(), 2, ""),
                        "why", one.gain().ratio() instanceof Figure.Missing(String why) ? why : "",
                        "between",
                                Double.isNaN(one.gain().iSquared())
                                        ? ""
                                        : Page.NUMBERS.text(one.gain().iSquared() * 100, 0) + " %",
                        "rigs",
                                one.gain().rigs().stream()
                                        .map(rig -> Page.values(
                                                "rig", Page.name(rig.rig()),
                                                "gain", Page.cell(rig.ratio(), rig.interval(), 2, "")))
                                        .toList()))
                .toList();
    }

    private String add(String kind, Chart chart) {
        String id = "%s-%s".formatted(slug, kind);
        charts.add(ReportChart.of(id, chart));
        return ReportChart.place(id);
    }

    private List<Map<String, Object>> scenes(GameCases cases, Optional<String> primary) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (SceneValues scene : SceneValues.of(cases, scenes)) {
            int number = all.size() + 1;
            List<String> drawn = new ArrayList<>();
            for (RatesChart rates : scene.rates()) {
                drawn.add(add("rates-%d-%d".formatted(number, drawn.size() + 1), rates));
            }
            if (!scene.map(primary).arrows().isEmpty()) {
                drawn.add(add("trade-map-" + number, scene.map(primary)));
            }
            all.add(scene.values(drawn));
        }
        return all;
    }

    /// The first native run with a log and the first of the path that is used, else of the first path
    /// that has one, in the heaviest scene.
    private List<Run> shown(GameCases cases, Optional<String> primary) {
        return cases.paths().stream()
                .sorted(Comparator.comparing(
                        path -> primary.filter(path.name()::equals).isEmpty()))
                .flatMap(path -> path.scenes().stream()
                        .max(Comparator.comparing(one -> one.scene().weight()))
                        .stream())
                .filter(one -> one.natives().stream().anyMatch(Run::hasLog)
                        && one.runs().stream().anyMatch(Run::hasLog))
                .findFirst()
                .map(one -> List.of(logged(one.natives()), logged(one.runs())))
                .orElse(List.of());
    }

    private static Run logged(List<Run> runs) {
        return runs.stream().filter(Run::hasLog).findFirst().orElseThrow();
    }

    private List<Map<String, Object>> frames(GameCases cases, Optional<String> primary) throws StudyException {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Run run : shown(cases, primary)) {
            Analysis analysis = figures(scene(run)).of(run);
            WorstStretch worst = WorstStretch.of(analysis.times(), WORST_MS);
            String place = add(
                    "frame-times-" + (all.size() + 1),
                    new FrameTimesChart(
                            BandLevels.of(analysis.times()),
                            analysis.stutters(),
                            study.sections(run).stream()
                                    .map(StoredSection::section)
                                    .toList(),
                            List.of(),
                            worst.fromMs(),
                            worst.toMs(),
                            ""));
            all.add(Page.values("name", caption(run), "chart", place));
        }
        return all;
    }

    private String caption(Run run) {
        return "%s · %s · %s%s"
                .formatted(
                        Shown.name(scene(run).name()),
                        Shown.name(run.path().name()),
                        Shown.name(run.name()),
                        run.simulated() ? " (simulated)" : "");
    }

    private List<Map<String, Object>> latency(GameCases cases, Optional<String> primary) throws StudyException {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Run run : shown(cases, primary)) {
            AnalysedLatency latency =
                    Latencies.of(study, run, figures(scene(run)).of(run));
            boolean drawn = latency.estimate().isPresent() || latency.measured().isPresent();
            all.add(Page.values(
                    "name", caption(run),
                    "chart", drawn ? add("stage-stack-" + (all.size() + 1), new StageStack(latency)) : "",
                    "why", drawn ? "" : latency.noEstimate()));
        }
        return all;
    }

    private List<Map<String, Object>> settings(GameCases cases) throws StudyException {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Scene scene : scenes) {
            List<Run> ofScene =
                    runs.stream().filter(run -> run.sceneId() == scene.id()).toList();
            List<Run> natives = ofScene.stream()
                    .filter(run -> run.isCompared() && run.path().isNative())
                    .toList();
            Ladders ladders = Ladders.of(
                    study,
                    ofScene,
                    natives,
                    figures(scene),
                    run -> Latencies.estimatedMeanMs(study, run, figures(scene).of(run)));
            ladders.ladders()
                    .forEach(ladder -> all.add(Page.values(
                            "name", "%s, in %s".formatted(ladder.setting().title(), Shown.name(scene.name())),
                            "chart", add("ladder-" + (all.size() + 1), new LadderChart(ladder)),
                            "note",
                                    ladders.latencyEstimated()
                                            ? "Latency is estimated from the stages of each run."
                                            : "")));
        }
        for (GameCases.OfPath path : cases.paths()) {
            path.attribution().ifPresent(taken -> steps(all, path.name(), taken));
        }
        return all;
    }

    private void steps(List<Map<String, Object>> all, String path, PathAttribution taken) {
        if (taken.rate().steps().steps().isEmpty()) {
            return;
        }
        all.add(Page.values(
                "name", "Delivered rate, step by step to %s".formatted(Shown.name(path)),
                "chart",
                        add(
                                "steps-" + (all.size() + 1),
                                new WaterfallChart(taken.rate().steps(), Cells.Scale.RATIO)),
                "note",
                        String.join(
                                " ",
                                taken.missing().stream()
                                        .map(words -> "To tell the steps apart: %s.".formatted(Shown.words(words)))
                                        .toList())));
    }
}
