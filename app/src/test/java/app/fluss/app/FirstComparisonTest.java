package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Measure;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// How many actions lie between an empty study and its first answer: a drop, a name, a click and a key each
/// count as one.
class FirstComparisonTest extends WindowTest {
    private static final int AT_MOST = 12;

    private int actions;

    @Override
    Path study() throws Exception {
        return folder.resolve("first-" + System.nanoTime() + ".fluss");
    }

    private void act(Runnable action) throws Exception {
        actions++;
        interact(action);
        settle();
    }

    /// Twenty seconds at a rate, with a header of nobody's.
    private static Path log(String name, double everyMs) throws Exception {
        StringBuilder text = new StringBuilder("zeit_ms,frame_ms\n");
        double now = 0;
        for (int i = 0; now < 20_000; i++) {
            double frame = everyMs + (i % 3 - 1) * 0.2;
            now += frame;
            text.append("%.3f,%.3f%n".formatted(now, frame));
        }
        return Files.writeString(folder.resolve(name), text);
    }

    @Test
    void twoLogsAreComparedInFewActions() throws Exception {
        List<Path> logs = List.of(log("Reedlight_native.csv", 16), log("Reedlight_doubled.csv", 9));
        settle();
        act(() -> window.shell().drop(logs));
        waitFor(() -> lookup("#many-dialog").tryQuery().isPresent());
        act(() -> lookup("#many-scene").<TextField>query().setText("weir"));
        Button add = lookup("#many-add").query();
        assertThat(add.isDisabled())
                .as(lookup("#many-state").<Label>query().getText())
                .isFalse();
        act(add::fire);
        until(() -> assertThat(contents().runs()).hasSize(2));
        actions++;
        push(KeyCode.CONTROL, KeyCode.DIGIT5);
        until(() -> assertThat(window.workbench().comparisonsProperty().get())
                .singleElement()
                .satisfies(one -> assertThat(
                                one.runs().measure(Measure.PRESENTED).ratio().orNaN())
                        .isBetween(1.7, 1.85)));
        until(() ->
                assertThat(look("#enough")).as("the comparison is on screen").isNotNull());
        assertThat(actions).isLessThanOrEqualTo(AT_MOST);
    }
}
