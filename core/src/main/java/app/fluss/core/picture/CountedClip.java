package app.fluss.core.picture;

/// A clip of a game whose distinct pictures were counted.
///
/// @param count what was counted
/// @param fps pictures a second of the clip
public record CountedClip(PictureCount count, double fps) {}
