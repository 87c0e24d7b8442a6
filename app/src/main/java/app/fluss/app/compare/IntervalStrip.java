package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import javafx.scene.canvas.GraphicsContext;

/// The interval of one difference on an axis of its own with zero in the middle. What it speaks of shows by its
/// form: from run to run a bar, with a borrowed spread a dashed one, within these runs a thin line with ends.
/// It is full where the difference stands.
final class IntervalStrip extends CanvasView {
    private static final double MARGIN = 8;

    private final Difference compared;
    private final boolean moreIsBetter;

    /// @param title of what is compared
    IntervalStrip(Theme theme, String title, Difference compared, boolean moreIsBetter) {
        super(theme, "Interval of the difference of the " + title);
        this.compared = compared;
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
        double difference = compared.difference().orNaN();
        if (Double.isNaN(difference)) {
            return;
        }
        Interval interval = compared.interval().orElse(new Interval(difference, difference));
        double reach = Math.max(Math.abs(interval.low()), Math.abs(interval.high()));
        double scale = reach > 0 ? (width / 2 - MARGIN) / reach : 0;
        double low = zero + interval.low() * scale;
        double high = zero + interval.high() * scale;
        boolean better = moreIsBetter == (difference > 0);
        g.setFill(palette.get(better ? Role.WATER : Role.WARM));
        g.setStroke(palette.get(better ? Role.WATER : Role.WARM));
        g.setLineWidth(1.4);
        switch (compared.method()) {
            case NONE -> g.setFill(palette.get(Role.SLATE));
            case WELCH, TOGGLE -> bar(g, low, high, middle, false);
            case BORROWED -> bar(g, low, high, middle, true);
            case WITHIN_RUNS -> {
                g.setLineWidth(1);
                g.strokeLine(low, middle, high, middle);
                g.strokeLine(low, middle - 3, low, middle + 3);
                g.strokeLine(high, middle - 3, high, middle + 3);
            }
        }
        double at = zero + difference * scale;
        g.fillRect(at - 1, middle - 6, 2, 12);
    }

    private void bar(GraphicsContext g, double low, double high, double middle, boolean borrowed) {
        double wide = Math.max(2, high - low);
        if (compared.stands()) {
            g.setGlobalAlpha(borrowed ? 0.45 : 1);
            g.fillRect(low, middle - 3, wide, 6);
            g.setGlobalAlpha(1);
        }
        if (borrowed) {
            g.setLineDashes(3, 3);
        }
        if (borrowed || !compared.stands()) {
            g.strokeRect(low, middle - 3, wide, 6);
        }
        g.setLineDashes();
    }
}
