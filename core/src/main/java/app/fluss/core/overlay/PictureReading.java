package app.fluss.core.overlay;

import java.util.List;

/// What was made out on one picture.
///
/// @param text the number; empty if there is none
/// @param glyphs all glyphs of the line, by which it can be told whether another picture shows the same
/// @param sure whether the picture by itself is beyond doubt
record PictureReading(String text, List<Glyph> glyphs, boolean sure) {
    static final PictureReading NOTHING = new PictureReading("", List.of(), false);
}
