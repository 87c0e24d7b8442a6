package app.fluss.app.theme;

import java.util.concurrent.Callable;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Consumer;
import javafx.application.Platform;

/// Work that is too long for the interface thread, and over before anybody would ask how far it is.
public final class Aside {
    private Aside() {}

    /// Does it on another thread; one of the two is called on the interface thread when it ends.
    public static <T> void run(Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
        ForkJoinPool.commonPool().execute(() -> {
            try {
                T result = work.call();
                Platform.runLater(() -> done.accept(result));
            } catch (Exception e) {
                Platform.runLater(() -> failed.accept(e));
            }
        });
    }
}
