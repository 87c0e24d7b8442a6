package app.fluss.core.vr;

import app.fluss.core.measure.Figure;
import java.util.Locale;
import java.util.Optional;

/// What a practitioner wants of a headset. The bounds are common practice, no source.
public enum HeadsetSchool {
    /// Each refresh a new image.
    FULL_RATE_ONLY("full rate only", false),
    /// Every second refresh is enough while it never falls below.
    STEADY_HALF("steady half rate", true);

    /// Share of refreshes without a new image that full rate puts up with.
    public static final double FULL_RATE_SHARE = 0.01;

    /// Share of the time below half rate that counts as never: a scene that loads, a menu that opens.
    public static final double NEVER = 0.005;

    private final String title;
    private final boolean locksToHalf;

    HeadsetSchool(String title, boolean locksToHalf) {
        this.title = title;
        this.locksToHalf = locksToHalf;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// Whether the compositor's half-rate lock is what it wants.
    public boolean locksToHalf() {
        return locksToHalf;
    }

    /// What it puts up with by default: a share of the refreshes or of the time, 0 to 1.
    public double bound() {
        return switch (this) {
            case FULL_RATE_ONLY -> FULL_RATE_SHARE;
            case STEADY_HALF -> NEVER;
        };
    }

    /// What the bound is a share of, for people.
    public String bounded() {
        return switch (this) {
            case FULL_RATE_ONLY -> "of the refreshes without a new image";
            case STEADY_HALF -> "of the time below half rate";
        };
    }

    /// Why what was shown does not suit, in words; empty if it does, or if nothing is known.
    public Optional<String> refusal(Reprojection seen) {
        return refusal(seen, bound());
    }

    /// The same with a bound of one's own.
    ///
    /// @param bound share that is put up with, 0 to 1
    public Optional<String> refusal(Reprojection seen, double bound) {
        return switch (this) {
            case FULL_RATE_ONLY -> over(seen.share(), bound, "of the refreshes have no new image");
            case STEADY_HALF -> over(seen.belowHalfTime(), bound, "of the time is below half rate");
        };
    }

    private static Optional<String> over(Figure share, double bound, String what) {
        return share.orNaN() > bound
                ? Optional.of(String.format(
                        Locale.ROOT, "%.1f %% %s, %.1f %% are allowed", share.orNaN() * 100, what, bound * 100))
                : Optional.empty();
    }
}
