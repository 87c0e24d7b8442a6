package app.fluss.app;

import app.fluss.app.model.Contents;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.prefs.Preferences;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/// A real window on a study, and ways to use it.
abstract class WindowTest extends ApplicationTest {
    @TempDir
    static Path folder;

    FlussApp.Window window;

    /// The study that the window opens.
    abstract Path study() throws Exception;

    @Override
    public final void start(Stage stage) throws Exception {
        Locale.setDefault(Locale.UK);
        window = new FlussApp.Window(stage, folder.resolve("config"), preferences());
        window.open(study());
        window.show();
    }

    private static Preferences preferences() {
        return Preferences.userRoot()
                .node("fluss-test-" + ProcessHandle.current().pid());
    }

    @AfterEach
    final void forget() throws Exception {
        preferences().removeNode();
    }

    final Contents contents() {
        return window.workbench().contentsProperty().get();
    }

    final Node look(String id) {
        return window.shell().lookup(id);
    }

    final String text(String id) {
        return ((Label) look(id)).getText();
    }

    /// Presses the button of an id, once it is there.
    final void fire(String id) throws Exception {
        waitFor(() -> look(id) instanceof ButtonBase);
        interact(() -> ((ButtonBase) look(id)).fire());
        settle();
    }

    /// Waits until no job runs and the interface thread has caught up.
    final void settle() throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        waitFor(() -> !window.jobs().busyProperty().get());
        WaitForAsyncUtils.waitForFxEvents();
    }

    static void waitFor(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> onFxThread(condition));
    }

    private static boolean onFxThread(Callable<Boolean> condition) throws Exception {
        return Platform.isFxApplicationThread() ? condition.call() : WaitForAsyncUtils.waitForAsyncFx(5000, condition);
    }
}
