package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.ladder.Knee;
import app.fluss.core.ladder.Rung;
import app.fluss.core.ladder.SettingLadder;
import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// A ladder as small multiples: a column for each rung, a row for each figure, each row with a scale of its own
/// from 0.
final class LadderChart extends CanvasView {
    private static final double ROW = 44;
    private static final double NAMES = 112;
    private static final double HEAD = 22;
    private static final List<Row> ROWS = List.of(
            new Row("delivered", "/s", 1, Rung::deliveredFps),
            new Row("1 % low", "/s", 1, Rung::lowFps),
            new Row("uneven motion", "ms", 2, Rung::unevenMs),
            new Row("latency", "ms", 1, Rung::latencyMs),
            new Row("card load", "%", 0, Rung::loadPct));

    private final SettingLadder ladder;

    private record Row(String name, String unit, int decimals, Function<Rung, Figure> figure) {}

    LadderChart(Theme theme, SettingLadder ladder) {
        super(theme, "Figures against " + ladder.setting().title());
        this.ladder = ladder;
        setPrefHeight(scaled(HEAD + ROW * ROWS.size()));
    }

    @Override
    protected void textScaled() {
        setMinHeight(scaled(HEAD + ROW * ROWS.size()));
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        List<Rung> rungs = ladder.rungs();
        double left = scaled(NAMES);
        double column = (width - left) / rungs.size();
        g.setTextBaseline(VPos.CENTER);
        if (ladder.knee() instanceof Knee.At(int rung, String _)) {
            g.setFill(palette.get(Role.BAND));
            g.fillRoundRect(left + rung * column + 2, 0, column - 4, height, 10, 10);
        }
        for (int i = 0; i < rungs.size(); i++) {
            boolean knee = ladder.knee() instanceof Knee.At(int at, String _) && at == i;
            g.setFill(palette.get(Role.INK));
            g.setTextAlign(TextAlignment.CENTER);
            Rung rung = rungs.get(i);
            g.fillText(
                    (knee ? "◈ " : "") + ladder.name(rung) + (rung.runs() > 1 ? "  (" + rung.runs() + " runs)" : ""),
                    left + (i + 0.5) * column,
                    scaled(HEAD / 2));
        }
        for (int r = 0; r < ROWS.size(); r++) {
            row(g, palette, ROWS.get(r), scaled(HEAD + r * ROW), left, column, width);
        }
    }

    private void row(
            GraphicsContext g, Palette palette, Row row, double top, double left, double column, double width) {
        List<Rung> rungs = ladder.rungs();
        double most = rungs.stream()
                .map(row.figure)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::orNaN)
                .max()
                .orElse(1);
        double bottom = top + scaled(ROW - 4);
        double high = scaled(ROW - 22);
        g.setStroke(palette.get(Role.LINE));
        g.strokeLine(0, bottom, width, bottom);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(palette.get(Role.INK));
        g.fillText(row.name, 0, top + scaled(ROW / 2 - 7));
        g.setFill(palette.get(Role.MUTED));
        g.fillText(row.unit, 0, top + scaled(ROW / 2 + 7));
        for (int i = 0; i < rungs.size(); i++) {
            Figure figure = row.figure.apply(rungs.get(i));
            double x = left + (i + 0.5) * column;
            g.setTextAlign(TextAlignment.CENTER);
            if (figure instanceof Figure.Known(double value)) {
                double y = bottom - high * Math.max(0, value) / Math.max(most, Double.MIN_NORMAL);
                double half = Math.min(column * 0.3, scaled(34));
                g.setFill(palette.get(Role.FOAM));
                g.fillRect(x - half, y, 2 * half, bottom - y);
                g.setFill(palette.get(Role.INK));
                g.fillText(Numbers.text(value, row.decimals), x, y - scaled(8));
                if (row.equals(ROWS.getFirst())) {
                    whisker(g, palette, rungs.get(i), x, bottom, high / Math.max(most, Double.MIN_NORMAL));
                }
            } else {
                g.setFill(palette.get(Role.MUTED));
                g.fillText(Numbers.MISSING, x, bottom - scaled(10));
            }
        }
    }

    /// How sure the delivered rate of a rung is, from run to run.
    private void whisker(GraphicsContext g, Palette palette, Rung rung, double x, double bottom, double scale) {
        rung.deliveredInterval().ifPresent(ends -> {
            double low = bottom - ends.low() * scale;
            double top = bottom - Math.min(ends.high() * scale, scaled(ROW - 8));
            g.setStroke(palette.get(Role.INK));
            g.strokeLine(x, low, x, top);
            g.strokeLine(x - 4, low, x + 4, low);
            g.strokeLine(x - 4, top, x + 4, top);
        });
    }
}
