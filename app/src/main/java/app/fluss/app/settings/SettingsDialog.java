package app.fluss.app.settings;

import app.fluss.app.theme.Appearance;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.LowConvention;
import java.nio.file.Path;
import java.util.stream.IntStream;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.stage.Window;

/// Settings; each takes effect at once.
public final class SettingsDialog {
    private static final int SMALLEST = 100;
    private static final int STEP = 10;
    private static final int STEPS = 10;

    private final GridPane grid = new GridPane(18, 12);
    private int row;

    private SettingsDialog() {
        ColumnConstraints names = new ColumnConstraints();
        names.setMinWidth(GridPane.USE_PREF_SIZE);
        ColumnConstraints values = new ColumnConstraints();
        values.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().setAll(names, values);
    }

    /// Shows them.
    ///
    /// @param config where mappings and overlays are remembered
    /// @param study the study that is open, in words
    public static void show(Settings settings, Window owner, Path config, String study) {
        SettingsDialog made = new SettingsDialog();
        Theme theme = settings.theme();
        ChoiceBox<Appearance> appearance = Choice.of("appearance", SettingsText.LIGHT_OR_DARK, Appearance::title);
        appearance.getItems().setAll(Appearance.values());
        appearance.valueProperty().bindBidirectional(theme.appearanceProperty());
        made.row(SettingsText.LIGHT_OR_DARK, appearance, SettingsText.CTRL_D_SWITCHES_IT);
        ChoiceBox<Integer> text = Choice.of("text-size", SettingsText.SIZE_OF_TEXT, percent -> percent + " %");
        text.getItems()
                .setAll(IntStream.rangeClosed(0, STEPS)
                        .map(step -> SMALLEST + step * STEP)
                        .boxed()
                        .toList());
        text.setValue(theme.textPercent());
        text.valueProperty().subscribe((_, percent) -> theme.setTextPercent(percent));
        made.row(SettingsText.SIZE_OF_TEXT, text, SettingsText.TEXT_SIZE_KEYS);
        ChoiceBox<LowConvention> lows = Choice.of("usual-lows", SettingsText.LOWS_BY, LowConvention::title);
        lows.getItems().setAll(LowConvention.values());
        lows.valueProperty().bindBidirectional(settings.lowsProperty());
        made.row(SettingsText.LOWS_BY, lows, SettingsText.LOWS_EXPLAINED);
        made.row(SettingsText.UNITS, Labels.of(SettingsText.MS_S_W_MM), SettingsText.NUMBERS_EXPLAINED);
        made.row(
                SettingsText.BOUNDS_OF_VERDICTS,
                Labels.of(SettingsText.IN_STUDY),
                SettingsText.BOUNDS_EXPLAINED.replace("*", ""));
        made.row(SettingsText.STUDY, path(study), SettingsText.STUDY_FOLDER_EXPLAINED);
        made.row(SettingsText.REMEMBERED, path(config.toString()), SettingsText.REMEMBERED_EXPLAINED);
        made.row(SettingsText.PRIVACY, Labels.of(SettingsText.NOTHING_LEAVES_THIS_COMPUTER), SettingsText.CONNECTIONS);
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, SettingsText.SETTINGS);
        dialog.getDialogPane().setContent(Boxes.scrolling(made.grid));
        dialog.getDialogPane().setPrefSize(640, 640);
        dialog.getDialogPane().setId("settings-dialog");
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        Dialogs.focus(dialog, appearance);
        Dialogs.open(dialog);
    }

    /// A path that can be selected and copied.
    private static Node path(String path) {
        TextField field = new TextField(path);
        field.setEditable(false);
        return field;
    }

    private void row(String name, Node control, String note) {
        Label title = Labels.of(name, "strong");
        control.setAccessibleHelp(note);
        grid.addRow(row, title, control);
        GridPane.setValignment(title, VPos.CENTER);
        grid.add(Labels.wrapped(note, "muted", "small"), 1, row + 1);
        row += 2;
    }
}
