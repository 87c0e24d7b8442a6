package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.theme.Numbers;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.Planner;
import app.fluss.core.plan.Wish;
import app.fluss.core.work.Progress;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import app.fluss.sim.Simulation;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// Latency through the real window: looked at, judged, looked at again, added to a run, measured live,
/// compared.
class LatencyJobTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path study = folder.resolve("latency" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            simulated(made, "native", Chain.NATIVE, "native", Grade.A);
            simulated(made, "engine 2×", Chain.of(StageKind.ENGINE_GENERATION), "engine-generation", Grade.A);
            simulated(made, "driver 2×", Chain.of(StageKind.DRIVER_GENERATION), "driver-generation", Grade.B);
        }
        return study;
    }

    private static void simulated(Study study, String path, Chain chain, String scenario, Grade rests)
            throws Exception {
        RunDraft draft = new RunDraft(
                "Tidewarden",
                "reed marsh loop",
                path,
                chain,
                "run 1",
                true,
                Optional.empty(),
                Double.NaN,
                Double.NaN,
                Map.of(),
                Taking.UNRECORDED);
        var simulated = ReadyScenario.named(scenario).lasting(30);
        new SimulatedEvidence(folder)
                .add(study, SimulatedEvidence.draft(simulated, draft), Simulation.run(simulated), rests, Progress.NONE);
    }

    private Run run(String path) {
        return contents().runs().stream()
                .filter(run -> run.path().name().equals(path))
                .findFirst()
                .orElseThrow();
    }

    private void select(String path) throws Exception {
        interact(() -> window.workbench().selectedProperty().set(run(path)));
        settle();
    }

    private StoredLatency latency(String path) throws Exception {
        return Objects.requireNonNull(window.workbench().studyProperty().get())
                .latency()
                .of(run(path))
                .orElseThrow();
    }

    private static Shown figures(StoredLatency latency) {
        LatencyFigures of = LatencyFigures.of(latency.samplesMs());
        return new Shown(of.n(), Numbers.text(of.median(), 1) + " ms");
    }

    private record Shown(int n, String median) {}

    @Test
    void aMeasuredRunIsLookedAtJudgedAndLookedAtAgain() throws Exception {
        settle();
        select("engine 2×");
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        assertThat(look("#stage-stack")).isNotNull();
        Shown before = figures(latency("engine 2×"));
        assertThat(text("#chain-latency")).isEqualTo(before.median);

        push(KeyCode.RIGHT);
        settle();
        fire("#reject-trial");
        assertThat(latency("engine 2×").rejected()).isEqualTo(1);
        assertThat(latency("engine 2×").trials().get(1).isRejected()).isTrue();
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(figures(latency("engine 2×"))).isEqualTo(before);

        @SuppressWarnings("unchecked")
        ChoiceBox<Double> threshold = (ChoiceBox<Double>) look("#latency-threshold");
        interact(() -> threshold.setValue(0.1));
        settle();
        assertThat(text("#chain-latency")).isEqualTo(figures(latency("engine 2×")).median);
        assertThat(latency("engine 2×").measurement().settings().threshold()).isEqualTo(0.1);

        interact(() -> ((ToggleButton) look("#work-compare")).setSelected(true));
        settle();
        double[] nativeRun = latency("native").samplesMs();
        double[] engine = latency("engine 2×").samplesMs();
        assertThat(text("#difference-latency"))
                .isEqualTo(Numbers.text(LatencyDifference.of(nativeRun, engine).shiftMs(), 2));
        assertThat(look("#trade-map")).isNotNull();
    }

    @Test
    void aFileOfSamplesIsAddedToTheSelectedRun() throws Exception {
        settle();
        select("driver 2×");
        assertThat(run("driver 2×").grade()).isEqualTo(Grade.B);
        assertThat(text("#chain-latency"))
                .as("an estimate until it is measured")
                .startsWith("~");
        Path list = Files.writeString(
                folder.resolve("clicks.csv"),
                "trial,input_ms,photon_ms\n1,0,40\n2,500,541\n3,1000,1042\n4,1500,\n5,2000,2039.5\n");
        interact(() -> window.shell().drop(List.of(list)));
        settle();
        waitFor(() -> lookup("Add to this run").tryQuery().isPresent());
        clickOn("Add to this run");
        settle();
        assertThat(run("driver 2×").grade()).isEqualTo(Grade.A);
        assertThat(latency("driver 2×").samplesMs()).containsExactly(40, 41, 42, Double.NaN, 39.5);
        assertThat(text("#chain-latency")).isEqualTo("40.5 ms");
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(run("driver 2×").grade()).isEqualTo(Grade.B);
    }

    @Test
    void aLiveSensorIsListenedToUntilEnoughIsMeasured() throws Exception {
        settle();
        Study study = Objects.requireNonNull(window.workbench().studyProperty().get());
        Scene scene = contents().scenes().getFirst();
        Run first = run("native");
        interact(() -> window.workbench()
                .note(
                        "Planning",
                        opened -> opened.plan()
                                .replaceOpen(Planner.plan(
                                        List.of(new Wish(
                                                scene.gameId(),
                                                scene.id(),
                                                30,
                                                first.path().id(),
                                                Chain.NATIVE,
                                                1)),
                                        PlanSettings.DEFAULT,
                                        Chain.NATIVE))));
        settle();
        interact(() -> ((ToggleButton) look("#work-capture")).setSelected(true));
        settle();
        skipToRun();
        interact(() -> window.shell().capture().findSensors(20));
        interact(() -> ((ToggleButton) look("#evidence-latency")).setSelected(true));
        interact(() ->
                ((ChoiceBox<?>) look("#sensor-source")).getSelectionModel().selectLast());
        interact(() -> ((TextField) look("#sensor-samples")).setText("12"));
        Node listen = look("#sensor-listen");
        interact(() -> ((ButtonBase) listen).fire());
        waitFor(() -> text("#sensor-words").startsWith("● Enough is measured."));
        assertThat(text("#sensor-words")).contains("simulated");
        settle();
        fire("#keep");
        Run kept = contents().runs().getLast();
        assertThat(kept.simulated()).as("a stand-in's run is a rehearsal").isTrue();
        StoredLatency measured = study.latency().of(kept).orElseThrow();
        assertThat(LatencyFigures.of(measured.samplesMs()).n()).isGreaterThanOrEqualTo(11);
        assertThat(study.latency().excerpt(measured, measured.trials().getFirst()))
                .isPresent();
        // The same game as the first run's: the two medians differ by chance alone.
        double live = LatencyFigures.of(measured.samplesMs()).median().orNaN();
        double before =
                LatencyFigures.of(latency("native").samplesMs()).median().orNaN();
        assertThat(live).isBetween(before - 8, before + 8);
    }

    /// Lines before the first run are done at once.
    private void skipToRun() throws Exception {
        while (contents().planned().open().stream()
                .findFirst()
                .filter(line -> !line.role().isMeasured())
                .isPresent()) {
            interact(() -> window.workbench()
                    .note(
                            "Skipping",
                            opened -> opened.plan()
                                    .set(contents().planned().open().getFirst(), SheetRow.State.DONE)));
            settle();
        }
    }
}
