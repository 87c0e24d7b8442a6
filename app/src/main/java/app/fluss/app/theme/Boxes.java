package app.fluss.app.theme;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// What holds other nodes, as it looks everywhere.
public final class Boxes {
    private Boxes() {}

    /// A row, centred upright.
    public static HBox row(Node... children) {
        HBox row = new HBox(8, children);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /// A panel with a border.
    public static VBox panel(Node... children) {
        VBox panel = new VBox(6, children);
        panel.getStyleClass().add("panel");
        return panel;
    }

    /// The head of a chart: its title, what stands beside it, and at its end *Copy* and *Save as…*.
    public static WrappingRow head(Theme theme, String title, Shareable shared, Node... more) {
        WrappingRow head = new WrappingRow(8, Labels.heading(title));
        head.getChildren().addAll(more);
        if (head.getChildren().stream().noneMatch(node -> HBox.getHgrow(node) == Priority.ALWAYS)) {
            head.getChildren().add(spacer());
        }
        head.getChildren().add(new ShareBar(theme, title, shared));
        return head;
    }

    /// Takes the room that is left in a row.
    public static Region spacer() {
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        return spacer;
    }

    /// What stands in a scroll pane, with room for its bar.
    public static VBox scrolled(Node... children) {
        VBox box = new VBox(10, children);
        box.setPadding(new Insets(0, 14, 4, 0));
        return box;
    }

    /// Scrolls upright only.
    public static ScrollPane scrolling(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMinHeight(0);
        return scroll;
    }
}
