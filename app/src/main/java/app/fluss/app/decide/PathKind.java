package app.fluss.app.decide;

import app.fluss.core.path.StageKind;
import app.fluss.files.verdict.GameCases;
import java.util.List;
import java.util.stream.Collectors;

/// What paths have in common that stand in one column: the kinds of their stages, a cap aside.
///
/// @param title for people
record PathKind(String title) {
    private static final PathKind CAP = new PathKind(DecideText.FRAME_CAP);
    private static final PathKind POWER = new PathKind(DecideText.BATTERY);

    static PathKind of(GameCases.OfPath path) {
        if (path.powerOnly()) {
            return POWER;
        }
        List<StageKind> kinds = path.path().chain().stages().stream()
                .map(stage -> stage.kind())
                .filter(kind -> kind != StageKind.FRAME_CAP)
                .toList();
        return kinds.isEmpty()
                ? CAP
                : new PathKind(kinds.stream().map(StageKind::title).collect(Collectors.joining(" + ")));
    }
}
