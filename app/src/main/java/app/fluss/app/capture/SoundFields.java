package app.fluss.app.capture;

import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.core.latency.sound.SoundQuality;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;

/// How a sound input is listened to: its rate, on which side the click is, and how loud both sides are.
final class SoundFields extends HBox {
    private final ChoiceBox<Integer> rate = Choice.of("sound-rate", "Sampling rate", hz -> hz + " samples/s");
    private final ChoiceBox<Boolean> clickOnRight = Choice.of(
            "sound-side",
            "Side of the recording",
            right -> right ? "click right, light left" : "click left, light right");
    private final ProgressBar click = meter("meter-click", "How loud the click is");
    private final ProgressBar light = meter("meter-light", "How loud the light is");

    SoundFields() {
        super(8);
        setId("sound-fields");
        setAlignment(Pos.CENTER_LEFT);
        clickOnRight.getItems().setAll(false, true);
        clickOnRight.setValue(false);
        getChildren()
                .addAll(rate, clickOnRight, Labels.of("click", "muted"), click, Labels.of("light", "muted"), light);
    }

    private static ProgressBar meter(String id, String words) {
        ProgressBar meter = new ProgressBar(0);
        meter.setId(id);
        meter.setPrefWidth(110);
        meter.setAccessibleText(words);
        return meter;
    }

    /// Offers the rates of an input.
    void offer(SensorSource.Sound source) {
        rate.getItems().setAll(source.ratesHz());
        rate.getSelectionModel().selectFirst();
        quiet();
    }

    int rateHz() {
        return rate.getValue();
    }

    boolean isClickOnRight() {
        return clickOnRight.getValue();
    }

    /// Whether the choices can be changed: not while it is listened.
    void setOpen(boolean open) {
        rate.setDisable(!open);
        clickOnRight.setDisable(!open);
    }

    /// Shows how loud both sides are.
    void show(SoundQuality levels) {
        click.setProgress(levels.click().meter());
        light.setProgress(levels.light().meter());
    }

    /// Nothing is heard.
    void quiet() {
        click.setProgress(0);
        light.setProgress(0);
    }
}
