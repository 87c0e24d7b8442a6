package app.fluss.app.feel;

import app.fluss.core.feel.FeelPicture;
import java.util.List;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

/// The field in which a task is shown. It draws what it is given and nothing else.
///
/// Each mark is a shape of its own, so that only what moved is drawn anew: a canvas as large as the
/// window costs more than a pulse where there is no graphics processor.
final class FieldView extends Region {
    private static final double DARK = 0.012;

    private final Rectangle ground = new Rectangle();

    FieldView(String name) {
        Rectangle clip = new Rectangle();
        for (Rectangle whole : List.of(ground, clip)) {
            whole.widthProperty().bind(widthProperty());
            whole.heightProperty().bind(heightProperty());
        }
        setClip(clip);
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
        fill(ground, picture.ground());
        List<Node> drawn = getChildren();
        List<FeelPicture.Mark> marks = picture.marks();
        if (!isOfSameShapes(drawn, marks)) {
            getChildren().setAll(ground);
            marks.forEach(mark -> drawn.add(shape(mark)));
        }
        for (int i = 0; i < marks.size(); i++) {
            place((Shape) drawn.get(i + 1), marks.get(i));
        }
    }

    /// Whether what is drawn, after the ground, has the shapes of the marks.
    private static boolean isOfSameShapes(List<Node> drawn, List<FeelPicture.Mark> marks) {
        if (drawn.size() != marks.size() + 1) {
            return false;
        }
        for (int i = 0; i < marks.size(); i++) {
            if (drawn.get(i + 1) instanceof Circle != marks.get(i) instanceof FeelPicture.Disc) {
                return false;
            }
        }
        return true;
    }

    private Shape shape(FeelPicture.Mark mark) {
        Shape shape = switch (mark) {
            case FeelPicture.Bar _ -> new Rectangle();
            case FeelPicture.Disc _ -> new Circle();
        };
        shape.setManaged(false);
        return shape;
    }

    private void place(Shape shape, FeelPicture.Mark mark) {
        fill(shape, mark.luminance());
        switch (mark) {
            case FeelPicture.Bar bar -> {
                Rectangle drawn = (Rectangle) shape;
                drawn.setX(bar.x());
                drawn.setWidth(bar.width());
                drawn.setHeight(getHeight());
            }
            case FeelPicture.Disc disc -> {
                Circle drawn = (Circle) shape;
                drawn.setCenterX(disc.x());
                drawn.setCenterY(disc.y());
                drawn.setRadius(disc.radius());
            }
        }
    }

    /// A fill that is set anew is drawn anew, be it the same grey.
    private static void fill(Shape shape, double luminance) {
        Color grey = Color.gray(FeelPicture.srgb(luminance));
        if (!grey.equals(shape.getFill())) {
            shape.setFill(grey);
        }
    }
}
