package app.fluss.files.share;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.chart.VerdictSign;
import app.fluss.files.draw.Drawing;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.draw.Picture;
import app.fluss.files.draw.TextFace.Weight;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.GameVerdicts;
import app.fluss.files.verdict.SceneCompared;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// One picture of 1600 × 900 for a video or a post: a game, its paths with three figures each, intervals,
/// grades, and whether they are simulated.
///
/// @param game name of the game
/// @param school by which it is judged
/// @param rows paths, the one that is used first
/// @param more how many paths did not fit
/// @param simulated whether any figure rests on simulated runs
public record Card(String game, String school, List<Row> rows, int more, boolean simulated) implements Drawing {
    /// Width, px.
    public static final int WIDTH = 1600;

    /// Height, px.
    public static final int HEIGHT = 900;

    private static final int MOST = 5;
    private static final double LEFT = 90;
    private static final double[] COLUMNS = {640, 960, 1240};
    private static final double TABLE = 300;
    private static final double ROW = 96;

    /// A path on a card.
    ///
    /// @param path its name
    /// @param scene the heaviest scene that it was measured in, which the figures are of
    /// @param verdict what to do
    /// @param figures delivered rate, gain and added latency
    /// @param grade of its evidence
    public record Row(String path, String scene, Verdict.Word verdict, List<Cell> figures, String grade) {}

    /// A figure.
    ///
    /// @param value with its unit
    /// @param below its interval, or what else it rests on
    public record Cell(String value, String below) {}

    /// Of a game; empty where no path was measured beside the native one.
    public static Optional<Card> of(GameVerdicts verdicts) {
        Optional<String> primary = verdicts.primary();
        List<String> order = verdicts.paths().keySet().stream()
                .sorted(Comparator.comparing(
                                (String path) -> primary.filter(path::equals).isEmpty())
                        .thenComparing(path -> verdicts.verdict(path).word()))
                .toList();
        if (order.isEmpty()) {
            return Optional.empty();
        }
        List<Row> rows = new ArrayList<>();
        boolean simulated = false;
        for (String path : order.subList(0, Math.min(MOST, order.size()))) {
            GameCases.OfPath known = verdicts.path(path);
            simulated |= known.isSimulated();
            rows.add(row(path, verdicts.verdict(path), heaviest(known)));
        }
        return Optional.of(new Card(
                Shown.words(verdicts.game()),
                Shown.words(verdicts.school().title()),
                rows,
                order.size() - rows.size(),
                simulated));
    }

    private static GameCases.OfScene heaviest(GameCases.OfPath path) {
        return path.scenes().stream()
                .max(Comparator.comparing(one -> one.scene().weight()))
                .orElseThrow();
    }

    private static Row row(String path, Verdict verdict, GameCases.OfScene scene) {
        SceneCompared compared = scene.compared();
        Difference delivered = compared.measure(Measure.DELIVERED);
        return new Row(
                Shown.words(path),
                Shown.name(scene.scene().name()),
                verdict.word(),
                List.of(
                        cell(
                                delivered.b().level().figure(),
                                delivered.b().level().interval(),
                                1,
                                "/s",
                                "without an interval"),
                        cell(delivered.ratio(), delivered.ratioInterval(), 2, " ×", "without an interval"),
                        cell(
                                compared.latency().difference(),
                                compared.latency().interval(),
                                1,
                                " ms",
                                compared.latencyEstimated() ? "estimated" : "without an interval")),
                compared.grade().toString());
    }

    private static Cell cell(Figure figure, Optional<Interval> interval, int decimals, String unit, String without) {
        return switch (figure) {
            case Figure.Known(double value) ->
                new Cell(
                        (unit.equals(" ms") && value > 0 ? "+" : "") + Page.NUMBERS.text(value, decimals) + unit,
                        interval.map(ends -> Page.interval(ends, decimals)).orElse(without));
            case Figure.Missing _ -> new Cell(Numbers.MISSING, "not available");
        };
    }

    /// As a picture.
    public Picture picture() {
        return new Picture("Card of " + game, alternative(), WIDTH, HEIGHT, 1, Numbers.NEUTRAL, this);
    }

