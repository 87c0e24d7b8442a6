package app.fluss.app.shell;

import app.fluss.app.model.Jobs;
import app.fluss.app.model.Open;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.ReadOnlyReason;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/// The line above the chain: which study is open, what runs, and what concerns the whole window.
final class TopBar extends HBox {
    /// Does what the buttons say.
    interface Actions {
        void openFiles();

        void openStudy(Path study);

        void enter();

        void simulate();

        void showKeys();

        void showMeans();

        void report();

        void handOn();

        void takeIn();
    }

    TopBar(Workbench workbench, Jobs jobs, Theme theme, RecentStudies recent, Actions actions) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        Label name = Labels.of("", "muted");
        name.setId("study-name");
        name.setMinWidth(0);
        Label wordmark = Labels.of("Fluss", "wordmark");
        wordmark.setMinWidth(USE_PREF_SIZE);
        workbench.openProperty().subscribe(now -> name.setText(name(now)));
        Button open = Buttons.quiet(
                "Open…",
                "Open a log, a recording or a study (Ctrl+O); or drop files into the window",
                actions::openFiles);
        open.setId("open");
        MenuButton recents = new MenuButton("Recent");
        recents.getStyleClass().add("quiet");
        recents.setMinWidth(USE_PREF_SIZE);
        Consumer<Path> openStudy = actions::openStudy;
        recents.setOnShowing(_ -> recents.getItems()
                .setAll(recent.list().stream()
                        .map(study -> item(study, openStudy))
                        .toList()));
        Button enter = Buttons.quiet(
                "Enter readings…", "Type or paste numbers from an overlay or a tool (Ctrl+E)", actions::enter);
        enter.setId("enter");
        Button simulate =
                Buttons.quiet("Simulate…", "Rehearse a measurement on a simulated bench (Ctrl+R)", actions::simulate);
        simulate.setId("simulate");
        Button undo = Buttons.quiet("Undo", "Ctrl+Z", () -> workbench.edits().undo());
        undo.setId("undo");
        Button redo = Buttons.quiet("Redo", "Ctrl+Y", () -> workbench.edits().redo());
        redo.setId("redo");
        workbench.contentsProperty().subscribe(contents -> {
            undo.setDisable(contents.undo().isEmpty());
            redo.setDisable(contents.redo().isEmpty());
            undo.setTooltip(new Tooltip("Undo: " + contents.undo().orElse("nothing") + " (Ctrl+Z)"));
            redo.setTooltip(new Tooltip("Redo: " + contents.redo().orElse("nothing") + " (Ctrl+Y)"));
        });
        getChildren()
                .addAll(
                        wordmark,
                        name,
                        Boxes.spacer(),
                        progress(jobs),
                        open,
                        recents,
                        enter,
                        simulate,
                        share(workbench, actions),
                        undo,
                        redo,
                        Buttons.quiet("Light / dark", "Ctrl+D", theme::turn),
                        help(actions));
    }

    private static String name(@Nullable Open open) {
        if (open == null) {
            return "no study open";
        }
        return open.name() + open.readOnly().map(TopBar::readOnly).orElse("");
    }

    private static String readOnly(ReadOnlyReason reason) {
        return " — read-only: "
                + switch (reason) {
                    case OTHER_WINDOW -> "open in another window";
                    case MEDIUM -> "nothing can be written there";
                    case SEVERAL_NAMES -> "the file has several names";
                };
    }

    private static MenuButton share(Workbench workbench, Actions actions) {
        MenuItem report = new MenuItem("Report… (Ctrl+Shift+R)");
        report.setOnAction(_ -> actions.report());
        MenuItem handOn = new MenuItem("Hand on games…");
        handOn.setOnAction(_ -> actions.handOn());
        MenuItem takeIn = new MenuItem("Take in a study…");
        takeIn.setOnAction(_ -> actions.takeIn());
        MenuButton share = new MenuButton("Share", null, report, handOn, takeIn);
        share.getStyleClass().add("quiet");
        share.setId("share");
        share.setMinWidth(USE_PREF_SIZE);
        workbench.contentsProperty().subscribe(contents -> {
            share.setDisable(workbench.openProperty().get() == null);
            report.setDisable(contents.games().isEmpty());
            handOn.setDisable(contents.games().isEmpty());
            takeIn.setDisable(!workbench.canEdit());
        });
        return share;
    }

    private static MenuButton help(Actions actions) {
        MenuItem keys = new MenuItem("Keyboard shortcuts (F1)");
        keys.setOnAction(_ -> actions.showKeys());
        MenuItem means = new MenuItem("What can I measure with what I have? (Ctrl+M)");
        means.setOnAction(_ -> actions.showMeans());
        MenuButton help = new MenuButton("Help", null, keys, means);
        help.getStyleClass().add("quiet");
        help.setId("help");
        help.setMinWidth(USE_PREF_SIZE);
        return help;
    }

    private static MenuItem item(Path study, Consumer<Path> openStudy) {
        MenuItem item = new MenuItem(study.toString());
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> openStudy.accept(study));
        return item;
    }

    private static Node progress(Jobs jobs) {
        Label title = Labels.of("", "muted");
        title.textProperty().bind(jobs.titleProperty());
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(110);
        bar.progressProperty().bind(jobs.shareProperty());
        HBox box = new HBox(8, title, bar, Buttons.quiet("Stop", "Stop what is running (Esc)", jobs::stop));
        box.setAlignment(Pos.CENTER);
        // Work that ends within half a second shows nothing.
        PauseTransition wait = new PauseTransition(Duration.millis(500));
        wait.setOnFinished(_ -> box.setVisible(jobs.busyProperty().get()));
        box.setVisible(false);
        box.managedProperty().bind(box.visibleProperty());
        jobs.busyProperty().subscribe(busy -> {
            if (busy) {
                wait.playFromStart();
            } else {
                wait.stop();
                box.setVisible(false);
            }
        });
        return box;
    }
}
