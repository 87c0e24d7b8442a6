package app.fluss.files.log;

/// The unit of times in a log.
public enum TimeUnit {
    /// Seconds.
    S("s"),
    /// Milliseconds.
    MS("ms"),
    /// Microseconds.
    US("µs"),
    /// Nanoseconds.
    NS("ns");

    private final String symbol;

    TimeUnit(String symbol) {
        this.symbol = symbol;
    }

    /// The symbol for people.
    public String symbol() {
        return symbol;
    }

    /// The value in milliseconds. Divides rather than multiplies by a fraction, so that whole microseconds stay
    /// exact.
    double toMs(double value) {
        return switch (this) {
            case S -> value * 1000;
            case MS -> value;
            case US -> value / 1000;
            case NS -> value / 1_000_000;
        };
    }

    /// The unit in which a typical frame time of this size lies between 0.2 and 200 ms, which tells the four
    /// apart.
    static TimeUnit ofFrameTime(double size) {
        if (size < 0.2) {
            return S;
        }
        return size < 200 ? MS : size < 200_000 ? US : NS;
    }
}
