package app.fluss.app.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

    private PieceByPiece() {}

    /// Takes content out of what holds it, and styles both while it is put together again.
    ///
    /// @param whole the root of a scene
    /// @param content stands somewhere in it; a box that is filled anew in the meantime keeps that
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
        for (int i = 0; i < pieces.size(); i++) {
            Node piece = pieces.get(i);
            List<Node> before = pieces.subList(0, i);
            steps.add(() -> {
                if (box.getChildren().equals(before)) {
                    box.getChildren().add(piece);
                    piece.applyCss();
                    // Some style a part of themselves only when they are asked for their size.
                    piece.prefWidth(-1);
                }
            });
            if (deep > 1) {
                box(piece).ifPresent(inner -> takeApart(inner, deep - 1, steps));
            }
        }
    }

    private static Optional<Pane> box(Node node) {
        // Others that scroll may be filling themselves.
        Node holds = node.getClass() == ScrollPane.class ? ((ScrollPane) node).getContent() : node;
        return switch (holds) {
            case HBox box -> Optional.of(box);
            case VBox box -> Optional.of(box);
            case GridPane grid -> Optional.of(grid);
            case null, default -> Optional.empty();
        };
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
