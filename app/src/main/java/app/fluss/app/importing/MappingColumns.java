package app.fluss.app.importing;

import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.files.log.ColumnCase;
import app.fluss.files.log.MappedColumn;
import app.fluss.files.log.Mapping;
import app.fluss.files.log.Role;
import app.fluss.files.log.Sample;
import app.fluss.files.log.TimeUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.animation.AnimationTimer;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.util.StringConverter;

/// The columns of a log: what each is taken for, and its first rows. A log may have a hundred, so they come one
/// with each pulse.
final class MappingColumns extends ScrollPane {
    private static final int ROWS_SHOWN = 5;
    private static final int ROLE_ROW = 1;
    private static final int UNIT_ROW = 2;
    private static final int CASE_ROW = 3;

    /// Room for the longest entry. Without it a choice would style its list at once, to see how wide it is.
    private static final double ROLE_PX = 228;

    private static final double UNIT_PX = 94;

    private final GridPane grid = new GridPane();
    private final Sample sample;
    private final List<ColumnCase> cases;
    private final Consumer<Mapping> changed;
    private final List<Head> heads = new ArrayList<>();
    private final AnimationTimer filling = new AnimationTimer() {
        @Override
        public void handle(long now) {
            addNext();
        }
    };
    private Mapping mapping;
    private boolean showing;

    /// What is chosen for a column.
    private record Head(ChoiceBox<Role> role, ChoiceBox<TimeUnit> unit) {
        void show(MappedColumn column) {
            role.setValue(column.role());
            unit.setValue(column.unit());
            unit.setVisible(column.role().isTime());
        }
    }

    /// @param cases what speaks for and against each column; empty if they are known
    /// @param changed is told when the user takes a column for something else
    MappingColumns(Sample sample, List<ColumnCase> cases, Mapping mapping, Consumer<Mapping> changed) {
        this.sample = sample;
        this.cases = cases;
        this.mapping = mapping;
        this.changed = changed;
        grid.setHgap(12);
        grid.setVgap(4);
        setContent(grid);
        setPrefViewportHeight(200);
        setFitToHeight(true);
        filling.start();
    }

    /// Shows what the columns are taken for now.
    void show(Mapping now) {
        mapping = now;
        showing = true;
        for (int c = 0; c < heads.size(); c++) {
            heads.get(c).show(now.columns().get(c));
        }
        showing = false;
    }

    private void addNext() {
        int c = heads.size();
        if (c == mapping.columns().size()) {
            filling.stop();
            return;
        }
        MappedColumn column = mapping.columns().get(c);
        Label header = new Label(column.name());
        header.getStyleClass().add("strong");
        header.setMinWidth(Region.USE_PREF_SIZE);
        Head head = new Head(
                choice(Role.values(), Role::label, ROLE_PX), choice(TimeUnit.values(), TimeUnit::symbol, UNIT_PX));
        head.show(column);
        heads.add(head);
        head.role.setOnAction(_ -> remap(c));
        head.unit.setOnAction(_ -> remap(c));
        grid.add(header, c, 0);
        grid.add(head.role, c, ROLE_ROW);
        grid.add(head.unit, c, UNIT_ROW);
        if (!cases.isEmpty()) {
            grid.add(judged(c), c, CASE_ROW);
        }
        for (int r = 0; r < Math.min(ROWS_SHOWN, sample.rows().size()); r++) {
            List<String> row = sample.rows().get(r);
            grid.add(Labels.of(c < row.size() ? row.get(c) : "", "muted"), c, CASE_ROW + 1 + r);
        }
    }

    private void remap(int column) {
        if (!showing) {
            Head head = heads.get(column);
            show(mapping.with(column, head.role.getValue(), head.unit.getValue()));
            changed.accept(mapping);
        }
    }

    private Label judged(int column) {
        ColumnCase of = column < cases.size() ? cases.get(column) : new ColumnCase(List.of(), List.of());
        String pro = of.speaksFor().isEmpty() ? "" : "+ " + String.join(", ", of.speaksFor());
        String contra = of.speaksAgainst().isEmpty() ? "" : "− " + String.join(", ", of.speaksAgainst());
        Label label = Labels.wrapped(
                pro.isEmpty() || contra.isEmpty() ? pro + contra : pro + "\n" + contra, "muted", "small");
        label.setId("case-" + column);
        label.setPrefWidth(150);
        Tips.on(label, ImportText.GUESS_TIP);
        return label;
    }

    private static <T> ChoiceBox<T> choice(T[] all, Function<T, String> name, double px) {
        ChoiceBox<T> box = new ChoiceBox<>();
        box.getItems().setAll(all);
        Ems.fix(box, px);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return name.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new IllegalStateException("a choice is never typed");
            }
        });
        return box;
    }
}
