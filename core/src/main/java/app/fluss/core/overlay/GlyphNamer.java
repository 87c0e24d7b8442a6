package app.fluss.core.overlay;

/// Names glyphs in clean pictures, dark on light: an engine of character recognition, or whatever a test puts
/// in its place.
@FunctionalInterface
public interface GlyphNamer {
    /// Knows no glyph: every class stays without a name until the analyst gives it one.
    GlyphNamer NONE = (_, _, _, _) -> "";

    /// How a picture is to be taken.
    enum Layout {
        /// One line of any text.
        LINE,
        /// One line of numbers.
        NUMBERS,
        /// One glyph.
        GLYPH
    }

    /// Reads a picture.
    ///
    /// @param grey brightness row by row, unsigned; width times height
    /// @return what it says; empty if nothing was made out
    String read(byte[] grey, int width, int height, Layout layout);
}
