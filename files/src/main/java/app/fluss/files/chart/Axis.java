package app.fluss.files.chart;

/// A straight scale: from values to px.
///
/// @param from value at the first end
/// @param to value at the other end, not the same
/// @param start px of the first end
/// @param end px of the other end
record Axis(double from, double to, double start, double end) {
    double at(double value) {
        return start + (value - from) / (to - from) * (end - start);
    }

    double value(double px) {
        return from + (px - start) / (end - start) * (to - from);
    }
}
