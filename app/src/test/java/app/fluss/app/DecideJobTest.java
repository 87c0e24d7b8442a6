package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Planned;
import app.fluss.files.study.Study;
import app.fluss.sim.scenario.Scenario;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// From measured runs to a verdict, through the real window: bounds are moved, kept and taken back, two schools
/// stand
/// side by side, and what would settle it is planned.
class DecideJobTest extends WindowTest {
    @Override
    Path study() throws Exception {
        Path file = folder.resolve("decide" + System.nanoTime() + ".fluss");
        try (Study study = Study.open(file)) {
            for (int seed = 1; seed <= 3; seed++) {
                addSimulated(study, "native", Chain.NATIVE, seeded("native", seed), Grade.A);
                addSimulated(
                        study,
                        "engine generation 2×",
                        Chain.of(StageKind.ENGINE_GENERATION),
                        seeded("engine-generation", seed),
                        Grade.A);
            }
            addSimulated(
                    study,
                    "driver generation 2×",
                    Chain.of(StageKind.DRIVER_GENERATION),
                    seeded("driver-generation", 4),
                    Grade.B);
        }
        return file;
    }

    private static Scenario seeded(String name, int seed) {
        return ReadyScenario.named(name).lasting(20).withSeed(seed);
    }

    private void decide() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.DIGIT6);
        waitFor(() -> look("#decide-games") != null && card("Tidewarden").isPresent());
        interact(() -> card("Tidewarden").orElseThrow().fire());
        settle();
    }

    /// The button of a game or a path, by what it says.
    private Optional<Button> card(String name) {
        return Stream.of(".button", ".verdict-card")
                .flatMap(style -> window.shell().lookupAll(style).stream())
                .map(node -> (Button) node)
                .filter(button -> name.equals(button.getText())
                        || (button.getAccessibleText() != null
                                && button.getAccessibleText().startsWith(name + ":")))
                .findFirst();
    }

    private String sentence() {
        return text("#verdict-sentence");
    }

    @Test
    void aBoundIsMovedKeptAndTakenBack() throws Exception {
        decide();
        until(() -> assertThat(sentence()).startsWith("Use engine generation 2×"));
        interact(() -> look("#claim-added-latency").requestFocus());
        for (int i = 0; i < 60 && sentence().startsWith("Use"); i++) {
            push(KeyCode.SHIFT, KeyCode.LEFT);
        }
        until(() -> assertThat(sentence()).contains("added latency"));
        until(() -> assertThat(text("#verdict-moved")).contains("in place of “use”"));
        assertThat(contents().schools().schools().own())
                .as("nothing is stored until it is said")
                .isEmpty();
        assertThat(look("#claim-added-latency").isFocused())
                .as("the scale stays, so that one can go on")
                .isTrue();
        fire("#put-back");
        until(() -> assertThat(sentence()).startsWith("Use engine generation 2×"));
        assertThat(look("#verdict-moved")).isNull();
        interact(() -> look("#claim-added-latency").requestFocus());
        push(KeyCode.LEFT);
        fire("#keep-bounds");
        until(() -> assertThat(contents().schools().schools().own())
                .extracting(School::title)
                .containsExactly("smooth first, Tidewarden"));
        School own = contents().schools().schools().own().getFirst();
        assertThat(own.asked(Rule.ADDED_LATENCY).orElseThrow().bound()).isLessThan(40);
        until(() ->
                assertThat(((ChoiceBox<?>) look("#decide-school")).getValue()).isEqualTo(own));
        fire("#decide-back");
        until(() -> assertThat(card("Tidewarden")).isPresent());
    }

    @Test
    void twoSchoolsStandSideBySideAndWhatIsOpenIsPlanned() throws Exception {
        decide();
        waitFor(() -> card("driver generation 2×").isPresent());
        interact(() -> card("driver generation 2×").orElseThrow().fire());
        until(() -> assertThat(sentence()).startsWith("Probably use driver generation 2×"));
        @SuppressWarnings("unchecked")
        ChoiceBox<Optional<School>> beside = (ChoiceBox<Optional<School>>) look("#decide-beside");
        interact(() -> beside.setValue(Optional.of(School.RATE_FIRST)));
        until(() -> assertThat(text("#verdict-beside")).startsWith("By “rate first”: "));
        until(() -> assertThat(contents().schools().chosen().values())
                .singleElement()
                .satisfies(chosen -> assertThat(chosen.beside()).contains("rate-first")));
        fire("#plan-settle");
        until(() -> assertThat(look("#matrix")).as("the plan is shown").isNotNull());
        long path = contents().bench().paths().stream()
                .filter(one -> one.name().equals("driver generation 2×"))
                .findFirst()
                .orElseThrow()
                .id();
        until(() -> assertThat(contents().planned().wanted())
                .containsEntry(new Planned.Cell(contents().scenes().getFirst().id(), path), 3));
    }

    /// A school without a claim, or with bounds that contradict, is refused in words.
    @Test
    void schoolsAreMadeAndBadOnesRefused() throws Exception {
        settle();
        push(KeyCode.CONTROL, KeyCode.DIGIT6);
        fire("#decide-schools");
        waitFor(() -> lookup("#school-new").tryQuery().isPresent());
        until(() -> assertThat(lookup("#schools").query().isFocused())
                .as("keys choose the school first")
                .isTrue());
        press("#school-new");
        interact(() -> field("#school-title").setText("Late evenings"));
        press("#school-keep");
        until(() -> assertThat(said()).contains("a school asks something"));
        press("#school-add");
        press("#school-keep");
        until(() -> assertThat(said()).contains("a bound is a number"));
        interact(() -> {
            field("#bound-added-latency").setText("25");
            field("#warning-added-latency").setText("30");
        });
        press("#school-keep");
        until(() -> assertThat(said()).contains("contradicts the bound"));
        interact(() -> field("#warning-added-latency").setText("20"));
        press("#school-keep");
        until(() -> assertThat(
                        contents().schools().schools().named("late evenings").asks())
                .singleElement()
                .satisfies(asked -> assertThat(asked.warnBound()).isEqualTo(20)));
        press("#school-remove");
        until(() -> assertThat(contents().schools().schools().own()).isEmpty());
    }

    /// The package of the selected run with one more factor: all four combinations become wishes.
    @Test
    void aPackageIsPlannedApart() throws Exception {
        settle();
        select("driver generation 2×");
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        waitFor(() -> look("#plan-apart") != null);
        interact(() -> look("#plan-apart").requestFocus());
        push(KeyCode.SPACE);
        waitFor(() -> lookup("#apart-dialog").tryQuery().isPresent());
        DialogPane dialog = lookup("#apart-dialog").query();
        Node plan = dialog.lookupButton(dialog.getButtonTypes().stream()
                .filter(type -> !type.equals(ButtonType.CANCEL))
                .findFirst()
                .orElseThrow());
        assertThat(((Label) lookup("#apart-says").query()).getText()).contains("two to five factors");
        assertThat(plan.isDisabled()).isTrue();
        interact(() -> field("#apart-factor-1").setText("upscaler"));
        until(() ->
                assertThat(((Label) lookup("#apart-says").query()).getText()).startsWith("4 combinations"));
        interact(() -> ((ButtonBase) plan).fire());
        until(() -> assertThat(contents().planned().wanted().values().stream()
                        .mapToInt(Integer::intValue)
                        .sum())
                .as("two of each of four")
                .isEqualTo(8));
        assertThat(contents().bench().paths())
                .extracting(path -> path.name())
                .contains("native, upscaler on")
                .anyMatch(name -> name.startsWith("driver generation") && name.endsWith("upscaler off"));
    }

    private TextField field(String id) {
        return lookup(id).query();
    }

    private void press(String id) throws Exception {
        interact(() -> ((ButtonBase) lookup(id).query()).fire());
        settle();
    }

    private String said() {
        return ((Label) lookup("#school-problem").query()).getText();
    }
}
