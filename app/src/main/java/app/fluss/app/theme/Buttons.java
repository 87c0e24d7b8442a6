package app.fluss.app.theme;

import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/// Buttons as they look everywhere.
public final class Buttons {
    private Buttons() {}

    /// One that stays in the background.
    ///
    /// @param tip what it does, with its key
    public static Button quiet(String text, String tip, Runnable action) {
        return make(text, "quiet", tip, action);
    }

    /// The obvious next step; one on a screen.
    public static Button primary(String text, String tip, Runnable action) {
        return make(text, "primary", tip, action);
    }

    private static Button make(String text, String style, String tip, Runnable action) {
        Button button = new Button(text);
        button.getStyleClass().add(style);
        button.setMinWidth(Region.USE_PREF_SIZE);
        Tips.on(button, tip);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
