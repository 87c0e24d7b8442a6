package app.fluss.sim.stage;

/// Takes rendered frames in order: the next stage after the game's GPU.
interface FrameTaker {
    /// Takes a frame.
    ///
    /// @return when the game's GPU is free for the next one, ms
    double take(Frame frame);

    /// When the newest frame was handed on and its place in the game's queue is free, ms.
    double leftMs();

    /// No frame comes any more: hands on what still waits.
    void finish();
}
