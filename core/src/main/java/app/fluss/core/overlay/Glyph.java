package app.fluss.core.overlay;

/// A template that stands somewhere.
///
/// @param template its number among those of the reader
/// @param left first column
record Glyph(int template, int left) {}
