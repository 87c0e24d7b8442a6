package app.fluss.app.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

/// Styles what is not shown yet piece by piece, so that what else there is to do comes in between: the toolkit styles
/// at once all that is there, and has no way to style a part of it.
final class PieceByPiece {
    /// Content, its halves, and their rows.
    private static final int DEEP = 3;

    /// Boxes that can do without what is in them for a while; those of other kinds may count on it.
    private static final Set<Class<? extends Pane>> TAKEN_APART = Set.of(HBox.class, VBox.class, GridPane.class);

    private PieceByPiece() {}

    /// Takes content out of what holds it, and styles both while it is put together again.
    ///
    /// @param whole the root of a scene
    /// @param content stands somewhere in it; nobody else adds to it or takes from it in the meantime
    /// @param then is run when all is in its place
    static void style(Parent whole, Node content, Runnable then) {
        List<Runnable> steps = new ArrayList<>();
        steps.add(whole::applyCss);
        box(content).ifPresent(box -> takeApart(box, DEEP, steps));
        steps.add(then);
        oneByOne(steps);
    }

    private static void takeApart(Pane box, int deep, List<Runnable> steps) {
        List<Node> pieces = List.copyOf(box.getChildren());
        box.getChildren().clear();
        for (Node piece : pieces) {
            steps.add(() -> {
                box.getChildren().add(piece);
                piece.applyCss();
                // Some style a part of themselves only when they are asked for their size.
                piece.prefWidth(-1);
            });
            if (deep > 1) {
                box(piece).ifPresent(inner -> takeApart(inner, deep - 1, steps));
            }
        }
    }

    private static Optional<Pane> box(Node node) {
        Node holds = node instanceof ScrollPane scroll ? scroll.getContent() : node;
        return holds instanceof Pane pane && TAKEN_APART.contains(pane.getClass())
                ? Optional.of(pane)
                : Optional.empty();
    }

    private static void oneByOne(List<Runnable> steps) {
        Platform.runLater(() -> {
            steps.getFirst().run();
            if (steps.size() > 1) {
                oneByOne(steps.subList(1, steps.size()));
            }
        });
    }
}
