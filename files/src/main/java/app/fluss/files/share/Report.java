package app.fluss.files.share;

import app.fluss.core.path.Requirement;
import app.fluss.core.work.Progress;
import app.fluss.files.bench.Requirements;
import app.fluss.files.chart.GainChart;
import app.fluss.files.draw.Picture;
import app.fluss.files.share.ReportWish.Part;
import app.fluss.files.study.Bench;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredSchools;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.table.DataTable;
import app.fluss.files.verdict.GainOverGames;
import app.fluss.files.verdict.GameVerdicts;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/// What is told of a study: pages, the same as PDF, and its pieces. It holds no frames.
public final class Report {
    /// Lines of the chart over games that fit on a printed page.
    private static final int LINES = 38;

    private final String name;
    private final Map<String, Object> values;
    private final List<ReportGame> games;
    private final List<ReportChart> charts;

    private Report(String name, Map<String, Object> values, List<ReportGame> games, List<ReportChart> charts) {
        this.name = name;
        this.values = values;
        this.games = games;
        this.charts = charts;
    }

    /// Works it out.
    ///
    /// @param version of the program
    /// @param date that stands on it
    /// @throws IllegalArgumentException if a game or the school is not in the study: it says which are
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static Report of(Study study, ReportWish wish, String version, LocalDate date, Progress progress)
            throws StudyException {
        List<Game> wanted = wanted(study, wish);
        List<Scene> scenes = study.scenes();
        List<Run> runs = study.runs();
        StoredSchools schools = study.schools().read();
        Bench bench = study.bench().read();
        List<Requirement> requirements = Requirements.all();
        wish.school().ifPresent(schools.schools()::named);
        List<ReportGame> games = InTurn.all(
                wanted,
                (game, number, part) -> new GameBuilder(study, wish, requirements, game, number, scenes, runs)
                        .build(schools, bench, part),
                progress);
        List<ReportChart> charts = new ArrayList<>();
        GainOverGames gains = GainOverGames.of(
                games.stream().map(game -> game.verdicts().cases()).toList());
        List<Map<String, Object>> gainCharts = wish.has(Part.GAINS) ? gainCharts(gains, charts) : List.of();
        games.forEach(game -> charts.addAll(game.charts()));
        String name = Shown.words(nameOf(study));
        Map<String, Object> values = Page.values(
                "study", Page.name(name),
                "version", version,
                "date", date.toString(),
                "simulated",
                        games.stream()
                                .flatMap(game -> game.runs().stream())
                                .anyMatch(one -> one.run().simulated()),
                "games", games.stream().map(ReportGame::values).toList(),
                "count", games.size(),
                "gains", gainCharts,
                "over", over(gains),
                "method", wish.has(Part.METHOD) ? List.of(HowMeasured.values(games)) : List.of());
        return new Report(name, values, games, List.copyOf(charts));
    }

    private static String nameOf(Study study) {
        String file = study.file().getFileName().toString();
        return file.endsWith(".fluss") ? file.substring(0, file.length() - ".fluss".length()) : file;
    }

    private static List<Game> wanted(Study study, ReportWish wish) throws StudyException {
        List<Game> all = study.games();
        for (String name : wish.games()) {
            if (all.stream().noneMatch(game -> game.name().equalsIgnoreCase(name))) {
                throw new IllegalArgumentException("there is no game '%s'; the study has: %s"
                        .formatted(
                                name,
                                String.join(", ", all.stream().map(Game::name).toList())));
            }
        }
        return all.stream().filter(game -> wish.wants(game.name())).toList();
    }

    /// The chart over games, in pieces that fit on a page.
    private static List<Map<String, Object>> gainCharts(GainOverGames gains, List<ReportChart> charts) {
        List<Map<String, Object>> places = new ArrayList<>();
        List<GainOverGames.OfGame> piece = new ArrayList<>();
        int lines = 0;
        List<GainOverGames.OfGame> drawn = gains.games().stream()
                .filter(game -> !game.paths().isEmpty())
                .map(Report::shown)
                .toList();
        for (GainOverGames.OfGame game : drawn) {
            if (!piece.isEmpty() && lines + game.paths().size() > LINES) {
                places.add(gainChart(gains, piece, charts));
                piece.clear();
                lines = 0;
            }
            piece.add(game);
            lines += game.paths().size();
        }
        if (!piece.isEmpty()) {
            places.add(gainChart(gains, piece, charts));
        }
        return places;
    }

    private static Map<String, Object> gainChart(
            GainOverGames gains, List<GainOverGames.OfGame> piece, List<ReportChart> charts) {
        String id = "gains-%d".formatted(charts.size() + 1);
        charts.add(ReportChart.of(id, new GainChart(gains, piece, true)));
        return Page.values("chart", ReportChart.place(id));
    }

    private static GainOverGames.OfGame shown(GainOverGames.OfGame game) {
        return new GainOverGames.OfGame(
                Shown.name(game.game()),
                game.paths().stream()
                        .map(path -> new GainOverGames.OfPath(
                                Shown.name(path.path()), path.gain(), path.interval(), path.simulated()))
                        .toList(),
                Map.of());
    }

    private static List<Map<String, Object>> over(GainOverGames gains) {
        List<Map<String, Object>> rows = new ArrayList<>();
        gains.overall()
                .forEach((path, overall) -> rows.add(Page.values(
                        "path", Page.name(path),
                        "gain", Page.cell(overall.ratio(), overall.ratioInterval(), 2, ""),
                        "over", overall.over().size(),
                        "leftOut", overall.leftOut().stream().map(Shown::name).collect(Collectors.joining(", ")))));
        return rows;
    }

    /// Name of the study.
    public String name() {
        return name;
    }

    /// A card of each game that has a path beside the native one, by the name of the game.
    public Map<String, Picture> cards() {
        Map<String, Picture> cards = new LinkedHashMap<>();
        for (ReportGame game : games) {
            Card.of(game.verdicts())
                    .ifPresent(card -> cards.put(Shown.words(game.verdicts().game()), card.picture()));
        }
        return cards;
    }

    Map<String, Object> values() {
        return values;
    }

    List<ReportChart> charts() {
        return charts;
    }

    List<ReportGame> games() {
        return games;
    }

    /// Every figure of every run and path, one a row.
    public DataTable figures() {
        FigureRows all = new FigureRows();
        games.forEach(game -> all.addAll(game.figures()));
        return all.table();
    }

    /// Every claim of every verdict, one a row.
    public DataTable verdicts() {
        return VerdictRows.table(verdictsOfGames());
    }

    List<GameVerdicts> verdictsOfGames() {
        return games.stream().map(ReportGame::verdicts).toList();
    }
}
