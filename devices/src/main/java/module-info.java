import org.jspecify.annotations.NullMarked;

/// What is read from the world: this machine's facts, and logs that are being written.
@NullMarked
module app.fluss.devices {
    requires transitive app.fluss.core;
    requires com.github.oshi;

    // A folder in which a log grows.
    exports app.fluss.devices.folder;
    // What this machine says of itself.
    exports app.fluss.devices.machine;
}
