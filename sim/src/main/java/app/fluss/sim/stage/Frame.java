package app.fluss.sim.stage;

/// A rendered frame on its way to whoever takes it. The same object is used for the next one.
final class Frame {
    int number;
    /// When the game read input and time for it, which is the game time that it depicts, ms.
    double startMs;

    double cpuMs;
    double gpuMs;
    /// When it was finished, ms.
    double doneMs;
    /// When the stage that gets it can have it, ms: at once, or when a capture looks.
    double readyMs;

    void set(Frame other) {
        number = other.number;
        startMs = other.startMs;
        cpuMs = other.cpuMs;
        gpuMs = other.gpuMs;
        doneMs = other.doneMs;
        readyMs = other.readyMs;
    }
}
