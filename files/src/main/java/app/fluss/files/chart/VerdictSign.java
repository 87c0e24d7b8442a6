package app.fluss.files.chart;

import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.draw.Drawing;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Picture;

/// The shape of a verdict: each can be told without its colour. For is a leaf that points up, against one
/// that points down; full where it is settled, open where it is only probable; a ring where nothing is
/// settled.
///
/// @param word the verdict
public record VerdictSign(Verdict.Word word) implements Drawing {
    private static final double SIZE = 12;

    /// The sign that goes with a claim.
    public static VerdictSign of(Claim.State state) {
        return new VerdictSign(
                switch (state) {
                    case HOLDS -> Verdict.Word.USE;
                    case HOLDS_WITH_WARNING -> Verdict.Word.USE_WITH_SETTINGS;
                    case LIKELY -> Verdict.Word.PROBABLY_USE;
                    case OPEN, NO_FIGURE -> Verdict.Word.NOT_SETTLED;
                    case UNLIKELY -> Verdict.Word.PROBABLY_LEAVE_OFF;
                    case FAILS -> Verdict.Word.LEAVE_OFF;
                });
    }

    /// As a small picture beside the word.
    public Picture picture() {
        return new Picture(word.title(), word.title(), SIZE, SIZE, 1, Numbers.NEUTRAL, this);
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        draw(pen, 0, 0, Math.min(width, height));
    }

    /// Draws it at a place.
    ///
    /// @param x left edge, px
    /// @param y upper edge, px
    /// @param size of both sides, px
    public void draw(Pen pen, double x, double y, double size) {
        double unit = size / SIZE;
        pen.lineWidth(1.4 * unit);
        switch (word) {
            case USE -> leaf(pen, Role.WATER, x, y, unit, true);
            case USE_WITH_SETTINGS -> {
                leaf(pen, Role.WATER, x, y, unit, true);
                pen.fillRect(x + 3 * unit, y + 10.4 * unit, 6 * unit, 1.6 * unit);
            }
            case PROBABLY_USE -> leaf(pen, Role.WATER, x, y, unit, false);
            case NOT_SETTLED -> {
                pen.stroke(Role.MUTED);
                pen.strokeOval(x + 2 * unit, y + 2 * unit, 8 * unit, 8 * unit);
            }
            case PROBABLY_LEAVE_OFF -> leaf(pen, Role.WARM, x, y, unit, false);
            case LEAVE_OFF -> leaf(pen, Role.WARM, x, y, unit, true);
        }
    }

    /// Up in the colour of what is chosen, down in that of what wants attention.
    private static void leaf(Pen pen, Role role, double x, double y, double unit, boolean full) {
        double[] xs = {x + 6 * unit, x + 11 * unit, x + 6 * unit, x + unit};
        double[] ys = role == Role.WATER
                ? new double[] {y + unit, y + 10 * unit, y + 7.4 * unit, y + 10 * unit}
                : new double[] {y + 11 * unit, y + 2 * unit, y + 4.6 * unit, y + 2 * unit};
        pen.fill(role);
        pen.stroke(role);
        if (full) {
            pen.fillPolygon(xs, ys);
        } else {
            pen.strokePolygon(xs, ys);
        }
    }
}
