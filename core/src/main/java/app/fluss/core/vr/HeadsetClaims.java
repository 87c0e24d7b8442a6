package app.fluss.core.vr;

import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import java.util.Locale;
import java.util.Optional;

/// What a school asks, of what a headset showed.
public final class HeadsetClaims {
    /// Share of refreshes without a new image that full rate puts up with. Common practice, no source.
    public static final double FULL_RATE_SHARE = bound(School.FULL_RATE_ONLY, Rule.WITHOUT_NEW_IMAGE);

    /// Share of the time below half rate that counts as never: a scene that loads, a menu that opens. Common
    /// practice, no source.
    public static final double NEVER = bound(School.STEADY_HALF_RATE, Rule.BELOW_HALF_RATE);

    private HeadsetClaims() {}

    private static double bound(School school, Rule rule) {
        return school.asked(rule).orElseThrow().bound();
    }

    /// Whether the compositor's half-rate lock is what a school wants.
    public static boolean locksToHalf(School school) {
        return school.asked(Rule.WITHOUT_NEW_IMAGE).isEmpty()
                && school.asked(Rule.BELOW_HALF_RATE).isPresent();
    }

    /// What a school asks of a headset first.
    ///
    /// @throws IllegalArgumentException if it asks nothing of headsets
    public static Asked asked(School school) {
        return school.asked(Rule.WITHOUT_NEW_IMAGE)
                .or(() -> school.asked(Rule.BELOW_HALF_RATE))
                .orElseThrow(
                        () -> new IllegalArgumentException("%s asks nothing of a headset".formatted(school.title())));
    }

    /// What that bound is a share of, for people.
    public static String bounded(School school) {
        return asked(school).rule() == Rule.WITHOUT_NEW_IMAGE
                ? "of the refreshes without a new image"
                : "of the time below half rate";
    }

    /// Why what was shown does not suit a school, in words; empty if it does, or if nothing is known.
    public static Optional<String> refusal(School school, Reprojection seen) {
        return over(school, Rule.WITHOUT_NEW_IMAGE, seen.share(), "of the refreshes have no new image")
                .or(() -> over(school, Rule.BELOW_HALF_RATE, seen.belowHalfTime(), "of the time is below half rate"));
    }

    private static Optional<String> over(School school, Rule rule, Figure share, String what) {
        return school.asked(rule)
                .filter(asked -> share.orNaN() > asked.bound())
                .map(asked -> String.format(
                        Locale.ROOT,
                        "%.1f %% %s, %.1f %% are allowed",
                        share.orNaN() * 100,
                        what,
                        asked.bound() * 100));
    }
}
