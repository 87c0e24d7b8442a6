package app.fluss.app.examine;

/// Round steps for axes.
final class Axis {
    private Axis() {}

    /// A step of 1, 2 or 5 times a power of ten that cuts a length into about so many parts.
    static double step(double length, int parts) {
        double rough = length / parts;
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        return power * (lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10);
    }

    /// The next mark at or above a value.
    static double roundUp(double value) {
        double step = step(value, 4);
        return Math.ceil(value / step) * step;
    }
}
