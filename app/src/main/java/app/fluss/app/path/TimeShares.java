package app.fluss.app.path;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Figure;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;

/// Shares of the time at full, half and below half rate, as one strip: each part has ticks as far apart
/// as its images.
final class TimeShares extends CanvasView {
    private static final double NARROWEST = 78;

    private final Reprojection seen;

    TimeShares(Theme theme, Reprojection seen) {
        super(theme, HeadsetText.TIME_SHARES);
        this.seen = seen;
        setId("time-shares");
        setMinHeight(40);
        setPrefHeight(44);
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double x = 0;
        x = part(pen, x, width, height, seen.fullTime(), HeadsetText.FULL_RATE, Role.WATER, 5);
        x = part(pen, x, width, height, seen.halfTime(), HeadsetText.HALF_RATE, Role.FOAM, 10);
        part(pen, x, width, height, seen.belowHalfTime(), HeadsetText.BELOW_HALF, Role.WARM, 17);
    }

    /// @param apart distance of the ticks, px
    private double part(
            Pen pen, double x, double width, double height, Figure share, String name, Role role, double apart) {
        double length = share.isKnown() ? share.orNaN() * width : 0;
        double bar = height - scaled(18);
        pen.fill(role);
        pen.fillRect(x, 0, length, bar);
        pen.stroke(Role.SURFACE);
        pen.lineWidth(1);
        for (double tick = x + apart; tick < x + length - 1; tick += apart) {
            pen.line(tick, bar * 0.55, tick, bar);
        }
        if (length >= scaled(NARROWEST)) {
            pen.fill(Role.MUTED);
            pen.align(Align.LEFT);
            pen.baseline(Baseline.CENTER);
            pen.text(name + " " + Numbers.percent(share, 0), x + 2, bar + scaled(9));
        }
        return x + length;
    }
}
