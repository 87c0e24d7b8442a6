package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.MeasureComparison;
import javafx.scene.canvas.GraphicsContext;

/// The interval of one difference on an axis of its own with zero in the middle. A full bar leaves zero out, a
/// hollow one does not; the tip points to the better side.
final class IntervalStrip extends CanvasView {
    private static final double MARGIN = 8;

    private final MeasureComparison compared;

    IntervalStrip(Theme theme, MeasureComparison compared) {
        super(theme, "Interval of the difference of the " + compared.measure().title());
        this.compared = compared;
        setMinHeight(20);
        setPrefHeight(20);
        setMinWidth(120);
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        double zero = Math.rint(width / 2) + 0.5;
        double middle = height / 2;
        g.setStroke(palette.get(Role.LINE));
        g.setLineWidth(1);
        g.strokeLine(zero, 1, zero, height - 1);
        if (!compared.difference().isKnown()) {
            return;
        }
        double difference = compared.difference().orNaN();
        Interval interval = compared.interval().orElse(new Interval(difference, difference));
        double reach = Math.max(Math.abs(interval.low()), Math.abs(interval.high()));
        double scale = reach > 0 ? (width / 2 - MARGIN) / reach : 0;
        double low = zero + interval.low() * scale;
        double high = zero + interval.high() * scale;
        boolean better = compared.measure().moreIsBetter() == (difference > 0);
        g.setFill(palette.get(better ? Role.WATER : Role.WARM));
        g.setStroke(palette.get(better ? Role.WATER : Role.WARM));
        g.setLineWidth(1.4);
        if (compared.interval().isEmpty()) {
            g.setFill(palette.get(Role.SLATE));
        } else if (compared.isClear()) {
            g.fillRect(low, middle - 3, Math.max(2, high - low), 6);
        } else {
            g.strokeRect(low, middle - 3, Math.max(2, high - low), 6);
        }
        double at = zero + difference * scale;
        g.fillPolygon(new double[] {at - 4, at, at + 4, at}, new double[] {middle, middle - 6, middle, middle + 6}, 4);
    }
}
