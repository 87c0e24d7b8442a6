package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.theme.Numbers;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.LogImport;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredSection;
import app.fluss.files.study.Study;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import org.junit.jupiter.api.Test;

/// The whole job through the real window: drop, map, examine, compare, undo, reopen; the figures on screen
/// against core's.
class WholeJobTest extends WindowTest {
    private static final DisplayMode DISPLAY = new DisplayMode(120, SyncMode.LATEST);
    private static final Scenario BENCH = Scenario.of(
            9, 20, Game.of(new Work(4, 0.1, 0.9, 1, 20), new Work(13, 0.1, 0.9, 1, 20)), Display.of(DISPLAY));

    private Path study;

    @Override
    Path study() {
        study = folder.resolve("job" + System.nanoTime() + ".fluss");
        return study;
    }

    private static Path log(String name, Scenario scenario) throws Exception {
        Path file = folder.resolve(name);
        FrameLogWriter.write(Simulation.run(scenario).log(), file);
        return file;
    }

    @Test
    void fromTwoLogsToAComparison() throws Exception {
        until(() -> assertThat(look("#welcome"))
                .as("an empty study says the next step")
                .isNotNull());
        Path off = log("off.csv", BENCH);
        Path on = log("on.csv", BENCH.with(Generator.interpolating(2, 1.2)));
        // A logger of its own mind: other names, other unit, other separator.
        Path foreign = folder.resolve("foreign.csv");
        Files.writeString(foreign, foreignHeader(Files.readString(off)));

        add(foreign, "native", true, "");
        Analysis a = analysis(off, AnalysisSettings.NONE.withDisplay(DISPLAY).asNative());
        until(() -> assertThat(text("#rate-presented"))
                .isEqualTo(Numbers.text(a.rates().presented(), 1)));
        until(() -> assertThat(text("#rate-rendered"))
                .isEqualTo(Numbers.text(a.rates().presented(), 1)));

        add(on, "engine 2×", false, "2");
        Analysis b = analysis(on, AnalysisSettings.NONE.withDisplay(DISPLAY).withMultiplier(2));
        until(() -> assertThat(text("#rate-rendered"))
                .isEqualTo(Numbers.text(b.rates().rendered(), 1)));
        until(() -> assertThat(text("#rate-delivered"))
                .isEqualTo(Numbers.text(b.rates().delivered(), 1)));
        until(() -> assertThat(text("#rate-claimed")).isEqualTo(Numbers.MISSING));

        press(KeyCode.CONTROL).press(KeyCode.DIGIT5).release(KeyCode.DIGIT5).release(KeyCode.CONTROL);
        settle();
        RunComparison expected = RunComparison.of(List.of(a), List.of(b), Terms.PLAIN.withMultiplier(2));
        until(() -> assertThat(text("#tile-found-multiplier"))
                .isEqualTo(Numbers.text(expected.generation().foundMultiplier(), 2) + "×"));
        until(() -> assertThat(text("#tile-base-cost"))
                .isEqualTo(Numbers.percent(expected.generation().baseCost(), 1)));
        until(() -> assertThat(text("#difference-PRESENTED"))
                .isEqualTo(Numbers.text(
                        Measure.PRESENTED, expected.measure(Measure.PRESENTED).difference())));
        until(() -> assertThat(text("#basis")).contains("No figure has an interval from run to run"));
        until(() -> assertThat(text("#enough")).contains("needs two runs a side"));

        interact(() -> ((ToggleButton) look("#work-examine")).setSelected(true));
        interact(() -> look("#band").requestFocus());
        push(KeyCode.EQUALS);
        push(KeyCode.M);
        settle();
        until(() -> assertThat(((GridPane) look("#figures")).getChildren())
                .filteredOn(Label.class::isInstance)
                .extracting(node -> ((Label) node).getText())
                .contains("section 1"));

        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        until(() ->
                assertThat(window.workbench().contentsProperty().get().runs()).hasSize(1));
        push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        until(() ->
                assertThat(window.workbench().contentsProperty().get().runs()).hasSize(2));

        interact(() -> window.workbench().close());
        try (Study again = Study.open(study)) {
            assertThat(again.runs()).hasSize(2);
            assertThat(again.nextRedo()).contains("mark section section 1");
            assertThat(again.log(again.runs().get(1)).size())
                    .isEqualTo(b.slice().log().size());
            assertThat(again.check()).isEmpty();
        }
    }

