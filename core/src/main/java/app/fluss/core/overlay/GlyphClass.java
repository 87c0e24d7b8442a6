package app.fluss.core.overlay;

/// Glyphs of a clip that look alike, and what they are called.
///
/// @param name 0 if it could not be told
/// @param look shares of ink on all rows of the line
/// @param members how many were seen among the pictures that were learnt from
public record GlyphClass(char name, Patch look, int members) {
    /// What is no part of a number: a letter, a unit, a symbol.
    public static final char OTHER = '#';

    /// Whether something can be called so: a figure, a point, or [#OTHER].
    public static boolean isName(char name) {
        return (name >= '0' && name <= '9') || name == '.' || name == OTHER;
    }

    /// The same glyphs by another name.
    public GlyphClass called(char other) {
        return new GlyphClass(other, look, members);
    }

    /// Whether glyphs are of this look.
    boolean isLook(Patch glyph, int spot) {
        return look.rows() == glyph.rows() && look.distanceBetweenPixels(glyph, spot) < Clusters.ALIKE;
    }
}
