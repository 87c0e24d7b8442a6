package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.files.known.StreamWork;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Study;
import app.fluss.sim.Simulation;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import org.junit.jupiter.api.Test;

/// A stream, through the real window: what its hitches come from, what its link carries, which picture fits.
class StreamJobTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path study = folder.resolve("stream" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            for (String name : List.of("home-stream", "stream-network-hitch")) {
                addSimulated(made, name, Chain.of(StageKind.HOME_STREAM), ReadyScenario.named(name), Grade.B);
            }
        }
        return study;
    }

    private StreamWork stream() {
        return window.workbench().analysedProperty().get().stream().orElseThrow();
    }

    private void look(String path, KeyCode view) throws Exception {
        settle();
        select(path);
        push(KeyCode.CONTROL, view);
        settle();
    }

    @Test
    void hitchesArePutDownToTheNetwork() throws Exception {
        look("stream-network-hitch", KeyCode.G);
        until(() -> assertThat(stream().blame().orElseThrow().hitches())
                .extracting(ClientHitch::cause)
                .contains(Cause.NETWORK)
                .doesNotContain(Cause.GAME, Cause.DECODER));
        until(() -> assertThat(window.workbench().analysedProperty().get().findings())
                .extracting(Finding::code)
                .contains("stream-network", "link-loses"));
        ToggleButton network = (ToggleButton) look("#cause-network");
        until(() -> assertThat(network.getText()).doesNotEndWith(" 0"));
        until(() -> assertThat(look("#cause-game").isDisabled()).isTrue());
        until(() -> assertThat(look("#lanes")).isNotNull());
        String first = words(look("#blame-panel"));
        until(() -> assertThat(first).contains("by the network"));
        interact(() -> network.setSelected(true));
        fire("#hitch-after");
        until(() -> assertThat(words(look("#blame-panel"))).isNotEqualTo(first).contains("by the network"));
        until(() -> assertThat(words(look("#stream-panel")))
                .contains("simulated link")
                .contains("never arrived whole"));
    }

    @Test
    void aGoodLinkCarriesLargerPicturesAndTuneFindsThem() throws Exception {
        look("home-stream", KeyCode.G);
        until(() -> assertThat(look("#cause-network").isDisabled()).isTrue());
        until(() -> assertThat(words(look("#budget"))).contains("3840 × 2160").contains("largest that keeps 99 %"));
        push(KeyCode.CONTROL, KeyCode.DIGIT7);
        settle();
        waitFor(() -> look("#stream-grid") instanceof GridPane grid
                && grid.getChildren().size() > 20);
        String best = words(look("#stream-tune"));
        until(() -> assertThat(best).contains("★"));
        interact(() -> ((TextField) look("#stream-link")).setText("45"));
        until(() -> assertThat(words(look("#stream-tune")))
                .as("a link of 45 Mbit/s carries less")
                .isNotEqualTo(best)
                .contains("the bit rate fills the link"));
        interact(() -> ((TextField) look("#stream-link")).setText("fast"));
        until(() -> assertThat(words(look("#stream-tune"))).contains("must be numbers"));
    }

    /// Both ends as other tools log them, written here: 60 images a second, each seventieth 60 ms late on the network.
    @Test
    void logsOfOtherToolsTellTheCausesAsSoonAsBothAreThere() throws Exception {
        StringBuilder host = new StringBuilder("FrameNumber;Capture time (ms);Encoded (ms)\n");
        StringBuilder client = new StringBuilder("FrameNumber;Received (ms);Decoded (ms);Shown (ms)\n");
        double shown = 0;
        for (int i = 0; i < 1200; i++) {
            double at = 40 + i * 1000 / 60.0 + i * 7 % 5 * 0.05;
            double came = at + 4 + 3 + (i % 70 == 69 ? 60 : 0);
            shown = Math.max(shown + 1, came + 8);
            host.append(String.format(Locale.ROOT, "%d;%.3f;%.3f%n", i, at, at + 4));
            client.append(
                    String.format(Locale.ROOT, "%d;%.3f;%.3f;%.3f%n", i, 9e5 + came, 9e5 + came + 3, 9e5 + shown));
        }
        settle();
        interact(() -> window.shell().drop(List.of(write("den.csv", client.toString()))));
        waitFor(() -> lookup("#import-dialog").tryQuery().isPresent());
        assertThat(((ChoiceBox<?>) lookup("#path-kind").query()).getValue().toString())
                .contains("stream");
        interact(() -> ((ComboBox<?>) lookup("#game").query()).getEditor().setText("Tidegate"));
        interact(() -> ((ComboBox<?>) lookup("#scene").query()).getEditor().setText("lock"));
        clickOn("Add run");
        settle();
        push(KeyCode.CONTROL, KeyCode.G);
        until(() -> assertThat(words(look("#blame-panel"))).contains("client's log only"));
        interact(() -> window.workbench()
                .edits()
                .evidence()
                .addHostLog(
                        write("host.csv", host.toString()),
                        window.workbench().selectedProperty().get(),
                        _ -> ImportOptions.guess(),
                        e -> {
                            throw new IllegalStateException(e);
                        }));
        settle();
        until(() -> assertThat(words(look("#blame-panel"))).contains("Lined up by frame number"));
        until(() -> assertThat(stream().blame().orElseThrow().hitches())
                .hasSizeGreaterThan(10)
                .allMatch(hitch -> hitch.cause() == Cause.NETWORK));
    }

    /// From the dialog: real packets over loopback, through the stand-in.
    @Test
    void aProbeFromTheWindowIsKeptWithTheRun() throws Exception {
        look("home-stream", KeyCode.G);
        interact(() -> look("#stream-panel").lookupAll(".button").stream()
                .map(ButtonBase.class::cast)
                .filter(button -> button.getText().startsWith("Probe"))
                .findFirst()
                .orElseThrow()
                .fire());
        waitFor(() -> lookup("#probe-side").tryQuery().isPresent());
        ChoiceBox<?> side = (ChoiceBox<?>) lookup("#probe-side").query();
        interact(() -> {
            ((TextField) lookup("#probe-code").query()).setText("1");
            ((ButtonBase) lookup("#probe-start").query()).fire();
        });
        until(() ->
                assertThat(((Label) lookup("#probe-said").query()).getText()).contains("a code has 8 letters"));
        interact(() -> {
            side.getSelectionModel().selectLast();
            ((TextField) lookup("#probe-seconds").query()).setText("1");
            ((TextField) lookup("#probe-mbps").query()).setText("6");
            ((ButtonBase) lookup("#probe-start").query()).fire();
        });
        ButtonBase keep = lookup("#probe-keep").query();
        waitFor(() -> !keep.isDisabled());
        until(() ->
                assertThat(((Label) lookup("#probe-said").query()).getText()).startsWith("Simulated link"));
        interact(keep::fire);
        settle();
        waitFor(() -> stream().probe().orElseThrow().arrivals().images() == 60);
        until(() -> assertThat(stream().probeSimulated()).isTrue());
    }

    @Test
    void aProbesFileCanBeDroppedOnTheRun() throws Exception {
        look("home-stream", KeyCode.G);
        Path file = folder.resolve("link.json");
        ProbeFile.write(
                Simulation.run(ReadyScenario.named("stream-network-hitch").lasting(1))
                        .probe()
                        .orElseThrow(),
                file);
        interact(() -> window.shell().drop(List.of(file)));
        settle();
        waitFor(() -> stream().probe().orElseThrow().link().lost() > 0);
        interact(() -> window.shell().drop(List.of(write("other.json", "{}"))));
        settle();
        until(() -> assertThat(text("#message")).contains("other.json").contains("fluss-probe-1"));
    }

    private static Path write(String name, String text) {
        try {
            return Files.writeString(folder.resolve(name), text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
