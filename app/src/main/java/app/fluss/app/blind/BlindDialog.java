package app.fluss.app.blind;

import app.fluss.app.model.Contents;
import app.fluss.app.model.PeopleEdits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.feel.blind.BlindResult;
import app.fluss.core.feel.blind.ExactBinomial;
import app.fluss.core.feel.blind.Seal;
import app.fluss.files.study.BlindBlock;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.FeelSession;
import app.fluss.files.study.Scene;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Asks for what a blind block is made of, and draws its order.
public final class BlindDialog {
    private static final List<Integer> TRIALS = List.of(8, 12, 16, 20, 24, 32, 40);
    private static final int USUAL = 16;
    private static final double GOOD = 0.75;

    private final PeopleEdits edits;
    private final Dialog<ButtonType> dialog;
    private final ChoiceBox<Scene> scene;
    private final ChoiceBox<DeliveryPath> first = Choice.of("blind-a", BlindText.PATH, DeliveryPath::name);
    private final ChoiceBox<DeliveryPath> second = Choice.of("blind-b", BlindText.PATH_B, DeliveryPath::name);
    private final ChoiceBox<Integer> trials =
            Choice.of("blind-trials", BlindText.TRIALS, count -> Integer.toString(count));
    private final ChoiceBox<BlindBlock.SwitchedBy> by =
            Choice.of("blind-by", BlindText.SWITCHED_BY, BlindBlock.SwitchedBy::title);
    private final TextField player = new TextField();
    private final Label finds = Labels.note("");
    private final Label problem = Labels.wrapped("", "changed");
    private final ButtonType draw = new ButtonType(BlindText.DRAW_ORDER, ButtonBar.ButtonData.OK_DONE);

    /// @param scenes to choose from, one or more
    /// @param paths to choose from, two or more
    public BlindDialog(Workbench workbench, Theme theme, Window owner, List<Scene> scenes, List<DeliveryPath> paths) {
        edits = workbench.edits().people();
        Contents contents = workbench.contentsProperty().get();
        dialog = Dialogs.make(theme, owner, BlindText.BLIND_BLOCK);
        dialog.getDialogPane().setId("blind-dialog");
        scene = Choice.of("blind-scene", BlindText.SCENE, contents::place);
        scene.getItems().setAll(scenes);
        scene.setValue(scenes.getFirst());
        first.getItems().setAll(paths);
        first.setValue(paths.getFirst());
        second.getItems().setAll(paths);
        second.setValue(paths.get(1));
        trials.getItems().setAll(TRIALS);
        trials.valueProperty().subscribe(count -> finds.setText(count == null ? "" : finds(count)));
        trials.setValue(USUAL);
        by.getItems().setAll(BlindBlock.SwitchedBy.values());
        by.setValue(BlindBlock.SwitchedBy.HELPER);
        Label meaning = Labels.note("");
        by.valueProperty().subscribe(now -> meaning.setText(now == null ? "" : BlindPane.capital(now.meaning()) + "."));
        player.setId("blind-player");
        player.setPromptText(BlindText.NAME_ONLY);
        player.setAccessibleText(BlindText.PLAYER);
        contents.people().lastTaker().map(FeelSession.Taker::person).ifPresent(player::setText);
        problem.setId("blind-problem");
        GridPane grid = new GridPane(10, 8);
        grid.addRow(0, Labels.of(BlindText.SCENE, "muted"), scene);
        grid.addRow(1, Labels.of("A", "muted"), first);
        grid.addRow(2, Labels.of("B", "muted"), second);
        grid.addRow(3, Labels.of(BlindText.PLAYER, "muted"), player);
        grid.addRow(4, Labels.of(BlindText.TRIALS, "muted"), trials);
        grid.addRow(5, Labels.of(BlindText.SWITCHED_BY, "muted"), by);
        VBox body = new VBox(10, Labels.note(BlindText.BLOCK_EXPLAINED), grid, meaning, finds, problem);
        Ems.pref(body, 520);
        dialog.getDialogPane().setContent(body);
        dialog.getDialogPane().getButtonTypes().setAll(draw, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(draw).addEventFilter(ActionEvent.ACTION, event -> {
            Optional<String> wrong = wrong();
            wrong.ifPresent(words -> {
                problem.setText(words);
                event.consume();
            });
        });
    }

    private static String finds(int trials) {
        int needed = ExactBinomial.needed(trials, BlindResult.LEVEL);
        return BlindText.RIGHT_NEEDED.formatted(
                needed, trials, 100 * ExactBinomial.power(trials, BlindResult.LEVEL, GOOD));
    }

    private Optional<String> wrong() {
        return first.getValue().equals(second.getValue())
                ? Optional.of(BlindText.CHOOSE_TWO_DIFFERENT_PATHS)
                : player.getText().isBlank() || player.getText().strip().length() > FeelSession.Taker.LONGEST
                        ? Optional.of(BlindText.ENTER_PLAYER)
                        : Optional.empty();
    }

    /// Asks, and keeps the block that was drawn.
    public void ask() {
        dialog.showAndWait().filter(draw::equals).ifPresent(_ -> {
            Seal seal = Seal.draw(trials.getValue(), new SecureRandom());
            edits.add(new BlindBlock(
                    0,
                    scene.getValue().id(),
                    first.getValue().id(),
                    second.getValue().id(),
                    player.getText().strip(),
                    by.getValue(),
                    seal,
                    seal.hash(),
                    Instant.now(),
                    Optional.empty(),
                    false,
                    List.of()));
        });
    }
}
