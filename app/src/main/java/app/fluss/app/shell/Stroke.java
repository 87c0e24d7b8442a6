package app.fluss.app.shell;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// A key that is pressed, with or without the shortcut key and shift.
///
/// @param shortcut whether Ctrl is held, on some systems another key
record Stroke(KeyCode key, boolean shortcut, boolean shift) {
    static Stroke plain(KeyCode key) {
        return new Stroke(key, false, false);
    }

    static Stroke of(KeyCode key) {
        return new Stroke(key, true, false);
    }

    static Stroke shifted(KeyCode key) {
        return new Stroke(key, true, true);
    }

    /// Shift is part of how some layouts write plus and minus, so it only counts where it is asked for.
    boolean meets(KeyEvent event) {
        return event.getCode() == key && event.isShortcutDown() == shortcut && (!shift || event.isShiftDown());
    }

    /// As people write it.
    String text() {
        String name = switch (key) {
            case ENTER -> ShellText.ENTER;
            case SPACE -> ShellText.SPACE;
            case ESCAPE -> ShellText.ESC;
            case DELETE -> ShellText.DELETE;
            case PLUS -> "+";
            case MINUS -> "−";
            default -> key.getName();
        };
        return (shortcut ? ShellText.CTRL : "") + (shift ? ShellText.SHIFT : "") + name;
    }
}
