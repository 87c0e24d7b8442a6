package app.fluss.app.shell;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.jspecify.annotations.Nullable;

/// Keys that mean something everywhere in the window, or on one screen. With the shortcut key unless they say
/// otherwise.
final class ShellKeys {
    /// While text is typed these belong to the text.
    private static final Set<KeyCode> OF_TEXT =
            Set.of(KeyCode.Z, KeyCode.Y, KeyCode.C, KeyCode.DELETE, KeyCode.BACK_SPACE);

    private final Supplier<Work> shown;
    private final Map<KeyCode, Runnable> plain = new EnumMap<>(KeyCode.class);
    private final Map<KeyCode, Runnable> anywhere = new EnumMap<>(KeyCode.class);
    private final Map<KeyCode, Runnable> shifted = new EnumMap<>(KeyCode.class);
    private final Map<Work, Map<KeyCode, Runnable>> onScreen = new EnumMap<>(Work.class);

    /// @param shown the screen that is shown
    ShellKeys(Supplier<Work> shown) {
        this.shown = shown;
    }

    /// A key that needs no other.
    ShellKeys plain(KeyCode key, Runnable action) {
        plain.put(key, action);
        return this;
    }

    /// A key with the shortcut key.
    ShellKeys on(KeyCode key, Runnable action) {
        anywhere.put(key, action);
        return this;
    }

    /// A key with the shortcut key and shift.
    ShellKeys shifted(KeyCode key, Runnable action) {
        shifted.put(key, action);
        return this;
    }

    /// A key with the shortcut key on one screen; [KeyCode#C] with shift, for without it copies text.
    ShellKeys on(Work work, KeyCode key, Runnable action) {
        onScreen.computeIfAbsent(work, _ -> new EnumMap<>(KeyCode.class)).put(key, action);
        return this;
    }

    /// Does what a key means, if it means something.
    void pressed(KeyEvent event) {
        if (event.getTarget() instanceof TextInputControl && OF_TEXT.contains(event.getCode())) {
            return;
        }
        Runnable action = action(event);
        if (action != null) {
            action.run();
            event.consume();
        }
    }

    private @Nullable Runnable action(KeyEvent event) {
        KeyCode key = event.getCode();
        if (!event.isShortcutDown()) {
            return plain.get(key);
        }
        if (event.isShiftDown() && shifted.containsKey(key)) {
            return shifted.get(key);
        }
        Map<KeyCode, Runnable> here = onScreen.getOrDefault(shown.get(), Map.of());
        if (here.containsKey(key) && (key != KeyCode.C || event.isShiftDown())) {
            return here.get(key);
        }
        return anywhere.get(key);
    }
}
