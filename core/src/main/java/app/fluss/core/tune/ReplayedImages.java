package app.fluss.core.tune;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;

/// The images that a replay hands on to its display, in order. A display that shows them in turn has so many
/// places for images that wait; refresh k is at `phase + k · period`.
final class ReplayedImages {
    private static final double ON_TIME = 1e-9;

    private final double[] present;
    private final double[] displayed;
    private final double[] content;
    private final double[] cpu;
    private final double[] gpu;
    private final byte[] kinds;
    private final boolean inTurn;
    private final double periodMs;
    private final double phaseMs;
    private final double[] shown;
    private final double[] waits;
    private double nextMs = Double.NEGATIVE_INFINITY;
    private double last = Double.NEGATIVE_INFINITY;
    private int size;

    /// @param most images that can come
    /// @param phase where in a refresh the first frame starts, as a share of it, 0 to 1
    ReplayedImages(int most, TuneBench bench, double phase) {
        present = new double[most];
        displayed = new double[most];
        content = new double[most];
        cpu = new double[most];
        gpu = new double[most];
        kinds = new byte[most];
        inTurn = bench.mode().sync() == SyncMode.FIFO;
        periodMs = bench.mode().periodMs();
        phaseMs = phase * periodMs;
        waits = new double[inTurn ? most : 0];
        shown = new double[bench.waiting()];
        Arrays.fill(shown, Double.NEGATIVE_INFINITY);
    }

    /// Hands an image on, at the earliest when it is ready.
    ///
    /// @param cpuMs of a rendered image, ms; NaN else
    /// @param gpuMs of a rendered image, ms; NaN else
    /// @return when it was handed on, ms
    double offer(FrameKind kind, double readyMs, double contentMs, double cpuMs, double gpuMs) {
        last = Math.max(readyMs, last);
        if (inTurn) {
            int place = size % shown.length;
            last = Math.max(last, shown[place]);
            double earliest = Math.max(last, nextMs) - phaseMs;
            shown[place] = Math.ceil(earliest / periodMs - ON_TIME) * periodMs + phaseMs;
            nextMs = shown[place] + periodMs / 2;
            displayed[size] = shown[place];
            waits[size] = shown[place] - readyMs;
        }
        present[size] = last;
        content[size] = contentMs;
        cpu[size] = cpuMs;
        gpu[size] = gpuMs;
        kinds[size++] = kind.code();
        return last;
    }

    /// When the newest image was handed on, ms.
    double lastMs() {
        return last;
    }

    /// How long each waited from being ready until it was shown, ms; none unless they are shown in turn.
    double[] waitsMs() {
        return Arrays.copyOf(waits, inTurn ? size : 0);
    }

    /// The log of them.
    FrameLog log() {
        FrameLog.Builder log = FrameLog.presentedAt(present, size)
                .channel(Channel.CONTENT, Arrays.copyOf(content, size))
                .channel(Channel.CPU, Arrays.copyOf(cpu, size))
                .channel(Channel.GPU, Arrays.copyOf(gpu, size))
                .kinds(Arrays.copyOf(kinds, size));
        return (inTurn ? log.channel(Channel.DISPLAYED, Arrays.copyOf(displayed, size)) : log).build();
    }
}
