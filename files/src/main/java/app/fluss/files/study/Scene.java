package app.fluss.files.study;

/// A repeatable route in a game.
///
/// @param id its number in the study
/// @param gameId the game
/// @param name unique in the game
public record Scene(long id, long gameId, String name) {}
