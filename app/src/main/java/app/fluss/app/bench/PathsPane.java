package app.fluss.app.bench;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.bench.FactKey;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.path.Switch;
import app.fluss.files.study.DeliveryPath;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The paths of the study and the settings of their stages. The stages themselves are composed in the chain.
final class PathsPane extends HBox {
    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<String> problems;
    private final ListView<DeliveryPath> list = new ListView<>();
    private final VBox detail = Boxes.scrolled();
    private final List<FactForm> forms = new ArrayList<>();
    private @Nullable DeliveryPath shown;

    PathsPane(Workbench workbench, Theme theme, Consumer<String> problems) {
        super(12);
        this.workbench = workbench;
        this.theme = theme;
        this.problems = problems;
        list.setId("paths");
        list.setCellFactory(_ -> new PathCell());
        list.getSelectionModel().selectedItemProperty().subscribe(path -> {
            if (path != null) {
                workbench.pathProperty().set(path);
            }
        });
        VBox left = new VBox(8, list, adding());
        VBox.setVgrow(list, Priority.ALWAYS);
        Ems.fix(left, 212);
        VBox panel = Boxes.panel(Boxes.scrolling(detail));
        VBox.setVgrow(panel.getChildren().getFirst(), Priority.ALWAYS);
        HBox.setHgrow(panel, Priority.ALWAYS);
        getChildren().addAll(left, panel);
        workbench.contentsProperty().subscribe(this::fill);
        workbench.pathProperty().subscribe(this::show);
    }

    private MenuButton adding() {
        MenuButton add = new MenuButton(BenchText.ADD_PATH);
        add.setId("add-path");
        add.getStyleClass().add("quiet");
        add.setMaxWidth(Double.MAX_VALUE);
        add.getItems().add(template(BenchText.NATIVE, Chain.NATIVE));
        for (StageKind kind : StageKind.values()) {
            add.getItems().add(template(kind.title(), Chain.of(kind)));
        }
        return add;
    }

    private MenuItem template(String title, Chain chain) {
        MenuItem item = new MenuItem(title);
        item.setOnAction(_ -> add(chain, chain.proposedName()));
        return item;
    }

    private void add(Chain chain, String wanted) {
        String name = workbench.contentsProperty().get().freePathName(wanted);
        workbench
                .edits()
                .bench()
                .addPath(
                        name,
                        chain,
                        () -> workbench.contentsProperty().get().bench().paths().stream()
                                .filter(path -> path.name().equals(name))
                                .findFirst()
                                .ifPresent(workbench.pathProperty()::set));
    }

    private void fill(Contents contents) {
        if (!list.getItems().equals(contents.bench().paths())) {
            list.getItems().setAll(contents.bench().paths());
            list.getSelectionModel().select(workbench.pathProperty().get());
        }
    }

    private void show(@Nullable DeliveryPath path) {
        DeliveryPath before = shown;
        shown = path;
        if (path == null) {
            forms.clear();
            detail.getChildren().setAll(Labels.title(BenchText.NO_PATH_IS_CHOSEN), Labels.note(BenchText.NO_PATH_HINT));
            return;
        }
        list.getSelectionModel().select(path);
        boolean sameStages = before != null
                && before.id() == path.id()
                && kinds(before.chain()).equals(kinds(path.chain()));
        if (!sameStages) {
            forms.clear();
            detail.getChildren().setAll(head(path));
            for (int at = 0; at < path.chain().stages().size(); at++) {
                detail.getChildren().add(stage(at, path.chain().stages().get(at)));
            }
            detail.getChildren().add(new VBox(4));
        } else {
            detail.getChildren().set(0, head(path));
        }
        for (int at = 0; at < forms.size(); at++) {
            forms.get(at).showSettings(path.chain().stages().get(at).settings());
        }
        detail.getChildren().set(detail.getChildren().size() - 1, change(path));
    }

    private static List<StageKind> kinds(Chain chain) {
        return chain.stages().stream().map(Stage::kind).toList();
    }

    private Node head(DeliveryPath path) {
        TextField name = new TextField(path.name());
        name.setId("path-name");
        name.setPrefColumnCount(24);
        name.setOnAction(_ -> rename(name.getText().strip()));
        HBox.setHgrow(name, Priority.ALWAYS);
        Button duplicate =
                Buttons.quiet(BenchText.DUPLICATE, BenchText.DUPLICATE_PATH_TIP, () -> add(path.chain(), path.name()));
        duplicate.setId("duplicate-path");
        return Boxes.row(
                name,
                duplicate,
                Buttons.quiet(
                        BenchText.REMOVE,
                        BenchText.REMOVE_PATH_TIP,
                        () -> workbench.edits().bench().removePath(path)));
    }

    private void rename(String name) {
        DeliveryPath path = shown;
        if (path != null && !name.isEmpty() && !name.equals(path.name())) {
            String free = workbench.contentsProperty().get().freePathName(name);
            workbench.edits().bench().changePath(path, free, path.chain());
        }
    }

    private Node stage(int at, Stage stage) {
        FactForm form = new FactForm(theme, stage.kind().settings(), false, (key, value, _) -> set(at, key, value));
        forms.add(form);
        return new VBox(6, Labels.heading(stage.kind().title()), form);
    }

    private void set(int at, FactKey key, String value) {
        DeliveryPath path = shown;
        if (path == null) {
            return;
        }
        Chain changed = path.chain().with(at, path.chain().stages().get(at).with(key, value));
        boolean follows = path.name().equals(path.chain().proposedName());
        String name = follows && !changed.proposedName().equals(path.name())
                ? workbench.contentsProperty().get().freePathName(changed.proposedName())
                : path.name();
        problems.accept("");
        workbench.edits().bench().changePath(path, name, changed);
    }

    /// What must be done to get there from the native path.
    private static Node change(DeliveryPath path) {
        Switch change = Switch.between(Chain.NATIVE, path.chain());
        VBox box = new VBox(4);
        if (!change.steps().isEmpty()) {
            box.getChildren().add(Labels.heading(BenchText.STEPS_FROM_NATIVE_PATH));
            change.steps().forEach(step -> box.getChildren().add(Labels.wrapped("→ " + step, "small")));
            if (change.restartsGame()) {
                box.getChildren().add(Labels.wrapped(BenchText.RESTART_GAME, "small"));
            }
        } else {
            box.getChildren().add(Labels.note(BenchText.NO_STAGES));
        }
        return box;
    }

    private static final class PathCell extends ListCell<DeliveryPath> {
        PathCell() {
            Tips.whenCut(this);
        }

        @Override
        protected void updateItem(@Nullable DeliveryPath path, boolean empty) {
            super.updateItem(path, empty);
            setText(empty || path == null ? null : path.name());
            setMinWidth(0);
            setPrefWidth(0);
        }
    }
}
