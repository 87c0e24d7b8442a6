package app.fluss.app.quick;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Edits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.reading.Impression;
import app.fluss.core.reading.QuickRow;
import app.fluss.files.study.Claim;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.Window;

/// From a typed table to runs, and from a typed run back to its row.
public final class QuickFlow {
    private final Workbench workbench;
    private final Theme theme;
    private final Supplier<Window> owner;
    private final Consumer<String> problems;
    private final Runnable added;

    /// @param problems is told, in words, what went wrong
    /// @param added shows what was added
    public QuickFlow(
            Workbench workbench, Theme theme, Supplier<Window> owner, Consumer<String> problems, Runnable added) {
        this.workbench = workbench;
        this.theme = theme;
        this.owner = owner;
        this.problems = problems;
        this.added = added;
    }

    /// Lets the user type runs.
    ///
    /// @param begin rows to begin with
    public void enter(List<QuickRow> begin) {
        if (!workbench.canEdit()) {
            problems.accept(QuickText.STUDY_READ_ONLY);
            return;
        }
        Edits edits = workbench.edits();
        Contents contents = workbench.contentsProperty().get();
        new QuickDialog(theme, owner.get(), contents.bench().paths(), false).ask(begin, rows -> {
            edits.evidence()
                    .addTyped(
                            rows.read(),
                            contents.bench().paths(),
                            rows.names(workbench.contentsProperty().get()),
                            e -> problems.accept(String.valueOf(e.getMessage())));
            added.run();
        });
    }

    /// Lets the user correct a run that was typed.
    public void correct(Run run) {
        if (!workbench.canEdit()) {
            problems.accept(QuickText.STUDY_READ_ONLY);
            return;
        }
        Edits edits = workbench.edits();
        Contents contents = workbench.contentsProperty().get();
        // Under its own name a run keeps its path as it was, whatever the bench has made of it since.
        List<DeliveryPath> paths = new ArrayList<>(List.of(run.path()));
        paths.addAll(contents.bench().paths());
        new QuickDialog(theme, owner.get(), paths, true)
                .ask(
                        List.of(row(run, contents)),
                        rows -> edits.evidence()
                                .correct(
                                        run,
                                        rows.read().getFirst(),
                                        paths,
                                        e -> problems.accept(String.valueOf(e.getMessage()))));
    }

    private static QuickRow row(Run run, Contents contents) {
        Scene scene = contents.scene(run.sceneId());
        Claimed said = run.claimed();
        Impression felt = run.taking().impression();
        boolean single = said.lowest().equals(said.mean()) && said.highest().equals(said.mean());
        return new QuickRow(
                contents.game(scene).name(),
                scene.name(),
                run.path().name(),
                text(said.mean()),
                single ? "" : text(said.lowest()),
                single ? "" : text(said.highest()),
                text(said.onePercentLow()),
                said.lowConvention(),
                run.claims().stream().anyMatch(claim -> claim.kind() == Claim.Kind.SUMMARY),
                felt.response() == 0 ? "" : Integer.toString(felt.response()),
                felt.words());
    }

    private static String text(Figure figure) {
        return figure.isKnown() ? NumberField.text(figure.orNaN()) : "";
    }
}
