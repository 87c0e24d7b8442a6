package app.fluss.files.chart;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Grade;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import app.fluss.files.verdict.GainOverGames;
import java.util.List;

/// The gain of every path over games, on one logarithmic scale: weaker grades drawn weaker. Full diamond:
/// from run to run; hollow: without such an interval; dashed below a frame log.
///
/// @param whole what the scale must hold
/// @param games those that are drawn
/// @param axis whether the scale is drawn above them
public record GainChart(GainOverGames whole, List<GainOverGames.OfGame> games, boolean axis) implements Chart {
    private static final double GAME_PX = 150;
    private static final double NAME_PX = 270;
    private static final double LINE_PX = 19;
    private static final double AXIS_PX = 22;
    private static final double SPARE = 0.03;
    private static final double[] MARKS = {0.25, 0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10};

    /// Keeps a copy.
    public GainChart {
        games = List.copyOf(games);
    }

    @Override
    public String name() {
        return games.size() == 1 ? "Gains in " + games.getFirst().game() : "Delivered gain of each path over the games";
    }

    @Override
    public DataTable data() {
        DataTable.Builder table =
                new DataTable.Builder("game", "path", "delivered_gain", "low", "high", "from", "grade", "simulated");
        for (GainOverGames.OfGame game : games) {
            for (GainOverGames.OfPath path : game.paths()) {
                table.row(
                        game.game(),
                        path.path(),
                        Cell.of(path.value()),
                        Cell.of(path.interval(), Interval::low),
                        Cell.of(path.interval(), Interval::high),
                        path.gain().kind().title(),
                        path.gain().grade().map(Grade::toString).orElse(""),
                        path.simulated() ? "yes" : "no");
            }
        }
        return table.build();
    }

    @Override
    public double height(double scale) {
        return (lines() * LINE_PX + (axis ? AXIS_PX : 0)) * scale;
    }

    private int lines() {
        return games.stream().mapToInt(game -> Math.max(1, game.paths().size())).sum();
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        Axis gains = new Axis(
                Math.log(whole.low()) - SPARE,
                Math.log(whole.high()) + SPARE,
                pen.scaled(GAME_PX),
                width - pen.scaled(NAME_PX));
        double y = 0;
        pen.baseline(Baseline.CENTER);
        if (axis) {
            marks(pen, gains);
            y = pen.scaled(AXIS_PX);
        }
        for (GainOverGames.OfGame game : games) {
            y = game(pen, gains, game, y, width);
        }
    }

    private void marks(Pen pen, Axis gains) {
        pen.fill(Role.MUTED);
        pen.align(Align.CENTER);
        double free = Double.NEGATIVE_INFINITY;
        for (double gain : MARKS) {
            String text = pen.numbers().text(gain, gain * 4 % 2 == 0 ? 1 : 2) + " ×";
            double x = gains.at(Math.log(gain));
            boolean within = gain >= whole.low() * 0.97 && gain <= whole.high() * 1.03;
            if (within && x - pen.width(text) / 2 > free) {
                pen.text(text, x, pen.scaled(AXIS_PX) / 2);
                free = x + pen.width(text) / 2 + pen.scaled(4);
            }
        }
    }

    /// @return where the next game begins
    private static double game(Pen pen, Axis gains, GainOverGames.OfGame game, double top, double width) {
        double line = pen.scaled(LINE_PX);
        double bottom = top + line * Math.max(1, game.paths().size());
        pen.align(Align.LEFT);
        pen.fill(Role.INK);
        pen.text(game.game(), 2, top + line / 2, pen.scaled(GAME_PX) - 12);
        double one = gains.at(0);
        pen.stroke(Role.LINE);
        pen.lineWidth(1);
        pen.line(one, top, one, bottom);
        double y = top + line / 2;
        for (GainOverGames.OfPath path : game.paths()) {
            path(pen, gains, path, width, y);
            y += line;
        }
        return bottom;
    }

    private static void path(Pen pen, Axis gains, GainOverGames.OfPath path, double width, double y) {
        Grade grade = path.gain().grade().orElse(Grade.E);
        Numbers numbers = pen.numbers();
        pen.opacity(grade.hasLog() ? 1 : 0.6);
        double at = gains.at(Math.log(path.value()));
        Role role = path.value() >= 1 ? Role.WATER : Role.WARM;
        pen.stroke(role);
        pen.fill(role);
        pen.lineWidth(1.6);
        path.interval().ifPresent(ends -> {
            pen.dashes(grade.hasLog() ? new double[0] : new double[] {3, 3});
            pen.line(gains.at(Math.log(ends.low())), y, gains.at(Math.log(ends.high())), y);
            pen.dashes();
        });
        double[] xs = {at, at + 5, at, at - 5};
        double[] ys = {y - 5, y, y + 5, y};
        if (path.gain().kind().canSettle()) {
            pen.fillPolygon(xs, ys);
        } else {
            pen.lineWidth(1.4);
            pen.strokePolygon(xs, ys);
        }
        pen.fill(Role.INK);
        String words = "%s ×  %s".formatted(numbers.text(path.value(), 2), path.path());
        String grounds = "  (%s%s)".formatted(grade, path.simulated() ? ", simulated" : "");
        double room = pen.scaled(NAME_PX) - 16;
        pen.text(pen.cut(words, room - pen.width(grounds)) + grounds, width - pen.scaled(NAME_PX) + 12, y);
        pen.opacity(1);
    }
}
