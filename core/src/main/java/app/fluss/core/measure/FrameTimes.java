package app.fluss.core.measure;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Arrays;

/// The intervals between images handed on, in order: `f_i = t_i - t_(i-1)`, ms, never negative.
///
/// A time stamp that steps back (a logger's fault, counted by the importer) counts as handed on at the latest
/// time seen so far, so that the intervals still add up to the elapsed time. No interval is taken across a
/// restart of the clock. A log of frame times without time stamps has as many intervals as rows.
public final class FrameTimes {
    private final double[] ms;
    private final int[] images;
    private final int firstImage;
    private final double elapsedMs;

    /// Without breaks the image of an interval follows from its index: then `images` is empty and only the
    /// first is kept.
    private FrameTimes(double[] ms, int[] images, int firstImage, double elapsedMs) {
        this.ms = ms;
        this.images = images;
        this.firstImage = firstImage;
        this.elapsedMs = elapsedMs;
    }

    /// The intervals between all images of a slice.
    public static FrameTimes of(FrameSlice slice) {
        FrameLog log = slice.log();
        Values present = log.present();
        int[] breaks = log.segmentStarts();
        boolean plain = breaks.length == 0;
        int from = slice.from();
        int capacity = Math.max(0, slice.size() - (slice.hasLeadIn() ? 0 : 1));
        double[] ms = new double[capacity];
        int[] images = plain ? new int[0] : new int[capacity];
        int n = 0;
        double elapsed = 0;
        double latest = slice.hasLeadIn() ? 0 : slice.size() > 0 ? present.at(from) : 0;
        double segmentStart = latest;
        for (int i = slice.hasLeadIn() ? from : from + 1; i < slice.to(); i++) {
            double t = present.at(i);
            if (!plain && log.startsSegment(i)) {
                elapsed += latest - segmentStart;
                segmentStart = t;
                latest = t;
                continue;
            }
            double next = Math.max(t, latest);
            if (!plain) {
                images[n] = i;
            }
            ms[n++] = next - latest;
            latest = next;
        }
        elapsed += latest - segmentStart;
        return plain
                ? new FrameTimes(ms, images, slice.to() - n, elapsed)
                : new FrameTimes(Arrays.copyOf(ms, n), Arrays.copyOf(images, n), 0, elapsed);
    }

    /// The intervals between images of one kind, each from one such image to the next.
    public static FrameTimes of(FrameSlice slice, FrameKind kind) {
        FrameLog log = slice.log();
        Values present = log.present();
        int most = count(slice, kind);
        double[] ms = new double[most];
        int[] images = new int[most];
        int n = 0;
        double elapsed = 0;
        double latest = Double.NaN;
        for (int i = slice.from(); i < slice.to(); i++) {
            if (log.startsSegment(i)) {
                latest = Double.NaN;
            }
            if (log.kind(i) != kind) {
                continue;
            }
            double t = present.at(i);
            if (!Double.isNaN(latest)) {
                t = Math.max(t, latest);
                elapsed += t - latest;
                images[n] = i;
                ms[n++] = t - latest;
            }
            latest = t;
        }
        return new FrameTimes(Arrays.copyOf(ms, n), Arrays.copyOf(images, n), 0, elapsed);
    }

    /// Counting first takes no memory, which a long log has none to spare of.
    private static int count(FrameSlice slice, FrameKind kind) {
        int count = 0;
        for (int i = slice.from(); i < slice.to(); i++) {
            count += slice.log().kind(i) == kind ? 1 : 0;
        }
        return count;
    }

    /// Number of intervals.
    public int size() {
        return ms.length;
    }

    /// The interval at a 0-based index, ms.
    public double at(int index) {
        return ms[index];
    }

    /// Index in the log of the image that ends the interval.
    public int image(int index) {
        return images.length == 0 ? firstImage + index : images[index];
    }

    /// Sum of the intervals, ms.
    public double elapsedMs() {
        return elapsedMs;
    }

    /// `1000 n / T`, images per second of elapsed time. Not the mean of `1000 / f_i`, which is always too high.
    public Figure rate() {
        String none = "fewer than two images at different times";
        return elapsedMs > 0 ? Figure.ofFinite(1000.0 * ms.length / elapsedMs, none) : Figure.missing(none);
    }

    /// A copy of the intervals.
    public double[] toArray() {
        return ms.clone();
    }

    /// The intervals themselves, for figures in this package that read and do not write.
    double[] shared() {
        return ms;
    }
}
