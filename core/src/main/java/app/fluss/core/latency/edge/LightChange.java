package app.fluss.core.latency.edge;

/// One change of the light from a level to another. Positions are those of the thinned light.
///
/// @param from where it begins at the latest
/// @param at where it is steepest
/// @param to where it ends at the latest
/// @param before level before it
/// @param after level after it
record LightChange(double from, double at, double to, double before, double after) {
    /// How far it goes, with its sign.
    double step() {
        return after - before;
    }

    /// How far it goes.
    double size() {
        return Math.abs(step());
    }

    boolean isUp() {
        return after > before;
    }

    /// The same with the one after it, as one change.
    LightChange with(LightChange next) {
        return new LightChange(from, next.size() > size() ? next.at : at, next.to, before, next.after);
    }
}
