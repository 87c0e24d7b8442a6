package app.fluss.app.plan;

import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Tips;
import app.fluss.core.plan.PlanSettings;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// How sessions are planned: what changes cost, and what is kept in balance.
final class PlanFields extends VBox {
    private final Workbench workbench;
    private final CheckBox brackets = new CheckBox(PlanText.NATIVE_ENDS);
    private final CheckBox grouped = new CheckBox(PlanText.CABLE_TOGETHER);
    private final TextField restart = field("restart-s", PlanText.GAME_START_TIP);
    private final TextField cable = field("cable-s", PlanText.CABLE_MOVE_TIP);
    private final TextField change = field("switch-s", PlanText.SETTING_TIP);
    private final TextField coolDown = field("cool-down-s", PlanText.WARM_UP_TIP);
    private final TextField every = field("break-every", PlanText.BREAK_EVERY_TIP);
    private final TextField lasts = field("break-min", PlanText.LENGTH_OF_BREAK_TIP);
    private final TextField matters = field("matters", PlanText.MATTERS_TIP);
    private final TextField seed = field("seed", PlanText.SEED_TIP);
    private final Label problem = Labels.of("", "chip", "chip-warm");
    private boolean showing;

    PlanFields(Workbench workbench) {
        super(8);
        this.workbench = workbench;
        setId("plan-fields");
        FlowPane fields = new FlowPane(
                14,
                6,
                labelled(PlanText.GAME_START, restart, "s"),
                labelled(PlanText.CABLE, cable, "s"),
                labelled(PlanText.SETTING, change, "s"),
                labelled(PlanText.COOL_DOWN, coolDown, "s"),
                labelled(PlanText.BREAK_EVERY, every, PlanText.MIN),
                labelled(PlanText.FOR, lasts, PlanText.MIN),
                labelled(PlanText.DIFFERENCE_MATTERS_FROM, matters, "%"),
                labelled(PlanText.SEED, seed, ""));
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
        Tips.on(field, tip);
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
            tell(PlanText.FIELDS_INVALID);
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
