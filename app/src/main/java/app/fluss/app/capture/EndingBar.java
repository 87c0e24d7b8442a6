package app.fluss.app.capture;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;

/// What becomes of the run that was measured.
final class EndingBar extends HBox {
    EndingBar(Runnable keep, Runnable repeat, Runnable discard, Runnable leave) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        Button kept = Buttons.primary(CaptureText.KEEP_RUN, CaptureText.KEEP_RUN_TIP, keep);
        kept.setId("keep");
        Button again = Buttons.quiet(CaptureText.REPEAT_WITH_REASON, CaptureText.REPEAT_WITH_REASON_TIP, repeat);
        again.setId("repeat");
        Button discarded = Buttons.quiet(CaptureText.DISCARD_WITH_REASON, CaptureText.DISCARD_WITH_REASON_TIP, discard);
        discarded.setId("discard");
        getChildren()
                .setAll(
                        kept,
                        again,
                        discarded,
                        Boxes.spacer(),
                        Buttons.quiet(CaptureText.LEAVE, CaptureText.LEAVE_TIP, leave));
    }
}
