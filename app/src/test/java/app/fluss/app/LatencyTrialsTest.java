package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.app.model.StudyAccess;
import app.fluss.core.latency.edge.Doubt;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import app.fluss.files.study.Study;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// A trace of muzzle flashes of which one is doubtful, from drop to verdict in the window: why it is doubtful,
/// accepted,
/// marked by hand, put back; the other press, the channels swapped.
class LatencyTrialsTest extends WindowTest {
    private static final int RATE = 4000;
    private static final int PRESSES = 14;
    private static final int DOUBTFUL = 5;

    @Override
    Path study() throws Exception {
        Path study = folder.resolve("trials" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            addSimulated(
                    made, "native", Chain.NATIVE, ReadyScenario.named("native").lasting(12), Grade.B);
        }
        return study;
    }

    private static double pressMs(int trial) {
        return 400 + 900 * (trial - 1);
    }

    private static double latencyMs(int trial) {
        return 50 + 5 * (trial % 4);
    }

    /// Flashes of 60 ms; at one trial another one follows after 200 ms.
    private static Path trace() throws Exception {
        SplittableRandom random = new SplittableRandom(9);
        StringBuilder text = new StringBuilder("t_us;input;light\n");
        for (int i = 0; i < 13.5 * RATE; i++) {
            double ms = i * 1000.0 / RATE;
            boolean down = false;
            boolean lit = false;
            for (int trial = 1; trial <= PRESSES; trial++) {
                double since = ms - pressMs(trial);
                down |= since >= 0 && since < 40;
                double flash = since - latencyMs(trial);
                lit |= flash >= 0 && flash < 60 || trial == DOUBTFUL && flash >= 200 && flash < 260;
            }
            text.append(Math.round(ms * 1000)).append(';').append(down ? 1 : 0).append(';');
            text.append(Math.round((lit ? 800 : 100) + 6 * random.nextGaussian()))
                    .append('\n');
        }
        return Files.writeString(folder.resolve("flashes.csv"), text);
    }

    private StoredLatency latency() throws Exception {
        return StudyAccess.study(window.workbench())
                .evidence(contents().runs().getFirst(), EvidenceKinds.LATENCY)
                .orElseThrow();
    }

    private JudgedTrial doubtful() throws Exception {
        return latency().trials().get(DOUBTFUL - 1);
    }

    @Test
    void aDoubtfulTrialSaysWhyAndIsSettledByHand() throws Exception {
        settle();
        select("native");
        Path trace = trace();
        interact(() -> window.shell().drop(List.of(trace)));
        settle();
        waitFor(() -> lookup("Add to this run").tryQuery().isPresent());
        clickOn("Add to this run");
        settle();
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        until(() -> assertThat(text("#trial-reason")).startsWith("Two changes of the light compete"));
        assertThat(latency().trials()).hasSize(PRESSES);
        assertThat(doubtful().trial().doubt()).isEqualTo(Doubt.TWO_CHANGES);
        assertThat(latency().figures().n()).isEqualTo(PRESSES - 1);
        for (JudgedTrial judged : latency().trials()) {
            assertThat(judged.latencyMs()).isCloseTo(latencyMs(judged.number()), within(0.5));
        }

        fire("#accept-trial");
        until(() -> assertThat(latency().figures().n()).isEqualTo(PRESSES));
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        until(() -> assertThat(latency().figures().n()).isEqualTo(PRESSES - 1));

        // The whole window until the time-out is shown, from 30 ms before the press: the second flash is at 255 ms.
        fire("#set-mark");
        clickTrace((30 + latencyMs(DOUBTFUL) + 200) / (30 + 500 + 60.0));
        until(() -> assertThat(doubtful().mark()).isPresent());
        assertThat(doubtful().latencyMs()).isCloseTo(latencyMs(DOUBTFUL) + 200, within(4.0));
        assertThat(doubtful().mark().orElseThrow().withinMs()).isBetween(0.5, 5.0);
        assertThat(doubtful().counts()).isTrue();
        fire("#put-back");
        until(() -> assertThat(doubtful().mark()).isEmpty());
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        until(() -> assertThat(doubtful().mark()).isPresent());

        @SuppressWarnings("unchecked")
        ChoiceBox<PressKind> press = (ChoiceBox<PressKind>) look("#latency-press");
        assertThat(press.getValue()).isEqualTo(PressKind.HIGH);
        interact(() -> press.setValue(PressKind.LOW));
        settle();
        // The recording begins with the button up, which is then a press that began before it.
        until(() -> assertThat(latency().trials().getFirst().trial().doubt()).isEqualTo(Doubt.HELD_AT_START));
        assertThat(latency().trials().get(1).trial().inputMs()).isCloseTo(pressMs(1) + 40, within(1.0));
        assertThat(latency().trials().get(1).latencyMs()).isCloseTo(latencyMs(1) - 40, within(0.5));

        fire("#swap-trace");
        until(() -> assertThat(latency().swapped()).isTrue());
        assertThat(latency().trials())
                .noneMatch(judged -> judged.trial().state() == Trial.State.ACCEPTED
                        && Math.abs(judged.latencyMs() - latencyMs(judged.number())) < 1);
    }

    /// Clicks into the trace at a share of its width.
    private void clickTrace(double share) throws Exception {
        Node trace = look("#latency-trace");
        Bounds at = trace.localToScreen(trace.getBoundsInLocal());
        clickOn(at.getMinX() + share * at.getWidth(), at.getCenterY());
        settle();
    }
}
