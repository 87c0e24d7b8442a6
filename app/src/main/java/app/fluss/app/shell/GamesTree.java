package app.fluss.app.shell;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Workbench;
import app.fluss.files.study.Game;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.control.TreeCell;
import javafx.scene.control.TreeItem;
import javafx.scene.control.TreeView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Games, scenes and their runs, with a field to find one.
final class GamesTree extends VBox {
    private static final int ROWS_ABOVE = 5;
    private static final PseudoClass LEFT_OUT = PseudoClass.getPseudoClass("left-out");

    private final Workbench workbench;
    private final TreeView<Entry> tree = new TreeView<>();
    private final TextField find = new TextField();
    private final Set<String> open = new HashSet<>();

    /// One line: a game, a scene or a run.
    private record Entry(String text, @Nullable Run run) {}

    /// @param stateFacts lets the user state the facts of the selected run
    /// @param takeBench takes the bench's facts of now over for it
    /// @param removeRun removes the selected run
    /// @param setOutcome says whether the selected run counts
    GamesTree(
            Workbench workbench,
            Runnable stateFacts,
            Runnable takeBench,
            Runnable removeRun,
            Consumer<Outcome> setOutcome) {
        super(6);
        this.workbench = workbench;
        find.setPromptText("Find game, path or run");
        find.setId("find");
        tree.setId("runs");
        tree.setShowRoot(false);
        tree.setAccessibleText("Games, scenes and runs");
        tree.setCellFactory(_ -> new EntryCell());
        MenuItem facts = new MenuItem("Facts…");
        facts.setOnAction(_ -> stateFacts.run());
        MenuItem bench = new MenuItem("Take the bench's facts of today");
        bench.setOnAction(_ -> takeBench.run());
        MenuItem remove = new MenuItem("Remove run (Ctrl+Delete)");
        remove.setOnAction(_ -> removeRun.run());
        ContextMenu menu = new ContextMenu(facts, bench);
        for (Outcome outcome : Outcome.values()) {
            MenuItem item = new MenuItem(outcome == Outcome.KEPT ? "It counts" : "Mark as " + outcome.title() + "…");
            item.setOnAction(_ -> setOutcome.accept(outcome));
            menu.getItems().add(item);
        }
        menu.getItems().add(remove);
        tree.setContextMenu(menu);
        VBox.setVgrow(tree, Priority.ALWAYS);
        getChildren().addAll(find, tree);
        find.textProperty().subscribe(this::fill);
        workbench.contentsProperty().subscribe(this::fill);
        tree.getSelectionModel().selectedItemProperty().subscribe(item -> {
            if (item != null && item.getValue().run() != null) {
                workbench.selectedProperty().set(item.getValue().run());
            }
        });
        workbench.selectedProperty().subscribe(this::select);
    }

    void focusFind() {
        find.requestFocus();
    }

    private void fill() {
        Contents contents = workbench.contentsProperty().get();
        String wanted = find.getText().toLowerCase(Locale.ROOT);
        TreeItem<Entry> root = new TreeItem<>(new Entry("", null));
        for (Game game : contents.games()) {
            List<TreeItem<Entry>> scenes = new ArrayList<>();
            for (Scene scene : contents.scenes()) {
                if (scene.gameId() == game.id()) {
                    TreeItem<Entry> item = scene(contents, game, scene, wanted);
                    if (!item.getChildren().isEmpty()) {
                        scenes.add(item);
                    }
                }
            }
            if (!scenes.isEmpty()) {
                TreeItem<Entry> item = new TreeItem<>(new Entry(game.name(), null));
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
        tree.setRoot(root);
        select(workbench.selectedProperty().get());
    }

    private static TreeItem<Entry> scene(Contents contents, Game game, Scene scene, String wanted) {
        List<Run> runs = contents.runs(scene);
        String coverage = runs.size() == 1 ? "1 run" : runs.size() + " runs";
        TreeItem<Entry> item = new TreeItem<>(new Entry(scene.name() + " · " + coverage, null));
        for (Run run : runs) {
            String text = run.path().name() + " · " + run.name();
            if ((game.name() + " " + scene.name() + " " + text)
                    .toLowerCase(Locale.ROOT)
                    .contains(wanted)) {
                item.getChildren().add(new TreeItem<>(new Entry(text, run)));
            }
        }
        item.setExpanded(true);
        return item;
    }

    private void select(@Nullable Run run) {
        if (run == null || tree.getRoot() == null) {
            return;
        }
        for (TreeItem<Entry> game : tree.getRoot().getChildren()) {
            for (TreeItem<Entry> scene : game.getChildren()) {
                for (TreeItem<Entry> item : scene.getChildren()) {
                    if (run.equals(item.getValue().run())) {
                        game.setExpanded(true);
                        tree.getSelectionModel().select(item);
                        show(tree.getRow(item));
                        return;
                    }
                }
            }
        }
    }

    /// Scrolls to a row with some of what stands above it.
    private void show(int row) {
        tree.scrollTo(Math.max(0, row - ROWS_ABOVE));
    }

    private static String reason(Run run) {
        return "Does not count: " + run.taking().outcome().title()
                + (run.taking().reason().isEmpty() ? "" : ", " + run.taking().reason());
    }

    private static final class EntryCell extends TreeCell<Entry> {
        @Override
        protected void updateItem(@Nullable Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            setText(empty || entry == null ? null : entry.text());
            Run run = empty || entry == null ? null : entry.run();
            boolean left = run != null && !run.isKept();
            pseudoClassStateChanged(LEFT_OUT, left);
            setTooltip(run != null && left ? new Tooltip(reason(run)) : null);
            // Long names are cut with an ellipsis rather than scrolled to.
            setMinWidth(0);
            setPrefWidth(0);
        }
    }
}
