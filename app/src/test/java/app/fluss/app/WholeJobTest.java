package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.shell.RecentStudies;
import app.fluss.app.theme.Numbers;
import app.fluss.core.compare.Measure;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.LogImport;
import app.fluss.files.study.Study;
import app.fluss.sim.Counter;
import app.fluss.sim.Generation;
import app.fluss.sim.Scenario;
import app.fluss.sim.Simulation;
import app.fluss.sim.Work;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.prefs.Preferences;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/// The whole job through the real window: drop, map, examine, compare, undo, reopen; the figures on screen
/// against core's.
class WholeJobTest extends ApplicationTest {
    private static final DisplayMode DISPLAY = new DisplayMode(120, SyncMode.LATEST);

    @TempDir
    static Path folder;

    private FlussApp.Window window;
    private Path study;

    @Override
    public void start(Stage stage) throws Exception {
        Locale.setDefault(Locale.UK);
        study = folder.resolve("job" + System.nanoTime() + ".fluss");
        Preferences preferences = Preferences.userRoot()
                .node("fluss-test-" + ProcessHandle.current().pid());
        window = new FlussApp.Window(stage, folder.resolve("config"), new RecentStudies(preferences));
        window.open(study);
        window.show();
    }

    @AfterEach
    void forget() throws Exception {
        Preferences.userRoot()
                .node("fluss-test-" + ProcessHandle.current().pid())
                .removeNode();
    }

    private static Path log(String name, Generation generation) throws Exception {
        Scenario scenario = new Scenario(
                9,
                20,
                new Work(4, 0.1, 0.9, 1, 20),
                new Work(13, 0.1, 0.9, 1, 20),
                Double.NaN,
                2,
                generation,
                DISPLAY,
                Counter.PRESENTED);
        Path file = folder.resolve(name);
        FrameLogWriter.write(Simulation.run(scenario).log(), file);
        return file;
    }

    @Test
    void fromTwoLogsToAComparison() throws Exception {
        assertThat(look("#welcome")).as("an empty study says the next step").isNotNull();
        Path off = log("off.csv", new Generation.Off());
        Path on = log("on.csv", new Generation.Interpolation(2, 1.2, Generation.Behaviour.HONEST));
        // A logger of its own mind: other names, other unit, other separator.
        Path foreign = folder.resolve("foreign.csv");
        Files.writeString(foreign, foreignHeader(Files.readString(off)));

        add(foreign, "native", true, "");
        Analysis a = analysis(off, AnalysisSettings.NONE.withDisplay(DISPLAY).asNative());
        assertThat(text("#rate-presented")).isEqualTo(Numbers.text(a.rates().presented(), 1));
        assertThat(text("#rate-rendered")).isEqualTo(Numbers.text(a.rates().presented(), 1));

        add(on, "engine 2×", false, "2");
        Analysis b = analysis(on, AnalysisSettings.NONE.withDisplay(DISPLAY).withMultiplier(2));
        assertThat(text("#rate-rendered")).isEqualTo(Numbers.text(b.rates().rendered(), 1));
        assertThat(text("#rate-delivered")).isEqualTo(Numbers.text(b.rates().delivered(), 1));
        assertThat(text("#rate-claimed")).isEqualTo(Numbers.MISSING);

        press(KeyCode.CONTROL).press(KeyCode.DIGIT2).release(KeyCode.DIGIT2).release(KeyCode.CONTROL);
        settle();
        RunComparison expected = RunComparison.of(List.of(a), List.of(b), 2, List.of());
        assertThat(text("#tile-found-multiplier"))
                .isEqualTo(Numbers.text(expected.generation().foundMultiplier(), 2) + "×");
        assertThat(text("#tile-base-cost"))
                .isEqualTo(Numbers.percent(expected.generation().baseCost(), 1));
        assertThat(text("#difference-PRESENTED"))
                .isEqualTo(Numbers.text(expected.measure(Measure.PRESENTED).difference(), 2));
        assertThat(text("#basis")).contains("within one run");

        interact(() -> ((ToggleButton) look("#work-examine")).setSelected(true));
        interact(() -> look("#band").requestFocus());
        push(KeyCode.PLUS);
        push(KeyCode.M);
        settle();
        assertThat(((GridPane) look("#figures")).getChildren())
                .filteredOn(Label.class::isInstance)
                .extracting(node -> ((Label) node).getText())
                .contains("section 1");

        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(window.workbench().contentsProperty().get().runs()).hasSize(1);
        push(KeyCode.CONTROL, KeyCode.Y);
        settle();
        assertThat(window.workbench().contentsProperty().get().runs()).hasSize(2);

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
        assertThat(text("#message")).contains("broken.csv", "binary data");
        interact(() -> window.shell().drop(List.of(bad)));
        settle();
        Node add = lookup("Add run").query();
        assertThat(add.isDisabled()).as("a log without a time cannot be added").isTrue();
        clickOn("Cancel");
        assertThat(window.workbench().contentsProperty().get().runs()).isEmpty();
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
            ((CheckBox) lookup("#native").query()).setSelected(isNative);
            ((TextField) lookup("#multiplier").query()).setText(multiplier);
            TextField hz = lookup("#refresh").query();
            hz.setText("120");
            ((javafx.scene.control.ChoiceBox<SyncMode>)
                            hz.getParent().getChildrenUnmodifiable().get(2))
                    .setValue(SyncMode.LATEST);
        });
        int before = window.workbench().contentsProperty().get().runs().size();
        interact(() -> ((Button) lookup("Add run").query()).fire());
        waitFor(() -> window.workbench().contentsProperty().get().runs().size() == before + 1);
        settle();
    }

    private Node look(String id) {
        return window.shell().lookup(id);
    }

    private String text(String id) {
        return ((Label) look(id)).getText();
    }

    /// Waits until no job runs and the interface thread has caught up.
    private void settle() throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        waitFor(() -> !window.jobs().busyProperty().get());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void waitFor(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> onFxThread(condition));
    }

    private static boolean onFxThread(Callable<Boolean> condition) throws Exception {
        return Platform.isFxApplicationThread() ? condition.call() : WaitForAsyncUtils.waitForAsyncFx(5000, condition);
    }
}
