package app.fluss.core.overlay;

/// Glyphs of a clip that look alike, and what they are called.
///
/// @param name 0 if it could not be told
/// @param look shares of ink on all rows of the line
/// @param members how many were seen among the pictures that were learnt from
public record GlyphClass(char name, Patch look, int members) {}
