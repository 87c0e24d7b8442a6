package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Grade;
import app.fluss.files.study.Run;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// An analyst who has an overlay and one tool's summary, and nothing else: from the welcome screen to every game's
/// comparison.
class QuickEntryTest extends WindowTest {
    private int actions;

    @Override
    Path study() throws Exception {
        return folder.resolve("handheld-" + System.nanoTime() + ".fluss");
    }

    private void type(String id, String text) {
        actions++;
        TextInputControl field = lookup("#" + id).query();
        interact(() -> field.setText(text));
    }

    private void press(String id) throws Exception {
        actions++;
        waitFor(() -> lookup("#" + id).tryQuery().isPresent());
        clickOn("#" + id);
        settle();
    }

    private String shown(String id) {
        return text("#" + id);
    }

    @Test
    void threeGamesOfReadingsAndASummaryAreComparedInUnderTwentyFiveActions() throws Exception {
        settle();
        press("welcome-enter");
        waitFor(() -> lookup("#quick-grid").tryQuery().isPresent());
        type("quick-game-1", "Reedlight");
        type("quick-average-1", "36,8");
        type("quick-path-2", "engine generation 2x");
        type("quick-average-2", "63–68,5");
        type("quick-game-3", "Moor Lantern");
        type("quick-average-3", "58");
        type("quick-path-4", "engine generation 2x");
        type("quick-average-4", "101");
        type("quick-game-5", "Gull Harbour");
        type("quick-average-5", "71.5");
        type("quick-one-percent-5", "49");
        type("quick-path-6", "engine generation 2x");
        type("quick-average-6", "118");
        type("quick-one-percent-6", "62");
        press("quick-add");
        until(() -> assertThat(contents().runs()).hasSize(6));
        until(() -> assertThat(shown("ratio-CLAIMED")).isEqualTo("1.65×"));
        assertThat(shown("ratio-CLAIMED_LOW")).isEqualTo("1.27×");
        until(() -> assertThat(shown("note-1")).contains("The convention of these lows is not stated"));
        for (Map.Entry<String, String> game :
                Map.of("Moor Lantern", "1.74×", "Reedlight", "1.79×").entrySet()) {
            actions++;
            Run run = contents().runs().stream()
                    .filter(one -> contents().place(one).startsWith(game.getKey()))
                    .findFirst()
                    .orElseThrow();
            interact(() -> window.workbench().selectedProperty().set(run));
            until(() -> assertThat(shown("ratio-CLAIMED")).isEqualTo(game.getValue()));
        }
        assertThat(actions).isLessThan(25);
        assertThat(contents().runs()).allMatch(run -> run.grade() == Grade.D);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> assertThat(contents().runs()).as("one step for all").isEmpty());
    }

    @Test
    void aTableIsPastedCorrectedAndKept() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.E);
        waitFor(() -> lookup("#quick-grid").tryQuery().isPresent());
        interact(() -> Clipboard.getSystemClipboard()
                .setContent(Map.of(
                        DataFormat.PLAIN_TEXT,
                        "Path\tGame\tAvg (fps)\t1% low\tLow by\tFrom\tGPU\n"
                                + "native\tReedlight\t60,5\t70\tslowest mean\ttool\tone card\n"
                                + "second GPU 2x\tReedlight\t98\t66\tslowest mean\ttool\ttwo cards\n")));
        clickOn("#quick-paste");
        until(() -> assertThat(shownInDialog("quick-state")).startsWith("Row 1, 1 % low: A 1 % low is not above"));
        assertThat(lookup("#quick-add").query().isDisabled()).isTrue();
        assertThat(shownInDialog("quick-is-2")).isEqualTo("second GPU 2×");
        type("quick-one-percent-1", "41");
        press("quick-add");
        until(() -> assertThat(contents().runs()).hasSize(2));
        until(() -> assertThat(shown("ratio-CLAIMED_LOW")).isEqualTo("1.61×"));
        List<Run> runs = contents().runs();
        assertThat(runs).allMatch(run -> run.grade() == Grade.C);
        assertThat(runs.getFirst().taking().impression().words()).isEqualTo("GPU: one card");

        push(KeyCode.CONTROL, KeyCode.DIGIT4);
        settle();
        press("correct");
        waitFor(() -> lookup("#quick-average-1").tryQuery().isPresent());
        type("quick-average-1", "99");
        press("quick-add");
        until(() ->
                assertThat(contents().runs().getLast().claimed().mean().orNaN()).isEqualTo(99));
        assertThat(contents().runs().getLast().claimed().onePercentLow().orNaN())
                .isEqualTo(66);
    }

    private String shownInDialog(String id) {
        return ((javafx.scene.control.Label) lookup("#" + id).query()).getText();
    }
}
