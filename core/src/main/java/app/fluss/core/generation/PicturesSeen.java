package app.fluss.core.generation;

/// What a clip of the game showed.
///
/// @param fps pictures a second of the clip, above 0
/// @param deliveredFps distinct images a second in it, 0 to `fps`
public record PicturesSeen(double fps, double deliveredFps) {}
