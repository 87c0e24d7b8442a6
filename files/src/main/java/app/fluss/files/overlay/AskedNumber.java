package app.fluss.files.overlay;

import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.picture.Area;
import java.util.List;

/// A number on the pictures of a clip that is to be read.
///
/// @param name what it is: the name of an [OverlayKind], or any other
/// @param area its rectangle, close around it
/// @param told glyphs of this overlay that the analyst has named
public record AskedNumber(String name, Area area, List<GlyphClass> told) {
    /// @throws IllegalArgumentException if a glyph is called what none can be
    public AskedNumber {
        told = List.copyOf(told);
        for (GlyphClass glyph : told) {
            if (!GlyphClass.isName(glyph.name())) {
                throw new IllegalArgumentException("a glyph called \"" + glyph.name() + "\"");
            }
        }
    }

    /// What kind of number it is.
    public OverlayKind kind() {
        return OverlayKind.of(name);
    }
}
