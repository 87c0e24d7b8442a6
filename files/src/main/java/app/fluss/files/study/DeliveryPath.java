package app.fluss.files.study;

/// What happens to a game's images between the game and the eye.
///
/// @param id its number in the study
/// @param name unique in the study
/// @param isNative whether nothing makes images on the way
/// @param multiplier images presented per rendered image, as set; NaN if not stated
public record DeliveryPath(long id, String name, boolean isNative, double multiplier) {}
