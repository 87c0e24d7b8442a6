package app.fluss.app.shell;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// Does what a key means everywhere in the window, or on the screen that is shown.
final class ShellKeys {
    /// While text is typed these belong to the text.
    private static final Set<KeyCode> OF_TEXT =
            Set.of(KeyCode.Z, KeyCode.Y, KeyCode.C, KeyCode.DELETE, KeyCode.BACK_SPACE);

    /// Done once a press, however long the key is held: a mark is of one moment, a run is kept once, and
    /// what is removed after the first was not looked at.
    private static final Set<KeyCode> ONCE =
            Set.of(KeyCode.T, KeyCode.ENTER, KeyCode.SPACE, KeyCode.DELETE, KeyCode.BACK_SPACE);

    private final List<Command> commands;
    private final Supplier<Work> shown;
    private Optional<KeyCode> held = Optional.empty();

    /// @param shown the screen that is shown
    ShellKeys(List<Command> commands, Supplier<Work> shown) {
        this.commands = commands;
        this.shown = shown;
    }

    /// Does what a key means, if it means something.
    void pressed(KeyEvent event) {
        if (event.getTarget() instanceof TextInputControl && OF_TEXT.contains(event.getCode())) {
            return;
        }
        boolean repeats = ONCE.contains(event.getCode()) && held.equals(Optional.of(event.getCode()));
        held = Optional.of(event.getCode());
        meant(event).ifPresent(command -> {
            if (!repeats) {
                command.action().run();
            }
            event.consume();
        });
    }

    /// A key was let go.
    void released() {
        held = Optional.empty();
    }

    /// Of several the one with more keys held, then that of the screen.
    private Optional<Command> meant(KeyEvent event) {
        return commands.stream()
                .filter(command -> command.on().map(shown.get()::equals).orElse(true))
                .flatMap(command -> command.strokes().stream()
                        .filter(stroke -> stroke.meets(event))
                        .map(stroke -> Map.entry(stroke, command)))
                .max(Comparator.comparing(
                                (Map.Entry<Stroke, Command> one) -> one.getKey().shift())
                        .thenComparing(one -> one.getValue().on().isPresent()))
                .map(Map.Entry::getValue);
    }
}
