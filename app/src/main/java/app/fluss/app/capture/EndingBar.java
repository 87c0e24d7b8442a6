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
        Button kept = Buttons.primary("Keep the run", "Includes it in comparisons (Ctrl+Enter)", keep);
        kept.setId("keep");
        Button again = Buttons.quiet("Repeat…", "Leaves it out of comparisons; the line is repeated", repeat);
        again.setId("repeat");
        Button discarded = Buttons.quiet(
                "Discard…", "Leaves it out of comparisons; it stays in the study, struck through", discard);
        discarded.setId("discard");
        getChildren()
                .setAll(
                        kept,
                        again,
                        discarded,
                        Boxes.spacer(),
                        Buttons.quiet(
                                "Leave",
                                "Back to the line before it was begun; what was typed stays in the study",
                                leave));
    }
}
