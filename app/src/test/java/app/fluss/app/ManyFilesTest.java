package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Grade;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// A folder as it lies on a disk: logs of several headers, readings, latency, and what is none of that.
class ManyFilesTest extends WindowTest {
    @Override
    Path study() throws Exception {
        return folder.resolve("many-" + System.nanoTime() + ".fluss");
    }

    private static String log(String header, double meanMs) {
        SplittableRandom random = new SplittableRandom(4);
        StringBuilder text = new StringBuilder(header).append('\n');
        double now = 0;
        for (int i = 0; i < 800; i++) {
            double ms = meanMs * (0.95 + 0.1 * random.nextDouble());
            now += ms;
            text.append(header.contains(",") ? "%.3f,%.3f%n".formatted(now, ms) : "%.3f%n".formatted(ms));
        }
        return text.toString();
    }

    private int row(String name) {
        return IntStream.rangeClosed(1, 6)
                .filter(number -> words(lookup("#many-grid").query()).indexOf(name) >= 0
                        && lookup("#many-game-" + number).tryQuery().isPresent()
                        && rowName(number).equals(name))
                .findFirst()
                .orElseThrow();
    }

    private String rowName(int number) {
        Integer at = javafx.scene.layout.GridPane.getRowIndex(
                lookup("#many-take-" + number).query());
        return lookup("#many-grid").<javafx.scene.layout.GridPane>query().getChildren().stream()
                .filter(node -> at.equals(javafx.scene.layout.GridPane.getRowIndex(node)))
                .filter(node -> Integer.valueOf(1).equals(javafx.scene.layout.GridPane.getColumnIndex(node)))
                .map(node -> ((Label) node).getText())
                .findFirst()
                .orElse("");
    }

    @Test
    void aFolderIsLookedAtCorrectedOnceAndAddedInOneStep() throws Exception {
        Path inside = Files.createDirectories(folder.resolve("session"));
        Files.writeString(inside.resolve("Reedlight_native_1.csv"), log("present_ms,frame_time_ms", 16));
        Files.writeString(inside.resolve("Reedlight_engine-2x_1.csv"), log("zeit_ms,frame_ms", 9));
        Files.writeString(
                inside.resolve("Reedlight_native_1_clicks.csv"), "trial,input_ms,photon_ms\n1,0,41\n2,500,543\n");
        Files.writeString(inside.resolve("Moor_native.csv"), "t_s,claimed_fps\n0,60\n5,62\n");
        Files.writeString(inside.resolve("Moor_driver.csv"), twoReadings());
        Files.writeString(inside.resolve("shopping.txt"), "milk\n");
        settle();
        interact(() -> window.shell().drop(List.of(inside)));
        waitFor(() -> lookup("#many-dialog").tryQuery().isPresent());
        Button add = lookup("#many-add").query();
        assertThat(add.isDisabled()).as("a log can be read in two ways").isTrue();
        int moor = row("Moor_driver.csv");
        assertThat(((Label) lookup("#many-state").query()).getText()).startsWith("Moor_driver.csv: choose how");
        ChoiceBox<?> reading = lookup("#many-reading-" + moor).query();
        interact(() -> reading.getSelectionModel().select(0));
        assertThat(((TextField) lookup("#many-path-" + row("Reedlight_engine-2x_1.csv"))
                                .query())
                        .getText())
                .isEqualTo("engine 2x");
        interact(() -> ((TextField) lookup("#many-scene").query()).setText("weir"));
        assertThat(add.getText()).isEqualTo("Add 4 runs");
        interact(add::fire);
        until(() -> assertThat(contents().runs()).hasSize(4));
        List<Run> runs = contents().runs();
        assertThat(runs).allMatch(run -> contents().place(run).endsWith("weir"));
        assertThat(runs).extracting(Run::grade).containsExactlyInAnyOrder(Grade.A, Grade.B, Grade.B, Grade.D);
        assertThat(runs.stream().filter(run -> run.has(EvidenceKinds.LATENCY)).map(Run::name))
                .containsExactly("Reedlight_native_1");
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> assertThat(contents().runs()).as("one step").isEmpty());
    }

    private static String twoReadings() {
        SplittableRandom random = new SplittableRandom(9);
        StringBuilder text = new StringBuilder("a_ms,b_ms\n");
        for (int i = 0; i < 600; i++) {
            text.append(10 + random.nextDouble())
                    .append(',')
                    .append(16 + random.nextDouble())
                    .append('\n');
        }
        return text.toString();
    }
}
