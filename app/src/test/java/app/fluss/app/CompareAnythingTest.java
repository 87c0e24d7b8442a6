package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.work.Progress;
import app.fluss.files.compare.Grouping;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.Test;

/// Two drivers, measured in turn on one path: what half of all comparisons are like.
class CompareAnythingTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path study = folder.resolve("drivers-" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            for (int i = 0; i < 8; i++) {
                boolean newer = i % 2 == 1;
                made.addRun(
                        new RunDraft(
                                "Reedlight",
                                "weir",
                                "native",
                                Chain.NATIVE,
                                "run " + (i + 1),
                                false,
                                Setup.EMPTY.withNamed(
                                        Map.of("driver", newer ? "31.5" : "31.4", "quality", i < 6 ? "high" : "ultra"),
                                        FactSource.TYPED),
                                Double.NaN,
                                Taking.UNRECORDED.at(600_000L * (i + 1))),
                        List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, log(i, newer ? 80 : 70), Progress.NONE)),
                        Progress.NONE);
            }
        }
        return study;
    }

    /// Half a minute; each run has a level of its own within 1 %.
    private static Path log(int seed, double fps) throws Exception {
        SplittableRandom random = new SplittableRandom(seed * 7L + 1);
        double level = 1000 / fps * (1 + 0.005 * random.nextGaussian());
        StringBuilder text = new StringBuilder("present_ms\n");
        for (double now = 0; now < 30_000; now += level * (0.9 + 0.2 * random.nextDouble())) {
            text.append(now).append('\n');
        }
        return Files.writeString(folder.resolve("log" + seed + ".csv"), text);
    }

    private void choose(String id, String words) {
        interact(() -> {
            ChoiceBox<Object> box = choice(id);
            box.setValue(box.getItems().stream()
                    .filter(item -> box.getConverter().toString(item).equals(words))
                    .findFirst()
                    .orElseThrow());
        });
    }

    @SuppressWarnings("unchecked")
    private ChoiceBox<Object> choice(String id) {
        return (ChoiceBox<Object>) look(id);
    }

    @Test
    void driversAreComparedThenRunsPickedByHand() throws Exception {
        settle();
        interact(() -> ((ToggleButton) look("#work-compare")).setSelected(true));
        until(() -> assertThat(words(look("#compare"))).contains("Nothing to compare in this scene yet"));
        choose("#compare-by", "graphics driver");
        until(() -> assertThat(text("#may-say"))
                .startsWith("Graphics driver 31.5 differs from graphics driver 31.4 in presented rate by 1.14×")
                .contains("from run to run, by Welch"));
        until(() -> assertThat(text("#runs-PRESENTED")).isEqualTo("4 · 4 B"));
        assertThat(text("#interval-PRESENTED")).matches("[0-9.]+ to [0-9.]+");
        assertThat(text("#basis")).contains("4 runs of 31.4 against 4 of native · 31.5", "Holm");
        choose("#compare-against", "31.5");
        until(() -> assertThat(text("#may-say"))
                .startsWith("Graphics driver 31.4 differs from graphics driver 31.5 in presented rate by 0.8"));
        choose("#compare-by", "runs picked by hand…");
        waitFor(() -> lookup("#pick-dialog").tryQuery().isPresent());
        Button compare = lookup("Compare").queryAll().stream()
                .filter(node -> node instanceof Button button && "Compare".equals(button.getText()))
                .map(Button.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(compare.isDisabled()).isTrue();
        interact(() -> {
            for (int row = 1; row <= 4; row++) {
                ChoiceBox<String> side = lookup("#pick-" + row).query();
                side.setValue(row % 2 == 1 ? Grouping.ByHand.BASELINE : Grouping.ByHand.OTHER);
            }
            compare.fire();
        });
        until(() -> assertThat(text("#may-say"))
                .startsWith("No difference in presented rate holds between picked and baseline"));
    }

    /// Both drivers on one path spread by 7 %: 5 % takes more runs than anybody measures, 20 % a handful.
    @Test
    void planOffersAsManyRunsAsFindWhatMatters() throws Exception {
        settle();
        interact(() -> ((ToggleButton) look("#work-plan")).setSelected(true));
        settle();
        choose("#plan-game", "Reedlight");
        settle();
        fire("#plan-how");
        until(() -> assertThat(words(look("#plan"))).contains("more than 16 a side"));
        interact(() ->
                window.workbench().edits().plan().set(new PlanSettings(1, true, true, 120, 300, 30, 30, 60, 10, 0.2)));
        waitFor(() -> look("#want-needed") instanceof ButtonBase);
        int runs =
                Integer.parseInt(((ButtonBase) look("#want-needed")).getText().replaceAll("\\D", ""));
        assertThat(runs).isBetween(3, 16);
        fire("#want-needed");
        until(() -> assertThat(contents().planned().wanted().values()).contains(runs));
    }
}
