package app.fluss.app.recorded;

import app.fluss.app.model.EvidenceEdits;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Numbers;
import app.fluss.core.overlay.Stand;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.overlay.StandCrops;
import app.fluss.files.study.StoredNumbers;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// One reading: the picture that it was read from, what it showed, and what the analyst says of it.
final class ReadingPanel extends VBox {
    private static final double LARGEST = 3;
    private static final double WIDE = 230;
    private static final double HIGH = 72;

    private final Supplier<EvidenceEdits> edits;
    private final IntConsumer go;
    private final Label when = Labels.of("", "strong");
    private final Label said = Labels.of("", "muted");
    private final ImageView image = new ImageView();
    private final Label noImage = Labels.note("");
    private final TextField value = new TextField();
    private final Label unit = Labels.of("", "muted");
    private final Button say;
    private final Button strike;
    private final Button back;
    private @Nullable StoredNumbers numbers;
    private @Nullable RecordedNumber number;
    private int index;

    /// @param go looks at another reading
    ReadingPanel(Supplier<EvidenceEdits> edits, IntConsumer go) {
        super(7);
        this.edits = edits;
        this.go = go;
        setId("reading");
        value.setId("reading-value");
        value.setPrefColumnCount(6);
        value.setOnAction(_ -> say());
        value.textProperty().subscribe(() -> check());
        say = Buttons.quiet(RecordedText.IT_SHOWS_THIS, RecordedText.IT_SHOWS_THIS_TIP, this::say);
        say.setId("reading-say");
        strike = Buttons.quiet(RecordedText.UNREADABLE, RecordedText.UNREADABLE_TIP, this::strike);
        strike.setId("reading-strike");
        back = Buttons.quiet(RecordedText.PUT_BACK, RecordedText.PUT_BACK_TIP, this::putBack);
        back.setId("reading-back");
        StackPane picture = new StackPane(image, noImage);
        picture.getStyleClass().add("reading-picture");
        picture.setMinHeight(HIGH + 10);
        picture.setMinWidth(0);
        picture.setAlignment(Pos.CENTER_LEFT);
        Button nextOpen =
                Buttons.quiet(RecordedText.NEXT_OPEN, RecordedText.NEXT_OPEN_TIP, () -> go.accept(open(index)));
        nextOpen.setId("next-open");
        value.setMinWidth(USE_PREF_SIZE);
        FlowPane more = new FlowPane(
                8,
                7,
                Buttons.quiet("◂", RecordedText.READING_BEFORE_TIP, () -> step(-1)),
                Buttons.quiet("▸", RecordedText.NEXT_READING_TIP, () -> step(1)),
                nextOpen,
                strike,
                back);
        getChildren().addAll(Boxes.row(when, said), picture, Boxes.row(value, unit, say), more);
    }

    /// @param shown number of the reading among those of the number
    void show(StoredNumbers all, RecordedNumber of, int shown) {
        numbers = all;
        number = of;
        index = shown;
        Stand stand = of.series().stands().get(shown);
        Map<Double, Double> corrections = all.correctionsOf(of);
        boolean corrected = corrections.containsKey(stand.fromMs());
        double now = corrections.getOrDefault(stand.fromMs(), stand.value());
        when.setText(RecordedText.S_FOR_S.formatted(
                Numbers.text(stand.fromMs() / 1000, 2), Numbers.text((stand.toMs() - stand.fromMs()) / 1000, 2)));
        said.setText(words(of, stand, now, corrected));
        unit.setText(of.kind().unit());
        value.setText(Double.isNaN(now) ? "" : NumberField.text(now));
        back.setVisible(corrected);
        strike.setDisable(Double.isNaN(now));
        Optional<byte[]> grey = of.crops().of(shown);
        image.setImage(grey.map(pixels -> image(of.crops(), pixels)).orElse(null));
        double by = Math.min(
                LARGEST, Math.min(WIDE / of.crops().width(), HIGH / of.crops().height()));
        image.setFitWidth(of.crops().width() * by);
        image.setPreserveRatio(true);
        image.setSmooth(by < 1);
        noImage.setText(grey.isPresent() ? "" : RecordedText.NO_PICTURE_KEPT);
        check();
    }

    private static String words(RecordedNumber of, Stand stand, double now, boolean corrected) {
        String read = stand.isRead()
                ? RecordedText.READ_AS
                        .formatted(NumberField.text(stand.value()), of.kind().unit())
                        .strip()
                : RecordedText.OPEN;
        return !corrected
                ? read
                : Double.isNaN(now)
                        ? RecordedText.STRUCK_IT_WAS.formatted(read)
                        : RecordedText.CORRECTED_IT_WAS.formatted(read);
    }

    private static WritableImage image(StandCrops crops, byte[] grey) {
        int[] argb = new int[grey.length];
        for (int i = 0; i < grey.length; i++) {
            int shade = grey[i] & 0xFF;
            argb[i] = 0xFF000000 | shade << 16 | shade << 8 | shade;
        }
        WritableImage picture = new WritableImage(crops.width(), crops.height());
        picture.getPixelWriter()
                .setPixels(
                        0, 0, crops.width(), crops.height(), PixelFormat.getIntArgbInstance(), argb, 0, crops.width());
        return picture;
    }

    private void check() {
        say.setDisable(!(NumberField.value(value.getText()) >= 0));
    }

    private void step(int by) {
        if (number != null) {
            go.accept(Math.clamp(index + (long) by, 0, number.series().stands().size() - 1));
        }
    }

    /// The next reading that is open; the one itself where none is.
    private int open(int from) {
        if (number == null || numbers == null) {
            return from;
        }
        Map<Double, Double> corrections = numbers.correctionsOf(number);
        int n = number.series().stands().size();
        for (int i = 1; i < n; i++) {
            Stand stand = number.series().stands().get((from + i) % n);
            if (!stand.isRead() && !corrections.containsKey(stand.fromMs())) {
                return (from + i) % n;
            }
        }
        return from;
    }

    private void say() {
        double typed = NumberField.value(value.getText());
        if (typed >= 0) {
            correct(OptionalDouble.of(typed));
        }
    }

    private void strike() {
        correct(OptionalDouble.empty());
    }

    private void correct(OptionalDouble to) {
        if (numbers != null && number != null) {
            int next = open(index);
            edits.get().correct(numbers, number, number.series().stands().get(index), to);
            go.accept(next);
        }
    }

    private void putBack() {
        if (numbers != null && number != null) {
            edits.get().takeBack(numbers, number, number.series().stands().get(index));
        }
    }
}
