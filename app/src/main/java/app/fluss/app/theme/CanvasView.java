package app.fluss.app.theme;

import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

/// A view that is drawn: a canvas that fills it and is drawn anew when its size, the palette or what it shows
/// changes.
public abstract class CanvasView extends Region {
    private static final double TEXT_PX = 11.5;

    private final Theme theme;
    private final Canvas canvas = new Canvas();

    /// @param name what it shows, for people who do not see it
    protected CanvasView(Theme theme, String name) {
        this.theme = theme;
        getChildren().add(canvas);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(name);
        theme.paletteProperty().subscribe(this::redraw);
        theme.textScaleProperty().subscribe(this::redraw);
    }

    /// A length that grows with the text, px.
    protected final double scaled(double px) {
        return px * theme.textScaleProperty().get();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        redraw();
    }

    /// Draws it anew.
    public final void redraw() {
        if (getWidth() > 0 && getHeight() > 0) {
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.clearRect(0, 0, getWidth(), getHeight());
            g.setFont(Font.font(Theme.FACE, scaled(TEXT_PX)));
            draw(g, theme.palette(), getWidth(), getHeight());
        }
    }

    /// Draws into the whole view.
    protected abstract void draw(GraphicsContext g, Palette palette, double width, double height);
}
