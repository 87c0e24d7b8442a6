package app.fluss.app.model;

import app.fluss.files.study.Game;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;

/// What stands on the bench when a run is added, for the facts that nobody stated of it. They serve as values to work
/// with and are never compared, for a log may come from elsewhere.
final class SetupOfBench {
    private SetupOfBench() {}

    /// The draft with the bench's facts.
    static RunDraft of(Study study, RunDraft draft) throws StudyException {
        long game = study.games().stream()
                .filter(one -> one.name().equals(draft.game()))
                .mapToLong(Game::id)
                .findFirst()
                .orElse(-1);
        return draft.on(draft.setup()
                .orBench(study.bench().read().setup(game, draft.chain()).withoutItems()));
    }
}
