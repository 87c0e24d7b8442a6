package app.fluss.app.theme;

import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;

/// A choice whose entries are named.
public final class Choice {
    private Choice() {}

    /// Makes one.
    ///
    /// @param what is chosen, for people who do not see what stands beside it
    /// @param name the name of an entry, for people
    public static <T> ChoiceBox<T> of(String id, String what, Function<T, String> name) {
        ChoiceBox<T> box = new ChoiceBox<>();
        box.setId(id);
        box.setAccessibleText(what);
        box.setConverter(new Names<>(name));
        return box;
    }

    /// Makes one whose entries are proposals: anything can be typed, over what stands there.
    public static ComboBox<String> typed(String id) {
        ComboBox<String> box = new ComboBox<>();
        box.setId(id);
        box.setEditable(true);
        box.focusedProperty().subscribe(focused -> {
            if (focused) {
                Platform.runLater(box.getEditor()::selectAll); // after the press that brought the focus
            }
        });
        return box;
    }

    /// Opens a choice that has the focus at an arrow key, which by itself would leave it.
    static void openByArrow(KeyEvent event) {
        if (event.getCode() != KeyCode.DOWN && event.getCode() != KeyCode.UP) {
            return;
        }
        switch (event.getTarget()) {
            case ChoiceBox<?> box
            when !box.isShowing() -> {
                box.show();
                event.consume();
            }
            case ComboBox<?> box
            when !box.isShowing() -> {
                box.show();
                event.consume();
            }
            default -> {}
        }
    }

    private static final class Names<T> extends StringConverter<T> {
        private final Function<T, String> name;

        Names(Function<T, String> name) {
            this.name = name;
        }

        @Override
        public String toString(@Nullable T value) {
            return value == null ? "" : name.apply(value);
        }

        @Override
        public T fromString(String text) {
            throw new UnsupportedOperationException("entries are only chosen");
        }
    }
}
