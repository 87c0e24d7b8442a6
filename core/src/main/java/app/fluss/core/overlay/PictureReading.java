package app.fluss.core.overlay;

import java.util.List;

/// What was made out on one picture.
///
/// @param text the number; empty if there is none
/// @param from its first column
/// @param to the column after its last one
/// @param glyphs all glyphs of the line, by which it can be told whether another picture shows the same
/// @param after the columns of what is written right after the number and is as high as a figure, such as most units;
///     none at `to` if nothing is
/// @param sure whether the picture by itself is beyond doubt
record PictureReading(String text, int from, int to, List<Glyph> glyphs, Span after, boolean sure) {
    static final PictureReading NOTHING = new PictureReading("", 0, 0, List.of(), new Span(0, 0), false);

    /// The same, as sure as is said.
    PictureReading sure(boolean now) {
        return new PictureReading(text, from, to, glyphs, after, now);
    }
}
