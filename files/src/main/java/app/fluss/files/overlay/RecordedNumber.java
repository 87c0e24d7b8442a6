package app.fluss.files.overlay;

import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.Area;
import java.util.List;

/// A number that was read from the pictures of a clip.
///
/// @param name what it is
/// @param area its rectangle
/// @param series what it showed over time
/// @param told glyphs of its overlay that the analyst has named
/// @param crops pictures of its readings
public record RecordedNumber(String name, Area area, OverlaySeries series, List<GlyphClass> told, StandCrops crops) {
    /// Keeps a copy.
    public RecordedNumber {
        told = List.copyOf(told);
    }

    /// What kind of number it is.
    public OverlayKind kind() {
        return OverlayKind.of(name);
    }

    /// The same to be asked of another clip.
    public AskedNumber asked() {
        return new AskedNumber(name, area, told);
    }
}
