package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactKey;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Study;
import java.nio.file.Path;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import org.junit.jupiter.api.Test;

/// From a native log to the next planned path, through the real window.
class TuneJobTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path study = folder.resolve("tune" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            addSimulated(
                    made, "native", Chain.NATIVE, ReadyScenario.named("native").lasting(20), Grade.B);
        }
        return study;
    }

    @Test
    void theBestCapBecomesTheNextPlannedPath() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.DIGIT7);
        settle();
        waitFor(() ->
                look("#cap-grid") instanceof GridPane grid && grid.getChildren().size() > 20);
        interact(() -> {
            look("#tune-cost").requestFocus();
            ((TextField) look("#tune-cost")).setText("2");
        });
        push(KeyCode.ENTER);
        settle();
        fire("#tune-plan");
        DeliveryPath path = contents().bench().paths().stream()
                .filter(one -> !one.isNative())
                .findFirst()
                .orElseThrow();
        until(() -> assertThat(path.chain().has(StageKind.CAPTURE_GENERATION)).isTrue());
        Stage cap = path.chain().stages().getFirst();
        until(() -> assertThat(cap.kind()).isEqualTo(StageKind.FRAME_CAP));
        until(() -> assertThat(FactKey.number(cap.settings().get(FactKey.CAP_FPS)))
                .as("what the multiplier makes of the cap fits under the ceiling of 144 Hz")
                .isBetween(30.0, 144 / path.multiplier()));
        until(() -> assertThat(contents()
                        .planned()
                        .wanted(contents().scenes().getFirst().id(), path.id()))
                .isEqualTo(3));
        until(() -> assertThat(look("#matrix")).as("the plan is shown").isNotNull());
        interact(() -> look("#work-plan").requestFocus());
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        until(() -> assertThat(contents()
                        .planned()
                        .wanted(contents().scenes().getFirst().id(), path.id()))
                .as("next to undo: %s; said: %s", contents().undo(), text("#message"))
                .isZero());
    }
}
