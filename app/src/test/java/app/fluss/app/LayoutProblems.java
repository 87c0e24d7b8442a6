package app.fluss.app;

import app.fluss.app.theme.Tips;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;

/// What is wrong with how a part of the window is laid out: every node of it is walked.
final class LayoutProblems {
    private static final Set<String> HEADLINES = Set.of("title", "headline", "great", "figure", "timer");

    private LayoutProblems() {}

    /// What is cut, or stands beyond the edges, in words; empty if nothing is.
    static List<String> of(Parent root) {
        List<String> problems = new ArrayList<>();
        Bounds whole = root.getLayoutBounds();
        walk(root, root, whole, false, problems);
        if (root instanceof BorderPane shell) {
            Bounds screen = shell.getCenter().getBoundsInParent();
            double over = screen.getHeight()
                    - (whole.getMaxY() - shell.getTop().getBoundsInParent().getMaxY());
            if (over > 1) {
                problems.add("too high by %.0f px".formatted(over));
            }
        }
        return problems;
    }

    /// A part as a reader of the test finds it.
    static String name(Node node) {
        return node instanceof Labeled labeled && !labeled.getText().isEmpty()
                ? "\"" + labeled.getText() + "\""
                : node.toString();
    }

    private static boolean scrollsSideways(Node node) {
        return (node instanceof ScrollPane pane && pane.getHbarPolicy() != ScrollPane.ScrollBarPolicy.NEVER)
                || node instanceof ListView<?>;
    }

    private static void walk(Node node, Node root, Bounds whole, boolean scrolled, List<String> problems) {
        if (!node.isVisible() || node instanceof ScrollBar) {
            return;
        }
        if (node instanceof Labeled labeled) {
            cut(labeled).ifPresent(problems::add);
        }
        Bounds at = root.sceneToLocal(node.localToScene(node.getLayoutBounds()));
        if (!scrolled && node instanceof Labeled && at.getWidth() > 0 && at.getMaxX() > whole.getMaxX() + 1) {
            problems.add("beyond the window: " + name(node));
        }
        boolean scrolls = scrolled || scrollsSideways(node);
        if (node instanceof Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                walk(child, root, whole, scrolls, problems);
            }
        }
    }

    /// Text that has no room and does not say the rest on asking; of a headline in any case.
    private static Optional<String> cut(Labeled labeled) {
        boolean headline = labeled.getStyleClass().stream().anyMatch(HEADLINES::contains);
        return labeled.isTextTruncated() && labeled.getWidth() > 0 && (headline || !tooltip(labeled))
                ? Optional.of("cut: \"%s\"".formatted(labeled.getText()))
                : Optional.empty();
    }

    private static boolean tooltip(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (Tips.words(at).isPresent()) {
                return true;
            }
        }
        return false;
    }
}
