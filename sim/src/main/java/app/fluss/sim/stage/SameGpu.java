package app.fluss.sim.stage;

/// The game's own GPU: what it makes for the generator, the game's next frame waits for. So the base falls by
/// itself.
final class SameGpu implements Processor {
    private double readyMs = Double.NEGATIVE_INFINITY;
    private double takenMs;

    @Override
    public double arrive(double doneMs) {
        readyMs = Math.max(readyMs, doneMs);
        return doneMs;
    }

    @Override
    public double make(double costMs, double latestStartMs) {
        takenMs += costMs;
        readyMs += costMs;
        return readyMs;
    }

    @Override
    public double gameFreeMs(double doneMs) {
        double free = doneMs + takenMs;
        takenMs = 0;
        return free;
    }
}
