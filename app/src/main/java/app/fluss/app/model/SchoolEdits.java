package app.fluss.app.model;

import app.fluss.core.verdict.School;
import app.fluss.files.study.Game;
import app.fluss.files.study.StoredSchools.Chosen;

/// Changes of schools, and of which games are judged by them.
public final class SchoolEdits {
    private final Edits edits;

    SchoolEdits(Edits edits) {
        this.edits = edits;
    }

    /// Keeps a school of the analyst's, in place of one of the same name.
    public void keep(School school) {
        edits.note(ModelText.KEEPING_SCHOOL, study -> study.schools().keep(school));
    }

    /// Keeps a school and judges a game by it.
    public void keepFor(Game game, School school, Chosen chosen) {
        edits.note(ModelText.KEEPING_SCHOOL, study -> {
            study.schools().keep(school);
            study.schools().choose(game, chosen);
        });
    }

    /// Takes a school of the analyst's away.
    public void remove(School school) {
        edits.note(ModelText.REMOVING_SCHOOL, study -> study.schools().remove(school));
    }

    /// Says by which school a game is judged, and which is shown beside it.
    public void choose(Game game, Chosen chosen) {
        edits.note(ModelText.CHOOSING_SCHOOL, study -> study.schools().choose(game, chosen));
    }
}
