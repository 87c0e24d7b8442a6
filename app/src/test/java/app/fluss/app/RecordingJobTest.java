package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.demo.DemoRecording;
import app.fluss.app.model.AnalysedRun;
import app.fluss.core.measure.Grade;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.Area;
import app.fluss.files.study.StoredNumbers;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/// From a dropped recording to what the counter said and the eye got, and what the analyst says of a reading.
class RecordingJobTest extends WindowTest {
    private static final Area RATE = new Area(18, 12, 100, 32);
    private static final Area LOAD = new Area(18, 46, 110, 32);

    @Override
    Path study() {
        return folder.resolve("recorded-" + System.nanoTime() + ".fluss");
    }

    private void dragOver(Area area) throws Exception {
        Node picture = lookup("#clip-picture").query();
        Bounds at = picture.localToScreen(picture.getBoundsInLocal());
        double by = Math.min(at.getWidth() / 512, at.getHeight() / 288);
        double left = at.getMinX() + area.x() * by;
        double top = at.getMinY() + area.y() * by;
        drag(left, top).dropTo(left + area.width() * by, top + area.height() * by);
        settle();
    }

    private StoredNumbers numbers() {
        AnalysedRun run = window.workbench().analysedProperty().get();
        assertThat(run).isNotNull();
        return run.recorded().orElseThrow();
    }

    private OverlaySeries rate() {
        return numbers().of(OverlayKind.RATE).orElseThrow();
    }

    @Test
    @SuppressWarnings("unchecked")
    void fromARecordingToWhatTheEyeGot() throws Exception {
        settle();
        Path clip = DemoRecording.put(folder);
        interact(() -> window.shell().drop(List.of(clip)));
        waitFor(() -> lookup("#use-numbers").tryQuery().isPresent());
        clickOn("#use-numbers");
        waitFor(() -> lookup("#clip-picture").tryQuery().isPresent());
        settle();
        dragOver(RATE);
        dragOver(LOAD);
        interact(() -> lookup("#kind-1").<ChoiceBox<OverlayKind>>query().setValue(OverlayKind.GPU_LOAD));
        settle();
        clickOn("#recording-read");
        waitFor(() -> !lookup("#recording-result").<Label>query().getText().isEmpty());
        assertThat(lookup("#recording-result").<Label>query().getText())
                .isEqualTo("The counter said 98.5/s; 48.0 images/s can be told apart.");
        assertThat(lookup("#said-1").<Label>query().getText()).startsWith("mean 98.8 %");
        clickOn("Keep as a run of its own…");
        waitFor(() -> lookup("#own-run-dialog").tryQuery().isPresent());
        interact(() ->
                lookup("#game").<javafx.scene.control.ComboBox<String>>query().setValue("Mossfall Terrace"));
        clickOn("Add run");
        settle();
        until(() -> assertThat(rate().mean().orNaN()).isCloseTo(98.5, Offset.offset(0.05)));
        assertThat(contents().runs().getFirst().grade()).isEqualTo(Grade.D_PLUS);
        clickOn("#view-counter");
        settle();
        assertThat(text("#counter-headline")).isEqualTo("The counter said 98.5/s, the eye got 48.0/s");

        // The first reading, 96, is corrected, struck, and put back; each is a step of its own.
        interact(() -> ((TextField) look("#reading-value")).setText("98"));
        interact(() -> ((Button) look("#reading-say")).fire());
        settle();
        until(() -> assertThat(rate().mean().orNaN()).isCloseTo(98.6, Offset.offset(0.01)));
        interact(() -> ((Button) look("#reading-strike")).fire());
        settle();
        until(() -> assertThat(rate().openShare()).isCloseTo(0.05, Offset.offset(1e-9)));
        interact(() -> window.workbench().edits().undo());
        settle();
        until(() -> assertThat(rate().openShare()).isZero());
        interact(() -> ((Button) look("#reading-back")).fire());
        settle();
        until(() -> assertThat(rate().mean().orNaN()).isCloseTo(98.5, Offset.offset(1e-9)));

        // The next recording of this size is asked the same numbers.
        interact(() -> window.shell().drop(List.of(clip)));
        waitFor(() -> lookup("#clip-picture").tryQuery().isPresent());
        settle();
        assertThat(lookup("#kind-1").<ChoiceBox<OverlayKind>>query().getValue()).isEqualTo(OverlayKind.GPU_LOAD);
        clickOn("Cancel");
    }
}
