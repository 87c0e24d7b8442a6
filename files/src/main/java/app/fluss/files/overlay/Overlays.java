package app.fluss.files.overlay;

import app.fluss.core.picture.PictureDifferences;

/// What the pictures of a clip say, and what they show.
///
/// @param recorded the numbers on them
/// @param differences how they differ where no number stands
public record Overlays(RecordedNumbers recorded, PictureDifferences differences) {}
