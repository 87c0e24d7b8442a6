package app.fluss.app.path;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.PathWork;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.InTurn;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WhenLookedAt;
import app.fluss.core.path.StageKind;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What is worked out for the path of a run, part by part: only what the path has.
public final class PathPane extends VBox {
    private final Workbench workbench;
    private final Theme theme;
    private final Actions actions;
    private final VBox parts = Boxes.scrolled();
    private final InTurn inTurn = new InTurn(this);

    /// What the user can add to what is worked out.
    public interface Actions {
        /// Lets the user add the log of a stream's host to the run.
        void addHostLog();

        /// Lets the user probe the link of a stream.
        void probeLink();
    }

    /// Shows the selected run of a workbench.
    public PathPane(Workbench workbench, Theme theme, Actions actions) {
        this.workbench = workbench;
        this.theme = theme;
        this.actions = actions;
        setId("path-pane");
        ScrollPane scroll = Boxes.scrolling(parts);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(scroll);
        // A host's log changes the run and not what is worked out for its path, a native run the other way round.
        WhenLookedAt.fill(this, this::show, workbench.pathWorkProperty(), workbench.analysedProperty());
    }

    private void show() {
        AnalysedRun run = workbench.analysedProperty().get();
        List<Runnable> turns = new ArrayList<>();
        turns.add(parts.getChildren()::clear);
        if (run != null) {
            panels(run, workbench.pathWorkProperty().get())
                    .forEach(panel -> turns.add(() -> parts.getChildren().add(panel.get())));
        }
        inTurn.fill(turns);
    }

    private List<Supplier<VBox>> panels(AnalysedRun run, PathWork work) {
        List<Supplier<VBox>> panels = new ArrayList<>();
        work.against()
                .filter(comparison -> comparison.runs().grade().hasLog()
                        && comparison.runs().generation().isGenerating())
                .ifPresent(comparison -> panels.add(() -> new GenerationPanel(comparison, run)));
        work.secondCard().ifPresent(card -> panels.add(() -> new SecondCardPanel(theme, card)));
        run.stream().ifPresent(stream -> {
            panels.add(() -> new BlamePanel(theme, stream, actions::addHostLog));
            panels.add(() -> new StreamPanel(theme, stream, actions::probeLink));
        });
        work.headset().ifPresent(headset -> panels.add(() -> new HeadsetPanel(theme, run, headset)));
        if (!work.power().isEmpty()) {
            panels.add(() -> new PowerPanel(work.power()));
        }
        work.screen()
                .filter(_ -> work.headset().isEmpty())
                .ifPresent(screen -> panels.add(() -> new ScreenPanel(
                        theme, screen, run.analysis(), run.run().path().chain().has(StageKind.DISPLAY_SMOOTHING))));
        if (panels.isEmpty()) {
            panels.add(() -> nothing(run));
        }
        return panels;
    }

    private static VBox nothing(AnalysedRun run) {
        return Boxes.panel(
                Labels.heading(PathText.NOTHING_CALCULATED),
                Labels.note(run.run().grade().hasLog() ? PathText.NATIVE_NEEDED : PathText.LOG_NEEDED));
    }
}
