package app.fluss.files.overlay;

import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.PictureDifferences;
import java.util.Map;

/// What the pictures of a clip say, and what they show: the numbers on them, and how they differ where no
/// number stands.
///
/// @param pictures that were read
/// @param fps of the clip
/// @param numbers what was read, by the name of its rectangle
/// @param differences how the pictures differ outside the rectangles
/// @param missing what of the clip could not be read, in words; empty if nothing
public record Overlays(
        int pictures, double fps, Map<String, OverlaySeries> numbers, PictureDifferences differences, String missing) {}
