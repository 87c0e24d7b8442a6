package app.fluss.files.share;

import app.fluss.core.work.Progress;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.DoubleAdder;

/// Works on several things side by side and gives the results in order. Two at a time: each may hold the
/// logs of all runs of a game.
final class InTurn {
    private static final int SIDE_BY_SIDE = 2;

    private InTurn() {}

    /// What is done with each.
    @FunctionalInterface
    interface Work<T, R> {
        /// Does it.
        ///
        /// @param number of it, from 1
        R of(T one, int number, Progress progress) throws StudyException;
    }

    static <T, R> List<R> all(List<T> things, Work<T, R> work, Progress progress) throws StudyException {
        Shared shared = new Shared(progress, things.size());
        int threads = Math.clamp(Runtime.getRuntime().availableProcessors(), 1, SIDE_BY_SIDE);
        try (ExecutorService workers = Executors.newFixedThreadPool(threads)) {
            List<Future<R>> begun = new ArrayList<>();
            for (T thing : things) {
                int number = begun.size() + 1;
                begun.add(workers.submit(() -> work.of(thing, number, shared.ofOne())));
            }
            try {
                List<R> results = new ArrayList<>();
                for (Future<R> one : begun) {
                    results.add(one.get());
                }
                return List.copyOf(results);
            } catch (ExecutionException e) {
                begun.forEach(one -> one.cancel(false));
                throw rethrown(Objects.requireNonNull(e.getCause()));
            } catch (InterruptedException e) {
                begun.forEach(one -> one.cancel(false));
                Thread.currentThread().interrupt();
                throw new IllegalStateException("interrupted", e);
            }
        }
    }

    /// Writes something.
    @FunctionalInterface
    interface Writing<T> {
        /// Does it.
        void of(T one) throws IOException;
    }

    /// Writes things side by side, each to a file of its own.
    static <T> void written(List<T> things, Writing<T> writing, Progress progress) throws IOException {
        try {
            all(
                    things,
                    (one, _, part) -> {
                        part.check(0);
                        try {
                            writing.of(one);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                        part.check(1);
                        return one;
                    },
                    progress);
        } catch (UncheckedIOException e) {
            throw e.getCause();
        } catch (StudyException e) {
            throw new IllegalStateException(e); // no study is read here
        }
    }

    private static StudyException rethrown(Throwable cause) {
        return switch (cause) {
            case StudyException known -> known;
            case RuntimeException unchecked -> throw unchecked;
            case Error error -> throw error;
            default -> throw new IllegalStateException(cause);
        };
    }

    /// Adds up how far all are; one watcher is told by one thread at a time.
    private static final class Shared implements Progress {
        private final Progress whole;
        private final int count;
        private final DoubleAdder done = new DoubleAdder();

        Shared(Progress whole, int count) {
            this.whole = whole;
            this.count = count;
        }

        @Override
        public synchronized boolean at(double share) {
            return whole.at(Math.min(1, share));
        }

        Progress ofOne() {
            double[] before = {0};
            return share -> {
                done.add(Math.max(0, share - before[0]) / count);
                before[0] = Math.max(before[0], share);
                return at(done.sum());
            };
        }
    }
}
