package app.fluss.devices.sensor;

import java.util.Optional;

/// Takes what comes over a line apart into samples.
interface Feed {
    /// Takes bytes.
    void take(byte[] bytes, int count);

    /// The line went away.
    void gone();

    /// The samples; empty before it is known what they are.
    Optional<LiveTrace> trace();

    /// How well the line is heard.
    SensorHealth health();
}
