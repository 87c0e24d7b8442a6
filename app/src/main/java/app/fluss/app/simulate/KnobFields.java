package app.fluss.app.simulate;

import app.fluss.app.theme.Choice;
import app.fluss.app.theme.NumberField;
import app.fluss.sim.scenario.Answer;
import app.fluss.sim.scenario.Scenario;
import java.util.List;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;

/// Number fields for the [Knobs] and for how often to simulate.
final class KnobFields extends GridPane {
    private static final int MOST_REPEATS = 20;

    private final TextField gpu = field("gpu-ms");
    private final TextField cpu = field("cpu-ms");
    private final TextField scale = field("scale");
    private final TextField cap = field("cap-fps");
    private final TextField multiplier = field("multiplier");
    private final TextField seconds = field("seconds");
    private final TextField repeats = field("repeats");
    private final ChoiceBox<Answer.Form> answer =
            Choice.of("knob-answer", SimulateText.SCREEN_RESPONSE, KnobFields::title);
    private final ChoiceBox<Boolean> press =
            Choice.of("knob-press", SimulateText.PRESS, held -> held ? SimulateText.HELD_LONG : SimulateText.SHORT);
    private final ChoiceBox<Boolean> recorder = Choice.of(
            "knob-recorder",
            SimulateText.RECORDER,
            coupled -> coupled ? SimulateText.LOSES_LEVEL : SimulateText.KEEPS_LEVEL);

    /// @param changed is told whenever a field changes
    KnobFields(Runnable changed) {
        setHgap(10);
        setVgap(7);
        cap.setPromptText(SimulateText.NONE);
        repeats.setText("1");
        addRow(
                0,
                label(SimulateText.GPU_WORK_MS),
                gpu,
                label(SimulateText.CPU_WORK_MS),
                cpu,
                label(SimulateText.RENDER_SCALE),
                scale);
        addRow(
                1,
                label(SimulateText.FRAME_CAP_S),
                cap,
                label(SimulateText.MULTIPLIER),
                multiplier,
                label(SimulateText.LENGTH_S),
                seconds);
        addRow(
                2,
                label(SimulateText.REPEATS),
                repeats,
                label(SimulateText.CLICK_GIVES),
                answer,
                label(SimulateText.PRESS),
                press);
        addRow(3, label(SimulateText.RECORDER), recorder);
        GridPane.setColumnSpan(recorder, 3);
        answer.getItems().setAll(Answer.Form.values());
        press.getItems().setAll(false, true);
        recorder.getItems().setAll(false, true);
        List.of(answer, press, recorder)
                .forEach(choice -> choice.getSelectionModel().selectFirst());
        List.of(answer, press, recorder)
                .forEach(choice ->
                        choice.getSelectionModel().selectedItemProperty().subscribe(changed));
        List.of(gpu, cpu, scale, cap, multiplier, seconds, repeats)
                .forEach(knob -> knob.textProperty().subscribe(changed));
    }

    private static String title(Answer.Form form) {
        return switch (form) {
            case STEP -> SimulateText.BRIGHT_DARK;
            case FLASH -> SimulateText.FLASH;
            case DARK_FLASH -> SimulateText.DARK_FLASH;
        };
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId("knob-" + id);
        field.setPrefColumnCount(5);
        return field;
    }

    /// Shows a scenario's settings.
    void show(Scenario scenario) {
        Knobs knobs = Knobs.of(scenario);
        gpu.setText(NumberField.text(knobs.gpuMs()));
        cpu.setText(NumberField.text(knobs.cpuMs()));
        scale.setText(NumberField.text(knobs.renderScale()));
        cap.setText(Double.isNaN(knobs.capFps()) ? "" : NumberField.text(knobs.capFps()));
        multiplier.setText(Integer.toString(knobs.multiplier()));
        multiplier.setDisable(scenario.generator().isEmpty());
        seconds.setText(NumberField.text(knobs.seconds()));
        answer.setValue(knobs.clicks().answer());
        press.setValue(knobs.clicks().isHeld());
        recorder.setValue(knobs.clicks().isCoupled());
        List.of(answer, press, recorder)
                .forEach(choice -> choice.setDisable(scenario.clicks().isEmpty()));
    }

    /// The settings as they stand in the fields.
    ///
    /// @throws IllegalArgumentException if a field holds no number
    Knobs value() {
        return new Knobs(
                number(SimulateText.LENGTH, seconds),
                number(SimulateText.CPU_WORK, cpu),
                number(SimulateText.GPU_WORK, gpu),
                cap.getText().isBlank() ? Double.NaN : number(SimulateText.FRAME_CAP, cap),
                number(SimulateText.RENDER_SCALE_NAME, scale),
                whole(SimulateText.MULTIPLIER_NAME, multiplier, Integer.MAX_VALUE),
                new Knobs.ClickKnobs(answer.getValue(), recorder.getValue(), press.getValue()));
    }

    /// How often to simulate.
    ///
    /// @throws IllegalArgumentException if the field does not hold 1 to 20
    int repeats() {
        return whole(SimulateText.REPEATS_NAME, repeats, MOST_REPEATS);
    }

    private static double number(String name, TextField field) {
        double value = NumberField.value(field.getText());
        if (Double.isNaN(value)) {
            throw new IllegalArgumentException("%s must be a number".formatted(name));
        }
        return value;
    }

    private static int whole(String name, TextField field, int most) {
        double value = number(name, field);
        if (!(value >= 1 && value <= most && value == Math.rint(value))) {
            throw new IllegalArgumentException("%s must be a whole number of 1 or more%s"
                    .formatted(name, most == Integer.MAX_VALUE ? "" : ", at most " + most));
        }
        return (int) value;
    }
}
