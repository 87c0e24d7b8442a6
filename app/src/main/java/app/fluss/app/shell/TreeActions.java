package app.fluss.app.shell;

import app.fluss.app.importing.DisplayDialog;
import app.fluss.app.importing.FactsDialog;
import app.fluss.app.model.BenchEdits;
import app.fluss.app.model.Contents;
import app.fluss.app.model.RunEdits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.Window;

/// What can be done with games, scenes and runs from anywhere in the window; with the selected run where none
/// is named, and nothing where none is selected.
final class TreeActions {
    private final Workbench workbench;
    private final Theme theme;
    private final Supplier<Window> owner;
    private final Consumer<String> tell;

    /// @param tell says something to the user, in words
    TreeActions(Workbench workbench, Theme theme, Supplier<Window> owner, Consumer<String> tell) {
        this.workbench = workbench;
        this.theme = theme;
        this.owner = owner;
        this.tell = tell;
    }

    /// States recorded facts of the run anew.
    void stateFacts() {
        Run run = workbench.selectedProperty().get();
        RunEdits edits = workbench.edits().runs();
        if (run != null) {
            FactsDialog.ask(theme, owner.get(), run.setup().recorded().named())
                    .ifPresent(facts -> edits.state(run, facts));
        }
    }

    /// Takes over what the bench states now, where the run itself does not say otherwise.
    void takeBench() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            workbench
                    .edits()
                    .runs()
                    .takeBench(run, workbench.contentsProperty().get().benchNow(run));
        }
    }

    /// States the display mode that the run was measured on.
    void stateDisplay() {
        Run run = workbench.selectedProperty().get();
        RunEdits edits = workbench.edits().runs();
        if (run != null) {
            DisplayDialog.ask(
                            theme,
                            owner.get(),
                            run.display().or(workbench.contentsProperty().get()::display))
                    .ifPresent(mode -> edits.state(run, mode));
        }
    }

    /// Removes the selected run; this can be undone.
    void remove() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            remove(List.of(run));
        }
    }

    /// Removes runs; this can be undone.
    void remove(List<Run> runs) {
        workbench.edits().runs().remove(runs);
    }

    /// Removes a game or a scene with its runs, once the user agrees; this can be undone.
    void remove(TreeEntry entry) {
        BenchEdits edits = workbench.edits().bench();
        Contents contents = workbench.contentsProperty().get();
        switch (entry) {
            case TreeEntry.OfRun(Run run) -> remove(List.of(run));
            case TreeEntry.OfScene(Scene scene, int runs) -> {
                if (agreed(scene.name(), runs)) {
                    edits.remove(scene);
                }
            }
            case TreeEntry.OfGame(Game game) -> {
                int runs = contents.scenes().stream()
                        .filter(scene -> scene.gameId() == game.id())
                        .mapToInt(scene -> contents.runs(scene).size())
                        .sum();
                if (agreed(game.name(), runs)) {
                    edits.remove(game);
                }
            }
        }
    }

    private boolean agreed(String name, int runs) {
        return runs == 0
                || Dialogs.agreed(
                        theme,
                        owner.get(),
                        ShellText.REMOVE_ITEM.formatted(name),
                        ShellText.REMOVES.formatted(
                                name, runs == 1 ? ShellText.ONE_RUN : ShellText.RUNS_COUNT.formatted(runs)),
                        ShellText.REMOVE_NOW);
    }

    /// Gives something another name.
    void rename(TreeEntry entry) {
        RunEdits runs = workbench.edits().runs();
        BenchEdits bench = workbench.edits().bench();
        Dialogs.text(theme, owner.get(), ShellText.RENAME.formatted(entry.name()), entry.name())
                .filter(name -> !name.equals(entry.name()))
                .ifPresent(name -> {
                    switch (entry) {
                        case TreeEntry.OfRun(Run run) -> runs.rename(run, name);
                        case TreeEntry.OfScene(Scene scene, int _) -> bench.rename(scene, name);
                        case TreeEntry.OfGame(Game game) -> bench.rename(game, name);
                    }
                });
    }

    /// Says that runs are of another scene.
    void move(List<Run> runs, Scene scene) {
        workbench.edits().runs().move(runs, scene);
    }

    /// Says that runs were measured on another path.
    void setPath(List<Run> runs, DeliveryPath path) {
        workbench.edits().runs().setPath(runs, path);
    }

    /// Says that runs were measured as another was: in its scene, on its path.
    void join(List<Run> runs, Run other) {
        workbench.edits().runs().join(runs, other);
        tell.accept(ShellText.MOVED.formatted(
                runs.size() == 1
                        ? ShellText.WAS.formatted(runs.getFirst().name())
                        : ShellText.RUNS_WERE.formatted(runs.size()),
                other.name(),
                other.path().name()));
    }

    /// Every path that runs can be of.
    List<DeliveryPath> paths() {
        return workbench.contentsProperty().get().bench().paths();
    }

    /// States facts that several runs share.
    void state(List<Run> runs) {
        RunEdits edits = workbench.edits().runs();
        FactsDialog.ask(theme, owner.get(), runs.size()).ifPresent(facts -> edits.state(runs, facts));
    }

    /// Whether runs can be held against each other: two or more of one scene that count.
    static boolean canCompare(List<Run> runs) {
        return runs.size() > 1
                && runs.stream()
                        .allMatch(run -> run.isCompared()
                                && run.sceneId() == runs.getFirst().sceneId());
    }

    /// Says whether runs count; the user is asked why if they do not.
    void setOutcome(List<Run> runs, Outcome outcome) {
        RunEdits edits = workbench.edits().runs();
        String before = runs.getFirst().taking().reason();
        Optional<String> reason = outcome == Outcome.KEPT
                ? Optional.of("")
                : Dialogs.text(theme, owner.get(), ShellText.LEAVE_OUT_REASON, before);
        reason.ifPresent(why -> edits.setOutcome(runs, outcome, why));
    }
}
