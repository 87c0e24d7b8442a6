import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javafx.stage.Window;

/**
 * Starts a window, waits until it has been drawn, prints the time since the process began, and ends. Without arguments an empty
 * window; with the name of an application class and its arguments, that one. Run by bench/window-start.sh.
 */
public class WindowStart {
    private static final int PULSES = 3;

    public static void main(String[] args) throws Exception {
        Window.getWindows().addListener((ListChangeListener<Window>) _ -> Window.getWindows().stream()
                .filter(Window::isShowing)
                .findFirst()
                .ifPresent(WindowStart::waitUntilDrawn));
        if (args.length == 0) {
            Application.launch(Empty.class);
        } else {
            Class.forName(args[0])
                    .getMethod("main", String[].class)
                    .invoke(null, (Object) List.of(args).subList(1, args.length).toArray(String[]::new));
        }
    }

    private static void waitUntilDrawn(Window window) {
        int[] left = {PULSES};
        window.getScene().addPostLayoutPulseListener(() -> {
            if (left[0]-- == 0) {
                long start = ProcessHandle.current().info().startInstant().orElseThrow().toEpochMilli();
                System.out.println(System.currentTimeMillis() - start);
                System.exit(0);
            }
            Platform.requestNextPulse();
        });
        Platform.requestNextPulse();
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
