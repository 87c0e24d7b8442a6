package app.fluss.app.pictures;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.toggle.ToggleStretch;
import app.fluss.files.study.StoredPictures;
import java.util.Arrays;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// Distinct pictures in each second of a clip, with what a counter said as a line across.
final class RateView extends CanvasView {
    private static final double LEFT = 34;

    private double[] rates = {};
    private double claimedFps = Double.NaN;
    private List<ToggleStretch> toggles = List.of();

    RateView(Theme theme) {
        super(theme, "Distinct pictures in each second of the clip");
        setMinHeight(120);
    }

    /// @param stretches with the path on or off, on the clip's time
    void show(StoredPictures pictures, double claimed, List<ToggleStretch> stretches) {
        toggles = List.copyOf(stretches);
        rates = pictures.differences().perSecond(pictures.fps());
        claimedFps = claimed;
        redraw();
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        double top = Math.max(Arrays.stream(rates).max().orElse(1), claimedFps > 0 ? claimedFps : 1) * 1.12;
        double left = scaled(LEFT);
        double bottom = height - scaled(18);
        double step = Math.min(scaled(96), (width - left - 8) / Math.max(1, rates.length));
        double worst = Arrays.stream(rates).min().orElse(0);
        g.setTextBaseline(VPos.CENTER);
        for (ToggleStretch stretch : toggles) {
            double from = left + stretch.fromMs() / 1000 * step;
            g.setFill(palette.get(stretch.on() ? Role.FOAM : Role.RAISED).deriveColor(0, 1, 1, 0.3));
            g.fillRect(from, 0, (stretch.toMs() - stretch.fromMs()) / 1000 * step, bottom);
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(stretch.on() ? "on" : "off", from + 4, scaled(8));
        }
        g.setTextAlign(TextAlignment.CENTER);
        for (int i = 0; i < rates.length; i++) {
            double y = bottom - (bottom - 8) * rates[i] / top;
            boolean isWorst = rates[i] == worst;
            g.setFill(palette.get(isWorst ? Role.SLATE : Role.FOAM));
            g.fillRect(left + i * step + 2, y, Math.max(1, step - 4), bottom - y);
            if (isWorst) {
                g.setStroke(palette.get(Role.INK));
                g.strokeRect(left + i * step + 2, y, Math.max(1, step - 4), bottom - y);
            }
            g.setFill(palette.get(Role.INK));
            if (step > scaled(26)) {
                g.fillText(Numbers.text(rates[i], 0), left + (i + 0.5) * step, y + scaled(9));
            }
            g.setFill(palette.get(Role.MUTED));
            g.fillText((i + 1) + (i == 0 ? " s" : ""), left + (i + 0.5) * step, bottom + scaled(9));
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.setFill(palette.get(Role.MUTED));
        g.fillText("/s", left - 5, scaled(10));
        if (claimedFps > 0) {
            double y = bottom - (bottom - 8) * claimedFps / top;
            g.setStroke(palette.get(Role.WARM));
            g.setLineDashes(6, 4);
            g.strokeLine(left, y, width - 8, y);
            g.setLineDashes();
            g.setFill(palette.get(Role.WARM));
            g.fillText("the counter said " + Numbers.text(claimedFps, 1), width - 10, y - scaled(9));
        }
    }
}
