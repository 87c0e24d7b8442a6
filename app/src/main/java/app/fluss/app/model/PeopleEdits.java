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
        edits.note("Keeping the session", study -> study.feel().keep(session));
    }

    /// Says who did a session, and on what.
    public void rename(FeelSession session, FeelSession.Taker taker) {
        edits.note("Renaming the session", study -> study.feel().rename(session, taker));
    }

    /// Removes a session.
    public void remove(FeelSession session) {
        edits.note("Removing the session", study -> study.feel().remove(session));
    }

    /// Keeps a blind block that was drawn.
    public void add(BlindBlock block) {
        edits.note("Adding the blind block", study -> study.blind().add(block));
    }

    /// Keeps what was said of the next trial.
    public void answer(BlindBlock block, BlindBlock.Said said) {
        edits.note("Keeping the answer", study -> study.blind().answer(block, said, Instant.now()));
    }

    /// Ends a blind block before its last trial.
    public void end(BlindBlock block) {
        edits.note("Ending the blind block", study -> study.blind().end(block, Instant.now()));
    }

    /// Removes a blind block.
    public void remove(BlindBlock block) {
        edits.note("Removing the blind block", study -> study.blind().remove(block));
    }

    /// Keeps a round of the drill.
    public void keep(DrillRound played) {
        edits.note("Keeping the round", study -> study.drill().keep(played));
    }

    /// Removes the drill's record of a person.
    public void forget(String person) {
        edits.note("Removing the record", study -> study.drill().forget(person));
    }
}
