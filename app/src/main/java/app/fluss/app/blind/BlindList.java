package app.fluss.app.blind;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Coverage;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.BlindBlock;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Scene;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/// The blind blocks that are planned, each with how far it is.
public final class BlindList extends VBox {
    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<String> problems;
    private final Runnable play;

    /// @param problems is told, in words, what is missing
    /// @param play goes where blocks are played
    public BlindList(Workbench workbench, Theme theme, Consumer<String> problems, Runnable play) {
        super(6);
        this.workbench = workbench;
        this.theme = theme;
        this.problems = problems;
        this.play = play;
        setId("blind-list");
    }

    /// A button that adds a block to the game that is shown.
    public Button adding(Supplier<Optional<Game>> game) {
        Button button = Buttons.quiet(BlindText.ADD_BLOCK, BlindText.ADD_BLOCK_TIP, () -> add(game.get()));
        button.setId("plan-blind");
        return button;
    }

    private void add(Optional<Game> game) {
        Contents contents = workbench.contentsProperty().get();
        List<Scene> scenes = Coverage.scenes(contents, game);
        List<DeliveryPath> planned = Coverage.paths(contents, scenes);
        List<DeliveryPath> paths = planned.size() < 2 ? contents.bench().paths() : planned;
        if (scenes.isEmpty() || paths.size() < 2) {
            problems.accept(BlindText.BLOCK_NEEDS);
            return;
        }
        new BlindDialog(workbench, theme, getScene().getWindow(), scenes, paths).ask();
    }

    /// Shows the open blocks of a game, or of all.
    public void show(Contents contents, Optional<Game> game) {
        List<Node> open = contents.people().blocks().stream()
                .filter(BlindBlock::isOpen)
                .filter(block -> isOf(contents.scene(block.sceneId()), game))
                .map(block -> row(contents, block))
                .toList();
        setVisible(!open.isEmpty());
        setManaged(!open.isEmpty());
        getChildren().setAll(open.isEmpty() ? List.of() : List.of(panel(open)));
    }

    private static boolean isOf(Scene scene, Optional<Game> game) {
        return game.map(one -> one.id() == scene.gameId()).orElse(true);
    }

    private static Node panel(List<Node> rows) {
        VBox panel = Boxes.panel(Labels.heading(BlindText.BLIND_BLOCKS));
        panel.getChildren().addAll(rows);
        return panel;
    }

    private Node row(Contents contents, BlindBlock block) {
        Button remove = Buttons.quiet(
                BlindText.REMOVE,
                BlindText.REMOVE_TIP,
                () -> workbench.edits().people().remove(block));
        Button go = Buttons.quiet(BlindText.PLAY, BlindText.PLAY_TIP, play);
        go.setId("blind-play");
        return Boxes.row(
                Labels.of(BlindText.AGAINST.formatted(
                        contents.path(block.pathA()).name(),
                        contents.path(block.pathB()).name())),
                Labels.of(contents.place(contents.scene(block.sceneId())), "chip"),
                Labels.of(
                        BlindText.OF_TRIALS.formatted(
                                block.player(),
                                block.answers().size(),
                                block.seal().order().size(),
                                block.switchedBy().title()),
                        "muted"),
                Boxes.spacer(),
                remove,
                go);
    }
}
