package app.fluss.app.share;

import app.fluss.app.model.Reports;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.Game;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Games handed on as a study of their own, and another analyst's study taken in.
public final class StudySharing {
    private static final FileChooser.ExtensionFilter STUDY = FileChoice.kind(ShareText.STUDY, "fluss");

    private final Workbench workbench;
    private final Reports reports;
    private final Theme theme;
    private final Window owner;
    private final Consumer<String> tell;

    /// @param tell is told what happened, in words
    public StudySharing(Workbench workbench, Theme theme, Window owner, Consumer<String> tell) {
        this.workbench = workbench;
        this.theme = theme;
        this.owner = owner;
        this.tell = tell;
        reports = new Reports(workbench);
    }

    /// Lets the user choose games and a file.
    public void handOn() {
        Map<Game, CheckBox> games = new LinkedHashMap<>();
        for (Game game : workbench.contentsProperty().get().games()) {
            CheckBox box = new CheckBox(game.name());
            box.setMnemonicParsing(false);
            box.setSelected(true);
            games.put(game, box);
        }
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, ShareText.HAND_ON_GAMES);
        VBox content = new VBox(6, Labels.note(ShareText.HAND_ON_EXPLAINED));
        content.getChildren().addAll(games.values());
        Ems.pref(content, 420);
        dialog.getDialogPane().setContent(content);
        Dialogs.does(dialog, ShareText.HAND_ON);
        dialog.showAndWait().filter(ButtonType.OK::equals).ifPresent(_ -> {
            List<Game> chosen = games.entrySet().stream()
                    .filter(one -> one.getValue().isSelected())
                    .map(Map.Entry::getKey)
                    .toList();
            if (chosen.isEmpty()) {
                tell.accept(ShareText.CHOOSE_GAME_FIRST);
                return;
            }
            FileChooser chooser = FileChoice.files(ShareText.HAND_ON_AS, STUDY);
            chooser.setInitialFileName("handed-on.fluss");
            FileChoice.chosen(chooser.showSaveDialog(owner)).ifPresent(file -> reports.handOn(chosen, file, tell));
        });
    }

    /// Lets the user choose a study and say whose it is.
    public void takeIn() {
        FileChoice.chosen(FileChoice.files(ShareText.TAKE_IN, STUDY).showOpenDialog(owner))
                .ifPresent(this::takeIn);
    }

    private void takeIn(Path other) {
        String name = String.valueOf(other.getFileName()).replaceFirst("\\.fluss$", "");
        Dialogs.text(theme, owner, ShareText.WHOSE, name).ifPresent(origin -> reports.takeIn(other, origin, tell));
    }
}
