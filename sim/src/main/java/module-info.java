import org.jspecify.annotations.NullMarked;

/// A simulated bench with known truth. Everything that comes from it is labelled as simulated wherever it
/// shows.
@NullMarked
module app.fluss.sim {
    requires transitive app.fluss.core;

    exports app.fluss.sim;
}
