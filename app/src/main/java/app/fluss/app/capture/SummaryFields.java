package app.fluss.app.capture;

import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.core.measure.LowConvention;
import app.fluss.files.study.Attempt.TypedSummary;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/// What a tool said of the whole run, typed in. Kept with every field that is left.
final class SummaryFields extends VBox {
    private static final String UNKNOWN = "unknown";

    private final TextField average = new TextField();
    private final TextField low = new TextField();
    private final ComboBox<String> convention = Choice.typed("summary-convention");
    private final Label problem = Labels.of("", "chip", "chip-warm");
    private final Consumer<TypedSummary> keep;
    private TypedSummary kept = TypedSummary.NONE;

    SummaryFields(Consumer<TypedSummary> keep) {
        super(8);
        this.keep = keep;
        average.setId("summary-average");
        low.setId("summary-low");
        average.setPrefColumnCount(6);
        low.setPrefColumnCount(6);
        List<String> conventions = new ArrayList<>(List.of(UNKNOWN));
        for (LowConvention known : LowConvention.values()) {
            conventions.add(known.title());
        }
        convention.getItems().setAll(conventions);
        convention.setValue(UNKNOWN);
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(6);
        grid.addRow(0, Labels.of(CaptureText.AVERAGE), average, Labels.of("/s", "muted"));
        grid.addRow(1, Labels.of(CaptureText.LOW), low, Labels.of("/s", "muted"));
        grid.addRow(2, Labels.of(CaptureText.LOW_BY), convention);
        problem.setVisible(false);
        problem.setManaged(false);
        getChildren().addAll(Labels.note(CaptureText.LOW_CONVENTION_TIP), grid, problem);
        for (TextField field : new TextField[] {average, low, convention.getEditor()}) {
            field.setOnAction(_ -> take());
            field.focusedProperty().subscribe((_, focused) -> {
                if (!focused) {
                    take();
                }
            });
        }
        convention.valueProperty().subscribe((_, _) -> take());
    }

    private void take() {
        String by = convention.getEditor().getText().strip();
        TypedSummary typed =
                new TypedSummary(average.getText().strip(), low.getText().strip(), by.equals(UNKNOWN) ? "" : by);
        boolean wrong = isWrong(typed.average()) || isWrong(typed.low());
        boolean above = NumberField.value(typed.low()) > NumberField.value(typed.average());
        problem.setText(wrong ? CaptureText.RATE_ABOVE_ZERO : above ? CaptureText.LOW_ABOVE_AVERAGE : "");
        problem.setVisible(wrong || above);
        problem.setManaged(wrong || above);
        if (!typed.equals(kept)) {
            kept = typed;
            keep.accept(typed);
        }
    }

    private static boolean isWrong(String text) {
        return !text.isEmpty() && !(NumberField.value(text) > 0);
    }

    /// Shows what is kept.
    void show(TypedSummary summary) {
        kept = summary;
        put(average, summary.average());
        put(low, summary.low());
        if (!convention.getEditor().isFocused()) {
            convention.setValue(summary.convention().isEmpty() ? UNKNOWN : summary.convention());
        }
    }

    private static void put(TextField field, String text) {
        if (!field.isFocused()) {
            field.setText(text);
        }
    }
}
