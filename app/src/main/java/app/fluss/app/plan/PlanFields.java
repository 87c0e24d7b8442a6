package app.fluss.app.plan;

import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.core.plan.PlanSettings;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// How sessions are planned: what changes cost, and what is kept in balance.
final class PlanFields extends VBox {
    private final Workbench workbench;
    private final CheckBox brackets = new CheckBox("native run first and last, to detect drift");
    private final CheckBox grouped = new CheckBox("keep paths with the cable in one card together");
    private final TextField restart = field("restart-s", "Restart the game and get to the scene");
    private final TextField cable = field("cable-s", "Move the display's cable, with the power off");
    private final TextField change = field("switch-s", "Change a setting without a restart");
    private final TextField coolDown = field("cool-down-s", "Before each run, so that temperatures settle");
    private final TextField every = field("break-every", "Work before a break; 0 for none");
    private final TextField lasts = field("break-min", "Length of a break");
    private final TextField matters = field("matters", "Share of the native rate from which a difference matters");
    private final TextField seed = field("seed", "The same seed gives the same plan");
    private final Label problem = Labels.of("", "chip", "chip-warm");
    private boolean showing;

    PlanFields(Workbench workbench) {
        super(8);
        this.workbench = workbench;
        setId("plan-fields");
        FlowPane fields = new FlowPane(
                14,
                6,
                labelled("game start", restart, "s"),
                labelled("cable", cable, "s"),
                labelled("setting", change, "s"),
                labelled("cool-down", coolDown, "s"),
                labelled("break every", every, "min"),
                labelled("for", lasts, "min"),
                labelled("a difference matters from", matters, "%"),
                labelled("seed", seed, ""));
        problem.setVisible(false);
        problem.setManaged(false);
        getChildren().addAll(new FlowPane(14, 6, brackets, grouped), fields, problem);
        brackets.setOnAction(_ -> take());
        grouped.setOnAction(_ -> take());
        for (TextField field : new TextField[] {restart, cable, change, coolDown, every, lasts, matters, seed}) {
            field.setOnAction(_ -> take());
            field.focusedProperty().subscribe((_, focused) -> {
                if (!focused) {
                    take();
                }
            });
        }
    }

    private static TextField field(String id, String tip) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(3);
        field.setTooltip(new Tooltip(tip));
        return field;
    }

    private static Node labelled(String name, TextField field, String unit) {
        return Boxes.row(Labels.of(name), field, Labels.of(unit, "muted"));
    }

    void show(PlanSettings settings) {
        showing = true;
        brackets.setSelected(settings.brackets());
        grouped.setSelected(settings.groupByCable());
        put(restart, settings.restartS());
        put(cable, settings.cableS());
        put(change, settings.switchS());
        put(coolDown, settings.coolDownS());
        put(every, settings.breakEveryMin());
        put(lasts, settings.breakMin());
        put(matters, settings.ratePercent());
        put(seed, (double) settings.seed());
        showing = false;
    }

    private static void put(TextField field, double value) {
        if (!field.isFocused()) {
            field.setText(NumberField.text(value));
        }
    }

    private void take() {
        if (showing) {
            return;
        }
        try {
            PlanSettings settings = new PlanSettings(
                    (long) NumberField.value(seed.getText()),
                    brackets.isSelected(),
                    grouped.isSelected(),
                    whole(restart),
                    whole(cable),
                    whole(change),
                    whole(coolDown),
                    whole(every),
                    whole(lasts),
                    PlanSettings.share(NumberField.value(matters.getText())));
            tell("");
            if (!settings.equals(workbench.contentsProperty().get().planned().settings())) {
                workbench.edits().plan().set(settings);
            }
        } catch (IllegalArgumentException e) {
            tell("Times are numbers of 0 or more, the share one above 0 and below 100 %.");
        }
    }

    private static int whole(TextField field) {
        double value = NumberField.value(field.getText());
        return Double.isNaN(value) ? -1 : (int) value;
    }

    private void tell(String words) {
        problem.setText(words);
        problem.setVisible(!words.isEmpty());
        problem.setManaged(!words.isEmpty());
    }
}
