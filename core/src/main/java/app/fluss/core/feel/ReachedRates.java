package app.fluss.core.feel;

import java.util.stream.IntStream;

/// Rates that divide the refresh rate: each image stays for the same number of refreshes, so that rate
/// and evenness are not mixed.
public final class ReachedRates {
    /// The lowest rate that is shown: {@value}. Slower ones are noticed by everybody, and make some
    /// people sick.
    private static final double LOWEST = 12;

    private ReachedRates() {}

    /// How much longer an image stays at each of the rates, ms.
    static Levels levels(double refreshHz) {
        int most = Math.max(2, (int) (refreshHz / LOWEST));
        return Levels.of(IntStream.rangeClosed(2, most)
                .mapToDouble(divisor -> (divisor - 1) * 1000 / refreshHz)
                .toArray());
    }

    /// For how many refreshes an image stays.
    ///
    /// @param addedMs one of the levels
    public static int refreshes(double addedMs, double refreshHz) {
        return 1 + (int) Math.round(addedMs * refreshHz / 1000);
    }

    /// The rate at which an image stays that much longer, /s.
    public static double rate(double addedMs, double refreshHz) {
        return 1000 / (1000 / refreshHz + addedMs);
    }
}
