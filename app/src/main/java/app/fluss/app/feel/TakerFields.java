package app.fluss.app.feel;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Labels;
import app.fluss.files.study.FeelSession;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/// Who does a session, and on what.
final class TakerFields extends GridPane {
    private final TextField person = field("feel-person", FeelText.PERSON, FeelText.NAME_ONLY);
    private final TextField display = field("feel-display", FeelText.DISPLAY, FeelText.WHAT_YOU_LOOK_AT);
    private final TextField device = field("feel-device", FeelText.DEVICE, FeelText.MOUSE_PAD_KEYS);

    TakerFields() {
        setHgap(8);
        setVgap(6);
        addRow(0, Labels.of(FeelText.PERSON, "muted"), person);
        addRow(1, Labels.of(FeelText.DISPLAY, "muted"), display);
        addRow(2, Labels.of(FeelText.DEVICE, "muted"), device);
        setHgrow(person, Priority.ALWAYS);
    }

    private static TextField field(String id, String name, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(name);
        return field;
    }

    /// Offers who was there last, and the display on the bench, where nothing was typed yet.
    void offer(Contents contents) {
        contents.people().lastTaker().ifPresent(last -> {
            offer(person, last.person());
            offer(display, last.display());
            offer(device, last.device());
        });
    }

    private static void offer(TextField field, String text) {
        if (field.getText().isBlank()) {
            field.setText(text);
        }
    }

    /// Who was typed; empty while a name is missing or too long.
    Optional<FeelSession.Taker> taker() {
        try {
            return Optional.of(new FeelSession.Taker(
                    person.getText().strip(),
                    display.getText().strip(),
                    device.getText().strip()));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
