package app.fluss.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.prefs.Preferences;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.Node;
import javafx.stage.Stage;
import javafx.stage.Window;

/**
 * Drops a log on a window with an empty study, fills the dialog in at once, and prints the ms from the drop until the dialog is
 * there, from its answer until the figures of the run are shown, and until they are complete. Argument: the log. Run by
 * bench/log-on-screen.sh.
 */
public class LogOnScreen {
    public static void main(String[] args) {
        Application.launch(Drop.class, args);
    }

    /** The window. */
    public static class Drop extends Application {
        private FlussApp.Window window;
        private long begun;

        @Override
        public void start(Stage stage) throws Exception {
            Path folder = Files.createTempDirectory("log-on-screen");
            window = new FlussApp.Window(stage, folder, Preferences.userRoot().node("fluss-bench"));
            window.show();
            window.open(folder.resolve("bench.fluss"));
            when(() -> window.workbench().canEdit() && isIdle(), this::drop);
        }

        private boolean isIdle() {
            return !window.jobs().busyProperty().get();
        }

        private void drop() {
            begun = System.nanoTime();
            window.shell().drop(List.of(Path.of(getParameters().getRaw().getFirst())));
            when(() -> dialog() != null, this::answer);
        }

        private Node dialog() {
            return Window.getWindows().stream()
                    .map(shown -> shown.getScene().getRoot().lookup("#import-dialog"))
                    .filter(found -> found != null)
                    .findFirst()
                    .orElse(null);
        }

        @SuppressWarnings("unchecked")
        private void answer() {
            tell("until the dialog is there");
            Node dialog = dialog();
            for (String field : List.of("game", "scene", "path")) {
                ((ComboBox<String>) dialog.lookup("#" + field)).getEditor().setText("native");
            }
            ((ChoiceBox<?>) dialog.lookup("#path-kind")).getSelectionModel().select(0);
            ((TextField) dialog.lookup("#refresh")).setText("144");
            Button add = dialog.lookupAll(".button").stream()
                    .map(Button.class::cast)
                    .filter(button -> button.getText().equals("Add run"))
                    .findFirst()
                    .orElseThrow();
            begun = System.nanoTime();
            add.fire();
            when(
                    () -> window.shell().lookup("#rate-rendered") instanceof Label rate && rate.getText().matches("[0-9].*"),
                    () -> {
                        tell("from its answer until the rates are shown");
                        when(this::isIdle, () -> {
                            tell("from its answer until nothing is worked at any more");
                            Platform.exit();
                        });
                    });
        }

        private void tell(String what) {
            System.out.printf("%-50s %6d ms%n", what, (System.nanoTime() - begun) / 1_000_000);
        }

        /** Looks at every pulse. */
        private static void when(BooleanSupplier condition, Runnable then) {
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    if (condition.getAsBoolean()) {
                        stop();
                        then.run();
                    }
                }
            }.start();
        }
    }
}
