import org.jspecify.annotations.NullMarked;

/// A simulated bench with known truth. Everything that comes from it is labelled as simulated wherever it
/// shows.
@NullMarked
module app.fluss.sim {
    requires transitive app.fluss.core;

    // Runs a scenario.
    exports app.fluss.sim;
    // The bench that is to be simulated, in parts.
    exports app.fluss.sim.scenario;
    // What sensors, sound cards and cameras would have recorded.
    exports app.fluss.sim.signal;
    // What really happened.
    exports app.fluss.sim.truth;
}
