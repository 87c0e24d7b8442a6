package app.fluss.core.measure;

import java.util.Arrays;

/// The low rate for one share of the frames, in all three conventions.
///
/// @param share share of the frames, 0.01 for the 1 % low
/// @param tailFrames `ceil(share n)`, the frames that the low rests on
/// @param percentile images/s by [LowConvention#PERCENTILE]
/// @param slowestMean images/s by [LowConvention#SLOWEST_MEAN]
/// @param timeWeighted images/s by [LowConvention#TIME_WEIGHTED]
public record Lows(double share, int tailFrames, Figure percentile, Figure slowestMean, Figure timeWeighted) {
    /// Frames in the tail below which a low is marked weak: {@value}. Our own convention.
    public static final int WEAK_BELOW = 10;

    /// Whether the low rests on so few frames that one hitch decides it.
    public boolean isWeak() {
        return tailFrames < WEAK_BELOW;
    }

    /// The low by a convention, images/s.
    public Figure by(LowConvention convention) {
        return switch (convention) {
            case PERCENTILE -> percentile;
            case SLOWEST_MEAN -> slowestMean;
            case TIME_WEIGHTED -> timeWeighted;
        };
    }

    /// The lows of a sample of frame times.
    ///
    /// @param elapsedMs sum of the sample, ms
    /// @param share share of the frames, above 0 and below 1
    public static Lows of(Ordered times, double elapsedMs, double share) {
        if (!(share > 0 && share < 1)) {
            throw new IllegalArgumentException("share must be above 0 and below 1, got " + share);
        }
        int tail = tail(times.size(), share);
        return new Lows(
                share,
                tail,
                figure(times, elapsedMs, share, LowConvention.PERCENTILE),
                figure(times, elapsedMs, share, LowConvention.SLOWEST_MEAN),
                figure(times, elapsedMs, share, LowConvention.TIME_WEIGHTED));
    }

    /// The lows of distinct images on the panel.
    ///
    /// @param intervalsMs between them, ms
    /// @param delivered the delivered rate, whose reason is theirs where there is none
    static Lows ofDelivered(double[] intervalsMs, Figure delivered, double share) {
        if (!delivered.isKnown() || intervalsMs.length == 0) {
            Figure missing = delivered.isKnown() ? Figure.missing("no two distinct images were shown") : delivered;
            return new Lows(share, 0, missing, missing, missing);
        }
        return of(Ordered.of(intervalsMs), Arrays.stream(intervalsMs).sum(), share);
    }

    static int tail(int n, double share) {
        // The product of a share such as 0.01 with a whole number may come out a hair above the whole result.
        return (int) Math.ceil(share * n - 1e-9);
    }

    private static Figure figure(Ordered times, double elapsedMs, double share, LowConvention convention) {
        return share * times.size() < 1 - 1e-9
                ? Figure.missing("the share is less than one of the %d frames".formatted(times.size()))
                : Figure.ofFinite(convention.low(times, elapsedMs, share), "the tail has no length");
    }
}
