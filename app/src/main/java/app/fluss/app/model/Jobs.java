package app.fluss.app.model;

import app.fluss.core.work.Progress;
import app.fluss.core.work.StoppedException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/// Long work, one job at a time, off the interface thread, with what is shown of it and a way to stop it; and quick
/// work beside it.
/// Whatever ends a job, it is told. Methods are called on the interface thread.
public final class Jobs implements AutoCloseable {
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("fluss-work").factory());
    private final ExecutorService quick = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("fluss-quick").factory());
    private final ReadOnlyStringWrapper title = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper share = new ReadOnlyDoubleWrapper(-1);
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
    private volatile Running running = new Running();
    private int waiting;

    /// Work that reports its share and may throw.
    @FunctionalInterface
    public interface Work<T> {
        /// Does it.
        T run(Progress progress) throws Exception;
    }

    /// Work that is over before anybody would ask how far it is.
    @FunctionalInterface
    public interface QuickWork<T> {
        /// Does it.
        T run() throws Exception;
    }

    /// Starts work once what was started before has ended; one of the two is called on the interface thread when
    /// it ends, neither if it is stopped.
    public <T> void start(String name, Work<T> work, Consumer<T> done, Consumer<Exception> failed) {
        begin(name);
        share.set(-1);
        worker.execute(() -> {
            Running job = new Running();
            running = job;
            end(() -> work.run(job), done, failed);
        });
    }

    /// Starts quick work, which does not wait for what [#start] was given; it cannot be stopped.
    public <T> void quick(String name, QuickWork<T> work, Consumer<T> done, Consumer<Exception> failed) {
        begin(name);
        quick.execute(() -> end(work, done, failed));
    }

    private void begin(String name) {
        waiting++;
        title.set(name);
        busy.set(true);
    }

    private <T> void end(QuickWork<T> work, Consumer<T> done, Consumer<Exception> failed) {
        try {
            T result = work.run();
            Platform.runLater(() -> finish(() -> done.accept(result)));
        } catch (StoppedException e) {
            Platform.runLater(() -> finish(() -> {}));
        } catch (Exception e) {
            Platform.runLater(() -> finish(() -> failed.accept(e)));
        } catch (Throwable e) { // whatever ends a job: it ends, it is told, and the worker is free
            JobFailure failure = JobFailure.of(e);
            Platform.runLater(() -> finish(() -> failed.accept(failure)));
        }
    }

    private void finish(Runnable last) {
        waiting--;
        busy.set(waiting > 0);
        last.run();
    }

    /// Asks the running job to stop.
    public void stop() {
        running.stopped = true;
    }

    /// The job that the worker is at. Each has its own flag, so that stopping one does not stop the next.
    private final class Running implements Progress {
        private volatile boolean stopped;

        @Override
        public boolean at(double done) {
            Platform.runLater(() -> share.set(done));
            return !stopped;
        }
    }

    /// What the running job is.
    public ReadOnlyStringProperty titleProperty() {
        return title.getReadOnlyProperty();
    }

    /// How much of it is done, 0 to 1; below 0 if that is not known.
    public ReadOnlyDoubleProperty shareProperty() {
        return share.getReadOnlyProperty();
    }

    /// Whether a job runs.
    public ReadOnlyBooleanProperty busyProperty() {
        return busy.getReadOnlyProperty();
    }

    @Override
    public void close() {
        stop();
        worker.shutdownNow();
        quick.shutdown();
    }
}
