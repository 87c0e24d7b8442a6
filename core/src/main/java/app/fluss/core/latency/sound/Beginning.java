package app.fluss.core.latency.sound;

import app.fluss.core.latency.edge.Signal;

/// The beginning of a signal.
///
/// @param whole the signal
/// @param seconds how much of it, s
record Beginning(Signal whole, double seconds) implements Signal {
    @Override
    public int size() {
        return (int) Math.min(whole.size(), seconds * whole.rateHz());
    }

    @Override
    public double at(int index) {
        return whole.at(index);
    }

    @Override
    public int read(int from, double[] into) {
        return Math.min(whole.read(from, into), Math.max(0, size() - from));
    }

    @Override
    public double rateHz() {
        return whole.rateHz();
    }
}
