package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DriftTest {
    private static Analysis at(double fps, double minute) {
        return Analysis.withoutLog(AnalysisSettings.NONE
                .withGrade(Grade.D)
                .withClaimed(Figure.of(fps))
                .measuredAt(Math.round(minute * 60_000)));
    }

    /// Runs in an order such as "NPPN": one every ten minutes, each spread by 1.5 %, the path so many times the
    /// native.
    private static RunComparison session(String order, double gain, double perRun, SplittableRandom random) {
        List<Analysis> natives = new ArrayList<>();
        List<Analysis> path = new ArrayList<>();
        for (int i = 0; i < order.length(); i++) {
            boolean on = order.charAt(i) == 'P';
            double level = 80 * (1 + perRun * i) * (on ? gain : 1);
            (on ? path : natives).add(at(level * Math.exp(0.015 * random.nextGaussian()), 10 * i));
        }
        return RunComparison.of(natives, path, Terms.PLAIN.withMultiplier(1));
    }

    private static boolean blamed(RunComparison comparison) {
        return comparison.drift().explains(comparison.measure(Measure.CLAIMED));
    }

    @ParameterizedTest
    @ValueSource(strings = {"NPNPNP", "NNPPPN", "NPPPNN", "NPNPNPN", "NNPPPNNN", "NPNPNPNPN"})
    void anHonestGainIsSeldomCalledDrift(String order) {
        SplittableRandom random = new SplittableRandom(order.hashCode());
        int blamed = 0;
        for (int round = 0; round < 400; round++) {
            RunComparison comparison = session(order, 1.08, 0, random);
            assertThat(comparison.drift().state()).isNotEqualTo(Drift.State.NO_BRACKET);
            blamed += blamed(comparison) ? 1 : 0;
        }
        assertThat(blamed / 400.0).isLessThan(0.05);
    }

    @ParameterizedTest
    @ValueSource(strings = {"NNNPPP", "PPPNNN", "NPPP", "PNP", "NP"})
    void withoutABracketNothingIsJudgedAndThatIsTold(String order) {
        Drift drift = session(order, 0.97, 0, new SplittableRandom(1)).drift();
        assertThat(drift.state()).isEqualTo(Drift.State.NO_BRACKET);
        assertThat(drift.why()).isNotBlank();
        assertThat(drift.carried()).isEmpty();
    }

    @Test
    void whatTheBaselineMovedIsCarriedOverTheGapOnly() {
        // Natives at 0, 10 and 60 min fall by 0.2/s a minute; the path is at 40 and 50, in the mean 21.67 min later.
        RunComparison comparison = RunComparison.of(
                List.of(at(100, 0), at(98.1, 10), at(87.9, 60), at(98, 10), at(88, 60)),
                List.of(at(92, 40), at(90.1, 50)),
                Terms.PLAIN);
        Drift drift = comparison.drift();
        assertThat(drift.state()).isEqualTo(Drift.State.TOLD);
        assertThat(drift.perHour().orElseThrow().value()).isCloseTo(-12, within(0.3));
        assertThat(drift.carried().orElseThrow().value()).isCloseTo(-0.2 * (45 - 28), within(0.2));
    }

    @Test
    void aRealFallOfTheBaselineIsFound() {
        SplittableRandom random = new SplittableRandom(3);
        int blamed = 0;
        int told = 0;
        for (int round = 0; round < 300; round++) {
            RunComparison comparison = session("NNNNNNNPPPPPPPN", 1, -0.006, random);
            boolean claims = comparison
                    .measure(Measure.CLAIMED)
                    .interval()
                    .filter(ends -> !ends.contains(0))
                    .isPresent();
            told += claims ? 1 : 0;
            blamed += blamed(comparison) ? 1 : 0;
        }
        assertThat(told).as("claims that are nothing but drift").isGreaterThan(150);
        assertThat(blamed).isGreaterThan((int) (0.85 * told));
    }

    @Test
    void unknownTimesAreNoBracket() {
        Analysis untimed =
                Analysis.withoutLog(AnalysisSettings.NONE.withGrade(Grade.D).withClaimed(Figure.of(70)));
        Drift drift = RunComparison.of(List.of(at(70, 0), at(70, 30)), List.of(untimed), Terms.PLAIN)
                .drift();
        assertThat(drift.state()).isEqualTo(Drift.State.NO_BRACKET);
        assertThat(drift.why()).contains("it is unknown when");
    }

    /// The slope by scipy's `linregress`; its half width from the spread of the scene: t(4) · 0.0188 · 78.3 over the
    /// root of the squared hours. The path lies 0.25 h before and after the middle: nothing is carried.
    @Test
    void fewBaselinesBorrowTheSpreadOfTheScene() {
        List<Analysis> natives = List.of(at(80, 0), at(79, 30), at(76, 60));
        List<Analysis> path = List.of(at(100, 15), at(101, 45));
        List<Analysis> repeats = List.of(at(120, 90), at(121.5, 95), at(119, 99));
        Drift drift = RunComparison.of(natives, path, Terms.PLAIN.among(List.of(natives, repeats)))
                .drift();
        assertThat(drift.state()).isEqualTo(Drift.State.TOLD);
        assertThat(drift.measure()).isEqualTo(Measure.CLAIMED);
        Drift.Slope slope = drift.perHour().orElseThrow();
        assertThat(slope.value()).isCloseTo(-4, within(1e-9));
        assertThat(slope.interval().low()).isCloseTo(-10.243492, within(1e-5));
        assertThat(slope.interval().high()).isCloseTo(2.243492, within(1e-5));
        assertThat(drift.carried().orElseThrow().value()).isCloseTo(0, within(1e-9));
        Drift later = RunComparison.of(
                        natives, List.of(at(100, 40), at(101, 50)), Terms.PLAIN.among(List.of(natives, repeats)))
                .drift();
        assertThat(later.carried().orElseThrow().value())
                .as("a quarter of an hour after the middle")
                .isCloseTo(-1, within(1e-9));
        assertThat(later.carried().orElseThrow().interval().low()).isCloseTo(-10.243492 / 4, within(1e-5));
        Drift alone = RunComparison.of(List.of(at(80, 0), at(79, 30)), List.of(at(100, 15)), Terms.PLAIN)
                .drift();
        assertThat(alone.state()).isEqualTo(Drift.State.TOO_FEW);
        assertThat(alone.why()).contains("no spread to borrow");
    }

    @Test
    void whereTheBaselineIsMissingIsSaid() {
        assertThat(session("NNPP", 1, 0, new SplittableRandom(1)).drift().why()).contains("lies after those");
        assertThat(session("PPNN", 1, 0, new SplittableRandom(1)).drift().why()).contains("lies before those");
    }
}
