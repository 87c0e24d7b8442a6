package app.fluss.app.bench;

import app.fluss.app.theme.Labels;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/// Fields for the facts of one part, under their headings.
final class FactForm extends GridPane {
    private final Map<FactKey, FactField> fields = new EnumMap<>(FactKey.class);

    /// @param grouped whether the groups of facts have headings
    FactForm(List<FactKey> keys, boolean grouped, FactField.Taker taker) {
        getStyleClass().add("form");
        setHgap(12);
        setVgap(5);
        String group = "";
        int row = 0;
        for (FactKey key : keys) {
            if (grouped && !key.group().equals(group)) {
                group = key.group();
                Label heading = Labels.heading(group);
                GridPane.setMargin(heading, new Insets(row == 0 ? 0 : 8, 0, 0, 0));
                add(heading, 0, row++, 2, 1);
            }
            FactField field = new FactField(key, taker);
            fields.put(key, field);
            add(field.name(), 0, row);
            add(field.row(), 1, row++);
        }
    }

    /// Shows facts as they are kept.
    void show(Map<FactKey, Fact> facts) {
        fields.forEach((key, field) -> {
            Optional<Fact> fact = Optional.ofNullable(facts.get(key));
            field.show(fact.map(Fact::value).orElse(null), fact);
        });
    }

    /// Shows settings, which have no origin of their own.
    void showSettings(Map<FactKey, String> settings) {
        fields.forEach((key, field) -> field.show(settings.get(key), Optional.empty()));
    }
}
