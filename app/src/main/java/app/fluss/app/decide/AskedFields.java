package app.fluss.app.decide;

import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/// One claim of a school: its bound, from which on it holds without a warning, and whose word that is.
final class AskedFields extends HBox {
    private static final double UNIT_PX = 62;

    private final Rule rule;
    private final TextField bound = new TextField();
    private final TextField warning = new TextField();
    private final TextField source = new TextField();

    AskedFields(Rule rule, Consumer<AskedFields> drop) {
        super(8);
        this.rule = rule;
        setAlignment(Pos.CENTER_LEFT);
        String id = rule.name().toLowerCase(Locale.ROOT).replace('_', '-');
        bound.setId("bound-" + id);
        warning.setId("warning-" + id);
        source.setId("source-" + id);
        bound.setPrefColumnCount(4);
        warning.setPrefColumnCount(4);
        warning.setPromptText(DecideText.NONE);
        source.setPromptText(DecideText.SOURCE_OF_BOUND);
        HBox.setHgrow(source, Priority.ALWAYS);
        Label name =
                Labels.of("%s %s".formatted(rule.title(), rule.atLeast() ? DecideText.AT_LEAST : DecideText.AT_MOST));
        Ems.fix(name, 220);
        Label unit = Labels.of(Said.unit(rule).strip(), "muted");
        unit.setMinWidth(UNIT_PX);
        Label from = Labels.of(DecideText.WARNING_FROM, "muted", "small");
        from.setMinWidth(USE_PREF_SIZE);
        getChildren()
                .setAll(
                        name,
                        bound,
                        unit,
                        from,
                        warning,
                        source,
                        Buttons.quiet("×", DecideText.LEAVE_THIS_CLAIM_OUT_TIP, () -> drop.accept(this)));
    }

    AskedFields(Asked asked, Consumer<AskedFields> drop) {
        this(asked.rule(), drop);
        bound.setText(shown(asked.bound()));
        warning.setText(asked.warnBound() == asked.bound() ? "" : shown(asked.warnBound()));
        source.setText(asked.source());
    }

    Rule rule() {
        return rule;
    }

    void takeFocus() {
        bound.requestFocus();
    }

    /// A share is typed in per cent.
    private double typed(TextField field) {
        double value = NumberField.value(field.getText().replace("%", "").strip());
        return rule.isShare() ? value / 100 : value;
    }

    private String shown(double value) {
        return NumberField.text(rule.isShare() ? value * 100 : value);
    }

    /// What is typed.
    ///
    /// @throws IllegalArgumentException if a bound is no number, or the warning contradicts it: it says which
    Asked asked() {
        double at = typed(bound);
        double from = warning.getText().isBlank() ? at : typed(warning);
        String whose = source.getText().strip();
        return new Asked(rule, at, from, whose.isEmpty() ? DecideText.NOT_STATED : whose);
    }
}
