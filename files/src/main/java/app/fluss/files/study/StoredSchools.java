package app.fluss.files.study;

import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Schools;
import java.util.Map;
import java.util.Optional;

/// The schools of a study, and which of them each game is judged by.
///
/// @param schools those that ship, and the analyst's own
/// @param chosen by the numbers of games; a game that is not in it is judged by what its kind usually asks for
public record StoredSchools(Schools schools, Map<Long, Chosen> chosen) {
    /// Nothing of the analyst's.
    public static final StoredSchools NONE = new StoredSchools(Schools.SHIPPED, Map.of());

    /// Keeps a copy.
    public StoredSchools {
        chosen = Map.copyOf(chosen);
    }

    /// What a game is judged by.
    ///
    /// @param school its name in files; empty for what its kind usually asks for
    /// @param beside the name of a second one that is shown beside it
    public record Chosen(Optional<String> school, Optional<String> beside) {
        /// Nothing chosen.
        public static final Chosen NOTHING = new Chosen(Optional.empty(), Optional.empty());
    }

    /// What was chosen for a game.
    public Chosen of(Game game) {
        return chosen.getOrDefault(game.id(), Chosen.NOTHING);
    }

    /// The school of a game: the one that was chosen, else what its kind usually asks for.
    ///
    /// @param kind as it is stated; empty if it is not
    public School school(Game game, Optional<String> kind) {
        return named(of(game).school()).orElseGet(() -> schools.current(School.usual(kind)));
    }

    /// The one that is shown beside it, if one was chosen.
    public Optional<School> beside(Game game) {
        return named(of(game).beside());
    }

    /// A name that no school has any more is passed over.
    private Optional<School> named(Optional<String> name) {
        return name.flatMap(wanted -> schools.all().stream()
                .filter(school -> school.id().equals(wanted))
                .findFirst());
    }
}
