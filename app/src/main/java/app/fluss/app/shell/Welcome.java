package app.fluss.app.shell;

import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// What stands where no run is measured yet: the next step, three ways.
final class Welcome extends VBox {
    private static final double NARROW = 460;

    Welcome(Runnable openFiles, Runnable setUp, Runnable simulate) {
        Label way = Labels.note(
                "Drop a frame log here, a CSV of any header: first one of the native path, then one with generation"
                        + " on. Or go the whole way: describe the bench, plan, and measure line by line.");
        way.setMaxWidth(NARROW);
        getChildren()
                .setAll(
                        Labels.title("No run is measured yet"),
                        way,
                        Buttons.primary("Open log or study…", "Ctrl+O", openFiles),
                        Buttons.quiet("Set the bench up", "Ctrl+1", setUp),
                        Buttons.quiet("Simulate a measurement…", "Ctrl+R", simulate));
        getStyleClass().add("empty");
        setId("welcome");
    }
}
