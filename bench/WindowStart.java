import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javafx.stage.Window;

/**
 * Starts a window, waits until it has been drawn, prints the ms since the process began, and ends. Without arguments an empty
 * window; with the name of an application class and its arguments, that one, and then a second number: when the tree has its
 * runs. A tour is not timed and goes on to its end. Run by bench/window-start.sh.
 */
public class WindowStart {
    private static final int PULSES = 3;

    public static void main(String[] args) throws Exception {
        if (!List.of(args).contains("tour")) {
            timeFirst(args.length > 0);
        }
        if (args.length == 0) {
            Application.launch(Empty.class);
        } else {
            Class.forName(args[0])
                    .getMethod("main", String[].class)
                    .invoke(null, (Object) List.of(args).subList(1, args.length).toArray(String[]::new));
        }
    }

    private static void timeFirst(boolean application) {
        Window.getWindows().addListener((ListChangeListener<Window>) _ -> Window.getWindows().stream()
                .filter(Window::isShowing)
                .findFirst()
                .ifPresent(window -> waitUntilDrawn(window, application)));
    }

    private static void waitUntilDrawn(Window window, boolean application) {
        int[] left = {PULSES};
        window.getScene().addPostLayoutPulseListener(() -> {
            if (left[0]-- == 0) {
                System.out.print(age());
            }
            if (left[0] < 0 && (!application || hasRuns(window.getScene()))) {
                System.out.println(application ? " " + age() : "");
                System.exit(0);
            }
            Platform.requestNextPulse();
        });
        Platform.requestNextPulse();
    }

    private static boolean hasRuns(Scene scene) {
        return scene.getRoot().lookupAll(".tree-cell").stream()
                .anyMatch(cell -> cell instanceof Labeled row && row.getText() != null && !row.getText().isEmpty());
    }

    private static long age() {
        return System.currentTimeMillis()
                - ProcessHandle.current().info().startInstant().orElseThrow().toEpochMilli();
    }

    /** A window with nothing in it. */
    public static class Empty extends Application {
        @Override
        public void start(Stage stage) {
            stage.setScene(new Scene(new StackPane(), 1280, 800));
            stage.show();
        }
    }
}
