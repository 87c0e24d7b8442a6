package app.fluss.app.theme;

import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Picture;
import app.fluss.files.table.DataTable;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.util.Subscription;

/// A view that is drawn: a canvas that fills it and is drawn anew when its size, the palette or what it
/// shows changes.
public abstract class CanvasView extends Region implements Shareable {
    private final Theme theme;
    private final Canvas canvas = new Canvas();

    /// @param name what it shows, for people who do not see it
    protected CanvasView(Theme theme, String name) {
        this.theme = theme;
        getChildren().add(canvas);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(name);
        WhileShown.subscribe(this, () -> {
            textScaled();
            return Subscription.combine(
                    theme.paletteProperty().subscribe(_ -> redraw()),
                    theme.textScaleProperty().subscribe(() -> {
                        textScaled();
                        redraw();
                    }));
        });
    }

    @Override
    public final Optional<Picture> picture() {
        return getWidth() > 0 && getHeight() > 0
                ? Optional.of(new Picture(
                        getAccessibleText(),
                        getAccessibleText(),
                        getWidth(),
                        getHeight(),
                        theme.textScaleProperty().get(),
                        Numbers.ofUser(),
                        this::draw))
                : Optional.empty();
    }

    @Override
    public Optional<DataTable> data() {
        return Optional.empty();
    }

    /// A length that grows with the text, px.
    protected final double scaled(double px) {
        return px * theme.textScaleProperty().get();
    }

    /// Is told when the size of text may have changed.
    protected void textScaled() {}

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        if (getWidth() > 0 && getHeight() > 0) {
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.clearRect(0, 0, getWidth(), getHeight());
            underlay(g);
            draw(new CanvasPen(g, theme.palette(), theme.textScaleProperty().get()), getWidth(), getHeight());
        }
    }

    /// Has it drawn anew with the next picture of the window, once however often it is called until then.
    public final void redraw() {
        setNeedsLayout(true);
    }

    /// Draws what only a window has below the drawing: a photograph.
    protected void underlay(GraphicsContext g) {}

    /// Draws into the whole view.
    protected abstract void draw(Pen pen, double width, double height);
}
