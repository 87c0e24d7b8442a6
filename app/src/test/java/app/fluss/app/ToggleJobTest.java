package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// A path that is switched on and off at one spot while a log or a pad goes on.
class ToggleJobTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path study = folder.resolve("toggle-" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            made.addRun(
                    new RunDraft(
                            "Gull Harbour",
                            "pier",
                            "driver",
                            Chain.of(StageKind.DRIVER_GENERATION),
                            "switched",
                            false,
                            Setup.EMPTY,
                            Double.NaN,
                            Taking.UNRECORDED),
                    List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, log(), Progress.NONE)),
                    Progress.NONE);
        }
        return study;
    }

    /// One minute at about 60/s, every other 10 s at about 100/s with every second image made.
    private static Path log() throws Exception {
        SplittableRandom random = new SplittableRandom(6);
        StringBuilder text = new StringBuilder("present_ms,kind\n");
        double now = 0;
        for (int i = 0; now < 60_000; i++) {
            boolean on = (int) (now / 10_000) % 2 == 1;
            text.append(now).append(on && i % 2 == 0 ? ",generated\n" : ",rendered\n");
            now += 1000.0 / (on ? 100 : 60) * (0.9 + 0.2 * random.nextDouble());
        }
        return Files.writeString(folder.resolve("toggled.csv"), text);
    }

    private void choose(String words) {
        MenuButton menu = (MenuButton) look("#switches");
        interact(() -> {
            menu.show();
            MenuItem item = menu.getItems().stream()
                    .filter(one -> words.equals(one.getText()))
                    .findFirst()
                    .orElseThrow();
            menu.hide();
            item.fire();
        });
    }

    private double ratio(String measure) {
        return Double.parseDouble(
                ((Label) look("#toggle-ratio-" + measure)).getText().replace("×", ""));
    }

    @Test
    void switchesAreProposedConfirmedSwappedAndTakenBack() throws Exception {
        settle();
        for (String way : List.of("Propose by kinds of images", "Propose by changes of the rate")) {
            choose(way);
            waitFor(() -> lookup("#switches-dialog").tryQuery().isPresent());
            assertThat(words(lookup("#switches-dialog").query())).contains("5 switches were found");
            interact(() -> ((Button) lookup("Use these switches").query()).fire());
            until(() -> assertThat(contents().runs().getFirst().toggles()).hasSize(5));
            until(() -> assertThat(ratio("PRESENTED")).isBetween(1.63, 1.70));
        }
        assertThat(text("#toggle-basis")).contains("3 stretches off, 3 on");
        choose("Swap on and off");
        until(() -> assertThat(ratio("PRESENTED")).isBetween(0.58, 0.62));
        choose("Remove all switches");
        until(() -> assertThat(look("#toggle")).isNull());
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> assertThat(ratio("PRESENTED")).isBetween(0.58, 0.62));
    }

    /// A texture that moves on with every second picture, in every other 8 s with every picture, at 30 pictures a
    /// second.
    private static byte[] clip() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("YUV4MPEG2 W48 H32 F30:1 Cmono\n".getBytes(StandardCharsets.US_ASCII));
        for (int i = 0, at = 0; i < 48 * 30; i++) {
            boolean on = i / 240 % 2 == 1;
            at += on || i % 2 == 0 ? 1 : 0;
            out.writeBytes("FRAME\n".getBytes(StandardCharsets.US_ASCII));
            for (int p = 0; p < 48 * 32; p++) {
                int x = p % 48 + at;
                out.write(40 + (x * 37 + p / 48 * 59 + x * x % 23 * 7) % 160);
            }
        }
        return out.toByteArray();
    }

    /// A recording with nothing but a tool's summary beside it: both are taken together, and the clip is cut.
    @Test
    void aRecordingIsCutByWhatItsRateSays() throws Exception {
        Path inside = Files.createDirectories(folder.resolve("pier-" + System.nanoTime()));
        Files.writeString(inside.resolve("Gull_driver_1.csv"), "average_fps,one_percent_low_fps\n60,41\n");
        Files.write(inside.resolve("Gull_driver_1.y4m"), clip());
        settle();
        interact(() -> window.shell().drop(List.of(inside)));
        waitFor(() -> lookup("#many-dialog").tryQuery().isPresent());
        assertThat(words(lookup("#many-grid").query())).contains("distinct pictures are counted");
        assertThat(((Label) lookup("#many-state").query()).getText()).isEqualTo("1 of 2 files make a run");
        interact(() -> ((Button) lookup("#many-add").query()).fire());
        until(() -> assertThat(contents().runs()).hasSize(2));
        until(() -> assertThat(contents().runs().getLast().has(EvidenceKinds.CLIP_COUNT))
                .isTrue());
        interact(() -> ((ToggleButton) look("#view-pictures")).fire());
        until(() -> assertThat(look("#picture-figures")).isNotNull());
        choose("Propose by changes of the rate");
        waitFor(() -> lookup("#switches-dialog").tryQuery().isPresent());
        assertThat(words(lookup("#switches-dialog").query())).contains("5 switches were found");
        interact(() -> ((Button) lookup("Use these switches").query()).fire());
        until(() -> assertThat(ratio("DELIVERED")).isBetween(1.95, 2.05));
    }

    @Test
    void readingsWithMarkedSwitchesAreCompared() throws Exception {
        StringBuilder text = new StringBuilder("t_s,claimed_fps,note\n");
        for (int s = 0; s < 60; s += 2) {
            if (s > 0 && s % 10 == 0) {
                text.append(s).append(",,path switched\n");
            }
            text.append(s).append(s / 10 % 2 == 1 ? ",90,\n" : ",60,\n");
        }
        Path readings = Files.writeString(folder.resolve("pad.csv"), text);
        settle();
        interact(() -> window.shell().drop(List.of(readings)));
        waitFor(() -> lookup("#own-run-dialog").tryQuery().isPresent());
        interact(() -> ((ComboBox<?>) lookup("#path").query()).getEditor().setText("driver"));
        interact(() -> ((Button) lookup("Add run").query()).fire());
        until(() -> assertThat(contents().runs()).hasSize(2));
        until(() -> assertThat(ratio("CLAIMED")).isEqualTo(1.5));
        assertThat(contents().runs().getLast().isCompared())
                .as("it counts with no whole run")
                .isFalse();
    }
}
