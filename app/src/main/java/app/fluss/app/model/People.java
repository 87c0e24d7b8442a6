package app.fluss.app.model;

import app.fluss.files.study.BlindBlock;
import app.fluss.files.study.DrillRound;
import app.fluss.files.study.FeelSession;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.List;
import java.util.Optional;

/// What a study holds of people.
///
/// @param sessions of Feel, in the order in which they were done
/// @param blocks blind blocks, in the order in which they were drawn
/// @param rounds of the drill, in the order in which they were played
public record People(List<FeelSession> sessions, List<BlindBlock> blocks, List<DrillRound> rounds) {
    static final People NONE = new People(List.of(), List.of(), List.of());

    static People of(Study study) throws StudyException {
        return new People(
                study.feel().read(), study.blind().read(), study.drill().read());
    }

    /// The blind block that goes on, if one does; the oldest of several.
    public Optional<BlindBlock> openBlock() {
        return blocks.stream().filter(BlindBlock::isOpen).findFirst();
    }

    /// Blind blocks of a scene that have ended with an answer.
    public List<BlindBlock> ended(long sceneId) {
        return blocks.stream()
                .filter(block -> block.sceneId() == sceneId
                        && !block.isOpen()
                        && !block.answers().isEmpty())
                .toList();
    }

    /// Who was named last, for a field that asks again.
    public Optional<FeelSession.Taker> lastTaker() {
        return sessions.stream().map(FeelSession::taker).reduce((_, later) -> later);
    }
}