    @Test
    void aFileThatIsNoLogIsRefusedInWords() throws Exception {
        Path bad = Files.writeString(folder.resolve("bad.csv"), "name,colour\nx,red\ny,blue\n");
        Path broken = Files.writeString(folder.resolve("broken.csv"), "a\0b");
        interact(() -> window.shell().drop(List.of(broken)));
        settle();
        until(() -> assertThat(text("#message")).contains("broken.csv", "binary data"));
        interact(() -> window.shell().drop(List.of(bad)));
        waitFor(() -> lookup("Add run").tryQuery().isPresent());
        Node add = lookup("Add run").query();
        until(() -> assertThat(add.isDisabled())
                .as("a log without a time cannot be added")
                .isTrue());
        clickOn("Cancel");
        until(() ->
                assertThat(window.workbench().contentsProperty().get().runs()).isEmpty());
    }

    /// Pick a scenario, turn a knob, see what to expect, simulate: the runs land in the study, marked simulated.
    @Test
    @SuppressWarnings("unchecked")
    void aMeasurementIsRehearsedOnASimulatedBench() throws Exception {
        press(KeyCode.CONTROL).press(KeyCode.R).release(KeyCode.R).release(KeyCode.CONTROL);
        waitFor(() -> lookup("#simulate-dialog").tryQuery().isPresent());
        Scenario phantom = ReadyScenario.named("phantom-images");
        Node simulate = lookup("Simulate").query();
        interact(() -> {
            ((ListView<Scenario>) lookup("#scenarios").query())
                    .getSelectionModel()
                    .select(phantom);
            ((ComboBox<String>) lookup("#game").query()).getEditor().setText("Kelp Circuit");
            ((ComboBox<String>) lookup("#scene").query()).getEditor().setText("lap");
            ((TextField) lookup("#knob-seconds").query()).setText("much");
        });
        until(() -> assertThat(simulate.isDisabled())
                .as("a length that is no number")
                .isTrue());
        interact(() -> {
            ((TextField) lookup("#knob-seconds").query()).setText("6");
            ((TextField) lookup("#knob-repeats").query()).setText("2");
            ((TextField) lookup("#knob-cap-fps").query()).setText("50");
        });
        Scenario capped = phantom.lasting(6).with(phantom.game().withCap(50));
        String expected = Numbers.text(analysis(Simulation.run(capped)).rates().presented(), 1);
        waitFor(() -> lookup("#expected-presented").tryQuery().isPresent()
                && ((Label) lookup("#expected-presented").query()).getText().equals(expected + " /s"));
        interact(() -> ((Button) simulate).fire());
        waitFor(() -> window.workbench().contentsProperty().get().runs().size() == 2);
        settle();
        until(() ->
                assertThat(window.workbench().contentsProperty().get().runs()).allMatch(Run::simulated));
        until(() -> assertThat(text("#rate-presented"))
                .isEqualTo(Numbers.text(
                        analysis(Simulation.run(capped.withSeed(2))).rates().presented(), 1)));
        until(() -> assertThat(look("#findings").lookupAll(".heading"))
                .extracting(node -> ((Label) node).getText())
                .anyMatch(title -> title.contains("phantom images")));
        Node card = look("#findings").lookupAll(".finding").iterator().next();
        interact(card::requestFocus);
        push(KeyCode.ENTER);
        until(() -> assertThat(look("#weave").getParent().getPseudoClassStates())
                .extracting(Object::toString)
                .as("the finding points to its evidence")
                .contains("pointed"));
    }

    private static Analysis analysis(SimulatedRun run) {
        return Analysis.of(
                run.log().all(),
                AnalysisSettings.NONE.withDisplay(run.scenario().display().mode()));
    }

    /// A file of readings becomes a run that says what it rests on, and shows no figure that it cannot have.
    @Test
    @SuppressWarnings("unchecked")
    void readingsBecomeARunOfTheirGrade() throws Exception {
        Path readings = Files.writeString(folder.resolve("overlay.csv"), "t_s,claimed_fps\n1,70\n2,74\n3,66\n");
        interact(() -> window.shell().drop(List.of(readings)));
        waitFor(() -> lookup("#own-run-dialog").tryQuery().isPresent());
        interact(() -> {
            ((ComboBox<String>) lookup("#game").query()).getEditor().setText("Mossfall Terrace");
            ((ComboBox<String>) lookup("#scene").query()).getEditor().setText("steps");
        });
        interact(() -> ((Button) lookup("Add run").query()).fire());
        waitFor(() -> window.workbench().contentsProperty().get().runs().size() == 1);
        settle();
        until(() -> assertThat(text("#noted-mean")).isEqualTo("70.0"));
        assertThat(text("#noted-range")).isEqualTo("66–74");
        assertThat(text("#noted-worst")).isEqualTo("66");
        assertThat(words(look("#noted-open"))).contains("evenness and stutters | Log the scene");
        until(() -> assertThat(look("#findings").lookupAll(".heading"))
                .extracting(node -> ((Label) node).getText())
                .anyMatch(title -> title.contains("no frame log")));
        interact(() -> ((ToggleButton) look("#work-compare")).setSelected(true));
        settle();
        until(() -> assertThat(look("#comparison")).as("nothing to compare yet").isNull());
    }

