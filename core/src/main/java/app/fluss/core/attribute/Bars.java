package app.fluss.core.attribute;

import java.util.ArrayList;
import java.util.List;

/// A waterfall on a scale on which equal parts are equally long: logarithms of ratios, or ms.
///
/// @param bars the steps, each from where the one before it ended, then the whole from 0
/// @param low the least end of a bar or an interval, 0 or less
/// @param high the largest, 0 or more
public record Bars(List<Bar> bars, double low, double high) {
    /// One bar.
    ///
    /// @param part what it stands for
    /// @param from where it begins
    /// @param to where it ends
    /// @param intervalFrom where its interval begins; `to` without one
    /// @param intervalTo where its interval ends; `to` without one
    /// @param better whether it is for the better: a higher rate, less latency
    /// @param whole whether it is all steps together
    public record Bar(
            Part part, double from, double to, double intervalFrom, double intervalTo, boolean better, boolean whole) {
        private static Bar of(Part part, double from, Cells.Scale scale, boolean whole) {
            double to = from + scale.in(part.value());
            return new Bar(
                    part,
                    from,
                    to,
                    part.interval().map(ends -> from + scale.in(ends.low())).orElse(to),
                    part.interval().map(ends -> from + scale.in(ends.high())).orElse(to),
                    to >= from == (scale == Cells.Scale.RATIO),
                    whole);
        }
    }

    /// Of a way.
    ///
    /// @param scale on which its parts are put together
    public static Bars of(Waterfall way, Cells.Scale scale) {
        List<Bar> bars = new ArrayList<>();
        double at = 0;
        for (Part step : way.steps()) {
            bars.add(Bar.of(step, at, scale, false));
            at = bars.getLast().to();
        }
        bars.add(Bar.of(way.whole(), 0, scale, true));
        double low = 0;
        double high = 0;
        for (Bar bar : bars) {
            low = Math.min(low, Math.min(bar.to(), bar.intervalFrom()));
            high = Math.max(high, Math.max(bar.to(), bar.intervalTo()));
        }
        return new Bars(List.copyOf(bars), low, high);
    }
}
