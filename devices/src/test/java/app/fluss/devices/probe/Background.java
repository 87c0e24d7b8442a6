package app.fluss.devices.probe;

import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;

/// Work on a thread of its own: the common pool of a machine of two cores has one thread.
final class Background {
    private Background() {}

    static <T> FutureTask<T> run(Callable<T> work) {
        FutureTask<T> task = new FutureTask<>(work);
        Thread.ofPlatform().daemon().start(task);
        return task;
    }
}
