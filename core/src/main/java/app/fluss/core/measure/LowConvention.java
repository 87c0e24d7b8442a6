package app.fluss.core.measure;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// How a "p % low" is worked out. Three conventions are in use; a low is never shown without the name of its
/// own.
public enum LowConvention {
    /// `1000 / Q(1 - p)`, quantile type 7 of the frame times.
    PERCENTILE,
    /// `1000 /` mean of the `ceil(p n)` longest frame times.
    SLOWEST_MEAN,
    /// Frame times are added up from the longest downwards until `p` of the elapsed time is reached: `1000 /`
    /// the frame time reached.
    TIME_WEIGHTED;

    /// The name for people.
    public String title() {
        return switch (this) {
            case PERCENTILE -> "percentile";
            case SLOWEST_MEAN -> "slowest mean";
            case TIME_WEIGHTED -> "time-weighted";
        };
    }

    /// The convention of a name as [#title] gives it, letter case and hyphens aside.
    public static Optional<LowConvention> named(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", " ");
        return Arrays.stream(values())
                .filter(one -> one.title().replace('-', ' ').equals(plain))
                .findFirst();
    }

    double low(Ordered times, double elapsedMs, double share) {
        double frameTimeMs = switch (this) {
            case PERCENTILE -> times.quantile(1 - share);
            case SLOWEST_MEAN -> times.meanOfLargest(Lows.tail(times.size(), share));
            case TIME_WEIGHTED -> times.reachedFromTop(share * elapsedMs);
        };
        return 1000 / frameTimeMs;
    }

    /// In one line.
    ///
    /// @param share of the frames, 0.01 for the 1 % low
    String definition(double share) {
        String percent = plain(100 * share);
        return switch (this) {
            case PERCENTILE ->
                "1000 / the %s %% quantile of the frame times, type 7.".formatted(plain(100 - 100 * share));
            case SLOWEST_MEAN -> "1000 / the mean of the slowest %s %% of the frame times.".formatted(percent);
            case TIME_WEIGHTED ->
                "1000 / the frame time at which the longest add up to %s %% of the elapsed time.".formatted(percent);
        };
    }

    private static String plain(double percent) {
        return percent == Math.rint(percent) ? Long.toString(Math.round(percent)) : Double.toString(percent);
    }
}
