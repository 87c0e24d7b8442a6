package app.fluss.core.generation;

/// What a clip of the game showed.
///
/// @param fps pictures a second of the clip, above 0
/// @param deliveredFps distinct images a second in it, 0 or more
/// @param bounded whether the clip could have shown more: false where every picture differs from the one
///     before, so that the rate is only the least there can be
public record PicturesSeen(double fps, double deliveredFps, boolean bounded) {}
