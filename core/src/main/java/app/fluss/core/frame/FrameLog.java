package app.fluss.core.frame;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/// One run, image by image, in primitive columns: one row per image in the order they were handed on.
///
/// [Channel#PRESENT] is always there; every other channel may be missing. A log is cut into *segments* where
/// its clock started anew; no interval is ever taken across such a break. Immutable and safe to share between
/// threads, on the promise of whoever built it not to touch the arrays again.
public final class FrameLog {
    private final int size;
    private final Map<Channel, Values> channels;
    private final byte[] kinds;
    private final boolean kindsStated;
    private final int[] segmentStarts;
    private final boolean leadIn;

    FrameLog(
            int size,
            Map<Channel, Values> channels,
            byte[] kinds,
            boolean kindsStated,
            int[] segmentStarts,
            boolean leadIn) {
        this.size = size;
        this.channels = channels;
        this.kinds = kinds;
        this.kindsStated = kindsStated;
        this.segmentStarts = segmentStarts;
        this.leadIn = leadIn;
    }

    /// Starts a log from its hand-over times, ms; the array is taken over, not copied. `size` of its values are
    /// used.
    public static Builder presentedAt(double[] presentMs, int size) {
        return new Builder(presentMs, size);
    }

    /// Number of images.
    public int size() {
        return size;
    }

    /// The column, if the log has it.
    public Optional<Values> channel(Channel channel) {
        return Optional.ofNullable(channels.get(channel));
    }

    /// Whether the log has the column.
    public boolean has(Channel channel) {
        return channels.containsKey(channel);
    }

    /// How many channels it has, 1 or more.
    public int columns() {
        return channels.size();
    }

    /// Hand-over times, ms.
    public Values present() {
        return channel(Channel.PRESENT).orElseThrow();
    }

    /// What the image is; [FrameKind#UNKNOWN] where the log does not say.
    public FrameKind kind(int index) {
        return kinds.length == 0 ? FrameKind.UNKNOWN : FrameKind.ofCode(kinds[index]);
    }

    /// Whether the log says of every image what it is.
    public boolean kindsStated() {
        return kindsStated;
    }

    /// Indices at which the clock started anew, ascending, the first segment (at 0) not listed. Usually empty.
    public int[] segmentStarts() {
        return segmentStarts.clone();
    }

    /// Whether the clock started anew at this image.
    public boolean startsSegment(int index) {
        return segmentStarts.length > 0 && Arrays.binarySearch(segmentStarts, index) >= 0;
    }

    /// Whether the first image's time is itself an interval, counted from 0. True for logs that list frame
    /// times and no time stamps: n frame times are n intervals.
    public boolean hasLeadIn() {
        return leadIn;
    }

    /// The whole log.
    public FrameSlice all() {
        return new FrameSlice(this, 0, size);
    }

    /// The images handed on in `[fromMs, toMs)` on the log's clock. With several segments the first and last
    /// image in that window bound the slice.
    ///
    /// @throws IllegalArgumentException if the window is empty or not a number
    public FrameSlice between(double fromMs, double toMs) {
        if (!(fromMs < toMs)) {
            throw new IllegalArgumentException("fromMs must be below toMs, got %s and %s".formatted(fromMs, toMs));
        }
        Values present = present();
        int from = 0;
        while (from < size && !(present.at(from) >= fromMs)) {
            from++;
        }
        int to = size;
        while (to > from && !(present.at(to - 1) < toMs)) {
            to--;
        }
        return new FrameSlice(this, from, to);
    }

    @Override
    public String toString() {
        return "FrameLog[%d images, %s]".formatted(size, channels.keySet());
    }

    /// Collects the columns of a log. Not safe for threads; use once.
    public static final class Builder {
        private final int size;
        private final Map<Channel, Values> channels = new EnumMap<>(Channel.class);
        private byte[] kinds = {};
        private boolean kindsStated;
        private int[] segmentStarts = {};
        private boolean leadIn;

        private Builder(double[] presentMs, int size) {
            if (!(size >= 0 && size <= presentMs.length)) {
                throw new IllegalArgumentException("size must be in 0..%d, got %d".formatted(presentMs.length, size));
            }
            this.size = size;
            channel(Channel.PRESENT, presentMs);
        }

        /// Adds a column; the array is taken over and must hold at least as many values as the log has images.
        public Builder channel(Channel channel, double[] values) {
            requireLength(values.length, channel.header());
            channels.put(channel, new Values(values, size));
            return this;
        }

        /// Adds the kinds by [FrameKind#code()]; the array is taken over.
        public Builder kinds(byte[] codes) {
            requireLength(codes.length, "kind");
            kindsStated = size > 0;
            for (int i = 0; i < size; i++) {
                kindsStated &= FrameKind.ofCode(codes[i]) != FrameKind.UNKNOWN;
            }
            kinds = codes;
            return this;
        }

        /// States where the clock started anew, ascending indices above 0.
        public Builder segmentStarts(int[] starts) {
            segmentStarts = starts.clone();
            return this;
        }

        /// States that the first image's time is an interval counted from 0.
        public Builder leadIn(boolean counted) {
            leadIn = counted;
            return this;
        }

        /// The log.
        public FrameLog build() {
            return new FrameLog(size, channels, kinds, kindsStated, segmentStarts, leadIn);
        }

        private void requireLength(int length, String what) {
            if (length < size) {
                throw new IllegalArgumentException(
                        "%s must have at least %d values, got %d".formatted(what, size, length));
            }
        }
    }
}
