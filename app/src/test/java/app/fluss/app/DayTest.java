package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.app.theme.Numbers;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.PlannedStep.Role;
import app.fluss.core.plan.Planner;
import app.fluss.core.plan.Wish;
import app.fluss.core.reading.Impression;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.TypedReading;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Item;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.SheetRow;
import app.fluss.files.study.Study;
import app.fluss.sim.Simulation;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/// A day's session through the real window: the bench is described, paths are composed, the preflight answered, a
/// session planned, three runs measured by three kinds of evidence, and compared.
class DayTest extends WindowTest {
    private Path study;
    private Path logs;

    @Override
    Path study() throws Exception {
        logs = Files.createDirectories(folder.resolve("logs" + System.nanoTime()));
        study = folder.resolve("day" + System.nanoTime() + ".fluss");
        return study;
    }

    @Test
    void fromAnEmptyStudyToAComparison() throws Exception {
        describeTheBench();
        composeThePaths();
        answerThePreflight();
        plan();
        int measured = 0;
        int engineRuns = 0;
        while (measured < 3) {
            SheetRow row = open();
            if (!row.role().isMeasured()) {
                fire("#line-done");
                settle();
                continue;
            }
            boolean isNative = contents().path(row.pathId()).isNative();
            if (isNative) {
                byLogAndReadings();
            } else if (engineRuns++ == 0) {
                byReadings();
            } else {
                bySummary();
            }
            measured++;
        }
        until(() -> assertThat(contents().planned().openRuns()).isZero());
        List<Run> runs = contents().runs();
        until(() -> assertThat(runs).hasSize(3).allMatch(Run::isKept));
        until(() -> assertThat(runs).extracting(Run::grade).containsExactlyInAnyOrder(Grade.B, Grade.D, Grade.C));
        until(() -> assertThat(runs).allMatch(run -> run.taking().measuredAtMs().isPresent()));
        compare();
        interact(() -> window.workbench().close());
        try (Study again = Study.open(study)) {
            assertThat(again.runs()).hasSize(3);
            assertThat(again.check()).isEmpty();
        }
    }

    private void describeTheBench() throws Exception {
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        fire("#fill");
        settle();
        Item rig = contents().bench().items(BenchPart.RIG).getFirst();
        until(() -> assertThat(rig.facts()).containsKeys(FactKey.CPU, FactKey.MEMORY_GB));
        menu("#add-part", "display");
        waitFor(() -> lookup("#text").tryQuery().isPresent());
        interact(() -> ((TextField) lookup("#text").query()).setText("Tideglass"));
        interact(() -> ((Button) lookup("OK").query()).fire());
        settle();
        interact(() -> ((ListView<?>) look("#parts")).getSelectionModel().select(1));
        typeFact("output_hz", "one hundred");
        until(() -> assertThat(
                        contents().bench().items(BenchPart.DISPLAY).getFirst().facts())
                .as("what is no number is not taken")
                .isEmpty());
        typeFact("output_hz", "120");
        chooseFact("sync", "vrr");
        menu("#add-part", "game with a scene…");
        waitFor(() -> lookup("#scene-dialog").tryQuery().isPresent());
        interact(() -> {
            ((TextField) lookup("#scene-game").query()).setText("Tidewarden");
            ((TextField) lookup("#scene-name").query()).setText("marsh");
            ((TextField) lookup("#scene-seconds").query()).setText("2");
        });
        interact(() -> ((Button) lookup("Add scene").query()).fire());
        settle();
        until(() -> assertThat(contents().scenes())
                .extracting(scene -> scene.seconds())
                .containsExactly(2));
    }

    private void typeFact(String id, String value) throws Exception {
        waitFor(() -> window.shell().lookup("#fact-" + id) != null);
        interact(() -> {
            TextField field = (TextField) look("#fact-" + id);
            field.requestFocus();
            field.setText(value);
            field.fireEvent(new ActionEvent());
        });
        settle();
    }

