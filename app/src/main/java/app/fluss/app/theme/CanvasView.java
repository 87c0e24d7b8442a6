package app.fluss.app.theme;

import javafx.scene.AccessibleRole;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.util.Subscription;

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
        MenuItem copy = new MenuItem("Copy picture");
        copy.setOnAction(_ -> copyPicture());
        ContextMenu menu = new ContextMenu(copy);
        setOnContextMenuRequested(event -> menu.show(this, event.getScreenX(), event.getScreenY()));
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

    private void copyPicture() {
        SnapshotParameters parameters = new SnapshotParameters();
        parameters.setFill(theme.palette().get(Palette.Role.SURFACE));
        ClipboardContent content = new ClipboardContent();
        content.putImage(snapshot(parameters, null));
        Clipboard.getSystemClipboard().setContent(content);
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
