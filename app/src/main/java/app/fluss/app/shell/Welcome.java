package app.fluss.app.shell;

import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/// What stands where no run is measured yet: the next step, and what there is to choose from.
final class Welcome extends VBox {
    private static final double NARROW = 460;

    Welcome(Runnable openFiles, Runnable enter, Runnable means, Runnable setUp, Runnable simulate) {
        Label way = Labels.note(
                "Drop frame logs here, CSV files of any header: one of the native path, one with generation on. With"
                        + " numbers from an overlay or a tool, enter them as they are. Or go the whole way: describe"
                        + " the bench, plan, and measure line by line.");
        way.setMaxWidth(NARROW);
        way.setTextAlignment(TextAlignment.CENTER);
        Button first = Buttons.primary("Open log or study…", "Ctrl+O", openFiles);
        sceneProperty().subscribe(scene -> {
            if (scene != null) {
                Platform.runLater(first::requestFocus);
            }
        });
        Button entering = Buttons.quiet("Enter readings…", "Ctrl+E", enter);
        entering.setId("welcome-enter");
        getChildren()
                .setAll(
                        Labels.title("No runs yet"),
                        way,
                        first,
                        entering,
                        Buttons.quiet("Set the bench up", "Ctrl+1", setUp),
                        Buttons.quiet("Simulate a measurement…", "Ctrl+R", simulate),
                        Buttons.quiet("What can I measure with what I have?", "Ctrl+M", means));
        getStyleClass().add("empty");
        setId("welcome");
    }
}
