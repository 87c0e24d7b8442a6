package app.fluss.app.shell;

import app.fluss.app.help.HelpPage;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Open;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WrappingRow;
import app.fluss.files.study.ReadOnlyReason;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/// The line above the chain: which study is open, what runs, and what concerns the whole window.
final class TopBar extends WrappingRow {
    /// @param left opens what stands left where it has no place of its own
    /// @param right opens what stands right where it has no place of its own
    TopBar(Workbench workbench, Jobs jobs, RecentStudies recent, Ways ways, ToggleButton left, ToggleButton right) {
        super(8);
        Button name = Buttons.quiet("", ShellText.STUDY_TIP, ways::overview);
        name.getStyleClass().setAll("button", "study-name");
        name.setMnemonicParsing(false);
        name.setId("study-name");
        name.setMinWidth(0);
        // Keys reach it by the menu: the focus does not begin here.
        name.setFocusTraversable(false);
        Label wordmark = Labels.of(ShellText.FLUSS, "wordmark");
        wordmark.setMinWidth(USE_PREF_SIZE);
        workbench.openProperty().subscribe(now -> {
            name.setText(name(now));
            Tips.on(name, now == null ? "" : ShellText.STUDY_NAME_TIP.formatted(now.file()));
        });
        Button open = Buttons.primary(ShellText.OPEN_FILE, ShellText.OPEN_FILE_TIP, ways::open);
        open.setId("open");
        Button enter = Buttons.quiet(ShellText.ENTER_READINGS, ShellText.ENTER_READINGS_TIP, ways::enterReadings);
        enter.setId("enter");
        Button undo = mark("undo", ShellText.UNDO, () -> workbench.edits().undo());
        Button redo = mark("redo", ShellText.REDO, () -> workbench.edits().redo());
        workbench.contentsProperty().subscribe(contents -> {
            undo.setDisable(contents.undo().isEmpty());
            redo.setDisable(contents.redo().isEmpty());
            Tips.on(undo, ShellText.UNDO_CTRL_Z_TIP.formatted(contents.undo().orElse(ShellText.NOTHING)));
            Tips.on(redo, ShellText.REDO_CTRL_Y_TIP.formatted(contents.redo().orElse(ShellText.NOTHING)));
        });
        getChildren()
                .addAll(
                        left,
                        wordmark,
                        name,
                        Boxes.spacer(),
                        progress(jobs),
                        open,
                        enter,
                        undo,
                        redo,
                        study(workbench, recent, ways),
                        help(ways),
                        right);
    }

    private static Button mark(String id, String name, Runnable action) {
        Region shape = new Region();
        shape.getStyleClass().addAll("sign", "sign-" + id);
        Button button = Buttons.quiet("", name, action);
        button.setGraphic(shape);
        button.setId(id);
        button.setAccessibleText(name);
        button.getStyleClass().add("sign-button");
        return button;
    }

    private static String name(@Nullable Open open) {
        if (open == null) {
            return ShellText.NO_STUDY_OPEN;
        }
        return open.name() + open.readOnly().map(TopBar::readOnly).orElse("");
    }

    private static String readOnly(ReadOnlyReason reason) {
        return ShellText.READ_ONLY.formatted(
                switch (reason) {
                    case OTHER_WINDOW -> ShellText.OPEN_IN_ANOTHER_WINDOW;
                    case MEDIUM -> ShellText.READ_ONLY_FOLDER;
                    case SEVERAL_NAMES -> ShellText.SEVERAL_NAMES;
                });
    }

    private static MenuButton study(Workbench workbench, RecentStudies recent, Ways ways) {
        Menu recents = new Menu(ShellText.RECENT_STUDIES);
        MenuItem report = item(ShellText.REPORT_CTRL_SHIFT_R, ways::report);
        MenuItem handOn = item(ShellText.HAND_ON_GAMES, ways::handOn);
        MenuItem takeIn = item(ShellText.TAKE_IN_STUDY, ways::takeIn);
        MenuButton study = menu(ShellText.STUDY, "study");
        study.getItems()
                .setAll(
                        recents,
                        new SeparatorMenuItem(),
                        report,
                        handOn,
                        takeIn,
                        new SeparatorMenuItem(),
                        item(ShellText.SIMULATE, ways::simulate),
                        item(ShellText.OVERVIEW_CTRL_H, ways::overview),
                        item(ShellText.COMMANDS_CTRL_K, ways::palette),
                        item(ShellText.SETTINGS_CTRL, ways::settings));
        study.setOnShowing(_ -> {
            List<MenuItem> known = recent.list().stream()
                    .map(file -> item(file.toString(), () -> ways.openStudy(file)))
                    .toList();
            recents.getItems().setAll(known);
            recents.setDisable(known.isEmpty());
        });
        workbench.contentsProperty().subscribe(contents -> {
            report.setDisable(contents.games().isEmpty());
            handOn.setDisable(contents.games().isEmpty());
            takeIn.setDisable(!workbench.canEdit());
        });
        return study;
    }

    private static MenuButton help(Ways ways) {
        MenuButton help = menu(ShellText.HELP, "help");
        for (HelpPage page : HelpPage.values()) {
            if (page != HelpPage.ABOUT) {
                help.getItems().add(item(page.title(), () -> ways.help(page)));
            }
        }
        help.getItems()
                .addAll(
                        item(ShellText.MEANS, ways::means),
                        item(ShellText.KEYBOARD_SHORTCUTS_F1, ways::shortcuts),
                        item(ShellText.ABOUT_FLUSS, () -> ways.help(HelpPage.ABOUT)));
        return help;
    }

    private static MenuButton menu(String title, String id) {
        MenuButton menu = new MenuButton(title);
        menu.getStyleClass().add("quiet");
        menu.setId(id);
        menu.setMinWidth(USE_PREF_SIZE);
        return menu;
    }

    private static MenuItem item(String title, Runnable action) {
        MenuItem item = new MenuItem(title);
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private static Node progress(Jobs jobs) {
        Label title = Labels.of("", "muted");
        title.textProperty().bind(jobs.titleProperty());
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(110);
        bar.progressProperty().bind(jobs.shareProperty());
        HBox box = new HBox(8, title, bar, Buttons.quiet(ShellText.STOP, ShellText.STOP_TIP, jobs::stop));
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
