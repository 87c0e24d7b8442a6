package app.fluss.sim.truth;

import app.fluss.core.frame.FrameKind;

/// Every image that was handed on: what it is, which frame it shows, when it was made, when and how long it was
/// shown. On the host's clock.
public final class ImageTruth {
    private final byte[] kinds;
    private final int[] frames;
    private final double[] madeMs;
    private final double[] shownMs;
    private final double[] holdMs;

    /// The arrays are taken over.
    ///
    /// @param kinds by [FrameKind#code()]
    /// @param frames the newest frame that each image shows at least in part
    /// @param madeMs when it was handed on
    /// @param shownMs when it was first shown; NaN if it never was
    public ImageTruth(byte[] kinds, int[] frames, double[] madeMs, double[] shownMs) {
        this.kinds = kinds;
        this.frames = frames;
        this.madeMs = madeMs;
        this.shownMs = shownMs;
        this.holdMs = holds(shownMs);
    }

    private static double[] holds(double[] shownMs) {
        double[] holds = new double[shownMs.length];
        double next = Double.NaN;
        for (int i = shownMs.length - 1; i >= 0; i--) {
            holds[i] = next - shownMs[i];
            next = Double.isNaN(shownMs[i]) ? next : shownMs[i];
        }
        return holds;
    }

    /// Number of images.
    public int size() {
        return kinds.length;
    }

    /// Whether an image is a rendered one.
    public boolean isRendered(int image) {
        return kinds[image] == FrameKind.RENDERED.code();
    }

    /// The newest frame that an image shows at least in part.
    public int frame(int image) {
        return frames[image];
    }

    /// When an image was handed on, ms.
    public double madeMs(int image) {
        return madeMs[image];
    }

    /// When an image was first shown, ms; NaN if it never was.
    public double shownMs(int image) {
        return shownMs[image];
    }

    /// How long an image stayed, ms; NaN if it was never shown, or last.
    public double holdMs(int image) {
        return holdMs[image];
    }
}
