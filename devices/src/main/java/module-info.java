import org.jspecify.annotations.NullMarked;

/// What is read from the world: this machine's facts, logs that are being written, a light sensor, and a
/// link.
@NullMarked
module app.fluss.devices {
    requires transitive app.fluss.core;
    requires com.fazecast.jSerialComm;
    requires com.github.oshi;
    requires java.desktop;

    // A folder in which a log grows.
    exports app.fluss.devices.folder;
    // What this machine says of itself.
    exports app.fluss.devices.machine;
    // A link, probed with the traffic of a stream, and its stand-in.
    exports app.fluss.devices.probe;
    // A program that switches a path.
    exports app.fluss.devices.script;
    // A light sensor at a serial port or a sound input, and their stand-ins.
    exports app.fluss.devices.sensor;
}
