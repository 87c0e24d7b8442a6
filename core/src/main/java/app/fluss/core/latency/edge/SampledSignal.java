package app.fluss.core.latency.edge;

/// Samples in an array.
final class SampledSignal implements Signal {
    private final float[] values;
    private final int size;
    private final double rateHz;

    SampledSignal(float[] values, int size, double rateHz) {
        this.values = values;
        this.size = size;
        this.rateHz = rateHz;
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public double at(int index) {
        return values[index];
    }

    @Override
    public double rateHz() {
        return rateHz;
    }
}
