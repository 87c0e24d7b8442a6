package app.fluss.app.importing;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Theme;
import app.fluss.core.picture.Area;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Baseline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/// A picture of a clip with areas on it, set by dragging.
final class PictureView extends CanvasView {
    private final int pictureWidth;
    private final int pictureHeight;
    private final WritableImage image;
    private List<Marked> marked = List.of();
    private @Nullable Area dragged;
    private int fromX;
    private int fromY;

    /// An area with what it is called.
    ///
    /// @param warm whether it stands out among the others
    record Marked(Area area, String name, boolean warm) {}

    /// @param areas what the areas are, for people who do not see them
    /// @param drawn is told the area that was dragged
    PictureView(Theme theme, int pictureWidth, int pictureHeight, String areas, Consumer<Area> drawn) {
        super(theme, ClipText.PICTURE_WITH_AREAS.formatted(areas));
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
    void mark(List<Marked> areas) {
        marked = List.copyOf(areas);
        redraw();
    }

    /// Shows two areas, those that are set.
    void mark(Optional<Area> first, String firstName, Optional<Area> second, String secondName) {
        List<Marked> both = new ArrayList<>();
        first.ifPresent(area -> both.add(new Marked(area, firstName, true)));
        second.ifPresent(area -> both.add(new Marked(area, secondName, false)));
        mark(both);
    }

    @Override
    protected void underlay(GraphicsContext g) {
        double by = shown();
        g.setImageSmoothing(by < 1);
        g.drawImage(image, 0, 0, pictureWidth * by, pictureHeight * by);
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        marked.forEach(one -> mark(pen, one.area, one.name, one.warm ? Role.WARM : Role.WATER));
        Area drag = dragged;
        if (drag != null) {
            mark(pen, drag, "", Role.SURFACE);
        }
    }

    private void mark(Pen pen, Area area, String name, Role role) {
        double by = shown();
        pen.stroke(role);
        pen.lineWidth(2);
        pen.dashes(role == Role.WARM ? new double[] {5, 4} : new double[0]);
        pen.strokeRect(area.x() * by, area.y() * by, area.width() * by, area.height() * by);
        pen.dashes();
        // The name stands beside, so that it does not hide what is marked here or above.
        double wide = scaled(name.isEmpty() ? 0 : 8 + 6.5 * name.length());
        double high = scaled(15);
        double right = (area.x() + area.width()) * by;
        boolean beside = right + wide < pictureWidth * by;
        double x = beside ? right + 2 : Math.max(0, area.x() * by - wide - 2);
        double y = area.y() * by;
        pen.fill(Role.SURFACE);
        pen.fillRect(x, y, wide, high);
        pen.fill(role);
        pen.baseline(Baseline.TOP);
        pen.text(name, x + 3, y);
    }
}
