package app.fluss.app.pictures;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.picture.PictureCount;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.jspecify.annotations.Nullable;

/// How many images stayed for how many pictures of a clip.
final class HoldsView extends CanvasView {
    private static final int SHOWN = 8;

    private @Nullable PictureCount shown;

    HoldsView(Theme theme) {
        super(theme, "How long images stayed");
        setMinHeight(110);
    }

    void show(PictureCount count) {
        shown = count;
        redraw();
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        PictureCount count = shown;
        if (count == null) {
            return;
        }
        int most = count.holds().values().stream()
                .mapToInt(Integer::intValue)
                .max()
                .orElse(1);
        double row = Math.min(scaled(22), height / Math.clamp(count.holds().size(), 1, SHOWN));
        double left = scaled(78);
        int at = 0;
        g.setTextBaseline(VPos.CENTER);
        for (Map.Entry<Integer, Integer> hold : count.holds().entrySet()) {
            if (at >= SHOWN) {
                return;
            }
            double y = (at + 0.5) * row;
            double length = (width - left - scaled(56)) * hold.getValue() / most;
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(hold.getKey() == 1 ? "1 picture" : hold.getKey() + " pictures", left - 6, y);
            g.setFill(palette.get(Role.WATER));
            g.fillRect(left, y - row * 0.32, Math.max(1, length), row * 0.64);
            g.setFill(palette.get(Role.INK));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(Integer.toString(hold.getValue()), left + length + 6, y);
            at++;
        }
    }
}
