package app.fluss.app.path;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.PathWork;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.path.StageKind;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What is worked out for the path of a run, part by part: only what the path has.
public final class PathPane extends VBox {
    private final Workbench workbench;
    private final Theme theme;
    private final VBox parts = Boxes.scrolled();

    /// Shows the selected run of a workbench.
    public PathPane(Workbench workbench, Theme theme) {
        this.workbench = workbench;
        this.theme = theme;
        setId("path-pane");
        ScrollPane scroll = Boxes.scrolling(parts);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(scroll);
        workbench.pathWorkProperty().subscribe(_ -> show());
    }

    private void show() {
        parts.getChildren().clear();
        AnalysedRun run = workbench.analysedProperty().get();
        PathWork work = workbench.pathWorkProperty().get();
        if (run == null) {
            return;
        }
        workbench.comparisonsProperty().get().stream()
                .filter(comparison -> comparison.path().equals(run.run().path()))
                .filter(comparison -> comparison.runs().grade().hasLog()
                        && comparison.runs().generation().isGenerating())
                .findFirst()
                .ifPresent(comparison -> parts.getChildren().add(new GenerationPanel(comparison, run)));
        work.secondCard().ifPresent(card -> parts.getChildren().add(new SecondCardPanel(theme, card)));
        work.screen()
                .ifPresent(screen -> parts.getChildren()
                        .add(new ScreenPanel(
                                screen, run.analysis(), run.run().path().chain().has(StageKind.DISPLAY_SMOOTHING))));
        if (parts.getChildren().isEmpty()) {
            parts.getChildren().add(nothing(run));
        }
    }

    private static VBox nothing(AnalysedRun run) {
        return Boxes.panel(
                Labels.heading("Nothing can be worked out for this path yet"),
                Labels.note(
                        run.run().grade().hasLog()
                                ? "Measure the native path of this scene, too."
                                : "This run rests on what was claimed. A frame log says what was made, copied and shown."));
    }
}
