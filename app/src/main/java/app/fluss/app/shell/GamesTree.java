package app.fluss.app.shell;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.TreeCell;
import javafx.scene.control.TreeItem;
import javafx.scene.control.TreeView;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Games, scenes and their runs, with a field to find one. Several runs can be chosen at once; runs are dragged to
/// another scene, or onto a run of another path to be of that one too.
final class GamesTree extends VBox {
    private static final int ROWS_ABOVE = 5;
    private static final PseudoClass LEFT_OUT = PseudoClass.getPseudoClass("left-out");
    private static final PseudoClass TAKES = PseudoClass.getPseudoClass("takes");

    private final Workbench workbench;
    private final TreeActions actions;
    private final Consumer<List<Run>> compared;
    private final TreeView<TreeEntry> tree = new TreeView<>();
    private final TextField find = new TextField();
    private final Label none = Labels.note(ShellText.NO_MATCH);
    private final Set<String> open = new HashSet<>();

    /// @param looked is told which run the user clicked
    /// @param compared is told which runs the user wants to hold against each other
    GamesTree(Workbench workbench, TreeActions actions, Consumer<Run> looked, Consumer<List<Run>> compared) {
        super(6);
        this.workbench = workbench;
        this.actions = actions;
        this.compared = compared;
        find.setPromptText(ShellText.FIND);
        find.setAccessibleText(ShellText.FIND);
        find.setId("find");
        none.setId("find-none");
        none.setVisible(false);
        none.managedProperty().bind(none.visibleProperty());
        tree.setId("runs");
        tree.setShowRoot(false);
        tree.setAccessibleText(ShellText.GAMES_SCENES_AND_RUNS);
        tree.setCellFactory(_ -> new EntryCell());
        tree.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        ContextMenu menu = new ContextMenu();
        menu.setOnShowing(_ -> menu.getItems().setAll(items()));
        // A menu without items is never shown.
        menu.getItems().add(new MenuItem());
        tree.setContextMenu(menu);
        tree.setOnMouseClicked(event -> {
            List<Run> runs = chosenRuns();
            if (event.getButton() == MouseButton.PRIMARY && runs.size() == 1) {
                looked.accept(runs.getFirst());
            }
        });
        tree.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.F2) {
                chosen().ifPresent(actions::rename);
                event.consume();
            }
        });
        VBox.setVgrow(tree, Priority.ALWAYS);
        getChildren().addAll(find, none, tree);
        find.textProperty().subscribe(this::fill);
        workbench.contentsProperty().subscribe(this::fill);
        tree.getSelectionModel().selectedItemProperty().subscribe(item -> {
            if (item != null && item.getValue() instanceof TreeEntry.OfRun(Run run)) {
                workbench.selectedProperty().set(run);
            }
        });
        workbench.selectedProperty().subscribe(this::select);
    }

    /// Lets the arrows lead from run to run, where there are any.
    void focusRuns() {
        if (tree.getRoot() != null && !tree.getRoot().getChildren().isEmpty()) {
            tree.requestFocus();
        }
    }

    void focusFind() {
        find.requestFocus();
    }

    /// The line that was chosen last.
    private Optional<TreeEntry> chosen() {
        return Optional.ofNullable(tree.getSelectionModel().getSelectedItem()).map(TreeItem::getValue);
    }

    /// The runs that are chosen.
    List<Run> chosenRuns() {
        List<Run> runs = new ArrayList<>();
        for (TreeItem<TreeEntry> item : tree.getSelectionModel().getSelectedItems()) {
            if (item != null && item.getValue() instanceof TreeEntry.OfRun(Run run)) {
                runs.add(run);
            }
        }
        return List.copyOf(runs);
    }

    private List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>();
        List<Run> runs = chosenRuns();
        if (runs.size() < 2) {
            chosen().ifPresent(entry -> items.add(item(ShellText.RENAME_F2, () -> actions.rename(entry))));
        }
        if (runs.size() == 1) {
            items.add(item(ShellText.FACTS, actions::stateFacts));
            items.add(item(ShellText.USE_TODAYS_FACTS, actions::takeBench));
        }
        if (runs.size() > 1) {
            MenuItem compare = item(ShellText.COMPARE_RUNS.formatted(runs.size()), () -> compared.accept(runs));
            compare.setDisable(!TreeActions.canCompare(runs));
            items.add(compare);
            items.add(item(ShellText.FACTS_OF_RUNS.formatted(runs.size()), () -> actions.state(runs)));
        }
        if (!runs.isEmpty()) {
            items.add(paths(runs));
            items.add(new SeparatorMenuItem());
            for (Outcome outcome : Outcome.values()) {
                String title = outcome == Outcome.KEPT
                        ? ShellText.INCLUDE_IN_COMPARISONS
                        : ShellText.MARK_AS.formatted(outcome.title());
                items.add(item(title, () -> actions.setOutcome(runs, outcome)));
            }
        }
        items.add(new SeparatorMenuItem());
        if (!runs.isEmpty()) {
            String title =
                    runs.size() == 1 ? ShellText.REMOVE_RUN_CTRL_DELETE : ShellText.REMOVE_RUNS.formatted(runs.size());
            items.add(item(title, () -> actions.remove(runs)));
        } else {
            chosen().ifPresent(entry -> items.add(item(ShellText.REMOVE, () -> actions.remove(entry))));
        }
        return items;
    }

    private Menu paths(List<Run> runs) {
        Menu menu = new Menu(ShellText.PATH);
        for (DeliveryPath path : actions.paths()) {
            CheckMenuItem item = new CheckMenuItem(path.name());
            item.setMnemonicParsing(false);
            boolean all = runs.stream().allMatch(run -> run.path().id() == path.id());
            item.setSelected(all);
            item.setDisable(all);
            item.setOnAction(_ -> actions.setPath(runs, path));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static MenuItem item(String title, Runnable action) {
        MenuItem item = new MenuItem(title);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private void fill() {
        Contents contents = workbench.contentsProperty().get();
        String wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        TreeItem<TreeEntry> root = new TreeItem<>();
        for (Game game : contents.games()) {
            List<TreeItem<TreeEntry>> scenes = new ArrayList<>();
            for (Scene scene : contents.scenes()) {
                if (scene.gameId() == game.id()) {
                    TreeItem<TreeEntry> item = scene(contents, game, scene, wanted);
                    if (!item.getChildren().isEmpty() || named(game, scene, wanted)) {
                        scenes.add(item);
                    }
                }
            }
            if (!scenes.isEmpty()) {
                TreeItem<TreeEntry> item = new TreeItem<>(new TreeEntry.OfGame(game));
                item.getChildren().setAll(scenes);
                item.setExpanded(!wanted.isEmpty() || open.contains(game.name()));
                item.expandedProperty().subscribe((_, now) -> {
                    if (now) {
                        open.add(game.name());
                    } else {
                        open.remove(game.name());
                    }
                });
                root.getChildren().add(item);
            }
        }
        none.setVisible(root.getChildren().isEmpty() && !wanted.isEmpty());
        tree.setRoot(root);
        select(workbench.selectedProperty().get());
    }

    private static boolean named(Game game, Scene scene, String wanted) {
        return (game.name() + " " + scene.name()).toLowerCase(Locale.ROOT).contains(wanted);
    }

    private static TreeItem<TreeEntry> scene(Contents contents, Game game, Scene scene, String wanted) {
        List<Run> runs = contents.runs(scene);
        TreeItem<TreeEntry> item = new TreeItem<>(new TreeEntry.OfScene(scene, runs.size()));
        for (Run run : runs) {
            TreeEntry entry = new TreeEntry.OfRun(run);
            if ((game.name() + " " + scene.name() + " " + entry.text())
                    .toLowerCase(Locale.ROOT)
                    .contains(wanted)) {
                item.getChildren().add(new TreeItem<>(entry));
            }
        }
        item.setExpanded(true);
        return item;
    }

    private void select(@Nullable Run run) {
        if (run == null || tree.getRoot() == null) {
            return;
        }
        for (TreeItem<TreeEntry> game : tree.getRoot().getChildren()) {
            for (TreeItem<TreeEntry> scene : game.getChildren()) {
                for (TreeItem<TreeEntry> item : scene.getChildren()) {
                    if (item.getValue() instanceof TreeEntry.OfRun(Run one) && one.id() == run.id()) {
                        choose(game, item);
                        return;
                    }
                }
            }
        }
    }

    private void choose(TreeItem<TreeEntry> game, TreeItem<TreeEntry> item) {
        game.setExpanded(true);
        if (!tree.getSelectionModel().getSelectedItems().contains(item)) {
            tree.getSelectionModel().clearSelection();
            tree.getSelectionModel().select(item);
            tree.scrollTo(Math.max(0, tree.getRow(item) - ROWS_ABOVE));
        }
    }

    private static String tip(TreeEntry entry) {
        if (entry instanceof TreeEntry.OfRun(Run run) && !run.isKept()) {
            String reason = run.taking().reason();
            return ShellText.LEFT_OUT_OF_COMPARISONS.formatted(
                    entry.text(), run.taking().outcome().title(), reason.isEmpty() ? "" : ", " + reason);
        }
        return entry.text();
    }

    private final class EntryCell extends TreeCell<TreeEntry> {
        EntryCell() {
            setOnDragDetected(event -> {
                List<Run> runs = chosenRuns();
                if (!runs.isEmpty() && getItem() instanceof TreeEntry.OfRun) {
                    ClipboardContent content = new ClipboardContent();
                    content.putString(runs.size() == 1 ? runs.getFirst().name() : runs.size() + " runs");
                    startDragAndDrop(TransferMode.MOVE).setContent(content);
                    event.consume();
                }
            });
            setOnDragOver(event -> {
                if (takes(event)) {
                    event.acceptTransferModes(TransferMode.MOVE);
                    pseudoClassStateChanged(TAKES, true);
                    event.consume();
                }
            });
            setOnDragExited(_ -> pseudoClassStateChanged(TAKES, false));
            setOnDragDropped(event -> {
                if (takes(event)) {
                    drop(chosenRuns());
                    event.setDropCompleted(true);
                    event.consume();
                }
            });
        }

        /// Whether runs of this tree can be dropped here: on a scene, or on a run that is none of them.
        private boolean takes(DragEvent event) {
            TreeEntry here = getItem();
            return here != null
                    && event.getGestureSource() instanceof EntryCell
                    && switch (here) {
                        case TreeEntry.OfGame _ -> false;
                        case TreeEntry.OfScene _ -> true;
                        case TreeEntry.OfRun(Run run) -> !chosenRuns().contains(run);
                    };
        }

        private void drop(List<Run> runs) {
            switch (getItem()) {
                case TreeEntry.OfGame _ -> {}
                case TreeEntry.OfScene(Scene scene, int _) -> actions.move(runs, scene);
                case TreeEntry.OfRun(Run run) -> actions.join(runs, run);
            }
        }

        @Override
        protected void updateItem(@Nullable TreeEntry entry, boolean empty) {
            super.updateItem(entry, empty);
            TreeEntry shown = empty ? null : entry;
            setText(shown == null ? null : shown.text());
            Tips.on(this, shown == null ? "" : tip(shown));
            pseudoClassStateChanged(LEFT_OUT, shown instanceof TreeEntry.OfRun(Run run) && !run.isKept());
            // Long names are cut with an ellipsis rather than scrolled to.
            setMinWidth(0);
            setPrefWidth(0);
        }
    }
}
