package app.fluss.app.shell;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The order of work, each step with how much of it is open.
final class OrderOfWork extends VBox {
    private final Map<Work, ToggleButton> buttons = new EnumMap<>(Work.class);
    private final Map<Work, Label> counts = new EnumMap<>(Work.class);
    private final ObjectProperty<Work> chosen = new SimpleObjectProperty<>(Work.EXAMINE);

    OrderOfWork() {
        super(1);
        ToggleGroup group = new ToggleGroup();
        int key = 1;
        for (Work work : Work.values()) {
            ToggleButton button = button(work, key++);
            button.setToggleGroup(group);
            button.selectedProperty().subscribe(selected -> {
                if (selected) {
                    chosen.set(work);
                }
            });
            buttons.put(work, button);
            getChildren().add(button);
        }
        // A second press on the chosen step must not leave none chosen.
        group.selectedToggleProperty().subscribe((before, now) -> {
            if (now == null && before != null) {
                group.selectToggle(before);
            }
        });
        choose(Work.EXAMINE);
    }

    private ToggleButton button(Work work, int key) {
        Label count = Labels.of("", "muted", "small");
        counts.put(work, count);
        HBox content = Boxes.row(Labels.of(work.title()), Boxes.spacer(), count);
        ToggleButton button = new ToggleButton();
        button.setGraphic(content);
        button.setAlignment(Pos.CENTER_LEFT);
        content.prefWidthProperty().bind(button.widthProperty().subtract(26));
        button.getStyleClass().add("work");
        button.setId("work-" + work.title().toLowerCase(Locale.ROOT));
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAccessibleText(work.title());
        Tips.on(button, ShellText.CTRL + key);
        return button;
    }

    /// The step that is shown.
    ObjectProperty<Work> chosenProperty() {
        return chosen;
    }

    /// Shows a step.
    void choose(Work work) {
        Objects.requireNonNull(buttons.get(work)).setSelected(true);
    }

    /// Says how much of a step is open; empty for nothing.
    void count(Work work, String open) {
        Objects.requireNonNull(counts.get(work)).setText(open);
    }
}
