package app.fluss.app.importing;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.LatencyFigures;
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

/// Shows what a counter or a tool said or what latency was measured, and asks what run it is.
final class OwnRunDialog {
    private static final ButtonType ADD = new ButtonType(ImportText.ADD_RUN, ButtonBar.ButtonData.OK_DONE);

    private final Dialog<ButtonType> dialog;
    private final RunFields fields;

    /// @param said what there is, in words
    /// @param rests what a run that rests on it alone gives and does not give, in words
    private OwnRunDialog(
            Theme theme,
            Window owner,
            Path file,
            String said,
            String rests,
            Contents contents,
            Optional<Run> selected) {
        dialog = Dialogs.make(theme, owner, ImportText.ADD.formatted(file.getFileName()));
        fields = new RunFields(contents, selected, RunName.of(file)).withSettings(false);
        Label problem = new Label();
        problem.getStyleClass().add("chip-warm");
        problem.textProperty().bind(fields.problemProperty());
        dialog.getDialogPane()
                .setContent(
                        new VBox(10, Labels.wrapped(said, "heading"), Labels.wrapped(rests, "muted"), problem, fields));
        dialog.getDialogPane().setPrefWidth(640);
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
        dialog.getDialogPane().setId("own-run-dialog");
        Dialogs.focus(dialog, fields.first());
        dialog.getDialogPane()
                .lookupButton(ADD)
                .disableProperty()
                .bind(fields.problemProperty().isNotEmpty());
    }

    /// Of what a counter or a tool said.
    static OwnRunDialog of(
            Claim claim, Theme theme, Window owner, Path file, Contents contents, Optional<Run> selected) {
        String rests = ImportText.GRADE_ALONE.formatted(claim.kind().grade(), counted(claim.kind()));
        return new OwnRunDialog(theme, owner, file, words(claim), rests, contents, selected);
    }

    /// Of measured latency.
    static OwnRunDialog of(
            LatencyFigures figures, Theme theme, Window owner, Path file, Contents contents, Optional<Run> selected) {
        String said = ImportText.TRIALS_ANSWERED_MISSED.formatted(
                figures.n(),
                figures.missed(),
                figures.median().isKnown() ? ImportText.THEN_MEDIAN.formatted(Numbers.text(figures.median(), 1)) : "");
        String rests = ImportText.LATENCY_ALONE;
        return new OwnRunDialog(theme, owner, file, said, rests, contents, selected);
    }

    private static String counted(Claim.Kind kind) {
        return kind == Claim.Kind.RECORDING ? ImportText.PICTURES_TOLD : ImportText.COUNTED_UNKNOWN;
    }

    /// What was said, in words.
    private static String words(Claim claim) {
        Claimed said = claim.said();
        String low = said.onePercentLow().isKnown()
                ? ImportText.PERCENT_LOW_S.formatted(
                        Numbers.text(said.onePercentLow(), 1),
                        said.lowConvention().isEmpty() ? ImportText.CONVENTION_NOT_STATED : said.lowConvention())
                : "";
        String range = said.lowest().isKnown()
                ? ImportText.FROM.formatted(Numbers.range(said.lowest(), said.highest(), 0))
                : "";
        String who = switch (claim.kind()) {
            case READINGS -> ImportText.READINGS.formatted(claim.count());
            case RECORDING -> ImportText.RECORDING_NUMBERS.formatted(claim.count());
            case SUMMARY -> ImportText.TOOLS_SUMMARY;
        };
        return ImportText.S_ON_AVERAGE.formatted(who, Numbers.text(said.mean(), 1), range, low);
    }

    /// Asks without blocking; `then` is called if the user adds the run.
    void ask(Consumer<RunDraft> then) {
        dialog.resultProperty().subscribe(result -> {
            if (result == ADD) {
                then.accept(fields.draft());
            }
        });
        Dialogs.open(dialog);
    }
}
