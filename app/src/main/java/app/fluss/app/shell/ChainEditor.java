package app.fluss.app.shell;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.files.study.DeliveryPath;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The chain of the chosen path, to be composed: stages are added, taken out and moved here. What makes no sense is
/// refused with the reason.
final class ChainEditor extends WrappingRow {
    private final Workbench workbench;
    private final Consumer<String> problems;
    private boolean editable;

    /// @param problems is told why a change is refused
    ChainEditor(Workbench workbench, Consumer<String> problems) {
        super(6);
        this.workbench = workbench;
        this.problems = problems;
        setId("chain-editor");
        workbench.pathProperty().subscribe(this::show);
    }

    /// Whether stages can be changed, or are only shown.
    void setEditable(boolean now) {
        if (now != editable) {
            editable = now;
            show(workbench.pathProperty().get());
        }
    }

    private void show(@Nullable DeliveryPath path) {
        getChildren().clear();
        if (path == null) {
            getChildren().add(Labels.of(ShellText.CHOOSE_PATH, "muted"));
            return;
        }
        List<Node> nodes = new ArrayList<>();
        nodes.add(box(ShellText.GAME, ShellText.DRAWS_IMAGES));
        nodes.add(line());
        List<Stage> stages = path.chain().stages();
        for (int at = 0; at < stages.size(); at++) {
            nodes.add(stage(path, at, stages.get(at)));
            nodes.add(line());
        }
        if (editable) {
            nodes.add(adding(path));
            nodes.add(line());
        }
        nodes.add(box(
                ShellText.DISPLAY, path.chain().has(StageKind.VR_REPROJECTION) ? "headset" : ShellText.SHOWS_IMAGES));
        nodes.add(Labels.heading(ShellText.EYE));
        getChildren().setAll(nodes);
    }

    private Node stage(DeliveryPath path, int at, Stage stage) {
        VBox text = box(stage.kind().title(), settings(stage));
        if (!editable) {
            return text;
        }
        text.getStyleClass().remove("stage-box");
        HBox box = new HBox(6, text);
        if (at > 0) {
            Button earlier = Buttons.quiet("‹", ShellText.MOVE_TIP, () -> edit(path, chain -> chain.earlier(at)));
            earlier.setId("earlier-" + at);
            box.getChildren().addFirst(earlier);
        }
        Button remove =
                Buttons.quiet("✕", ShellText.TAKE_THIS_STAGE_OUT_TIP, () -> edit(path, chain -> chain.without(at)));
        remove.setId("remove-stage-" + at);
        box.getChildren().add(remove);
        box.getStyleClass().add("stage-box");
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private static String settings(Stage stage) {
        String set = stage.kind().settings().stream()
                .filter(stage.settings()::containsKey)
                .limit(2)
                .map(key -> key.said(stage.settings().getOrDefault(key, "")))
                .collect(Collectors.joining(", "));
        return set.isEmpty() ? ShellText.NO_SETTINGS_STATED : set;
    }

    private MenuButton adding(DeliveryPath path) {
        MenuButton add = new MenuButton(ShellText.STAGE);
        add.setId("add-stage");
        add.getStyleClass().add("quiet");
        add.setMinWidth(Region.USE_PREF_SIZE);
        Tips.on(add, ShellText.ADD_STAGE_TIP);
        for (StageKind kind : StageKind.values()) {
            MenuItem item = new MenuItem(kind.title());
            item.setOnAction(_ -> edit(path, chain -> chain.with(kind)));
            add.getItems().add(item);
        }
        return add;
    }

    private void edit(DeliveryPath path, UnaryOperator<Chain> change) {
        try {
            Chain changed = change.apply(path.chain());
            Contents contents = workbench.contentsProperty().get();
            Supplier<String> proposed = () -> contents.freePathName(changed.proposedName());
            // A name that only says what the stages are follows them.
            String name = path.name().startsWith(path.chain().proposedName()) ? proposed.get() : path.name();
            problems.accept("");
            workbench.edits().bench().changePath(path, name, changed);
        } catch (IllegalArgumentException e) {
            problems.accept(String.valueOf(e.getMessage()));
        }
    }

    private static VBox box(String name, String detail) {
        VBox box = new VBox(-1, Labels.heading(name), Labels.of(detail, "muted", "small"));
        box.getStyleClass().add("stage-box");
        return box;
    }

    private static Region line() {
        Region line = new Region();
        line.setMinSize(10, 2);
        line.setMaxHeight(2);
        line.getStyleClass().add("chain-line");
        HBox.setHgrow(line, Priority.ALWAYS);
        return line;
    }
}
