package app.fluss.app.pictures;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.StoredPictures;
import java.util.Arrays;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// Distinct pictures in each second of a clip, with what a counter said as a line across.
final class RateView extends CanvasView {
    private static final double LEFT = 34;

    private double[] rates = {};
    private double claimedFps = Double.NaN;

    RateView(Theme theme) {
        super(theme, "Distinct pictures in each second of the clip");
        setMinHeight(120);
    }

    void show(StoredPictures pictures, double claimed) {
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
