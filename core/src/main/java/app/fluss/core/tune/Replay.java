package app.fluss.core.tune;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;

/// Plays the work of native frames again under a cap and with generation.
///
/// A frame starts when its cap lets it, when the CPU is free, and when frame `n - q` has left; it ends after
/// its work on both. Generated images take the game's GPU after it, or a card of their own, which skips what
/// would come too late. Image j of m is handed on `cost + (j - 1) / m · T` after the frame has come to the
/// generator, T being the mean of the base interval so far. Where images are shown in turn, one that finds no
/// room waits, and the game behind it.
final class Replay {
    private static final double FOLLOWS = 0.1;
    private static final double CLOSEST = 0.5;

    private final int multiplier;
    private final TuneBench bench;
    private final double costMs;
    private final ReplayedImages images;
    private double meanMs = Double.NaN;
    private double arrivedMs;
    private double cardFreeMs = Double.NEGATIVE_INFINITY;

    private Replay(int frames, int multiplier, TuneBench bench, double phase) {
        this.multiplier = multiplier;
        this.bench = bench;
        this.costMs = multiplier == 1 ? 0 : bench.costMs();
        this.images = new ReplayedImages((frames - 1) * multiplier, bench, phase);
    }

    /// What came out.
    ///
    /// @param log as a logger would have written it
    /// @param waitsMs of each image from being ready until it was shown, ms; none unless they are shown in turn
    @SuppressWarnings("ArrayRecordComponent") // made once for each cell and not compared
    record Played(FrameLog log, double[] waitsMs) {}

    /// Plays them.
    ///
    /// @param cpuMs CPU work of each frame, ms; two frames or more
    /// @param gpuMs GPU work of each, ms
    /// @param capMs least time from start to start, ms; 0 for none
    /// @param multiplier images presented per rendered one, 1 or more
    /// @param phase where in a refresh the first frame starts, as a share of it, 0 to 1: a game that keeps step
    ///     with its display keeps this phase
    static Played of(double[] cpuMs, double[] gpuMs, double capMs, int multiplier, TuneBench bench, double phase) {
        return new Replay(cpuMs.length, multiplier, bench, phase).play(cpuMs, gpuMs, capMs);
    }

    private Played play(double[] cpuMs, double[] gpuMs, double capMs) {
        double[] left = new double[bench.inFlight()];
        Arrays.fill(left, Double.NEGATIVE_INFINITY);
        double taken = bench.ownCard() ? 0 : (multiplier - 1) * costMs;
        double cpuFree = 0;
        double gpuFree = 0;
        double start = 0;
        double before = Double.NaN;
        for (int n = 0; n < cpuMs.length; n++) {
            double earliest = Math.max(cpuFree, left[n % left.length]);
            start = n == 0 ? earliest : Math.max(earliest, before + capMs);
            cpuFree = start + cpuMs[n];
            double end = Math.max(cpuFree, gpuFree) + gpuMs[n];
            gpuFree = end + taken;
            double held = n == 0 ? arrive(end) : handOn(end, before, start, cpuMs[n], gpuMs[n] + taken);
            left[n % left.length] = end + Math.max(0, held);
            before = start;
        }
        return new Played(images.log(), images.waitsMs());
    }

    private double arrive(double endMs) {
        arrivedMs = endMs + (bench.ownCard() && multiplier > 1 ? bench.copyMs() : 0);
        return 0;
    }

    /// Hands a frame on, with the images before it.
    ///
    /// @return what a full display held it up beyond its own pace, ms
    private double handOn(double endMs, double beforeMs, double startMs, double cpuMs, double gpuMs) {
        double last = arrivedMs;
        arrive(endMs);
        meanMs = Double.isNaN(meanMs) ? arrivedMs - last : meanMs + FOLLOWS * (arrivedMs - last - meanMs);
        double step = meanMs / multiplier;
        for (int j = 1; j < multiplier; j++) {
            double made = made(j);
            if (!Double.isNaN(made)) {
                double content = beforeMs + (startMs - beforeMs) * j / multiplier;
                images.offer(FrameKind.GENERATED, Math.max(made, due(j, step)), content, Double.NaN, Double.NaN);
            }
        }
        double at = images.offer(FrameKind.RENDERED, due(multiplier, step), startMs, cpuMs, gpuMs);
        return at - (arrivedMs + costMs + (multiplier - 1) * step);
    }

    /// When image j is made; NaN if the card is so far behind that it is skipped.
    private double made(int j) {
        if (!bench.ownCard()) {
            return arrivedMs + j * costMs;
        }
        if (cardFreeMs > arrivedMs + meanMs) {
            return Double.NaN;
        }
        cardFreeMs = Math.max(cardFreeMs, arrivedMs) + costMs;
        return cardFreeMs;
    }

    private double due(int j, double step) {
        double due = arrivedMs + costMs + (j - 1) * step;
        return multiplier == 1 ? due : Math.max(due, images.lastMs() + CLOSEST * step);
    }
}
