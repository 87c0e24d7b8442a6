package app.fluss.app.capture;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.core.reading.Impression;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// How the run felt, on three scales and in words.
final class ImpressionFields extends VBox {
    private final List<List<ToggleButton>> scales = new ArrayList<>();
    private final TextField words = new TextField();
    private final Consumer<Impression> keep;
    private Impression kept = Impression.NONE;

    ImpressionFields(Consumer<Impression> keep) {
        super(8);
        this.keep = keep;
        words.setId("impression-words");
        words.setPromptText("what stands out, in your words");
        words.setOnAction(_ -> take());
        words.focusedProperty().subscribe((_, focused) -> {
            if (!focused) {
                take();
            }
        });
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren()
                .addAll(
                        scale("smoothness", "shakes", "flows"),
                        scale("response", "drags", "follows the hand"),
                        scale("artefacts", "spoil the picture", "none seen"),
                        Boxes.row(name("words"), words));
    }

    private static Label name(String text) {
        Label name = Labels.of(text);
        name.setMinWidth(84);
        return name;
    }

    private Node scale(String name, String worst, String best) {
        Label low = Labels.of(worst, "muted", "small");
        low.setMinWidth(92);
        low.setAlignment(Pos.CENTER_RIGHT);
        HBox row = Boxes.row(name(name), low);
        List<ToggleButton> buttons = new ArrayList<>();
        for (int value = 1; value <= Impression.BEST; value++) {
            ToggleButton button = new ToggleButton(Integer.toString(value));
            button.getStyleClass().add("quiet");
            button.setId(name + "-" + value);
            button.setOnAction(_ -> {
                buttons.forEach(other -> other.setSelected(other.equals(button) && button.isSelected()));
                take();
            });
            buttons.add(button);
        }
        scales.add(buttons);
        row.getChildren().addAll(buttons);
        row.getChildren().add(Labels.of(best, "muted", "small"));
        return row;
    }

    private static int value(List<ToggleButton> buttons) {
        for (int i = 0; i < buttons.size(); i++) {
            if (buttons.get(i).isSelected()) {
                return i + 1;
            }
        }
        return 0;
    }

    private void take() {
        Impression now = new Impression(
                value(scales.get(0)),
                value(scales.get(1)),
                value(scales.get(2)),
                words.getText().strip());
        if (!now.equals(kept)) {
            kept = now;
            keep.accept(now);
        }
    }

    /// Shows what is kept.
    void show(Impression impression) {
        kept = impression;
        int[] values = {impression.smoothness(), impression.response(), impression.artefacts()};
        for (int scale = 0; scale < values.length; scale++) {
            List<ToggleButton> buttons = scales.get(scale);
            for (int i = 0; i < buttons.size(); i++) {
                buttons.get(i).setSelected(values[scale] == i + 1);
            }
        }
        if (!words.isFocused()) {
            words.setText(impression.words());
        }
    }
}
