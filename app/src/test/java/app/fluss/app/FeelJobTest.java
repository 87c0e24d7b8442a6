package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.drill.DrillAccess;
import app.fluss.app.drill.DrillPane;
import app.fluss.app.feel.FeelAccess;
import app.fluss.app.feel.FeelScreen;
import app.fluss.core.feel.Aim;
import app.fluss.core.feel.FeelPicture;
import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.Phase;
import app.fluss.core.feel.PsychometricFit;
import app.fluss.core.feel.Threshold;
import app.fluss.core.feel.Throughput;
import app.fluss.core.feel.Trial;
import app.fluss.core.feel.TwoIntervals;
import app.fluss.core.feel.drill.ChartPart;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.files.simulated.DrillCase;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.FeelSession;
import app.fluss.files.study.Study;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Feel in the window: each task is done by a simulated person whose threshold is known, on pulses that
/// are known.
class FeelJobTest extends WindowTest {
    private static final long SEED = 17;

    /// Pulses of a whole trial and more: no pulse is taken while a question stands.
    private static final int TRIAL = 230;

    private FeelAccess feel;

    @Override
    Path study() throws Exception {
        Path file = folder.resolve("feel" + System.nanoTime() + ".fluss");
        try (Study study = Study.open(file)) {
            addSimulated(
                    study, "native", Chain.NATIVE, ReadyScenario.named("native").lasting(5), Grade.B);
        }
        return file;
    }

