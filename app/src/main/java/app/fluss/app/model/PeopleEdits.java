package app.fluss.app.model;

import app.fluss.files.study.BlindBlock;
import app.fluss.files.study.DrillRound;
import app.fluss.files.study.FeelSession;
import java.time.Instant;

/// Changes of what a study holds of people.
public final class PeopleEdits {
    private final Edits edits;

    PeopleEdits(Edits edits) {
        this.edits = edits;
    }

    /// Keeps a session of Feel.
    public void keep(FeelSession session) {
        edits.note(ModelText.KEEPING_SESSION, study -> study.feel().keep(session));
    }

    /// Says who did a session, and on what.
    public void rename(FeelSession session, FeelSession.Taker taker) {
        edits.note(ModelText.RENAMING_SESSION, study -> study.feel().rename(session, taker));
    }

    /// Removes a session.
    public void remove(FeelSession session) {
        edits.note(ModelText.REMOVING_SESSION, study -> study.feel().remove(session));
    }

    /// Keeps a blind block that was drawn.
    public void add(BlindBlock block) {
        edits.note(ModelText.ADDING_BLIND_BLOCK, study -> study.blind().add(block));
    }

    /// Keeps what was said of the next trial.
    public void answer(BlindBlock block, BlindBlock.Said said) {
        edits.note(ModelText.KEEPING_ANSWER, study -> study.blind().answer(block, said, Instant.now()));
    }

    /// Ends a blind block before its last trial.
    public void end(BlindBlock block) {
        edits.note(ModelText.ENDING_BLIND_BLOCK, study -> study.blind().end(block, Instant.now()));
    }

    /// Removes a blind block.
    public void remove(BlindBlock block) {
        edits.note(ModelText.REMOVING_BLIND_BLOCK, study -> study.blind().remove(block));
    }

    /// Keeps a round of the drill.
    public void keep(DrillRound played) {
        edits.note(ModelText.KEEPING_ROUND, study -> study.drill().keep(played));
    }

    /// Removes the drill's record of a person.
    public void forget(String person) {
        edits.note(ModelText.REMOVING_RECORD, study -> study.drill().forget(person));
    }
}
