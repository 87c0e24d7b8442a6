package app.fluss.app.bench;

import app.fluss.app.theme.Columns;
import app.fluss.app.theme.InTurn;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WhenLookedAt;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/// Fields for the facts of one part, under their headings; in two columns where there is room.
final class FactForm extends VBox {
    private static final double NEEDS = 520;
    private static final double HEADING_GAP = 13;

    private final Map<FactKey, FactField> fields = new EnumMap<>(FactKey.class);

    /// @param grouped whether the groups of facts have headings
    FactForm(Theme theme, List<FactKey> keys, boolean grouped, FactField.Taker taker) {
        getStyleClass().add("form");
        List<List<FactKey>> groups = grouped ? groups(keys) : List.of(keys);
        int total = keys.size() + groups.size();
        VBox left = new VBox(HEADING_GAP);
        VBox right = new VBox(HEADING_GAP);
        List<Runnable> turns = new ArrayList<>();
        int placed = 0;
        boolean split = false;
        for (List<FactKey> group : groups) {
            boolean goesRight = placed * 2 >= total;
            split |= goesRight;
            VBox side = goesRight ? right : left;
            GridPane grid = grid(group, grouped, taker);
            turns.add(() -> side.getChildren().add(grid));
            placed += group.size() + 1;
        }
        getChildren().setAll(split ? Columns.even(theme, NEEDS, left, right) : left);
        InTurn inTurn = new InTurn(this);
        WhenLookedAt.fill(this, () -> inTurn.fill(turns));
    }

    private static List<List<FactKey>> groups(List<FactKey> keys) {
        Map<String, List<FactKey>> groups = new LinkedHashMap<>();
        keys.forEach(key ->
                groups.computeIfAbsent(key.group(), _ -> new ArrayList<>()).add(key));
        return List.copyOf(groups.values());
    }

    private GridPane grid(List<FactKey> keys, boolean headed, FactField.Taker taker) {
        GridPane grid = new GridPane(12, 5);
        int row = 0;
        if (headed) {
            grid.add(Labels.heading(keys.getFirst().group()), 0, row++, 2, 1);
        }
        for (FactKey key : keys) {
            FactField field = new FactField(key, taker);
            fields.put(key, field);
            grid.add(field.name(), 0, row);
            grid.add(field.row(), 1, row++);
        }
        return grid;
    }

    /// Lets the first of them be typed.
    void focus() {
        fields.values().stream().findFirst().ifPresent(FactField::focus);
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
