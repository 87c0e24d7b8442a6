package app.fluss.files.study;

import app.fluss.core.measure.Section;

/// A repeatable route in a game.
///
/// @param id its number in the study
/// @param gameId the game
/// @param name unique in the game
/// @param seconds how long it takes, 1 or more
/// @param begins where it starts; may be empty
/// @param route what is done; may be empty
/// @param weight how heavy it is
public record Scene(
        long id, long gameId, String name, int seconds, String begins, String route, Section.Weight weight) {
    /// The same, described otherwise.
    public Scene described(int lasts, String from, String what, Section.Weight heavy) {
        return new Scene(id, gameId, name, lasts, from, what, heavy);
    }
}