    /// A section can be said to be heavy, and unmarked; text grows and shrinks; the palette turns.
    @Test
    void theWindowAnswersItsKeys() throws Exception {
        add(log("keys.csv", BENCH), "native", true, "");
        interact(() -> look("#band").requestFocus());
        push(KeyCode.EQUALS);
        push(KeyCode.M);
        settle();
        StoredSection marked = section();
        interact(() -> window.workbench().edits().runs().setWeight(marked, Section.Weight.WORST));
        settle();
        until(() -> assertThat(section().section().weight()).isEqualTo(Section.Weight.WORST));
        double before = window.theme().textScaleProperty().get();
        press(KeyCode.CONTROL).press(KeyCode.EQUALS).release(KeyCode.EQUALS).release(KeyCode.CONTROL);
        until(() -> assertThat(window.theme().textScaleProperty().get()).isGreaterThan(before));
        press(KeyCode.CONTROL).press(KeyCode.DIGIT0).release(KeyCode.DIGIT0).release(KeyCode.CONTROL);
        until(() -> assertThat(window.theme().textScaleProperty().get()).isEqualTo(1));
        var palette = window.theme().palette();
        press(KeyCode.CONTROL).press(KeyCode.D).release(KeyCode.D).release(KeyCode.CONTROL);
        until(() -> assertThat(window.theme().palette()).isNotEqualTo(palette));
        press(KeyCode.CONTROL).press(KeyCode.DELETE).release(KeyCode.DELETE).release(KeyCode.CONTROL);
        settle();
        until(() ->
                assertThat(window.workbench().contentsProperty().get().runs()).isEmpty());
        until(() -> assertThat(look("#welcome")).isNotNull());
    }

    /// What is dropped while a study is being opened waits for it.
    @Test
    void aLogThatIsDroppedWithAStudyIsForThatStudy() throws Exception {
        settle();
        Path other = folder.resolve("other.fluss");
        Study.open(other).close();
        Path log = log("with-study.csv", BENCH);
        interact(() -> window.shell().drop(List.of(log, other)));
        waitFor(() -> lookup("#import-dialog").tryQuery().isPresent());
        assertThat(window.stage().getTitle()).startsWith("other.fluss");
        interact(() -> ((Button) lookup("#import-dialog").<DialogPane>query().lookupButton(ButtonType.CANCEL)).fire());
    }

    private StoredSection section() {
        return window.workbench().analysedProperty().get().sections().getFirst();
    }

    private static String foreignHeader(String own) {
        String[] lines = own.split("\n", -1);
        StringBuilder text = new StringBuilder("Stamp;Shown;Sim;C;G\n");
        for (int i = 1; i < lines.length; i++) {
            if (!lines[i].isBlank()) {
                String[] cells = lines[i].split(",", -1);
                for (int c = 0; c < 5; c++) {
                    text.append(c > 0 ? ";" : "").append(cells[c].replace('.', ','));
                }
                text.append('\n');
            }
        }
        return text.toString();
    }

    private static Analysis analysis(Path file, AnalysisSettings settings) throws Exception {
        FrameLog log =
                LogImport.read(file, ImportOptions.guess(), Progress.NONE).log();
        return Analysis.of(log.all(), settings);
    }

    @SuppressWarnings("unchecked")
    private void add(Path file, String path, boolean isNative, String multiplier) throws Exception {
        interact(() -> window.shell().drop(List.of(file)));
        settle();
        waitFor(() -> lookup("#import-dialog").tryQuery().isPresent());
        interact(() -> {
            ((ComboBox<String>) lookup("#game").query()).getEditor().setText("Tidewarden");
            ((ComboBox<String>) lookup("#scene").query()).getEditor().setText("marsh");
            ((ComboBox<String>) lookup("#path").query()).getEditor().setText(path);
            ((ChoiceBox<?>) lookup("#path-kind").query()).getSelectionModel().select(isNative ? 0 : 2);
            ((TextField) lookup("#multiplier").query()).setText(multiplier);
            TextField hz = lookup("#refresh").query();
            hz.setText("120");
            ((ChoiceBox<SyncMode>) hz.getParent().getChildrenUnmodifiable().get(2)).setValue(SyncMode.LATEST);
        });
        int before = window.workbench().contentsProperty().get().runs().size();
        interact(() -> ((Button) lookup("Add run").query()).fire());
        waitFor(() -> window.workbench().contentsProperty().get().runs().size() == before + 1);
        settle();
    }
}