    @SuppressWarnings("unchecked")
    private void chooseFact(String id, String value) throws Exception {
        interact(() -> ((ChoiceBox<String>) look("#fact-" + id)).setValue(value));
        settle();
    }

    /// A template, a stage put into the chain, nonsense refused with the reason, a setting, a copy.
    private void composeThePaths() throws Exception {
        toggle("#bench-paths");
        menu("#add-path", "native");
        settle();
        menu("#add-path", "engine generation");
        settle();
        menu("#add-stage", "display smoothing");
        settle();
        menu("#add-stage", "display smoothing");
        settle();
        until(() -> assertThat(((Label) look("#message")).getText()).contains("already a stage of display smoothing"));
        fire("#remove-stage-1");
        settle();
        typeFact("multiplier", "2");
        until(() -> assertThat(contents().bench().paths())
                .extracting(path -> path.name())
                .containsExactlyInAnyOrder("native", "engine generation 2×"));
        fire("#duplicate-path");
        settle();
        typeFact("multiplier", "3");
        Chain thrice = new Chain(
                List.of(new app.fluss.core.path.Stage(StageKind.ENGINE_GENERATION, Map.of(FactKey.MULTIPLIER, "3"))));
        until(() -> assertThat(contents().bench().paths())
                .extracting(path -> path.chain())
                .contains(thrice));
    }

    private void answerThePreflight() throws Exception {
        interact(() -> window.workbench()
                .pathProperty()
                .set(contents().bench().paths().stream()
                        .filter(path -> path.multiplier() == 2)
                        .findFirst()
                        .orElseThrow()));
        toggle("#bench-preflight");
        settle();
        Node card = look("#requirement-engine-upscaler");
        interact(() -> ((Button) from(card).lookup("It does not").query()).fire());
        settle();
        until(() ->
                assertThat(look("#requirement-engine-upscaler").getStyleClass()).contains("state-not_met"));
    }

    private void plan() throws Exception {
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        toggle("#plan-how");
        interact(() ->
                ((CheckBox) lookup("native run first and last, to detect drift").query()).fire());
        settle();
        interact(() -> choosePlanGame());
        menu("#plan-add-path", "native");
        settle();
        menu("#plan-add-path", "engine generation 2×");
        settle();
        String scene = contents().scenes().getFirst().id() + "-";
        fire("#less-" + scene + path("native"));
        settle();
        fire("#less-" + scene + path("native"));
        settle();
        fire("#less-" + scene + path("engine generation 2×"));
        settle();
        fire("#plan-session");
        settle();
        until(() -> assertThat(contents().planned().openRuns()).isEqualTo(3));
        until(() -> assertThat(contents().planned().open().getFirst().role()).isEqualTo(Role.WARM_UP));
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        interact(() -> window.shell().capture().watch(logs));
        settle();
    }

    @SuppressWarnings("unchecked")
    private void choosePlanGame() {
        ChoiceBox<Optional<?>> games = (ChoiceBox<Optional<?>>) look("#plan-game");
        games.setValue(games.getItems().getLast());
    }

