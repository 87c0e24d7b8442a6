package app.fluss.app.theme;

import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/// Text as it looks everywhere.
public final class Labels {
    private Labels() {}

    /// Of a style class, on one line.
    public static Label of(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
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
