package app.fluss.core.feel;

import java.util.List;

/// One picture of a task: marks on an even ground, the later over the earlier. Grey only, so that nothing
/// is red.
///
/// @param ground relative luminance, 0 to 1
/// @param marks on it
public record FeelPicture(double ground, List<Mark> marks) {
    /// Keeps a copy.
    public FeelPicture {
        marks = List.copyOf(marks);
    }

    /// What is drawn.
    public sealed interface Mark {
        /// Relative luminance, 0 to 1.
        double luminance();

        /// Whether a place lies in it.
        boolean covers(double x, double y);
    }

    /// An upright bar over the whole height.
    ///
    /// @param x left edge, px
    /// @param width px
    public record Bar(double x, double width, double luminance) implements Mark {
        @Override
        public boolean covers(double atX, double atY) {
            return atX >= x && atX < x + width;
        }
    }

    /// A disc.
    ///
    /// @param x middle, px
    /// @param y middle, px
    /// @param radius px
    public record Disc(double x, double y, double radius, double luminance) implements Mark {
        @Override
        public boolean covers(double atX, double atY) {
            return Math.hypot(atX - x, atY - y) <= radius;
        }
    }

    /// Relative luminance at a place.
    public double luminance(double x, double y) {
        for (Mark mark : marks.reversed()) {
            if (mark.covers(x, y)) {
                return mark.luminance();
            }
        }
        return ground;
    }

    /// The value of red, green and blue in sRGB (IEC 61966-2-1) that has a relative luminance.
    ///
    /// @param luminance 0 to 1
    /// @return 0 to 1
    public static double srgb(double luminance) {
        return luminance <= 0.0031308 ? 12.92 * luminance : 1.055 * Math.pow(luminance, 1 / 2.4) - 0.055;
    }
}
