package app.fluss.app.shell;

import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/// A message below the work, which covers nothing, moves nothing above it, and can be put away.
final class Notice extends HBox {
    private final Label words = Labels.wrapped("");

    Notice() {
        super(10);
        words.setId("message");
        words.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button close = Buttons.quiet(ShellText.DISMISS, ShellText.DISMISS_TIP, () -> tell(""));
        close.setId("dismiss");
        getChildren().setAll(words, close);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("notice");
        setAccessibleRole(AccessibleRole.TEXT);
        setMaxHeight(Region.USE_PREF_SIZE);
        setVisible(false);
    }

    /// Shows words; none puts it away.
    void tell(String now) {
        words.setText(now);
        setAccessibleText(now);
        setVisible(!now.isEmpty());
    }
}
