package app.fluss.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

class ShellKeysTest extends ApplicationTest {
    private final List<String> done = new ArrayList<>();
    private Work shown = Work.EXAMINE;
    private final ShellKeys keys = new ShellKeys(
            List.of(
                    command("undo", Stroke.of(KeyCode.Z)),
                    command("redo", Stroke.of(KeyCode.Y), Stroke.shifted(KeyCode.Z)),
                    command("larger", Stroke.of(KeyCode.PLUS), Stroke.of(KeyCode.EQUALS)),
                    command("help", Stroke.plain(KeyCode.F1)),
                    Command.on(Work.EXAMINE, "path", () -> done.add("path"), Stroke.of(KeyCode.G)),
                    Command.on(Work.CAPTURE, "keep", () -> done.add("keep"), Stroke.of(KeyCode.ENTER)),
                    Command.on(Work.CAPTURE, "go", () -> done.add("go"), Stroke.of(KeyCode.G))),
            () -> shown);

    @Override
    public void start(Stage stage) {
        // no window is needed
    }

    private Command command(String name, Stroke... strokes) {
        return Command.of(name, () -> done.add(name), strokes);
    }

    private void press(Object target, KeyCode key, boolean shift, boolean control) {
        KeyEvent event = new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, shift, control, false, false);
        keys.pressed(event.copyFor(target, target instanceof TextField field ? field : null));
    }

    @Test
    void theKeysMeanWhatTheListSays() {
        press(this, KeyCode.Z, false, true);
        press(this, KeyCode.Z, true, true);
        press(this, KeyCode.EQUALS, true, true);
        press(this, KeyCode.F1, false, false);
        press(this, KeyCode.F1, false, true);
        press(this, KeyCode.G, false, true);
        shown = Work.CAPTURE;
        press(this, KeyCode.G, false, true);
        shown = Work.PLAN;
        press(this, KeyCode.G, false, true);
        assertThat(done).containsExactly("undo", "redo", "larger", "help", "path", "go");
    }

    /// A key that is held repeats itself.
    @Test
    void aRunIsKeptOncePerPress() {
        shown = Work.CAPTURE;
        press(this, KeyCode.ENTER, false, true);
        press(this, KeyCode.ENTER, false, true);
        keys.released();
        press(this, KeyCode.ENTER, false, true);
        press(this, KeyCode.Z, false, true);
        press(this, KeyCode.Z, false, true);
        assertThat(done).containsExactly("keep", "keep", "undo", "undo");
    }

    @Test
    void typedTextKeepsItsOwnKeys() {
        interact(() -> {
            TextField field = new TextField();
            press(field, KeyCode.Z, false, true);
            press(field, KeyCode.F1, false, false);
        });
        assertThat(done).containsExactly("help");
    }
}
