package app.fluss.app.feel;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.core.feel.FeelTask;
import app.fluss.files.study.FeelSession;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/// What is chosen and read before a task begins.
final class StartPanel extends VBox {
    private final TakerFields who = new TakerFields();
    private final ToggleGroup tasks = new ToggleGroup();
    private final CheckBox read = new CheckBox(FeelText.I_HAVE_READ_THIS);
    private final Button start;

    /// @param begin is told the task and who does it
    /// @param problems is told what is missing, in words
    StartPanel(BiConsumer<FeelTask, FeelSession.Taker> begin, Consumer<String> problems) {
        super(10);
        VBox list = new VBox(4);
        for (FeelTask task : FeelTask.values()) {
            ToggleButton button = new ToggleButton();
            button.setId("feel-" + task.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(tasks);
            button.setUserData(task);
            button.getStyleClass().add("feel-choice");
            Label title = Labels.of(task.title(), "strong");
            Ems.min(title, 62);
            button.setGraphic(Boxes.row(title, Labels.of(about(task), "muted", "small")));
            button.setMaxWidth(Double.MAX_VALUE);
            button.setAccessibleText(task.title() + ": " + about(task));
            list.getChildren().add(button);
        }
        tasks.getToggles().getFirst().setSelected(true);
        tasks.selectedToggleProperty().subscribe((before, now) -> {
            if (now == null && before != null) {
                before.setSelected(true);
            }
        });
        read.setId("feel-read");
        start = Buttons.primary(FeelText.START, FeelText.START_TIP, () -> start(begin, problems));
        start.setId("feel-start");
        start.disableProperty().bind(read.selectedProperty().not());
        VBox safety = new VBox(6, Labels.wrapped(FeelText.SAFETY, "small"), read);
        safety.getStyleClass().add("safety");
        getChildren()
                .setAll(
                        Boxes.panel(Labels.heading(FeelText.WHAT_DO_YOU_NOTICE), list),
                        Boxes.panel(Labels.heading(FeelText.WHO), who),
                        Boxes.panel(safety, Boxes.row(start, Labels.of(FeelText.SIX_MINUTES, "muted"))));
    }

    private static String about(FeelTask task) {
        return switch (task) {
            case DELAY -> FeelText.DELAY_WHILE_POINTING;
            case EVENNESS -> FeelText.UNEVEN_STEPS_IN_MOTION;
            case RATE -> FeelText.LOWER_RATE_IN_MOTION;
            case AIM -> FeelText.COST_OF_DELAY;
        };
    }

    private void start(BiConsumer<FeelTask, FeelSession.Taker> begin, Consumer<String> problems) {
        if (tasks.getSelectedToggle().getUserData() instanceof FeelTask task) {
            who.taker()
                    .ifPresentOrElse(taker -> begin.accept(task, taker), () -> problems.accept(FeelText.ENTER_TAKER));
        }
    }

    void show(Contents contents) {
        who.offer(contents);
    }

    /// The next session begins with the warning again.
    void again() {
        read.setSelected(false);
    }
}
