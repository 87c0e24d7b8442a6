package app.fluss.app.blind;

import app.fluss.app.model.Jobs;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Labels;
import app.fluss.core.feel.blind.Side;
import app.fluss.devices.script.SwitchScript;
import app.fluss.files.study.BlindBlock;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Sets the path of the next trial: by a helper who looks at what to set, or by a script that nobody
/// looks at.
final class SwitchPanel extends VBox {
    private final Jobs jobs;
    private final Consumer<String> tell;
    private final Runnable set;
    private final Label shown = Labels.of(BlindText.LOOK_AWAY, "strong");
    private final Button hold = new Button(BlindText.HOLD_TO_SEE_SPACE);
    private final TextField program = new TextField();
    private final Button run = Buttons.quiet(BlindText.SET_PATH_NOW, BlindText.SET_PATH_NOW_TIP, this::run);
    private final VBox helper;
    private final VBox script;
    private Side side = Side.A;
    private String name = "";

    /// @param tell is told what went wrong, in words
    /// @param set is told when the path of the trial was set
    SwitchPanel(Jobs jobs, Consumer<String> tell, Runnable set) {
        super(6);
        this.jobs = jobs;
        this.tell = tell;
        this.set = set;
        hold.setId("blind-hold");
        hold.getStyleClass().add("quiet");
        shown.setId("blind-set");
        hold.addEventHandler(MouseEvent.MOUSE_PRESSED, _ -> reveal());
        hold.addEventHandler(MouseEvent.MOUSE_RELEASED, _ -> hide());
        hold.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.SPACE) {
                reveal();
            }
        });
        hold.addEventHandler(KeyEvent.KEY_RELEASED, _ -> hide());
        hold.focusedProperty().subscribe(focused -> {
            if (!focused) {
                hide();
            }
        });
        helper = new VBox(6, Boxes.row(hold, shown), Labels.note(BlindText.SAME_EVERY_TIME));
        program.setId("blind-script");
        program.setPromptText(BlindText.SCRIPT_PROMPT);
        program.setAccessibleText(BlindText.SCRIPT);
        HBox.setHgrow(program, Priority.ALWAYS);
        run.setId("blind-run");
        script = new VBox(
                6,
                Boxes.row(program, Buttons.quiet(BlindText.CHOOSE, BlindText.CHOOSE_TIP, this::choose), run),
                Labels.note(BlindText.SCRIPT_WARNING));
    }

    /// The next trial of a block.
    ///
    /// @param path name of the path that it shows
    void show(BlindBlock.SwitchedBy by, Side next, String path) {
        side = next;
        name = path;
        hide();
        getChildren().setAll(by == BlindBlock.SwitchedBy.HELPER ? helper : script);
    }

    private void reveal() {
        shown.setText("%s: %s".formatted(side, name));
        set.run();
    }

    private void hide() {
        shown.setText(BlindText.LOOK_AWAY);
    }

    private void choose() {
        FileChoice.chosen(FileChoice.files(BlindText.SCRIPT)
                        .showOpenDialog(getScene().getWindow()))
                .ifPresent(script -> program.setText(script.toString()));
    }

    private void run() {
        Side wanted = side;
        try {
            SwitchScript chosen = new SwitchScript(Path.of(program.getText().strip()));
            run.setDisable(true);
            jobs.quick(
                    BlindText.SETTING_PATH,
                    () -> {
                        chosen.set(wanted);
                        return true;
                    },
                    _ -> {
                        run.setDisable(false);
                        set.run();
                    },
                    e -> {
                        run.setDisable(false);
                        tell.accept(String.valueOf(e.getMessage()));
                    });
        } catch (InvalidPathException e) {
            tell.accept(BlindText.NO_FILE_NAME);
        } catch (IllegalArgumentException e) {
            tell.accept(String.valueOf(e.getMessage()));
        }
    }
}
