package app.fluss.sim;

import app.fluss.core.frame.FrameKind;
import java.util.Arrays;

/// Images in the order they are handed on, in columns that grow.
final class Images {
    double[] present = new double[4096];
    double[] displayed = new double[4096];
    double[] content = new double[4096];
    double[] cpu = new double[4096];
    double[] gpu = new double[4096];
    byte[] kinds = new byte[4096];
    int size;

    void add(FrameKind kind, double presentMs, double contentMs, double cpuMs, double gpuMs) {
        if (size == present.length) {
            int longer = size * 2;
            present = Arrays.copyOf(present, longer);
            displayed = Arrays.copyOf(displayed, longer);
            content = Arrays.copyOf(content, longer);
            cpu = Arrays.copyOf(cpu, longer);
            gpu = Arrays.copyOf(gpu, longer);
            kinds = Arrays.copyOf(kinds, longer);
        }
        present[size] = presentMs;
        displayed[size] = Double.NaN;
        content[size] = contentMs;
        cpu[size] = cpuMs;
        gpu[size] = gpuMs;
        kinds[size++] = kind.code();
    }
}
