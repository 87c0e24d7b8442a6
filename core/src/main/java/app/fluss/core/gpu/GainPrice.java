package app.fluss.core.gpu;

import app.fluss.core.measure.Figure;

/// What a purchase costs for what it gives. In whatever money the price is in.
///
/// @param price what is paid, 0 or more
/// @param addedFps delivered images/s that it adds
/// @param addedMs latency that it adds, ms; below 0 if it takes some away
public record GainPrice(double price, Figure addedFps, Figure addedMs) {
    /// @throws IllegalArgumentException if the price is below 0
    public GainPrice {
        if (!(price >= 0)) {
            throw new IllegalArgumentException("price must be 0 or more, got " + price);
        }
    }

    /// Money for each delivered image/s more; missing if there is none more.
    public Figure perFps() {
        return each(addedFps, "it adds no delivered images");
    }

    /// Money for each ms less from input to light; missing if it takes none away.
    public Figure perSavedMs() {
        return each(addedMs.map(ms -> -ms), "it takes no latency away");
    }

    private Figure each(Figure gain, String otherwise) {
        return switch (gain) {
            case Figure.Known(double value) -> value > 0 ? Figure.of(price / value) : Figure.missing(otherwise);
            case Figure.Missing missing -> missing;
        };
    }
}
