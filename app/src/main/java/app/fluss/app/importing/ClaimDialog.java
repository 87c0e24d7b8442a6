package app.fluss.app.importing;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Claimed;
import app.fluss.files.study.Claim;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Shows what a counter or a tool said, and asks what run it is.
final class ClaimDialog {
    private static final ButtonType ADD = new ButtonType("Add run", ButtonBar.ButtonData.OK_DONE);

    private final Dialog<ButtonType> dialog;
    private final RunFields fields;

    ClaimDialog(Theme theme, Window owner, Path file, Claim claim, Contents contents, Optional<Run> selected) {
        dialog = Dialogs.make(theme, owner, "Add " + file.getFileName());
        fields = new RunFields(contents, selected, RunName.of(file)).withSettings(false);
        Label said = new Label(words(claim));
        said.getStyleClass().add("heading");
        Label grade = new Label("A run that rests on this alone has grade %s: no frame times, and %s."
                .formatted(claim.kind().grade(), counted(claim.kind())));
        grade.setWrapText(true);
        grade.getStyleClass().add("muted");
        Label problem = new Label();
        problem.getStyleClass().add("chip-warm");
        problem.textProperty().bind(fields.problemProperty());
        dialog.getDialogPane().setContent(new VBox(10, said, grade, problem, fields));
        dialog.getDialogPane().setPrefWidth(640);
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
        dialog.getDialogPane().setId("claim-dialog");
        dialog.getDialogPane()
                .lookupButton(ADD)
                .disableProperty()
                .bind(fields.problemProperty().isNotEmpty());
    }

    private static String counted(Claim.Kind kind) {
        return kind == Claim.Kind.RECORDING
                ? "its pictures tell how many images were new"
                : "nothing tells what the counter counted";
    }

    /// What was said, in words.
    static String words(Claim claim) {
        Claimed said = claim.said();
        String low = said.onePercentLow().isKnown()
                ? ", 1 %% low %s /s (%s)"
                        .formatted(
                                Numbers.text(said.onePercentLow(), 1),
                                said.lowConvention().isEmpty() ? "convention not stated" : said.lowConvention())
                : "";
        String range = said.lowest().isKnown() ? ", from " + Numbers.range(said.lowest(), said.highest(), 0) : "";
        String who = switch (claim.kind()) {
            case READINGS -> "%d readings".formatted(claim.count());
            case RECORDING -> "A recording, %d numbers".formatted(claim.count());
            case SUMMARY -> "A tool's summary";
        };
        return "%s: %s /s on average%s%s".formatted(who, Numbers.text(said.mean(), 1), range, low);
    }

    /// Asks without blocking; `then` is called if the user adds the run.
    void ask(Consumer<RunDraft> then) {
        dialog.resultProperty().subscribe(result -> {
            if (result == ADD) {
                then.accept(fields.draft());
            }
        });
        dialog.show();
    }
}
