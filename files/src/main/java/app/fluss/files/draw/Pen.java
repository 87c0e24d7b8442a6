package app.fluss.files.draw;

import app.fluss.files.draw.Palette.Role;

/// Draws, wherever that is: on the window's canvas, into a picture or into a vector file. Lengths are in
/// px, from the top left. Colours are named by their role, so that a drawing can be had in any palette.
/// It keeps what it was set to until it is set anew.
public interface Pen {
    /// Size of ordinary text, px before it is scaled.
    double TEXT_PX = 11.5;

    /// How text lies about its place, from left to right.
    enum Align {
        /// It begins there.
        LEFT,
        /// Its middle is there.
        CENTER,
        /// It ends there.
        RIGHT
    }

    /// How text lies about its place, from top to bottom.
    enum Baseline {
        /// Its upper edge is there.
        TOP,
        /// Its middle is there.
        CENTER,
        /// Its lower edge is there.
        BOTTOM
    }

    /// Numbers as they are to be written.
    Numbers numbers();

    /// A length that grows with the text, px.
    double scaled(double px);

    /// The colour of areas and of text, from now on.
    ///
    /// @param opacity 0 to 1
    void fill(Role role, double opacity);

    /// The colour of areas and of text, from now on.
    default void fill(Role role) {
        fill(role, 1);
    }

    /// The colour of lines, from now on.
    void stroke(Role role);

    /// How much everything covers what is below it, from now on: 0 to 1.
    void opacity(double share);

    /// Width of lines, px, from now on.
    void lineWidth(double px);

    /// Lengths of dashes and gaps, px, in turn, from now on; none for whole lines.
    void dashes(double... px);

    /// A full rectangle.
    void fillRect(double x, double y, double width, double height);

    /// A rectangle's edge.
    void strokeRect(double x, double y, double width, double height);

    /// Full columns of 1 px beside each other.
    ///
    /// @param x left edge of the first
    /// @param tops upper edge of each; NaN where there is none
    /// @param heights of each, as many
    void fillColumns(double x, double[] tops, double[] heights);

    /// A full rectangle with round corners.
    ///
    /// @param arc diameter of the corners
    void fillRoundRect(double x, double y, double width, double height, double arc);

    /// A straight line.
    void line(double x1, double y1, double x2, double y2);

    /// A line from point to point.
    ///
    /// @param xs across
    /// @param ys down, as many
    void polyline(double[] xs, double[] ys);

    /// A full polygon.
    ///
    /// @param xs across
    /// @param ys down, as many
    void fillPolygon(double[] xs, double[] ys);

    /// A polygon's edge.
    ///
    /// @param xs across
    /// @param ys down, as many
    void strokePolygon(double[] xs, double[] ys);

    /// A full ellipse.
    void fillOval(double x, double y, double width, double height);

    /// An ellipse's edge.
    void strokeOval(double x, double y, double width, double height);

    /// Size and weight of text, from now on.
    ///
    /// @param px before it is scaled
    void font(double px, TextFace.Weight weight);

    /// Where text lies about its place, from left to right, from now on.
    void align(Align align);

    /// Where text lies about its place, from top to bottom, from now on.
    void baseline(Baseline baseline);

    /// A line of text.
    void text(String text, double x, double y);

    /// A line of text; what does not fit is cut.
    ///
    /// @param most width that it may have, px
    default void text(String text, double x, double y, double most) {
        text(cut(text, most), x, y);
    }

    /// The beginning of a text that fits, with an ellipsis where it was cut.
    ///
    /// @param most width that it may have, px
    default String cut(String text, double most) {
        if (width(text) <= most) {
            return text;
        }
        int fits = 0;
        int tooMuch = text.length();
        while (tooMuch - fits > 1) {
            int middle = (fits + tooMuch) >>> 1;
            if (width(text.substring(0, middle) + "…") <= most) {
                fits = middle;
            } else {
                tooMuch = middle;
            }
        }
        boolean split = fits > 0 && Character.isHighSurrogate(text.charAt(fits - 1));
        return text.substring(0, split ? fits - 1 : fits).stripTrailing() + "…";
    }

    /// How wide a text is, px.
    double width(String text);

    /// Draws what stays within a rectangle.
    void clipped(double x, double y, double width, double height, Runnable drawing);
}
