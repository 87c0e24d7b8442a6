package app.fluss.app.importing;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.picture.Area;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/// A picture of a clip with two areas on it, set by dragging.
final class PictureView extends CanvasView {
    private final int pictureWidth;
    private final int pictureHeight;
    private final WritableImage image;
    private final String firstName;
    private final String secondName;
    private Optional<Area> first = Optional.empty();
    private Optional<Area> second = Optional.empty();
    private @Nullable Area dragged;
    private int fromX;
    private int fromY;

    /// @param first what the first area is called
    /// @param second what the second is called
    /// @param drawn is told the area that was dragged
    PictureView(Theme theme, int pictureWidth, int pictureHeight, String first, String second, Consumer<Area> drawn) {
        super(theme, "A picture of the clip, with the areas " + first + " and " + second);
        this.firstName = first;
        this.secondName = second;
        this.pictureWidth = pictureWidth;
        this.pictureHeight = pictureHeight;
        this.image = new WritableImage(pictureWidth, pictureHeight);
        setId("clip-picture");
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            fromX = pictureX(event.getX());
            fromY = pictureY(event.getY());
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            dragged = area(event);
            redraw();
        });
        addEventHandler(MouseEvent.MOUSE_RELEASED, event -> {
            Area done = dragged;
            dragged = null;
            if (done != null) {
                drawn.accept(done);
            }
        });
    }

    private Area area(MouseEvent event) {
        int x = pictureX(event.getX());
        int y = pictureY(event.getY());
        return new Area(Math.min(x, fromX), Math.min(y, fromY), Math.abs(x - fromX) + 1, Math.abs(y - fromY) + 1);
    }

    private double shown() {
        return Math.min(getWidth() / pictureWidth, getHeight() / pictureHeight);
    }

    private int pictureX(double x) {
        return (int) Math.clamp(x / shown(), 0, pictureWidth - 1);
    }

    private int pictureY(double y) {
        return (int) Math.clamp(y / shown(), 0, pictureHeight - 1);
    }

    /// Shows a picture.
    void show(byte[] luma) {
        int[] argb = new int[luma.length];
        for (int i = 0; i < luma.length; i++) {
            int grey = luma[i] & 0xFF;
            argb[i] = 0xFF000000 | grey << 16 | grey << 8 | grey;
        }
        image.getPixelWriter()
                .setPixels(0, 0, pictureWidth, pictureHeight, PixelFormat.getIntArgbInstance(), argb, 0, pictureWidth);
        redraw();
    }

    /// Shows the areas.
    void mark(Optional<Area> firstArea, Optional<Area> secondArea) {
        first = firstArea;
        second = secondArea;
        redraw();
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        double by = shown();
        g.setImageSmoothing(by < 1);
        g.drawImage(image, 0, 0, pictureWidth * by, pictureHeight * by);
        first.ifPresent(area -> mark(g, palette, area, firstName, Role.WARM));
        second.ifPresent(area -> mark(g, palette, area, secondName, Role.WATER));
        Area drag = dragged;
        if (drag != null) {
            mark(g, palette, drag, "", Role.SURFACE);
        }
    }

    private void mark(GraphicsContext g, Palette palette, Area area, String name, Role role) {
        double by = shown();
        g.setStroke(palette.get(role));
        g.setLineWidth(2);
        g.setLineDashes(role == Role.WARM ? new double[] {5, 4} : new double[0]);
        g.strokeRect(area.x() * by, area.y() * by, area.width() * by, area.height() * by);
        g.setLineDashes();
        g.setFill(palette.get(Role.SURFACE));
        g.fillRect(area.x() * by, area.y() * by, scaled(name.isEmpty() ? 0 : 8 + 6.5 * name.length()), scaled(15));
        g.setFill(palette.get(role));
        g.setTextBaseline(VPos.TOP);
        g.fillText(name, area.x() * by + 3, area.y() * by);
    }
}
