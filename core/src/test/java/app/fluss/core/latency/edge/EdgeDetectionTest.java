package app.fluss.core.latency.edge;

import static app.fluss.core.latency.edge.Recorded.flash;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.latency.edge.EdgeDetection.Grain;
import app.fluss.core.work.Progress;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/// Latency on recordings as practitioners bring them, against what really happened, press by press.
class EdgeDetectionTest {
    private static final double RATE = 4000;

    private static EdgeDetection detect(Recorded recorded) {
        return detect(recorded, EdgeSettings.DEFAULT);
    }

    private static EdgeDetection detect(Recorded recorded, EdgeSettings settings) {
        return EdgeDetection.of(recorded.recording(), settings, Grain.SAMPLES, Progress.NONE);
    }

    static List<RecordedCases.Case> cases() {
        return RecordedCases.all();
    }

    /// Nothing wrong without a doubt, and what could be answered is.
    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void latenciesAreRightOrDoubted(RecordedCases.Case of) {
        Recorded recorded = of.of().apply(1);
        EdgeDetection found = detect(recorded);
        Recorded.Judged judged = recorded.judge(found.trials(), of.withinMs());
        assertThat(judged.wrong()).as("wrong: %s", judged).isZero();
        assertThat(judged.falseAnswers() + judged.extra())
                .as("false: %s", judged)
                .isZero();
        assertThat(judged.right()).as("right: %s", judged).isGreaterThanOrEqualTo((int)
                Math.ceil(0.95 * judged.answerable()));
        assertThat(found.looksSwapped()).as("swapped").isFalse();
        if (!of.name().contains("ripple") && !of.name().contains("pulses")) {
            assertThat(found.rippleHz()).as("ripple").isNaN();
        }
        if (!of.name().contains("hum") && !of.name().contains("sound")) {
            assertThat(found.humHz()).as("hum").isNaN();
        }
        if (!of.name().contains("AC") && !of.name().contains("sound")) {
            assertThat(found.couplingMs()).as("coupling").isNaN();
        }
    }

    private static Recorded flashes(double heldMs, double rest, double pressed) {
        Recorded recorded = new Recorded(3, RATE, 18).presses(25, 450, 620, 120).button(heldMs, rest, pressed);
        return recorded.answers(recorded.latencies(20, 120), flash(60, 1), 100, Math.log(2))
                .scaled(0.1, 0.8)
                .noise(0.01);
    }

    @Test
    void swappedChannelsOfFlashesAreNoticed() {
        Recording right = flashes(12, 0, 1).recording();
        assertThat(EdgeDetection.of(right, EdgeSettings.DEFAULT, Grain.SAMPLES, Progress.NONE)
                        .looksSwapped())
                .isFalse();
        assertThat(EdgeDetection.of(right.swapped(), EdgeSettings.DEFAULT, Grain.SAMPLES, Progress.NONE)
                        .looksSwapped())
                .isTrue();
    }

    /// The analyst says that the other level is the press: then times count from there.
    @Test
    void thePressCanBeChosen() {
        Recorded recorded = flashes(150, 0, 1);
        EdgeDetection found = detect(recorded);
        assertThat(found.pressed()).contains(PressKind.HIGH);
        assertThat(found.pressUnclear()).isFalse();
        EdgeDetection other = detect(recorded, EdgeSettings.DEFAULT.withPress(Optional.of(PressKind.LOW)));
        assertThat(other.pressed()).contains(PressKind.LOW);
        assertThat(other.trials().getFirst().doubt()).isEqualTo(Doubt.HELD_AT_START);
        assertThat(other.trials().get(1).inputMs()).isCloseTo(recorded.pressesMs.getFirst() + 150, within(0.3));
    }

    /// Held for most of even intervals, with answers at one time: the start speaks for one level, the length for the
    /// other, and the light for neither.
    @Test
    void aPressThatNothingTellsFromAReleaseIsUnclear() {
        Recorded recorded = new Recorded(5, RATE, 18).presses(25, 450, 620, 0).button(400, 0, 1);
        recorded.answers(recorded.latencies(60, 60), flash(60, 1), 100, Math.log(2))
                .scaled(0.1, 0.8)
                .noise(0.01);
        assertThat(detect(recorded).pressUnclear()).isTrue();
    }

    @Test
    void anInputHeldFromTheStartIsNoTimeToCountFrom() {
        Recorded recorded = flashes(100, 0, 1);
        recorded.fill(0, 60, 1);
        EdgeDetection found = detect(recorded);
        assertThat(found.trials()).hasSize(26);
        assertThat(found.trials().getFirst().doubt()).isEqualTo(Doubt.HELD_AT_START);
        assertThat(recorded.judge(found.trials(), 0.5).right()).isEqualTo(25);
    }