    private void begin(FeelTask task) throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.DIGIT8);
        settle();
        interact(() -> {
            feel = new FeelAccess((FeelScreen) look("#feel"), SEED);
            ((TextField) look("#feel-person")).setText("Ilo");
            ((TextField) look("#feel-display")).setText("desk display");
            ((TextField) look("#feel-device")).setText("mouse");
            ((ToggleButton) look("#feel-" + task.name().toLowerCase(Locale.ROOT))).setSelected(true);
        });
        assertThat(look("#feel-start").isDisabled())
                .as("nothing moves before the warning was read")
                .isTrue();
        interact(() -> {
            window.shell().tell("Of something else.");
            ((CheckBox) look("#feel-read")).setSelected(true);
        });
        fire("#feel-start");
        assertThat(lookup(".notice").query().isVisible())
                .as("nothing lies over the field")
                .isFalse();
        interact(() -> feel.pulses(91, 0));
        waitFor(feel::moves);
    }

    private List<FeelSession> sessions() {
        return contents().people().sessions();
    }

    @ParameterizedTest
    @CsvSource({"DELAY, 30", "EVENNESS, 2.2", "RATE, 24"})
    void personOfKnownThresholdGetsItBack(FeelTask task, double threshold) throws Exception {
        begin(task);
        Random person = new Random(SEED);
        TwoIntervals trials = feel.trials().orElseThrow();
        boolean isMissed = false;
        while (feel.trials().isPresent()) {
            switch (trials.phase()) {
                case QUESTION -> {
                    double noticed =
                            1 / (1 + Math.exp(-5 * Math.log(trials.staircases().level() / threshold)));
                    boolean isRight = person.nextDouble() < 0.5 + 0.49 * noticed;
                    push(isRight == trials.staircases().addedFirst() ? KeyCode.DIGIT1 : KeyCode.DIGIT2);
                }
                case REST -> push(KeyCode.ENTER);
                default -> {
                    long late = isMissed ? 0 : 50_000_000;
                    isMissed = true;
                    interact(() -> {
                        feel.pulses(60, late);
                        feel.pulses(TRIAL, 0);
                    });
                }
            }
        }
        until(() -> assertThat(sessions()).hasSize(1));
        FeelSession kept = sessions().getFirst();
        assertThat(kept.task()).isEqualTo(task);
        assertThat(kept.thrownAway()).as("the one with a late pulse").isEqualTo(1);
        assertThat(kept.refreshHz()).isBetween(59.9, 60.1);
        Threshold found = PsychometricFit.of(kept.trials());
        assertThat(found.level().isKnown()).as("%s", found).isTrue();
        assertThat(found.interval().orElseThrow().contains(threshold))
                .as("%s", found)
                .isTrue();
        until(() -> assertThat(words(look("#feel-results"))).contains("Notices", "Ilo", "1 of"));
        fire("#undo");
        until(() -> assertThat(sessions()).isEmpty());
    }

    private void mouse(EventType<MouseEvent> type, double x, double y) {
        Node field = look("#feel-field");
        Event.fireEvent(
                field,
                new MouseEvent(
                        type,
                        x,
                        y,
                        x,
                        y,
                        MouseButton.PRIMARY,
                        1,
                        false,
                        false,
                        false,
                        false,
                        true,
                        false,
                        false,
                        false,
                        false,
                        true,
                        null));
    }

    @Test
    void whatADelayCostsIsToldFromReaches() throws Exception {
        begin(FeelTask.AIM);
        Random person = new Random(3);
        Aim aim = feel.aim().orElseThrow();
        while (feel.aim().isPresent()) {
            int pulses = (int) Math.round(24 + aim.delayMs() / 8 + 2 * person.nextDouble());
            interact(() -> {
                feel.pulses(pulses, 0);
                Node field = look("#feel-field");
                FeelPicture.Disc wanted = aim.wanted(
                        field.getLayoutBounds().getWidth(),
                        field.getLayoutBounds().getHeight());
                double x = wanted.x() + 6 * person.nextGaussian();
                double y = wanted.y() + 6 * person.nextGaussian();
                mouse(MouseEvent.MOUSE_MOVED, x, y);
                mouse(MouseEvent.MOUSE_PRESSED, x, y);
            });
        }
        until(() -> assertThat(sessions()).hasSize(1));
        List<Throughput> byDelay = Throughput.byDelay(sessions().getFirst().reaches());
        assertThat(byDelay)
                .hasSize(4)
                .allSatisfy(one -> assertThat(one.reaches()).isEqualTo(27));
        assertThat(byDelay.getLast().ms() - byDelay.getFirst().ms()).isBetween(250.0, 420.0);
        until(() -> assertThat(words(look("#feel-results"))).contains("bit/s", "160 ms"));
    }

    @Test
    void escapeStopsAtOnceAndKeepsNothingOfAFewTrials() throws Exception {
        begin(FeelTask.EVENNESS);
        interact(() -> feel.pulses(60, 0));
        assertThat(feel.trials().orElseThrow().phase()).isEqualTo(Phase.FIRST);
        push(KeyCode.ESCAPE);
        until(() -> assertThat(feel.trials()).isEmpty());
        assertThat(look("#feel-start").isDisabled())
                .as("the warning comes again")
                .isTrue();
        assertThat(sessions()).isEmpty();
    }

    @Test
    void goingAwayStopsWhatMoves() throws Exception {
        begin(FeelTask.RATE);
        interact(() -> feel.pulses(60, 0));
        push(KeyCode.CONTROL, KeyCode.DIGIT4);
        settle();
        assertThat(feel.trials()).isEmpty();
    }

    @SuppressWarnings("unchecked")
    private <T> void choose(String id, T value) {
        ((ChoiceBox<T>) look(id)).setValue(value);
    }

    @Test
    void drillIsScoredRightAndWrong() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.DIGIT8);
        settle();
        fire("#feel-drill");
        DrillPane drill = (DrillPane) look("#drill");
        interact(() -> {
            DrillAccess.use(drill, SEED);
            ((TextField) look("#drill-person")).setText("Ilo");
        });
        fire("#drill-next");
        until(() -> assertThat(DrillAccess.shown(drill)).isPresent());
        settle();
        DrillCase shown = DrillAccess.shown(drill).orElseThrow();
        Fault wrong = shown.fault() == Fault.CLOCK_DROP ? Fault.COUNTER_BLIND : Fault.CLOCK_DROP;
        interact(() -> {
            choose("#drill-fault", wrong);
            choose("#drill-part", ChartPart.FIGURES);
        });
        fire("#drill-answer");
        until(() -> assertThat(contents().people().rounds()).hasSize(1));
        assertThat(text("#drill-verdict")).matches("(Missed|A false alarm): .*");
        assertThat(((ButtonBase) look("#drill-answer")).isDisabled()).isTrue();

        fire("#drill-next");
        settle();
        until(() -> assertThat(look("#drill-answer").isDisabled()).isFalse());
        DrillCase second = DrillAccess.shown(drill).orElseThrow();
        interact(() -> {
            choose("#drill-fault", second.fault());
            choose("#drill-part", second.fault().shownBy().iterator().next());
        });
        fire("#drill-answer");
        until(() -> assertThat(contents().people().rounds()).hasSize(2));
        assertThat(text("#drill-verdict")).startsWith("Right: ");
        assertThat(words(look("#drill-record"))).contains("1 of 2 right, 1 with the right place");
    }

    @Test
    void answersOfATaskAreWhatIsKept() throws Exception {
        begin(FeelTask.DELAY);
        TwoIntervals trials = feel.trials().orElseThrow();
        while (trials.staircases().trials().size() < 31) {
            switch (trials.phase()) {
                case QUESTION -> push(KeyCode.RIGHT);
                case REST -> push(KeyCode.ENTER);
                default -> interact(() -> feel.pulses(TRIAL, 0));
            }
        }
        fire("#feel-stop");
        until(() -> assertThat(sessions()).hasSize(1));
        assertThat(sessions().getFirst().trials()).noneMatch(Trial::choseFirst);
        until(() -> assertThat(words(look("#feel-results"))).contains("second interval was named more often"));
    }
}
