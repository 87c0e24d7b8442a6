package app.fluss.app.importing;

import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import java.nio.file.Path;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;

/// Asks what a clip is to be looked at for.
final class UseDialog {
    private final Dialog<ButtonType> dialog;

    /// @param then is told what was chosen, if anything was
    UseDialog(Theme theme, Window owner, Path file, Consumer<ClipUse> then) {
        dialog = Dialogs.make(theme, owner, ImportText.WHAT_DOES_SHOW.formatted(file.getFileName()));
        GridPane grid = new GridPane(16, 14);
        int row = 0;
        for (ClipUse use : ClipUse.values()) {
            Button button = Buttons.quiet(use.title(), use.explanation(), () -> {
                dialog.close();
                then.accept(use);
            });
            button.setId("use-" + use.name().toLowerCase(Locale.ROOT));
            button.setMaxWidth(Double.MAX_VALUE);
            Label explanation = Labels.note(use.explanation());
            Ems.pref(explanation, 380);
            if (row == 0) {
                Dialogs.focus(dialog, button);
            }
            grid.addRow(row++, button, explanation);
        }
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().setId("use-dialog");
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CANCEL);
    }

    void show() {
        Dialogs.open(dialog);
    }
}
