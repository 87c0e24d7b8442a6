package app.fluss.core.latency.edge;

import java.util.Arrays;

/// Samples in an array, each with a time of its own: pictures of a clip, which cameras take a little early or late.
final class StampedSignal implements Signal {
    private final float[] values;
    private final double[] ms;
    private final double rateHz;

    StampedSignal(float[] values, double[] ms) {
        this.values = values;
        this.ms = ms;
        this.rateHz = 1000 * (ms.length - 1) / (ms[ms.length - 1] - ms[0]);
    }

    @Override
    public int size() {
        return values.length;
    }

    @Override
    public double at(int index) {
        return values[index];
    }

    @Override
    public double rateHz() {
        return rateHz;
    }

    @Override
    public double ms(double index) {
        int low = (int) Math.clamp(index, 0, ms.length - 2.0);
        return ms[low] + (index - low) * (ms[low + 1] - ms[low]) - ms[0];
    }

    @Override
    public double index(double at) {
        int found = Arrays.binarySearch(ms, at + ms[0]);
        int low = Math.clamp(found >= 0 ? found : -found - 2, 0, ms.length - 2);
        return low + (at + ms[0] - ms[low]) / (ms[low + 1] - ms[low]);
    }
}
