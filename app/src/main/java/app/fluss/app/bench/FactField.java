package app.fluss.app.bench;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.FactType;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;

/// A field for one fact. What is typed is taken with Enter or when the field is left; what is no value is told beside
/// it and stays to be corrected.
final class FactField {
    private final FactKey key;
    private final Taker taker;
    private final Control control;
    private final Label origin = Labels.of("", "muted", "small");
    private final Label problem = Labels.of("", "chip", "chip-warm");
    private String stated = "";
    private boolean showing;

    /// Takes what was typed.
    interface Taker {
        /// Takes it.
        ///
        /// @param value in neutral form; blank to take the fact back
        void take(FactKey key, String value, FactSource source);
    }

    FactField(FactKey key, Taker taker) {
        this.key = key;
        this.taker = taker;
        control = switch (key.type()) {
            case FactType.Choice(List<String> words) -> choice(words);
            case FactType.Quantity _ -> text(6);
            case FactType.Text _ -> text(17);
        };
        control.setId("fact-" + key.id());
        control.setAccessibleText(key.title());
        problem.setVisible(false);
        problem.setManaged(false);
        origin.setOnMouseClicked(_ -> turnSource());
        Tips.on(origin, BenchText.FACT_SOURCE_TIP);
    }

    private ChoiceBox<String> choice(List<String> words) {
        ChoiceBox<String> box = new ChoiceBox<>();
        List<String> items = new ArrayList<>(words);
        items.addFirst(BenchText.NOT_STATED);
        box.getItems().setAll(items);
        box.setValue(BenchText.NOT_STATED);
        box.setMinWidth(Region.USE_PREF_SIZE);
        box.valueProperty().subscribe((_, now) -> {
            if (!showing) {
                take(BenchText.NOT_STATED.equals(now) ? "" : now);
            }
        });
        return box;
    }

    private TextField text(int columns) {
        TextField field = new TextField();
        field.setPrefColumnCount(columns);
        field.setOnAction(_ -> take(field.getText()));
        field.focusedProperty().subscribe((_, focused) -> {
            if (!focused) {
                take(field.getText());
            }
        });
        return field;
    }

    private void take(String typed) {
        String value = key.type() instanceof FactType.Quantity ? typed.strip().replace(',', '.') : typed.strip();
        Optional<String> wrong = value.isEmpty() ? Optional.empty() : key.problem(value);
        problem.setText(wrong.orElse(""));
        problem.setVisible(wrong.isPresent());
        problem.setManaged(wrong.isPresent());
        if (wrong.isEmpty() && !value.equals(stated)) {
            stated = value;
            taker.take(key, value, FactSource.TYPED);
        }
    }

    private void turnSource() {
        if (!stated.isEmpty()) {
            boolean measured = origin.getText().startsWith(FactSource.MEASURED.title());
            taker.take(key, stated, measured ? FactSource.TYPED : FactSource.MEASURED);
        }
    }

    /// Shows the fact as it is kept, unless something else is being typed.
    void show(@Nullable String value, Optional<Fact> fact) {
        stated = value == null ? "" : value;
        origin.setText(fact.map(FactField::origin).orElse(""));
        showing = true;
        switch (control) {
            case TextField field -> {
                // What is wrong stays, to be mended.
                if (!field.isFocused() && !problem.isVisible()) {
                    field.setText(stated);
                }
            }
            case ChoiceBox<?> _ -> choose(stated.isEmpty() ? BenchText.NOT_STATED : stated);
            default -> throw new IllegalStateException("a field is a text field or a choice");
        }
        showing = false;
    }

    @SuppressWarnings("unchecked") // made in choice()
    private void choose(String word) {
        ((ChoiceBox<String>) control).setValue(word);
    }

    private static String origin(Fact fact) {
        return fact.source().title()
                + fact.date()
                        .map(date -> ", " + date.format(DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)))
                        .orElse("");
    }

    void focus() {
        control.requestFocus();
    }

    /// The name beside the field.
    Label name() {
        Label name = Labels.of(key.title());
        name.setMinWidth(Region.USE_PREF_SIZE);
        name.setLabelFor(control);
        return name;
    }

    /// The field with its unit, where the fact comes from, and what is wrong.
    WrappingRow row() {
        WrappingRow row = new WrappingRow(8, control);
        if (key.type() instanceof FactType.Quantity(String unit, double _, double _) && !unit.isEmpty()) {
            Label after = Labels.of(unit, "muted");
            after.setMinWidth(Region.USE_PREF_SIZE);
            row.getChildren().add(after);
        }
        row.getChildren().addAll(problem, origin);
        return row;
    }
}
