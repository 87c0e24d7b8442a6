package app.fluss.app.capture;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.RatingScale;
import app.fluss.core.reading.Impression;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// How the run felt, on three scales and in words.
final class ImpressionFields extends VBox {
    private final RatingScale smoothness =
            new RatingScale(CaptureText.SMOOTHNESS, CaptureText.SHAKES, CaptureText.FLOWS, this::take);
    private final RatingScale response =
            new RatingScale(CaptureText.RESPONSE, CaptureText.DRAGS, CaptureText.FOLLOWS_HAND, this::take);
    private final RatingScale artefacts =
            new RatingScale(CaptureText.ARTEFACTS, CaptureText.SPOIL_PICTURE, CaptureText.NONE_SEEN, this::take);
    private final TextField words = new TextField();
    private final Consumer<Impression> keep;
    private Impression kept = Impression.NONE;

    ImpressionFields(Consumer<Impression> keep) {
        super(8);
        this.keep = keep;
        words.setId("impression-words");
        words.setPromptText(CaptureText.WORDS_PROMPT);
        words.setOnAction(_ -> take());
        words.focusedProperty().subscribe((_, focused) -> {
            if (!focused) {
                take();
            }
        });
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().addAll(smoothness, response, artefacts, Boxes.row(name(CaptureText.WORDS), words));
    }

    private static Label name(String text) {
        Label name = Labels.of(text);
        name.setMinWidth(84);
        return name;
    }

    private void take() {
        Impression now = new Impression(
                smoothness.value(),
                response.value(),
                artefacts.value(),
                words.getText().strip());
        if (!now.equals(kept)) {
            kept = now;
            keep.accept(now);
        }
    }

    /// Shows what is kept.
    void show(Impression impression) {
        kept = impression;
        smoothness.show(impression.smoothness());
        response.show(impression.response());
        artefacts.show(impression.artefacts());
        if (!words.isFocused()) {
            words.setText(impression.words());
        }
    }
}
