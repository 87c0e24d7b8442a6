package app.fluss.core.overlay;

/// Columns of a crop, px.
///
/// @param from the first
/// @param to the one after the last
record Span(int from, int to) {
    /// Whether the middle of something lies in it.
    boolean holds(double middle) {
        return middle >= from && middle <= to;
    }
}
