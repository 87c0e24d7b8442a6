package app.fluss.app.theme;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/// Text as it looks everywhere.
public final class Labels {
    private Labels() {}

    /// Of a style class, on one line.
    public static Label of(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        Tips.whenCut(label);
        return label;
    }

    /// A control with its name before it and its unit behind it, which stay together.
    public static HBox beside(String name, Node control, String unit) {
        Label before = of(name, "muted");
        before.setLabelFor(control);
        HBox row = new HBox(6, before, control);
        if (!unit.isEmpty()) {
            row.getChildren().add(of(unit, "muted"));
        }
        row.getChildren().stream()
                .filter(Label.class::isInstance)
                .forEach(label -> ((Label) label).setMinWidth(Region.USE_PREF_SIZE));
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMinWidth(Region.USE_PREF_SIZE);
        return row;
    }

    /// The heading of a panel.
    public static Label heading(String text) {
        Label label = of(text, "heading");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /// The title of a screen.
    public static Label title(String text) {
        return of(text, "title");
    }

    /// Text of less weight, as many lines as it needs.
    public static Label note(String text) {
        return wrapped(text, "muted");
    }

    /// Text of a style class, as many lines as it needs.
    public static Label wrapped(String text, String... styles) {
        Label label = of(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
