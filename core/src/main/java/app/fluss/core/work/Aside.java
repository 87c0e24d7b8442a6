package app.fluss.core.work;

import java.util.function.Supplier;

/// Begins work that depends on no other, so that it may be done beside what comes next. Core starts no threads:
/// who has some gives one that uses them.
@FunctionalInterface
public interface Aside {
    /// Does it at once.
    Aside NONE = Aside::atOnce;

    /// Begins a piece of work.
    ///
    /// @return gives its result, when that is there
    <T> Supplier<T> begin(Supplier<T> work);

    private static <T> Supplier<T> atOnce(Supplier<T> work) {
        T result = work.get();
        return () -> result;
    }
}
