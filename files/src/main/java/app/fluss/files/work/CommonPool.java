package app.fluss.files.work;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;

/// The threads that all of the program shares, for work that is begun aside: `CommonPool::begin`.
public final class CommonPool {
    private CommonPool() {}

    /// Begins a piece of work on another thread.
    ///
    /// @return waits for its result; throws what it threw
    public static <T> Supplier<T> begin(Supplier<T> work) {
        CompletableFuture<T> begun = CompletableFuture.supplyAsync(work);
        return () -> {
            try {
                return begun.join();
            } catch (CompletionException e) {
                switch (e.getCause()) {
                    case RuntimeException fault -> throw fault;
                    case Error fault -> throw fault;
                    case null, default -> throw e;
                }
            }
        };
    }
}
