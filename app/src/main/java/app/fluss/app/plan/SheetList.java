package app.fluss.app.plan;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Durations;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.core.plan.PlannedStep.Role;
import app.fluss.files.study.Planned;
import app.fluss.files.study.SheetRow;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The open lines of the run sheet with their times by the clock, if the first began now.
final class SheetList extends ListView<Planned.Timed> {
    private final Workbench workbench;
    private final Label empty = Labels.note("");
    private Contents contents;
    private LocalTime now = LocalTime.now(ZoneId.systemDefault());

    SheetList(Workbench workbench) {
        this.workbench = workbench;
        this.contents = workbench.contentsProperty().get();
        setId("sheet");
        getStyleClass().add("tall-cells");
        setPlaceholder(empty);
        setCellFactory(_ -> new LineCell());
    }

    /// @param missing runs that are wanted and not measured
    void show(Contents shown, int missing) {
        empty.setText(
                missing > 0
                        ? PlanText.MISSING_NOT_PLANNED.formatted(
                                missing == 1 ? PlanText.RUN_IS : PlanText.RUNS_ARE.formatted(missing))
                        : PlanText.NOTHING_MISSING);
        contents = shown;
        now = LocalTime.now(ZoneId.systemDefault());
        getItems().setAll(shown.planned().schedule());
    }

    private final class LineCell extends ListCell<Planned.Timed> {
        @Override
        protected void updateItem(Planned.@Nullable Timed line, boolean empty) {
            super.updateItem(line, empty);
            setMinWidth(0);
            setPrefWidth(0);
            setGraphic(empty || line == null ? null : line(line));
        }
    }

    private HBox line(Planned.Timed timed) {
        SheetRow row = timed.row();
        Label time = Labels.of(
                now.plusSeconds(timed.beginsS()).format(DateTimeFormatter.ofLocalizedTime(FormatStyle.SHORT)), "muted");
        Ems.pref(time, 62);
        time.setMinWidth(USE_PREF_SIZE);
        Label role = Labels.of(row.role().title(), "chip");
        Ems.pref(role, 76);
        role.setMinWidth(USE_PREF_SIZE);
        if (row.role() == Role.BREAK) {
            return Boxes.row(time, role, Labels.of(Durations.words(row.lastsS()), "muted"));
        }
        Label what = Labels.of(contents.path(row.pathId()).name(), row.role().isMeasured() ? "strong" : "muted");
        Label scene = Labels.of(contents.place(contents.scene(row.sceneId())), "muted", "small");
        String steps = String.join("; ", row.changes()) + (row.restarts() ? PlanText.RESTART_GAME : "");
        Label changes = Labels.of(steps.startsWith("; ") ? steps.substring(2) : steps, "small");
        VBox middle = new VBox(-1, Boxes.row(what, scene));
        if (!changes.getText().isEmpty()) {
            changes.setText("→ " + changes.getText());
            middle.getChildren().add(changes);
        }
        middle.setMinWidth(0);
        middle.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(middle, Priority.ALWAYS);
        Button skip = Buttons.quiet(
                PlanText.SKIP, PlanText.SKIP_TIP, () -> workbench.edits().plan().set(row, SheetRow.State.SKIPPED));
        skip.getStyleClass().setAll("link");
        return Boxes.row(time, role, middle, skip);
    }
}
