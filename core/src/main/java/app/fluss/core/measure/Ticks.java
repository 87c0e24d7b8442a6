package app.fluss.core.measure;

/// Round steps for axes.
public final class Ticks {
    private Ticks() {}

    /// A step of 1, 2 or 5 times a power of ten that cuts a length into about so many parts.
    ///
    /// @param length above 0, in any unit
    /// @param parts 1 or more
    public static double step(double length, int parts) {
        double rough = length / parts;
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        return power * (lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10);
    }

    /// The next mark at or above a value.
    public static double roundUp(double value) {
        double step = step(value, 4);
        return Math.ceil(value / step) * step;
    }
}
