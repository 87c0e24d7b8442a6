package app.fluss.app.quick;

import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Tips;
import app.fluss.core.measure.LowConvention;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.reading.QuickRow;
import app.fluss.core.reading.QuickRow.Column;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.QuickRun;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;

/// The fields of one row.
final class QuickRowFields {
    static final String UNKNOWN = "unknown";
    private static final String OVERLAY = "overlay";
    private static final String TOOL = "tool";
    private static final Map<Column, Double> WIDTHS = Map.of(
            Column.GAME, 110.0,
            Column.SCENE, 88.0,
            Column.PATH, 164.0,
            Column.AVERAGE, 66.0,
            Column.LOWEST, 54.0,
            Column.HIGHEST, 54.0,
            Column.LOW, 54.0,
            Column.FELT, 54.0,
            Column.NOTES, 110.0);

    private final Map<Column, TextField> texts = new EnumMap<>(Column.class);
    private final ComboBox<String> path = Choice.typed("");
    private final ComboBox<String> convention = Choice.typed("");
    private final ChoiceBox<String> source = new ChoiceBox<>();
    private final Label guess = Labels.of("", "muted", "small");
    private final List<DeliveryPath> paths;

    /// @param number 1-based, for the ids of the fields
    /// @param changed is told of every change
    QuickRowFields(int number, List<DeliveryPath> paths, Runnable changed) {
        this.paths = paths;
        for (Column column : List.of(
                Column.GAME,
                Column.SCENE,
                Column.AVERAGE,
                Column.LOWEST,
                Column.HIGHEST,
                Column.LOW,
                Column.FELT,
                Column.NOTES)) {
            texts.put(column, new TextField());
        }
        for (ComboBox<String> box : List.of(path, convention)) {
            box.setMinWidth(0);
        }
        Ems.pref(path, WIDTHS.getOrDefault(Column.PATH, 0.0));
        path.getItems().setAll(proposals(paths));
        texts.put(Column.PATH, path.getEditor());
        Ems.pref(convention, 106);
        convention.getItems().add(UNKNOWN);
        for (LowConvention known : LowConvention.values()) {
            convention.getItems().add(known.title());
        }
        convention.setValue(UNKNOWN);
        texts.put(Column.CONVENTION, convention.getEditor());
        source.getItems().setAll(OVERLAY, TOOL);
        source.setValue(OVERLAY);
        Ems.pref(source, 88);
        source.setMinWidth(0);
        source.setId("quick-from-" + number);
        Tips.on(source, QuickText.BASIS_TIP);
        Ems.min(guess, 96);
        guess.setId("quick-is-" + number);
        texts.forEach((column, field) -> {
            field.setId("quick-%s-%d".formatted(id(column), number));
            field.setAccessibleText(QuickText.FIELD_OF_ROW.formatted(column.title(), number));
            if (column != Column.PATH && column != Column.CONVENTION) {
                Ems.pref(field, WIDTHS.getOrDefault(column, 0.0));
                field.setMinWidth(0);
            }
            field.textProperty().subscribe((_, _) -> changed.run());
        });
        source.valueProperty().subscribe((_, _) -> changed.run());
    }

    private static String id(Column column) {
        return column == Column.LOW ? "one-percent" : column.name().toLowerCase(Locale.ROOT);
    }

    private static List<String> proposals(List<DeliveryPath> paths) {
        List<String> names =
                new ArrayList<>(paths.stream().map(DeliveryPath::name).toList());
        for (String usual : List.of(
                "native", QuickText.ENGINE_GENERATION_2X, QuickText.DRIVER_GENERATION_2X, QuickText.SECOND_GPU_2X)) {
            if (!names.contains(usual)) {
                names.add(usual);
            }
        }
        return names;
    }

    /// The nodes in the order of the table's columns.
    List<Node> nodes() {
        List<Node> nodes = new ArrayList<>();
        for (Column column : Column.values()) {
            nodes.add(
                    switch (column) {
                        case PATH -> path;
                        case CONVENTION -> convention;
                        case SOURCE -> source;
                        default -> text(column);
                    });
            if (column == Column.PATH) {
                nodes.add(guess);
            }
        }
        return nodes;
    }

    private TextField text(Column column) {
        return Objects.requireNonNull(texts.get(column));
    }

    Node first() {
        return text(Column.GAME);
    }

    /// The row in which a field stands; -1 if it is none of a row.
    static int rowOf(Node field) {
        for (Node at = field; at != null; at = at.getParent()) {
            Integer row = GridPane.getRowIndex(at);
            if (row != null
                    && at.getParent() != null
                    && "quick-grid".equals(at.getParent().getId())) {
                return row - 1;
            }
        }
        return -1;
    }

    void show(QuickRow row) {
        text(Column.GAME).setText(row.game());
        text(Column.SCENE).setText(row.scene());
        path.setValue(row.path());
        text(Column.AVERAGE).setText(row.average());
        text(Column.LOWEST).setText(row.lowest());
        text(Column.HIGHEST).setText(row.highest());
        text(Column.LOW).setText(row.low());
        convention.setValue(row.convention().isBlank() ? UNKNOWN : row.convention());
        source.setValue(row.ofTool() ? TOOL : OVERLAY);
        text(Column.FELT).setText(row.felt());
        text(Column.NOTES).setText(row.notes());
    }

    /// What is typed.
    QuickRow row() {
        String by = text(Column.CONVENTION).getText().strip();
        return new QuickRow(
                text(Column.GAME).getText(),
                text(Column.SCENE).getText(),
                text(Column.PATH).getText(),
                text(Column.AVERAGE).getText(),
                text(Column.LOWEST).getText(),
                text(Column.HIGHEST).getText(),
                text(Column.LOW).getText(),
                by.equals(UNKNOWN) ? "" : by,
                TOOL.equals(source.getValue()),
                text(Column.FELT).getText(),
                text(Column.NOTES).getText());
    }

    /// Shows what blank fields carry on, and what the path is taken for.
    void carry(QuickRow whole) {
        text(Column.GAME).setPromptText(whole.game());
        text(Column.SCENE).setPromptText(whole.scene());
        if (path.getEditor().getText().isEmpty()) { // a new prompt would throw away what is typed and not committed yet
            path.setPromptText(whole.path());
        }
        String is = whole.path().isBlank() ? "" : words(QuickRun.chain(whole.path(), paths));
        guess.setText(is);
        Tips.on(guess, is.isEmpty() ? "" : QuickText.TAKEN_FOR_TIP.formatted(is));
    }

    private static String words(Chain chain) {
        if (chain.isNative()) {
            return "native";
        }
        String stages =
                chain.stages().stream().map(stage -> stage.kind().title()).collect(Collectors.joining(", "));
        boolean generates = chain.stages().stream().map(stage -> stage.kind()).anyMatch(StageKind::isGenerator);
        return generates && chain.multiplier() > 1 ? stages + " " + NumberField.text(chain.multiplier()) + "×" : stages;
    }
}
