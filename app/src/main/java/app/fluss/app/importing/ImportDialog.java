package app.fluss.app.importing;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.files.log.MappedColumn;
import app.fluss.files.log.Mapping;
import app.fluss.files.log.Role;
import app.fluss.files.log.Sample;
import app.fluss.files.log.TimeUnit;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import javafx.util.StringConverter;

/// Shows how a log was understood, with its first rows, and asks what run it is.
final class ImportDialog {
    private static final int ROWS_SHOWN = 5;
    private static final ButtonType ADD = new ButtonType("Add run", ButtonBar.ButtonData.OK_DONE);

    private final Dialog<ButtonType> dialog;
    private final Sample sample;
    private final RunFields fields;
    private final GridPane columns = new GridPane();
    private final ChoiceBox<String> process = new ChoiceBox<>();
    private final Label missing = new Label();
    private Mapping mapping;

    /// What the user answers.
    ///
    /// @param mapping what the columns mean
    /// @param process the program whose images are wanted; the one with most rows if empty
    /// @param draft what run it is
    record Answer(Mapping mapping, Optional<String> process, RunDraft draft) {}

    /// @param how the columns came to their meaning, in words
    ImportDialog(
            Theme theme,
            Window owner,
            Path file,
            Sample sample,
            Mapping mapping,
            String how,
            Contents contents,
            Optional<Run> selected) {
        this.sample = sample;
        this.mapping = mapping;
        dialog = Dialogs.make(theme, owner, "Add " + file.getFileName());
        fields = new RunFields(contents, selected, RunName.of(file)).withSettings(true);
        Label words = Labels.wrapped(how, "muted");
        words.setId("mapping-why");
        ScrollPane preview = new ScrollPane(columns);
        preview.setPrefViewportHeight(200);
        preview.setFitToHeight(true);
        missing.getStyleClass().add("chip-warm");
        HBox programs = new HBox(8, new Label("Program"), process);
        programs.visibleProperty().bind(Bindings.size(process.getItems()).greaterThan(1));
        programs.managedProperty().bind(programs.visibleProperty());
        VBox content = new VBox(10, words, preview, programs, missing, fields);
        VBox.setVgrow(preview, Priority.ALWAYS);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().setPrefSize(880, 620);
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
        dialog.getDialogPane().setId("import-dialog");
        showColumns();
        showPrograms();
        fields.problemProperty().subscribe(this::check);
        check();
    }

    private void showColumns() {
        columns.getChildren().clear();
        columns.setHgap(12);
        columns.setVgap(4);
        for (int c = 0; c < mapping.columns().size(); c++) {
            int index = c;
            MappedColumn column = mapping.columns().get(c);
            Label header = new Label(column.name());
            header.getStyleClass().add("strong");
            ChoiceBox<Role> role = new ChoiceBox<>();
            role.getItems().setAll(Role.values());
            role.setConverter(names(Role::label));
            role.setValue(column.role());
            role.setPrefWidth(150);
            ChoiceBox<TimeUnit> unit = new ChoiceBox<>();
            unit.getItems().setAll(TimeUnit.values());
            unit.setConverter(names(TimeUnit::symbol));
            unit.setValue(column.unit());
            unit.setVisible(column.role().isTime());
            role.setOnAction(_ -> remap(index, role.getValue(), unit.getValue()));
            unit.setOnAction(_ -> remap(index, role.getValue(), unit.getValue()));
            columns.add(header, c, 0);
            columns.add(role, c, 1);
            columns.add(unit, c, 2);
            for (int r = 0; r < Math.min(ROWS_SHOWN, sample.rows().size()); r++) {
                List<String> row = sample.rows().get(r);
                Label cell = new Label(c < row.size() ? row.get(c) : "");
                cell.getStyleClass().add("muted");
                columns.add(cell, c, r + 3);
            }
        }
    }

    private void remap(int index, Role role, TimeUnit unit) {
        mapping = mapping.with(index, role, unit);
        showColumns();
        showPrograms();
        check();
    }

    /// The programs in the rows shown; with one or none there is nothing to choose.
    private void showPrograms() {
        Set<String> names = new TreeSet<>();
        for (int c = 0; c < mapping.columns().size(); c++) {
            int column = c;
            if (mapping.columns().get(c).role() == Role.PROCESS) {
                sample.rows().stream()
                        .filter(row -> column < row.size())
                        .map(row -> row.get(column).strip())
                        .forEach(names::add);
            }
        }
        process.getItems().setAll(names);
    }

    private void check() {
        String problem = mapping.hasTime()
                ? fields.problemProperty().get()
                : "One column must be the hand-over time or the frame time.";
        missing.setText(problem);
        dialog.getDialogPane().lookupButton(ADD).setDisable(!problem.isEmpty());
    }

    /// Asks without blocking; `then` is called if the user adds the run.
    void ask(Consumer<Answer> then) {
        dialog.resultProperty().subscribe(result -> {
            if (result == ADD) {
                then.accept(new Answer(mapping, Optional.ofNullable(process.getValue()), fields.draft()));
            }
        });
        dialog.show();
    }

    private static <T> StringConverter<T> names(Function<T, String> name) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return name.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new IllegalStateException("a choice is never typed");
            }
        };
    }
}
