package app.fluss.app.decide;

import app.fluss.app.model.Decisions;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.verdict.GameVerdicts;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/// Decide: the verdicts of the study, then those of a game.
public final class DecideScreen extends StackPane {
    /// Where a click leads.
    public interface Ways {
        /// Looks at a run.
        void examine(Run run);

        /// Compares the runs of its scene.
        void compare(Run run);

        /// Goes to the plan.
        void plan();
    }

    private final Workbench workbench;
    private final Decisions decisions;
    private final Overview overview;
    private final GamePage page;
    private @Nullable Game looked;

    /// @param owner of its dialogs
    /// @param counted is told how many verdicts are not settled, in words
    public DecideScreen(Workbench workbench, Theme theme, Ways ways, Supplier<Window> owner, Consumer<String> counted) {
        this.workbench = workbench;
        this.decisions = new Decisions(workbench);
        setId("decide");
        Runnable schools = () -> new SchoolsDialog(workbench, theme, owner.get()).show();
        overview = new Overview(theme, this::open, schools);
        page = new GamePage(workbench, decisions, theme, ways, this::back, schools);
        VBox.setVgrow(overview, Priority.ALWAYS);
        getChildren().setAll(overview);
        decisions.verdictsProperty().subscribe(verdicts -> {
            overview.show(verdicts);
            counted.accept(Overview.count(verdicts));
            lookAgain(verdicts);
        });
        workbench.contentsProperty().subscribe(() -> work());
        sceneProperty().subscribe(() -> work());
    }

    /// Works out what has changed, where this screen is shown.
    public void work() {
        if (getScene() != null && workbench.openProperty().get() != null) {
            decisions.work();
        }
    }

    private void open(GameVerdicts game, String path) {
        looked = game.cases().game();
        page.show(game, path);
        getChildren().setAll(page);
        page.takeFocus();
    }

    private void back() {
        looked = null;
        getChildren().setAll(overview);
        overview.requestFocus();
    }

    /// The game that is looked at, as it is now; where it has gone, all of them.
    private void lookAgain(List<GameVerdicts> verdicts) {
        Game game = looked;
        if (game == null) {
            return;
        }
        verdicts.stream()
                .filter(one -> one.cases().game().id() == game.id())
                .findFirst()
                .ifPresentOrElse(page::refresh, this::back);
    }
}