    private long path(String name) {
        return contents().bench().paths().stream()
                .filter(path -> path.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    /// The log grows while readings are typed, with a slip of the finger and a correction.
    private void byLogAndReadings() throws Exception {
        Path source = folder.resolve("source.csv");
        FrameLogWriter.write(
                Simulation.run(ReadyScenario.named("native").lasting(6)).log(), source);
        String text = Files.readString(source);
        startScene();
        Path growing = logs.resolve("run.csv");
        Files.writeString(growing, text.substring(0, text.length() / 2));
        waitFor(() -> ((Label) look("#log-words")).getText().contains("run.csv is growing"));
        Files.writeString(growing, text.substring(text.length() / 2), StandardOpenOption.APPEND);
        push(KeyCode.CONTROL, KeyCode.P);
        write("7O");
        push(KeyCode.ENTER);
        settle();
        until(() -> assertThat(contents().attempt().orElseThrow().entries())
                .as("refused, and not lost")
                .isEmpty());
        push(KeyCode.BACK_SPACE);
        write("1");
        push(KeyCode.ENTER);
        write("33-40");
        push(KeyCode.ENTER);
        hold(KeyCode.W, "w", false);
        settle();
        List<PadEntry> entries = contents().attempt().orElseThrow().entries();
        until(() -> assertThat(entries).hasSize(3));
        until(() -> assertThat(PadEntry.series(entries).mean().orNaN()).isCloseTo((71 + 36.5) / 2, within(1e-9)));
        until(() -> assertThat(entries.getLast())
                .isInstanceOfSatisfying(
                        PadEntry.Marked.class,
                        marked -> assertThat(marked.mark()).isEqualTo(PadMark.WORST)));
        until(() -> assertThat(entries).allMatch(entry -> entry.atMs() > 0));
        push(KeyCode.BACK_SPACE);
        settle();
        until(() -> assertThat(contents().attempt().orElseThrow().entries()).hasSize(2));
        toggle("#evidence-log");
        waitFor(() -> ((Label) look("#log-words")).getText().contains("run.csv is attached"));
        keep(Grade.B);
        until(() -> assertThat(last().claimed().mean().orNaN()).isCloseTo((71 + 36.5) / 2, within(1e-9)));
    }

    /// Holds a key until it repeats itself, as the system tells of it: one release for many presses.
    private void hold(KeyCode code, String typed, boolean control) {
        interact(() -> {
            Node focused = window.stage().getScene().getFocusOwner();
            for (int repeat = 0; repeat < 3; repeat++) {
                focused.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, control, false, false));
                if (!typed.isEmpty()) {
                    focused.fireEvent(new KeyEvent(
                            KeyEvent.KEY_TYPED, typed, "", KeyCode.UNDEFINED, false, control, false, false));
                }
            }
            focused.fireEvent(new KeyEvent(KeyEvent.KEY_RELEASED, "", "", code, false, control, false, false));
        });
    }

