package app.fluss.files.study;

/// A game.
///
/// @param id its number in the study
/// @param name unique in the study
public record Game(long id, String name) {}
