package app.fluss.app.theme;

/// Lengths of time as text.
public final class Durations {
    private Durations() {}

    /// Minutes and seconds, as a timer shows them.
    public static String timer(long seconds) {
        return "%d:%02d".formatted(seconds / 60, seconds % 60);
    }

    /// Seconds up to two minutes, then h:min:s.
    public static String exact(long seconds) {
        return seconds < 120
                ? seconds + " s"
                : "%d:%02d:%02d".formatted(seconds / 3600, seconds / 60 % 60, seconds % 60);
    }

    /// Hours and minutes, in words.
    public static String words(long seconds) {
        long minutes = Math.round(seconds / 60.0);
        return minutes < 60 ? minutes + " min" : ThemeText.H_MIN.formatted(minutes / 60, minutes % 60);
    }
}
