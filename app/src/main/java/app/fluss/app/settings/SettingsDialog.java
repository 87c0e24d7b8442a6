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
        ChoiceBox<Appearance> appearance = Choice.of("appearance", "Light or dark", Appearance::title);
        appearance.getItems().setAll(Appearance.values());
        appearance.valueProperty().bindBidirectional(theme.appearanceProperty());
        made.row("Light or dark", appearance, "Ctrl+D switches it.");
        ChoiceBox<Integer> text = Choice.of("text-size", "Size of text", percent -> percent + " %");
        text.getItems()
                .setAll(IntStream.rangeClosed(0, STEPS)
                        .map(step -> SMALLEST + step * STEP)
                        .boxed()
                        .toList());
        text.setValue(theme.textPercent());
        text.valueProperty().subscribe((_, percent) -> theme.setTextPercent(percent));
        made.row("Size of text", text, "Ctrl++ and Ctrl+− change it, Ctrl+0 makes it 100 %.");
        ChoiceBox<LowConvention> lows = Choice.of("usual-lows", "Lows by", LowConvention::title);
        lows.getItems().setAll(LowConvention.values());
        lows.valueProperty().bindBidirectional(settings.lowsProperty());
        made.row(
                "Lows by",
                lows,
                "Convention of the 1 % and 0.1 % lows that Examine starts with. Compare never mixes conventions.");
        made.row("Units", Labels.of("ms, /s, W, mm"), "Numbers follow this computer's language; files are neutral.");
        made.row(
                "Bounds of verdicts",
                Labels.of("in the study"),
                "They belong to schools: Decide, *Schools…*. That way others can check a verdict.".replace("*", ""));
        made.row("Study", path(study), "Logs that are imported are kept within; nothing else is written beside it.");
        made.row("Remembered", path(config.toString()), "Mappings of logs and rectangles of overlays.");
        made.row(
                "Privacy",
                Labels.of("Nothing leaves this computer."),
                "Fluss opens no connection but a link probe that you start, to the address that you enter.");
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, "Settings");
        dialog.getDialogPane().setContent(Boxes.scrolling(made.grid));
        dialog.getDialogPane().setPrefSize(640, 640);
        dialog.getDialogPane().setId("settings-dialog");
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        Dialogs.focus(dialog, appearance);
        dialog.show();
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
