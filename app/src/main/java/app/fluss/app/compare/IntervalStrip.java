package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/// The interval of one difference on an axis of its own with zero in the middle. A full bar leaves zero out,
/// a hollow one does not; the tip points to the better side.
final class IntervalStrip extends CanvasView {
    private static final double MARGIN = 8;

    private final Figure shift;
    private final Optional<Interval> ends;
    private final boolean moreIsBetter;

    /// @param title of what is compared
    /// @param shift the difference
    /// @param ends its interval
    IntervalStrip(Theme theme, String title, Figure shift, Optional<Interval> ends, boolean moreIsBetter) {
        super(theme, "Interval of the difference of the " + title);
        this.shift = shift;
        this.ends = ends;
        this.moreIsBetter = moreIsBetter;
        setMinHeight(20);
        setPrefHeight(20);
        setMinWidth(84);
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        double zero = Math.rint(width / 2) + 0.5;
        double middle = height / 2;
        g.setStroke(palette.get(Role.LINE));
        g.setLineWidth(1);
        g.strokeLine(zero, 1, zero, height - 1);
        if (!shift.isKnown()) {
            return;
        }
        double difference = shift.orNaN();
        Interval interval = ends.orElse(new Interval(difference, difference));
        double reach = Math.max(Math.abs(interval.low()), Math.abs(interval.high()));
        double scale = reach > 0 ? (width / 2 - MARGIN) / reach : 0;
        double low = zero + interval.low() * scale;
        double high = zero + interval.high() * scale;
        boolean better = moreIsBetter == (difference > 0);
        g.setFill(palette.get(better ? Role.WATER : Role.WARM));
        g.setStroke(palette.get(better ? Role.WATER : Role.WARM));
        g.setLineWidth(1.4);
        if (ends.isEmpty()) {
            g.setFill(palette.get(Role.SLATE));
        } else if (ends.filter(clear -> clear.low() > 0 || clear.high() < 0).isPresent()) {
            g.fillRect(low, middle - 3, Math.max(2, high - low), 6);
        } else {
            g.strokeRect(low, middle - 3, Math.max(2, high - low), 6);
        }
        double at = zero + difference * scale;
        g.fillPolygon(new double[] {at - 4, at, at + 4, at}, new double[] {middle, middle - 6, middle, middle + 6}, 4);
    }
}
