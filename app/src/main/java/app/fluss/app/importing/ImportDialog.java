package app.fluss.app.importing;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.path.StageKind;
import app.fluss.files.log.ColumnCase;
import app.fluss.files.log.Mapping;
import app.fluss.files.log.Role;
import app.fluss.files.log.Sample;
import app.fluss.files.log.TimeChoice;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Shows how a log was understood, with its first rows, and asks what run it is.
final class ImportDialog {
    private static final ButtonType ADD = new ButtonType(ImportText.ADD_RUN, ButtonBar.ButtonData.OK_DONE);

    private final Dialog<ButtonType> dialog;
    private final Sample sample;
    private final RunFields fields;
    private final MappingColumns columns;
    private final ChoiceBox<String> process = new ChoiceBox<>();
    private final Label missing = new Label();
    private Mapping mapping;
    private boolean undecided;

    /// What the user answers.
    ///
    /// @param mapping what the columns mean
    /// @param process the program whose images are wanted; the one with most rows if empty
    /// @param draft what run it is
    record Answer(Mapping mapping, Optional<String> process, RunDraft draft) {}

    /// How the columns of a log were understood.
    ///
    /// @param mapping what they mean
    /// @param how they came to their meaning, in words
    /// @param rivals two ways to read the time of which the user must choose one; empty if there is one way
    /// @param cases what speaks for and against each column; empty if they are known
    record Understood(Mapping mapping, String how, List<TimeChoice> rivals, List<ColumnCase> cases) {
        static Understood known(Mapping mapping, String how) {
            return new Understood(mapping, how, List.of(), List.of());
        }
    }

    ImportDialog(
            Theme theme,
            Window owner,
            Path file,
            Sample sample,
            Understood understood,
            Contents contents,
            Optional<Run> selected) {
        this.sample = sample;
        this.mapping = understood.mapping;
        this.undecided = !understood.rivals.isEmpty();
        dialog = Dialogs.make(theme, owner, ImportText.ADD.formatted(file.getFileName()));
        fields = new RunFields(contents, selected, RunName.of(file)).withSettings(true);
        Label words = Labels.wrapped(understood.how, "muted");
        words.setId("mapping-why");
        columns = new MappingColumns(sample, understood.cases, mapping, this::take);
        missing.getStyleClass().add("chip-warm");
        HBox programs = new HBox(8, new Label(ImportText.PROGRAM), process);
        programs.visibleProperty().bind(Bindings.size(process.getItems()).greaterThan(1));
        programs.managedProperty().bind(programs.visibleProperty());
        VBox content = new VBox(10, words, choices(understood.rivals), columns, programs, missing, fields);
        VBox.setVgrow(columns, Priority.ALWAYS);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().setPrefSize(880, 620);
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
        dialog.getDialogPane().setId("import-dialog");
        Dialogs.focus(dialog, fields.first());
        showPrograms();
        // Only a stream's client has such times.
        if (mapping.has(Role.RECEIVED) || mapping.has(Role.DECODED)) {
            fields.proposeUnnamed(StageKind.HOME_STREAM);
        }
        fields.problemProperty().subscribe(this::check);
        check();
    }

    /// The ways to read the time, each with the figures that it would give.
    private VBox choices(List<TimeChoice> rivals) {
        VBox box = new VBox(4);
        ToggleGroup group = new ToggleGroup();
        for (TimeChoice rival : rivals) {
            RadioButton choice = new RadioButton(rival.text());
            choice.setId("time-choice-" + (box.getChildren().size() + 1));
            choice.setMnemonicParsing(false); // names of columns have underscores
            choice.setToggleGroup(group);
            choice.setOnAction(_ -> {
                columns.show(rival.mapping());
                take(rival.mapping());
            });
            Label figures = Labels.of(rival.figures(), "muted");
            figures.setPadding(new Insets(0, 0, 0, 26));
            box.getChildren().add(new VBox(choice, figures));
        }
        box.setVisible(!rivals.isEmpty());
        box.setManaged(!rivals.isEmpty());
        return box;
    }

    private void take(Mapping now) {
        mapping = now;
        undecided = false;
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
        String problem = undecided
                ? ImportText.CHOOSE_TIME
                : mapping.hasTime() ? fields.problemProperty().get() : ImportText.TIME_COLUMN_NEEDED;
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
        Dialogs.open(dialog);
    }
}