    private void byReadings() throws Exception {
        startScene();
        push(KeyCode.CONTROL, KeyCode.P);
        write("118");
        push(KeyCode.ENTER);
        settle();
        push(KeyCode.CONTROL, KeyCode.T);
        interact(() -> {
            // Held until it repeats itself, this is one more mark, which is taken back.
            Node focused = window.stage().getScene().getFocusOwner();
            for (int repeat = 0; repeat < 3; repeat++) {
                focused.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.T, false, true, false, false));
            }
            focused.fireEvent(new KeyEvent(KeyEvent.KEY_RELEASED, "", "", KeyCode.T, false, true, false, false));
        });
        until(() -> assertThat(contents().attempt().orElseThrow().entries()).hasSize(3));
        push(KeyCode.BACK_SPACE);
        until(() -> assertThat(contents().attempt().orElseThrow().entries())
                .hasSize(2)
                .last()
                .isInstanceOfSatisfying(
                        PadEntry.Marked.class,
                        marked -> assertThat(marked.mark()).isEqualTo(PadMark.TOGGLE)));
        push(KeyCode.BACK_SPACE);
        until(() -> assertThat(contents().attempt().orElseThrow().entries()).hasSize(1));
        keep(Grade.D);
        until(() -> assertThat(window.workbench().analysedProperty().get().findings())
                .extracting(finding -> finding.code())
                .as("what was answered travels with the run")
                .contains("engine-upscaler", "requirements-unknown"));
    }

    private void bySummary() throws Exception {
        startScene();
        toggle("#evidence-summary");
        interact(() -> {
            TextField average = (TextField) look("#summary-average");
            average.setText("121,5");
            average.fireEvent(new ActionEvent());
        });
        toggle("#evidence-impression");
        interact(() -> ((ToggleButton) look("#smoothness-4")).fire());
        settle();
        keep(Grade.C);
        until(() -> assertThat(last().claimed().mean().orNaN()).isEqualTo(121.5));
        until(() -> assertThat(last().taking().impression()).isEqualTo(new Impression(4, 0, 0, "")));
    }

    private void startScene() throws Exception {
        until(() -> assertThat(window.shell().getScene().getFocusOwner().getId())
                .as("the next step has the focus")
                .isEqualTo("start"));
        push(KeyCode.CONTROL, KeyCode.SPACE);
        until(() -> assertThat(window.shell().getScene().getFocusOwner().getId())
                .isIn("evidence-log", "evidence-summary", "evidence-latency", "evidence-impression", "pad"));
        waitFor(() -> contents()
                .attempt()
                .filter(attempt -> attempt.startedAtMs().isPresent())
                .isPresent());
    }

    private void keep(Grade grade) throws Exception {
        int before = contents().runs().size();
        push(KeyCode.CONTROL, KeyCode.ENTER);
        waitFor(() -> contents().runs().size() == before + 1);
        settle();
        until(() -> assertThat(last().grade()).isEqualTo(grade));
        until(() -> assertThat(last().taking().outcome()).isEqualTo(Outcome.KEPT));
    }

    private Run last() {
        return contents().runs().getLast();
    }

    private void compare() throws Exception {
        push(KeyCode.CONTROL, KeyCode.DIGIT5);
        settle();
        until(() -> assertThat(((Label) look("#difference-CLAIMED")).getText())
                .as("at the weaker grade: what was claimed")
                .isEqualTo(Numbers.text((118 + 121.5) / 2 - (71 + 36.5) / 2, 1)));
        until(() -> assertThat(look("#findings").lookupAll(".heading"))
                .extracting(node -> ((Label) node).getText())
                .anyMatch(title -> title.contains("weak evidence")));
    }

    /// The program ends while a run is being measured; it comes back at the same line with the same readings.
    @Test
    void whatIsBeingMeasuredIsThereAgain() throws Exception {
        try (Study other = Study.open(folder.resolve("again.fluss"))) {
            other.bench().addPath("native", Chain.NATIVE);
            other.bench().addScene("Tidewarden", "marsh", 40);
            var scene = other.scenes().getFirst();
            var path = other.bench().read().paths().getFirst();
            other.plan()
                    .replaceOpen(Planner.plan(
                            List.of(new Wish(scene.gameId(), scene.id(), 40, path.id(), path.chain(), 1)),
                            PlanSettings.DEFAULT,
                            Chain.NATIVE));
            SheetRow run = other.plan().read().open().getLast();
            other.capture().begin(run, System.currentTimeMillis());
            other.capture().start(other.capture().open().orElseThrow(), System.currentTimeMillis() - 9000);
            other.capture()
                    .note(
                            other.capture().open().orElseThrow(),
                            new PadEntry.Counted(4000, new TypedReading.Read(64, 64)));
        }
        interact(() -> {
            try {
                window.open(folder.resolve("again.fluss"));
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        settle();
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        toggle("#evidence-readings");
        settle();
        until(() -> assertThat(from(look("#pad")).lookup("64").tryQuery()).isPresent());
        String time = ((Label) look("#timer")).getText();
        until(() -> assertThat(time).as("the scene runs on").matches("0:(09|1\\d|2\\d)"));
    }

    private SheetRow open() {
        return contents().planned().open().getFirst();
    }

    private void toggle(String id) throws Exception {
        waitFor(() -> look(id) instanceof ToggleButton);
        interact(() -> ((ToggleButton) look(id)).setSelected(true));
        settle();
    }

    /// Some items open a dialog and wait for it, so they are fired without waiting.
    private void menu(String id, String item) throws Exception {
        waitFor(() -> look(id) instanceof MenuButton);
        MenuItem chosen = ((MenuButton) look(id))
                .getItems().stream()
                        .filter(one -> one.getText().equals(item))
                        .findFirst()
                        .orElseThrow();
        Platform.runLater(chosen::fire);
        WaitForAsyncUtils.waitForFxEvents();
    }
}
