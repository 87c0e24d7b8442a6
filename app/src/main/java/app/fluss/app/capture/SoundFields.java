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
    private final ChoiceBox<Integer> rate = Choice.of("sound-rate", SensorText.SAMPLING_RATE, hz -> hz + " samples/s");
    private final ChoiceBox<Boolean> clickOnRight = Choice.of(
            "sound-side",
            SensorText.SIDE_OF_RECORDING,
            right -> right ? SensorText.CLICK_RIGHT_LIGHT_LEFT : SensorText.CLICK_LEFT_LIGHT_RIGHT);
    private final ProgressBar click = meter("meter-click", SensorText.HOW_LOUD_CLICK_IS);
    private final ProgressBar light = meter("meter-light", SensorText.HOW_LOUD_LIGHT_IS);

    SoundFields() {
        super(8);
        setId("sound-fields");
        setAlignment(Pos.CENTER_LEFT);
        clickOnRight.getItems().setAll(false, true);
        clickOnRight.setValue(false);
        getChildren()
                .addAll(
                        rate,
                        clickOnRight,
                        Labels.of(SensorText.CLICK, "muted"),
                        click,
                        Labels.of(SensorText.LIGHT, "muted"),
                        light);
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
