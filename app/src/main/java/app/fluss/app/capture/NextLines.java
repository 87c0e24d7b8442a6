package app.fluss.app.capture;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Durations;
import app.fluss.app.theme.Labels;
import app.fluss.core.plan.PlannedStep.Role;
import app.fluss.files.study.Planned;
import app.fluss.files.study.SheetRow;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// The lines that come after the one at hand.
final class NextLines extends VBox {
    private static final int SHOWN = 9;

    NextLines() {
        super(7);
        getStyleClass().add("panel");
    }

    void show(Contents contents) {
        getChildren().setAll(Labels.heading(CaptureText.THEN));
        contents.planned().schedule().stream()
                .skip(1)
                .limit(SHOWN)
                .forEach(timed -> getChildren().add(line(contents, timed)));
    }

    private static Node line(Contents contents, Planned.Timed timed) {
        SheetRow row = timed.row();
        Label after = Labels.of(CaptureText.IN.formatted(Durations.words(timed.beginsS())), "muted");
        after.setMinWidth(86);
        Label role = Labels.of(row.role().title(), "chip");
        role.setMinWidth(64);
        String what = row.role() == Role.BREAK
                ? Durations.words(row.lastsS())
                : contents.path(row.pathId()).name() + " · " + contents.place(contents.scene(row.sceneId()));
        return Boxes.row(after, role, Labels.of(what));
    }
}