    private String alternative() {
        List<String> words = new ArrayList<>();
        for (Row row : rows) {
            words.add("%s in %s: %s, delivered %s, gain %s, added latency %s, grade %s"
                    .formatted(
                            row.path,
                            row.scene,
                            row.verdict.title(),
                            row.figures.get(0).value,
                            row.figures.get(1).value,
                            row.figures.get(2).value,
                            row.grade));
        }
        return "%s, judged by %s. %s".formatted(game, school, String.join("; ", words));
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        pen.fill(Role.GROUND);
        pen.fillRect(0, 0, width, height);
        pen.fill(Role.WATER);
        pen.fillRect(0, 0, 24, height);
        pen.baseline(Baseline.CENTER);
        pen.align(Align.LEFT);
        pen.fill(Role.INK);
        pen.font(64, Weight.SEMI_BOLD);
        pen.text(game, LEFT, 100, width - LEFT - 360);
        pen.fill(Role.MUTED);
        pen.font(26, Weight.REGULAR);
        pen.text("judged by “%s”".formatted(school), LEFT, 168, width - LEFT - 120);
        if (simulated) {
            simulated(pen, width);
        }
        head(pen);
        double y = TABLE;
        for (Row row : rows) {
            row(pen, row, y, width, y == TABLE && row.verdict.isFor());
            y += ROW;
        }
        foot(pen, height);
    }

    private static void simulated(Pen pen, double width) {
        pen.stroke(Role.WARM);
        pen.lineWidth(3);
        pen.strokeRect(width - 310, 70, 230, 58);
        pen.fill(Role.WARM);
        pen.font(30, Weight.SEMI_BOLD);
        pen.align(Align.CENTER);
        pen.text("simulated", width - 195, 99);
        pen.align(Align.LEFT);
    }

    private static void head(Pen pen) {
        pen.fill(Role.MUTED);
        pen.font(22, Weight.REGULAR);
        String[] names = {"delivered", "of native", "added latency"};
        for (int i = 0; i < names.length; i++) {
            pen.text(names[i], COLUMNS[i], TABLE - 40);
        }
        pen.text("grade", 1480, TABLE - 40);
    }

    private static void row(Pen pen, Row row, double top, double width, boolean used) {
        pen.fill(used ? Role.BAND : Role.SURFACE);
        pen.fillRoundRect(LEFT - 30, top, width - LEFT - 30, ROW - 12, 22);
        double y = top + (ROW - 12) / 2;
        sign(pen, row.verdict, LEFT - 8, y - 21);
        pen.fill(Role.INK);
        pen.font(28, Weight.SEMI_BOLD);
        pen.text(row.path, LEFT + 52, y - 16, COLUMNS[0] - LEFT - 72);
        pen.fill(Role.MUTED);
        pen.font(21, Weight.REGULAR);
        pen.text("%s · %s".formatted(row.verdict.title(), row.scene), LEFT + 52, y + 20, COLUMNS[0] - LEFT - 72);
        for (int i = 0; i < COLUMNS.length; i++) {
            pen.fill(Role.INK);
            pen.font(34, Weight.SEMI_BOLD);
            pen.text(row.figures.get(i).value, COLUMNS[i], y - 13);
            pen.fill(Role.MUTED);
            pen.font(20, Weight.REGULAR);
            pen.text(row.figures.get(i).below, COLUMNS[i], y + 22);
        }
        pen.fill(Role.INK);
        pen.font(34, Weight.SEMI_BOLD);
        pen.text(row.grade, 1490, y);
    }

    /// The sign, larger than beside a word.
    private static void sign(Pen pen, Verdict.Word word, double x, double y) {
        new VerdictSign(word).draw(pen, x, y, 42);
    }

    private void foot(Pen pen, double height) {
        pen.fill(Role.MUTED);
        pen.font(21, Weight.REGULAR);
        String left = more == 0 ? "" : "%d more %s not shown. ".formatted(more, more == 1 ? "path is" : "paths are");
        pen.text(
                left + "Below each figure its 95 % interval from run to run, or what else it rests on.",
                LEFT - 30,
                height - 50);
        pen.align(Align.RIGHT);
        pen.font(24, Weight.SEMI_BOLD);
        pen.text("Fluss", WIDTH - 60, height - 50);
        pen.align(Align.LEFT);
    }
}
