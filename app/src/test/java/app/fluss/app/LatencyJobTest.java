package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.model.StudyAccess;
import app.fluss.app.theme.Numbers;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.Planner;
import app.fluss.core.plan.Wish;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.Study;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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
        addSimulated(study, path, chain, ReadyScenario.named(scenario).lasting(30), rests);
    }

    private Run run(String path) {
        return contents().runs().stream()
                .filter(run -> run.path().name().equals(path))
                .findFirst()
                .orElseThrow();
    }

    private StoredLatency latency(String path) throws Exception {
        return StudyAccess.study(window.workbench())
                .evidence(run(path), EvidenceKinds.LATENCY)
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
        until(() -> assertThat(look("#stage-stack")).isNotNull());
        Shown before = figures(latency("engine 2×"));
        until(() -> assertThat(text("#chain-latency")).isEqualTo(before.median));

        until(() -> assertThat(look("#latency").isFocused()).isTrue());
        push(KeyCode.RIGHT);
        settle();
        fire("#reject-trial");
        until(() -> assertThat(latency("engine 2×").rejected()).isEqualTo(1));
        until(() ->
                assertThat(latency("engine 2×").trials().get(1).isRejected()).isTrue());
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        until(() -> assertThat(figures(latency("engine 2×"))).isEqualTo(before));

        @SuppressWarnings("unchecked")
        ChoiceBox<Double> threshold = (ChoiceBox<Double>) look("#latency-threshold");
        interact(() -> threshold.setValue(0.1));
        settle();
        until(() -> assertThat(text("#chain-latency")).isEqualTo(figures(latency("engine 2×")).median));
        until(() -> assertThat(latency("engine 2×").measurement().settings().threshold())
                .isEqualTo(0.1));

        interact(() -> ((ToggleButton) look("#work-compare")).setSelected(true));
        settle();
        double[] nativeRun = latency("native").samplesMs();
        double[] engine = latency("engine 2×").samplesMs();
        until(() -> assertThat(text("#difference-latency"))
                .isEqualTo(Numbers.text(
                        LatencyDifference.of(List.of(nativeRun), List.of(engine), 0)
                                .difference(),
                        1)));
        until(() -> assertThat(look("#trade-map")).isNotNull());
    }

    @Test
    void aFileOfSamplesIsAddedToTheSelectedRun() throws Exception {
        settle();
        select("driver 2×");
        until(() -> assertThat(run("driver 2×").grade()).isEqualTo(Grade.B));
        until(() -> assertThat(text("#chain-latency"))
                .as("an estimate until it is measured")
                .startsWith("~"));
        Path list = Files.writeString(
                folder.resolve("clicks.csv"),
                "trial,input_ms,photon_ms\n1,0,40\n2,500,541\n3,1000,1042\n4,1500,\n5,2000,2039.5\n");
        interact(() -> window.shell().drop(List.of(list)));
        settle();
        waitFor(() -> lookup("Add to this run").tryQuery().isPresent());
        clickOn("Add to this run");
        settle();
        until(() -> assertThat(run("driver 2×").grade()).isEqualTo(Grade.A));
        until(() -> assertThat(latency("driver 2×").samplesMs()).containsExactly(40, 41, 42, Double.NaN, 39.5));
        until(() -> assertThat(text("#chain-latency")).isEqualTo("40.5 ms"));
        fire("#undo"); // a key repeats on a slow machine, and with it the step back
        until(() -> assertThat(run("driver 2×").grade()).isEqualTo(Grade.B));
    }

    /// The lamp fills the left half of the picture, the screen the right; presses at 100, 600, 1100 … ms are
    /// answered after 50 ms, which is 12 pictures of 240 a second.
    @Test
    void aClipIsMeasuredByItsAreasOrByHand() throws Exception {
        settle();
        select("driver 2×");
        Path clip = clip();
        interact(() -> window.shell().drop(List.of(clip)));
        settle();
        waitFor(() -> lookup("#use-latency").tryQuery().isPresent());
        clickOn("#use-latency");
        waitFor(() -> lookup("#clip-picture").tryQuery().isPresent());
        waitFor(() -> lookup("#clip-proposal").<Label>query().getText().startsWith("Proposed"));
        waitFor(() -> lookup("#clip-result").<Label>query().getText().startsWith("5 answered"));
        dragOver(0.1, 0.2, 0.4, 0.7);
        dragOver(0.6, 0.2, 0.9, 0.7);
        waitFor(() -> lookup("#clip-proposal").<Label>query().getText().isEmpty());
        waitFor(() -> lookup("#clip-result").<Label>query().getText().startsWith("5 answered"));
        clickOn("Add to this run");
        settle();
        for (double ms : latency("driver 2×").samplesMs()) {
            assertThat(ms).isCloseTo(50, Offset.offset(0.1));
        }
        until(() -> assertThat(latency("driver 2×").measurement().source()).isEqualTo(Measurement.Source.CLIP));

        interact(() -> window.shell().drop(List.of(clip)));
        settle();
        waitFor(() -> lookup("#use-latency").tryQuery().isPresent());
        clickOn("#use-latency");
        waitFor(() -> lookup("#clip-slider").tryQuery().isPresent());
        Slider slider = lookup("#clip-slider").query();
        interact(() -> slider.setValue(24));
        clickOn("Input here");
        interact(() -> slider.setValue(36));
        clickOn("Answer here");
        clickOn("Add to this run");
        settle();
        until(() -> assertThat(latency("driver 2×").samplesMs()).hasSize(1));
        until(() -> assertThat(latency("driver 2×").samplesMs()[0]).isCloseTo(50, Offset.offset(1e-6)));
    }

    @Test
    void aFilmOfAPhoneIsMeasuredFromDropToFigures() throws Exception {
        dropFilm();
        clickOn("Add to this run");
        settle();
        until(() -> assertThat(latency("driver 2×").figures().median().orNaN()).isCloseTo(62.5, Offset.offset(2.1)));
    }

    /// A console at a television has no log: the film by itself is a run, compared by its latency.
    @Test
    void aFilmWithoutALogIsARunOfItsOwn() throws Exception {
        dropFilm();
        clickOn("Make a run of it…");
        waitFor(() -> lookup("#own-run-dialog").tryQuery().isPresent());
        interact(() -> ((ComboBox<?>) lookup("#path").query()).getEditor().setText("film mode"));
        clickOn("Add run");
        settle();
        until(() -> assertThat(latency("film mode").figures().median().orNaN()).isCloseTo(62.5, Offset.offset(2.1)));
        assertThat(run("film mode").grade()).isEqualTo(Grade.E);
        assertThat(run("driver 2×").grade()).as("untouched").isEqualTo(Grade.B);
        until(() -> assertThat(Double.parseDouble(text("#noted-latency"))).isCloseTo(62.5, Offset.offset(2.1)));

        interact(() -> ((ToggleButton) look("#work-compare")).setSelected(true));
        settle();
        until(() -> assertThat(text("#difference-latency"))
                .isEqualTo(Numbers.text(
                        LatencyDifference.of(
                                        List.of(latency("native").samplesMs()),
                                        List.of(latency("film mode").samplesMs()),
                                        1000 / 240.0)
                                .difference(),
                        1)));
    }

    /// A film as phones make it, by the decoder of the window: a lamp, and a flash 62.5 ms after it.
    private void dropFilm() throws Exception {
        settle();
        select("driver 2×");
        Path film = Path.of("../cli/src/test/resources/app/fluss/cli/clips/film.mp4");
        interact(() -> window.shell().drop(List.of(film)));
        settle();
        waitFor(() -> lookup("#use-latency").tryQuery().isPresent());
        clickOn("#use-latency");
        waitFor(() -> lookup("#clip-result").tryQuery().isPresent());
        waitFor(() -> lookup("#clip-result").<Label>query().getText().startsWith("7 answered"));
    }

    private void dragOver(double left, double top, double right, double bottom) throws Exception {
        Bounds at = lookup("#clip-picture")
                .<Node>query()
                .localToScreen(lookup("#clip-picture").<Node>query().getBoundsInLocal());
        // The picture is 16 by 8 and fills the view's width.
        double wide = at.getWidth();
        double high = Math.min(at.getHeight(), wide / 2);
        wide = Math.min(wide, 2 * high);
        drag(at.getMinX() + left * wide, at.getMinY() + top * high)
                .dropTo(at.getMinX() + right * wide, at.getMinY() + bottom * high);
        settle();
    }

    private static Path clip() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("YUV4MPEG2 W16 H8 F240:1 Cmono\n".getBytes(StandardCharsets.US_ASCII));
        Random noise = new Random(4);
        for (int i = 0; i < 600; i++) {
            out.writeBytes("FRAME\n".getBytes(StandardCharsets.US_ASCII));
            boolean lamp = i % 120 >= 24 && i % 120 < 40;
            boolean bright = Math.floorDiv(i - 36, 120) % 2 == 0 && i >= 36;
            for (int p = 0; p < 16 * 8; p++) {
                boolean left = p % 16 < 8;
                out.write((left ? lamp : bright) ? 180 + noise.nextInt(9) : 30 + noise.nextInt(9));
            }
        }
        return Files.write(folder.resolve("clip.y4m"), out.toByteArray());
    }

    @ParameterizedTest
    @ValueSource(strings = {"Sensor stand-in (simulated)", "Sound stand-in (simulated)"})
    void aLiveSensorIsListenedToUntilEnoughIsMeasured(String source) throws Exception {
        settle();
        Study study = StudyAccess.study(window.workbench());
        Scene scene = contents().scenes().getFirst();
        Run first = run("native");
        Wish wish = new Wish(scene.gameId(), scene.id(), 30, first.path().id(), Chain.NATIVE, 1);
        interact(() -> window.workbench()
                .edits()
                .plan()
                .replaceOpen(() -> Planner.plan(List.of(wish), PlanSettings.DEFAULT, Chain.NATIVE)));
        settle();
        interact(() -> ((ToggleButton) look("#work-capture")).setSelected(true));
        settle();
        skipToRun();
        interact(() -> window.shell().capture().offerStandIns(20));
        interact(() -> ((ToggleButton) look("#evidence-latency")).setSelected(true));
        interact(() -> select("#sensor-source", source));
        boolean isSound = source.startsWith("Sound");
        assertThat(look("#sound-fields").isVisible()).isEqualTo(isSound);
        interact(() -> ((TextField) look("#sensor-samples")).setText("12"));
        Node listen = look("#sensor-listen");
        AtomicReference<Double> highest = new AtomicReference<>(0.0);
        if (isSound) {
            interact(() -> ((ProgressBar) look("#meter-click"))
                    .progressProperty()
                    .subscribe(level -> highest.accumulateAndGet(level.doubleValue(), Math::max)));
        }
        interact(() -> ((ButtonBase) listen).fire());
        until(() -> assertThat(text("#sensor-words")).startsWith("● Enough samples."));
        // On a busy machine the window sees few of the levels: any will do.
        assertThat(highest.get() > 0).as("the meter moved").isEqualTo(isSound);
        until(() -> assertThat(text("#sensor-words")).contains("simulated"));
        settle();
        fire("#keep");
        Run kept = contents().runs().getLast();
        until(() -> assertThat(kept.simulated())
                .as("a stand-in's run is a rehearsal")
                .isTrue());
        assertThat(kept.attached(EvidenceKinds.LATENCY).orElseThrow().fileName())
                .isEqualTo(isSound ? "sound.wav" : "trace.csv");
        StoredLatency measured = study.evidence(kept, EvidenceKinds.LATENCY).orElseThrow();
        until(() -> assertThat(LatencyFigures.of(measured.samplesMs()).n()).isGreaterThanOrEqualTo(11));
        until(() -> assertThat(
                        study.latency().excerpt(measured, measured.trials().getFirst()))
                .isPresent());
        // The same game as the first run's: the two medians differ by chance alone.
        double live = LatencyFigures.of(measured.samplesMs()).median().orNaN();
        double before =
                LatencyFigures.of(latency("native").samplesMs()).median().orNaN();
        until(() -> assertThat(live).isBetween(before - 8, before + 8));
    }

    private void select(String choice, String title) {
        @SuppressWarnings("unchecked")
        ChoiceBox<Object> box = (ChoiceBox<Object>) look(choice);
        box.getItems().stream()
                .filter(item -> box.getConverter().toString(item).equals(title))
                .findFirst()
                .ifPresentOrElse(box::setValue, () -> {
                    throw new AssertionError("no choice " + title + " in " + box.getItems());
                });
    }

    /// Lines before the first run are done at once.
    private void skipToRun() throws Exception {
        while (contents().planned().open().stream()
                .findFirst()
                .filter(line -> !line.role().isMeasured())
                .isPresent()) {
            interact(() -> window.workbench()
                    .edits()
                    .plan()
                    .set(contents().planned().open().getFirst(), SheetRow.State.DONE));
            settle();
        }
    }
}