    /// Clicks that follow each other faster than the light answers: each could have the answer of the one before.
    @ParameterizedTest
    @CsvSource({"120, 10, 150, 200, 40", "120, 0, 150, 200, 40", "150, 20, 180, 260, 50", "200, 10, 230, 300, 60"})
    void clicksFasterThanTheirAnswersAreDoubted(double every, double jitter, double least, double most, double lasts) {
        Recorded recorded =
                new Recorded(7, RATE, 8).presses(25, 450, every, jitter).button(12, 0, 1);
        recorded.answers(recorded.latencies(least, most), flash(lasts, 1), lasts + 20, Math.log(2))
                .scaled(0.1, 0.8)
                .noise(0.01);
        assertThat(recorded.judge(detect(recorded).trials(), 0.5).wrong()).isZero();
    }

    /// Each doubt is the true one.
    @Test
    void doubtsSayWhy() {
        Recorded recorded = new Recorded(9, RATE, 18).presses(25, 450, 620, 20).button(12, 0, 1);
        double[] latencies = recorded.latencies(80, 100);
        latencies[4] = Double.NaN;
        recorded.answers(latencies, flash(60, 1), 100, Math.log(2));
        recorded.add(recorded.pressesMs.get(8) - 20, flash(60, 1), 100, 1);
        recorded.add(recorded.pressesMs.get(12) + 300, flash(60, 1), 100, 1);
        recorded.add(recorded.pressesMs.get(16) + latencies[16], flash(60, 1), 100, 1.5);
        double[] from = {recorded.pressesMs.get(20) + 40};
        List<Trial> trials = EdgeDetection.of(
                        new Recording(
                                recorded.scaled(0.1, 0.8).noise(0.01).input(),
                                recorded.light(),
                                List.of(new Recording.Gap(from[0], from[0] + 12))),
                        EdgeSettings.DEFAULT,
                        Grain.SAMPLES,
                        Progress.NONE)
                .trials();
        assertThat(trials.get(4).doubt()).isEqualTo(Doubt.NOTHING_CHANGED);
        assertThat(trials.get(8).doubt()).isEqualTo(Doubt.NOT_AT_REST);
        assertThat(trials.get(12).doubt()).isEqualTo(Doubt.TWO_CHANGES);
        assertThat(trials.get(16).doubt()).isEqualTo(Doubt.ODD_SIZE);
        assertThat(trials.get(20).doubt()).isEqualTo(Doubt.GAP);
        assertThat(trials.stream().filter(trial -> trial.state() == Trial.State.ACCEPTED))
                .hasSize(20);
    }

    @Test
    void aShareOnAPlateauSaysSo() {
        Recorded recorded = new Recorded(2, RATE, 18).presses(25, 450, 620, 120).button(12, 0, 1);
        recorded.answers(recorded.latencies(20, 120), ms -> ms < 17 ? 0.5 : 1, 90, 0)
                .scaled(0.1, 0.8)
                .noise(0.008);
        assertThat(detect(recorded).trials()).allMatch(trial -> trial.doubt() == Doubt.ON_PLATEAU);
        Recorded.Judged first = recorded.judge(
                detect(recorded, EdgeSettings.DEFAULT.withThreshold(0.4)).trials(), 0.5);
        assertThat(first.right()).isEqualTo(25);
        List<Trial> second =
                detect(recorded, EdgeSettings.DEFAULT.withThreshold(0.6)).trials();
        assertThat(second).allSatisfy(trial -> assertThat(trial.doubt()).isEqualTo(Doubt.NONE));
        assertThat(second.getFirst().photonMs()).isCloseTo(recorded.halvesMs.getFirst() + 17, within(0.5));
    }

    /// Light that flashes by itself all the time and answers nothing: no time is given for an answer.
    @Test
    void lightThatChangesByItselfIsNoAnswer() {
        Recorded recorded = new Recorded(7, RATE, 18).presses(25, 450, 620, 120).button(12, 0, 1);
        for (double ms = 0; ms < 18_000; ms += recorded.between(100, 400)) {
            recorded.add(ms, flash(recorded.between(20, 60), 2), 90, recorded.between(0.5, 1));
        }
        List<Trial> trials = detect(recorded.scaled(0.1, 0.5).noise(0.01)).trials();
        assertThat(trials).hasSize(25).noneMatch(trial -> trial.state() == Trial.State.ACCEPTED);
        assertThat(trials).anyMatch(trial -> trial.doubt() == Doubt.BY_ITSELF);
    }

    @Test
    void noLightAndNoInputGiveNoNumbers() {
        Recorded dark = new Recorded(1, RATE, 10)
                .presses(10, 450, 620, 120)
                .button(12, 0, 1)
                .noise(0.01);
        EdgeDetection found = detect(dark);
        assertThat(found.trials()).hasSize(10).allMatch(trial -> trial.state() != Trial.State.ACCEPTED);
        Recorded silent = new Recorded(1, RATE, 10).noise(0.01).inputNoise(0.01);
        assertThat(detect(silent).trials()).isEmpty();
        assertThat(detect(new Recorded(1, RATE, 0.002)).trials()).isEmpty();
    }
}
