package app.fluss.app.compare;

import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.files.compare.Grouping;
import app.fluss.files.study.Run;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Picks two sets of runs by hand.
final class PickDialog {
    private static final ButtonType COMPARE = new ButtonType(CompareText.COMPARE, ButtonBar.ButtonData.OK_DONE);
    private static final String NEITHER = "–";

    private final Dialog<ButtonType> dialog;
    private final Map<Run, ChoiceBox<String>> sides = new LinkedHashMap<>();

    /// @param runs that can be picked
    /// @param picked which are to begin with
    PickDialog(Theme theme, Window owner, List<Run> runs, Grouping.ByHand picked) {
        dialog = Dialogs.make(theme, owner, CompareText.PICKED_BY_HAND);
        GridPane grid = new GridPane(12, 4);
        int row = 0;
        for (Run run : runs) {
            ChoiceBox<String> side = Choice.of("pick-" + (row + 1), CompareText.GROUP, word -> word);
            side.getItems().setAll(NEITHER, Grouping.ByHand.BASELINE, Grouping.ByHand.OTHER);
            side.setValue(picked.place(run).map(Grouping.Place::level).orElse(NEITHER));
            side.valueProperty().subscribe((_, _) -> check());
            sides.put(run, side);
            grid.addRow(row++, side, Labels.of(run.name()), Labels.of(run.path().name(), "muted"));
        }
        ScrollPane scroll = new ScrollPane(grid);
        scroll.getStyleClass().add("form");
        scroll.setPrefViewportHeight(320);
        dialog.getDialogPane().setContent(new VBox(10, Labels.note(CompareText.PICKED_CONFOUNDS), scroll));
        dialog.getDialogPane().getButtonTypes().addAll(COMPARE, ButtonType.CANCEL);
        dialog.getDialogPane().setPrefWidth(520);
        dialog.getDialogPane().setId("pick-dialog");
        check();
    }

    private Set<Long> on(String side) {
        Set<Long> ids = new HashSet<>();
        sides.forEach((run, choice) -> {
            if (side.equals(choice.getValue())) {
                ids.add(run.id());
            }
        });
        return ids;
    }

    private void check() {
        dialog.getDialogPane()
                .lookupButton(COMPARE)
                .setDisable(on(Grouping.ByHand.BASELINE).isEmpty()
                        || on(Grouping.ByHand.OTHER).isEmpty());
    }

    /// Asks without blocking.
    ///
    /// @param then is told what was picked
    /// @param not is told if nothing was
    void ask(Consumer<Grouping> then, Runnable not) {
        dialog.setOnHidden(_ -> {
            if (dialog.getResult() == COMPARE) {
                then.accept(new Grouping.ByHand(on(Grouping.ByHand.BASELINE), on(Grouping.ByHand.OTHER)));
            } else {
                not.run();
            }
        });
        Dialogs.open(dialog);
    }
}
