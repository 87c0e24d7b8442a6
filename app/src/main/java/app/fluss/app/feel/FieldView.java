package app.fluss.app.feel;

import app.fluss.core.feel.FeelPicture;
import java.util.List;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/// The field in which a task is shown. It draws what it is given and nothing else.
final class FieldView extends Region {
    private static final double DARK = 0.012;

    private final Canvas canvas = new Canvas();

    FieldView(String name) {
        getChildren().add(canvas);
        setAccessibleText(name);
        setMinSize(0, 0);
        setId("feel-field");
        show(new FeelPicture(DARK, List.of()));
    }

    /// Whether the system's own pointer is hidden over it.
    void hidePointer(boolean hidden) {
        setCursor(hidden ? Cursor.NONE : Cursor.DEFAULT);
    }

    void show(FeelPicture picture) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(grey(picture.ground()));
        g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        for (FeelPicture.Mark mark : picture.marks()) {
            g.setFill(grey(mark.luminance()));
            switch (mark) {
                case FeelPicture.Bar bar -> g.fillRect(bar.x(), 0, bar.width(), canvas.getHeight());
                case FeelPicture.Disc disc ->
                    g.fillOval(
                            disc.x() - disc.radius(), disc.y() - disc.radius(), 2 * disc.radius(), 2 * disc.radius());
            }
        }
    }

    private static Color grey(double luminance) {
        return Color.gray(FeelPicture.srgb(luminance));
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        show(new FeelPicture(DARK, List.of()));
    }
}
