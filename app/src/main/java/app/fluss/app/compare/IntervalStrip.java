package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;

/// The interval of one difference on an axis of its own with zero in the middle. What it speaks of shows
/// by its form: from run to run a bar, with a borrowed spread a dashed one, within these runs a thin line
/// with ends. It is full where the difference stands.
final class IntervalStrip extends CanvasView {
    private static final double MARGIN = 8;

    private final Difference compared;
    private final boolean moreIsBetter;

    /// @param title of what is compared
    IntervalStrip(Theme theme, String title, Difference compared, boolean moreIsBetter) {
        super(theme, CompareText.INTERVAL_OF.formatted(title));
        this.compared = compared;
        this.moreIsBetter = moreIsBetter;
        setMinHeight(20);
        setPrefHeight(20);
        Ems.min(this, 84);
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double zero = Math.rint(width / 2) + 0.5;
        double middle = height / 2;
        pen.stroke(Role.LINE);
        pen.lineWidth(1);
        pen.line(zero, 1, zero, height - 1);
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
        pen.fill(better ? Role.WATER : Role.WARM);
        pen.stroke(better ? Role.WATER : Role.WARM);
        pen.lineWidth(1.4);
        switch (compared.method()) {
            case NONE -> pen.fill(Role.SLATE);
            case WELCH, TOGGLE -> bar(pen, low, high, middle, false);
            case BORROWED -> bar(pen, low, high, middle, true);
            case WITHIN_RUNS -> {
                pen.lineWidth(1);
                pen.line(low, middle, high, middle);
                pen.line(low, middle - 3, low, middle + 3);
                pen.line(high, middle - 3, high, middle + 3);
            }
        }
        double at = zero + difference * scale;
        pen.fillRect(at - 1, middle - 6, 2, 12);
    }

    private void bar(Pen pen, double low, double high, double middle, boolean borrowed) {
        double wide = Math.max(2, high - low);
        if (compared.stands()) {
            pen.opacity(borrowed ? 0.45 : 1);
            pen.fillRect(low, middle - 3, wide, 6);
            pen.opacity(1);
        }
        if (borrowed) {
            pen.dashes(3, 3);
        }
        if (borrowed || !compared.stands()) {
            pen.strokeRect(low, middle - 3, wide, 6);
        }
        pen.dashes();
    }
}
