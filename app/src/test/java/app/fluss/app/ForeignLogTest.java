package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Measure;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// A log whose header nobody has seen: understood with the reason for each column, or asked.
class ForeignLogTest extends WindowTest {
    @Override
    Path study() throws Exception {
        return folder.resolve("foreign-" + System.nanoTime() + ".fluss");
    }

    private void drop(String name, String text) throws Exception {
        Path file = Files.writeString(folder.resolve(name), text);
        settle();
        interact(() -> window.shell().drop(List.of(file)));
        waitFor(() -> lookup("#import-dialog").tryQuery().isPresent());
    }

    private void place() {
        interact(() -> {
            ((ComboBox<?>) lookup("#game").query()).getEditor().setText("Gull Harbour");
            ((ComboBox<?>) lookup("#scene").query()).getEditor().setText("pier");
        });
    }

    private Button add() {
        return lookup("Add run").query();
    }

    private String label(String id) {
        return ((Label) lookup(id).query()).getText();
    }

    @Test
    void everyColumnSaysWhatSpeaksForIt() throws Exception {
        StringBuilder text = new StringBuilder("Bildrate;Bildzeit [ms];GPU-Last %\n");
        SplittableRandom random = new SplittableRandom(2);
        for (int i = 0; i < 600; i++) {
            double ms = 12 + 2 * random.nextDouble();
            text.append("%.1f;%.3f;97%n".formatted(1000 / ms, ms).replace('.', ','));
        }
        drop("fremd.csv", text.toString());
        assertThat(label("#mapping-why")).contains("Bildzeit [ms]", "its name");
        waitFor(() -> lookup("#case-2").tryQuery().isPresent());
        assertThat(label("#case-0")).contains("− ", "named as a rate");
        assertThat(label("#case-1")).startsWith("+ its name").contains("Bildrate");
        place();
        interact(() -> add().fire());
        until(() -> assertThat(contents().runs()).hasSize(1));
        until(() -> assertThat(Measure.PRESENTED
                        .of(window.workbench().analysedProperty().get().analysis())
                        .orNaN())
                .isBetween(75.0, 79.0));
    }

    /// Two columns of times that disagree, neither named better: both readings with the figures that each would give.
    @Test
    void twoReadingsAreAskedWithTheirFigures() throws Exception {
        StringBuilder text = new StringBuilder("a_ms,b_ms\n");
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 600; i++) {
            text.append(10 + random.nextDouble())
                    .append(',')
                    .append(16 + random.nextDouble())
                    .append('\n');
        }
        drop("two.csv", text.toString());
        place();
        assertThat(add().isDisabled()).isTrue();
        String both = words(lookup("#import-dialog").query());
        assertThat(both).contains("95.4 images/s").contains("60.6 images/s");
        RadioButton second = (RadioButton) lookup("#import-dialog").query().lookupAll(".radio-button").stream()
                .filter(node -> ((RadioButton) node).getText().contains("b_ms"))
                .findFirst()
                .orElseThrow();
        interact(second::fire);
        assertThat(add().isDisabled()).isFalse();
        interact(() -> add().fire());
        until(() -> assertThat(contents().runs()).hasSize(1));
        until(() -> assertThat(Measure.PRESENTED
                        .of(window.workbench().analysedProperty().get().analysis())
                        .orNaN())
                .isBetween(60.0, 61.2));
    }

    /// Rows of refreshes, each second one with the image before; of the headset nothing is stated but its rate.
    @Test
    void aHeadsetsLogShowsItsHalfRateAndNothingOfGenerating() throws Exception {
        StringBuilder text = new StringBuilder("time_s,app_gpu_ms,app_cpu_ms,reprojected\n");
        for (int i = 0; i < 1800; i++) {
            text.append("%.6f,%.2f,5.1,%d%n".formatted(i / 90.0, 13 + i % 7 * 0.1, i % 2));
        }
        drop("dive.csv", text.toString());
        place();
        interact(() -> {
            ((ComboBox<?>) lookup("#path").query()).getEditor().setText("vr");
            ((TextField) lookup("#refresh").query()).setText("90");
        });
        assertThat(words(lookup("#import-dialog").query())).contains("kind of image");
        interact(() -> add().fire());
        until(() -> assertThat(contents().runs()).hasSize(1));
        settle();
        push(KeyCode.CONTROL, KeyCode.G);
        until(() -> assertThat(words(look("#headset-panel"))).contains("without a new image", "90 Hz", "45.0"));
        assertThat(window.workbench().analysedProperty().get().findings())
                .extracting(Finding::code)
                .contains("vr-half-rate")
                .doesNotContain("base-low", "vr-rows-alike");
    }
}
