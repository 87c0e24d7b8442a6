package app.fluss.core.latency.edge;

import java.util.function.IntToDoubleFunction;

/// Signals whose samples are given by a formula.
final class Signals {
    private Signals() {}

    static Signal of(int size, double rateHz, IntToDoubleFunction value) {
        double[] values = new double[size];
        for (int i = 0; i < size; i++) {
            values[i] = value.applyAsDouble(i);
        }
        return new Signal() {
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
        };
    }
}
