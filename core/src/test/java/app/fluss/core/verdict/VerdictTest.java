package app.fluss.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Level;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.verdict.Claim.State;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VerdictTest {
    private static final Asked LATENCY = Asked.of(Rule.ADDED_LATENCY, 10);
    private static final Chain GENERATION = Chain.of(StageKind.ENGINE_GENERATION);
    private static final Asked BASE = Asked.of(Rule.BASE_RATE, 30, 40);

    /// A figure whose interval grows with its confidence as that of a normal one does, near enough.
    private static Held figure(double value, double half, Held.Kind kind) {
        return new Held(
                Figure.of(value),
                confidence -> Optional.of(new Interval(
                        value - half * (confidence > 0.95 ? 1.3 : 1), value + half * (confidence > 0.95 ? 1.3 : 1))),
                kind,
                Optional.of(Grade.B),
                3,
                3);
    }

    /// By hand: an upper bound of 10.0 ms, met within half of 0.1 ms.
    @ParameterizedTest
    @CsvSource({
        "7, 2, RUN_TO_RUN, HOLDS",
        "8, 2.04, RUN_TO_RUN, HOLDS",
        "9, 2, RUN_TO_RUN, OPEN",
        "12.5, 2, RUN_TO_RUN, OPEN",
        "12.7, 2, BORROWED, FAILS",
        "7, 2, WITHIN, LIKELY",
        "14, 1, WITHIN, UNLIKELY",
        "14, 1, ESTIMATE, UNLIKELY",
        "7, 1, READING, LIKELY"
    })
    void aClaimIsHeldAgainstItsWholeInterval(double value, double half, Held.Kind kind, State state) {
        assertThat(Claim.of(LATENCY, figure(value, half, kind), 5, "weir").state())
                .isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"45, 3, HOLDS", "41, 3, HOLDS_WITH_WARNING", "33, 2, HOLDS_WITH_WARNING", "31, 2, OPEN", "20, 2, FAILS"
    })
    void aWarningLiesAboveTheBound(double value, double half, State state) {
        assertThat(Claim.of(BASE, figure(value, half, Held.Kind.RUN_TO_RUN), 1, "weir")
                        .state())
                .isEqualTo(state);
    }

    @Test
    void aWiderIntervalNeverTurnsOpenIntoHolds() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 2000; round++) {
            double value = 20 * random.nextDouble();
            double half = 6 * random.nextDouble();
            State narrow = Claim.of(LATENCY, figure(value, half, Held.Kind.RUN_TO_RUN), 5, "")
                    .state();
            State wide = Claim.of(LATENCY, figure(value, half * 1.5, Held.Kind.RUN_TO_RUN), 5, "")
                    .state();
            if (narrow == State.OPEN) {
                assertThat(wide).isEqualTo(State.OPEN);
            }
            assertThat(wide.holds()).isIn(narrow.holds(), false);
            // More claims never make one fail that did not.
            State more = Claim.of(LATENCY, figure(value, half, Held.Kind.RUN_TO_RUN), 1, "")
                    .state();
            assertThat(narrow == State.FAILS && more != State.FAILS).isFalse();
        }
    }

    /// Moving the bound to a flip point changes the state there.
    @Test
    void theStateChangesAtItsFlipPoints() {
        Claim open = Claim.of(LATENCY, figure(9, 2, Held.Kind.RUN_TO_RUN), 5, "weir");
        assertThat(open.turns()).hasSize(2);
        double failsBelow = open.turns().getFirst().bound();
        double holdsFrom = open.turns().getLast().bound();
        assertThat(state(LATENCY.with(holdsFrom + 0.01, "mine"), open)).isEqualTo(State.HOLDS);
        assertThat(state(LATENCY.with(holdsFrom - 0.2, "mine"), open)).isEqualTo(State.OPEN);
        assertThat(state(LATENCY.with(failsBelow - 0.2, "mine"), open)).isEqualTo(State.FAILS);
        assertThat(Claim.of(LATENCY, Held.missing("not measured"), 5, "weir").turns())
                .isEmpty();
    }

    /// A bound only matters where its claim decides: beside a claim that fails nothing flips, beside an open
    /// one only
    /// what can make the verdict fail.
    @Test
    void aVerdictFlipsOnlyWhereAClaimDecides() {
        Verdict use = verdict(good());
        Claim latency = use.claim(Rule.ADDED_LATENCY).orElseThrow();
        assertThat(use.flipsAt(latency))
                .as("by hand: 7 ± 1 at 95 %, ± 1.3 widened; stricter first")
                .containsExactly(5.7, 8.0);
        Verdict failing = verdict(but(Rule.DELIVERED_GAIN, figure(0.9, 0.05, Held.Kind.RUN_TO_RUN)));
        assertThat(failing.word()).isEqualTo(Verdict.Word.LEAVE_OFF);
        assertThat(failing.flipsAt(failing.claim(Rule.ADDED_LATENCY).orElseThrow()))
                .isEmpty();
        assertThat(failing.flipsAt(failing.claim(Rule.DELIVERED_GAIN).orElseThrow()))
                .hasSize(2);
        Verdict open = verdict(but(Rule.DELIVERED_GAIN, figure(1.1, 0.05, Held.Kind.RUN_TO_RUN)));
        assertThat(open.flipsAt(open.claim(Rule.ADDED_LATENCY).orElseThrow())).containsExactly(5.7);
    }

    private static State state(Asked asked, Claim like) {
        return Claim.of(asked, like.held(), 5, "weir").state();
    }

    private static Analysis read(double fps) {
        return Analysis.withoutLog(AnalysisSettings.NONE.withGrade(Grade.D).withClaimed(Figure.of(fps)));
    }

    /// A case of which every figure is given.
    private static Case scene(String name, Section.Weight weight, Map<Rule, Held> figures) {
        RunComparison nothing = RunComparison.of(List.of(read(60)), List.of(read(100)), Terms.PLAIN.withMultiplier(2));
        return Case.of(name, weight, GENERATION, nothing, Held.missing("not measured"), 144, figures, List.of());
    }

    private static Map<Rule, Held> good() {
        Map<Rule, Held> figures = new EnumMap<>(Rule.class);
        figures.put(Rule.BASE_RATE, figure(70, 2, Held.Kind.RUN_TO_RUN));
        figures.put(Rule.ADDED_LATENCY, figure(7, 1, Held.Kind.RUN_TO_RUN));
        figures.put(Rule.DELIVERED_GAIN, figure(1.7, 0.05, Held.Kind.RUN_TO_RUN));
        figures.put(Rule.LOW_OF_NATIVE, figure(1.5, 0.1, Held.Kind.RUN_TO_RUN));
        figures.put(Rule.NATIVE_RATE, figure(75, 1, Held.Kind.RUN_TO_RUN));
        return figures;
    }

    private static Map<Rule, Held> but(Rule rule, Held held) {
        Map<Rule, Held> figures = good();
        figures.put(rule, held);
        return figures;
    }

    private static Verdict verdict(Map<Rule, Held> figures) {
        return Verdict.of(School.RESPONSE_FIRST, List.of(scene("weir", Section.Weight.TYPICAL, figures)));
    }

    @Test
    void theWordFollowsTheClaims() {
        assertThat(verdict(good()).word()).isEqualTo(Verdict.Word.USE);
        assertThat(verdict(but(Rule.ADDED_LATENCY, figure(30, 2, Held.Kind.RUN_TO_RUN)))
                        .word())
                .isEqualTo(Verdict.Word.LEAVE_OFF);
        assertThat(verdict(but(Rule.ADDED_LATENCY, figure(10, 2, Held.Kind.RUN_TO_RUN)))
                        .word())
                .isEqualTo(Verdict.Word.NOT_SETTLED);
        assertThat(verdict(but(Rule.ADDED_LATENCY, figure(7, 1, Held.Kind.WITHIN)))
                        .word())
                .isEqualTo(Verdict.Word.PROBABLY_USE);
        assertThat(verdict(but(Rule.ADDED_LATENCY, figure(15, 1, Held.Kind.ESTIMATE)))
                        .word())
                .isEqualTo(Verdict.Word.PROBABLY_LEAVE_OFF);
        assertThat(verdict(but(Rule.ADDED_LATENCY, Held.missing("not measured")))
                        .word())
                .isEqualTo(Verdict.Word.NOT_SETTLED);
    }

    /// Of two paths that may be used, the quicker one for those who want response, the evener one for those who
    /// want that.
    @Test
    void pathsThatPassAreToldApartByWhatTheSchoolCountsMost() {
        Map<Rule, Held> quick = but(Rule.ADDED_LATENCY, figure(2, 1, Held.Kind.RUN_TO_RUN));
        quick.put(Rule.ADDED_UNEVENNESS, figure(1, 0.1, Held.Kind.RUN_TO_RUN));
        Map<Rule, Held> even = but(Rule.ADDED_LATENCY, figure(8, 1, Held.Kind.RUN_TO_RUN));
        even.put(Rule.ADDED_UNEVENNESS, figure(0.1, 0.1, Held.Kind.RUN_TO_RUN));
        for (School school : List.of(School.RESPONSE_FIRST, School.SMOOTH_FIRST)) {
            Verdict one = Verdict.of(school, List.of(scene("weir", Section.Weight.TYPICAL, quick)));
            Verdict other = Verdict.of(school, List.of(scene("weir", Section.Weight.TYPICAL, even)));
            assertThat(one.word()).isEqualTo(Verdict.Word.USE);
            assertThat(Verdict.better().compare(one, other) < 0).isEqualTo(school == School.RESPONSE_FIRST);
        }
    }

    @Test
    void aFaultTakesUseBackAndSaysWhy() {
        Verdict doubted = Verdict.of(
                School.RESPONSE_FIRST,
                List.of(Case.of(
                        "weir",
                        Section.Weight.TYPICAL,
                        GENERATION,
                        RunComparison.of(List.of(read(60)), List.of(read(100)), Terms.PLAIN),
                        Held.missing("not measured"),
                        144,
                        good(),
                        List.of("A third of the images repeat."))));
        assertThat(doubted.word()).isEqualTo(Verdict.Word.NOT_SETTLED);
        assertThat(doubted.reserves()).containsExactly("A third of the images repeat.");
        assertThat(doubted.wouldSettle())
                .anySatisfy(one -> assertThat(one.kind()).isEqualTo(Settle.Kind.REQUIREMENT));
    }

    /// Rates count in the heaviest scene, latency in each.
    @Test
    void theSceneThatDecidesIsNamed() {
        Case light = scene("garden", Section.Weight.LIGHT, but(Rule.BASE_RATE, figure(40, 2, Held.Kind.RUN_TO_RUN)));
        Case worst = scene("storm", Section.Weight.WORST, good());
        Verdict rates = Verdict.of(School.RESPONSE_FIRST, List.of(light, worst));
        assertThat(rates.word())
                .as("the base rate of a light scene does not count")
                .isEqualTo(Verdict.Word.USE);
        Case slow = scene("garden", Section.Weight.LIGHT, but(Rule.ADDED_LATENCY, figure(30, 2, Held.Kind.RUN_TO_RUN)));
        Verdict latency = Verdict.of(School.RESPONSE_FIRST, List.of(slow, worst));
        assertThat(latency.word()).isEqualTo(Verdict.Word.LEAVE_OFF);
        assertThat(latency.scene()).contains("garden");
    }

    @Test
    void aStudyOfReadingsSaysProbablyAndWhatIsUnknown() {
        Case readings = scene("weir", Section.Weight.TYPICAL, Map.of());
        Verdict read = Verdict.of(School.SMOOTH_FIRST, List.of(readings));
        assertThat(read.word()).isEqualTo(Verdict.Word.PROBABLY_USE);
        assertThat(read.grade()).contains(Grade.D);
        assertThat(read.wouldSettle())
                .extracting(Settle::words)
                .anySatisfy(words -> assertThat(words).contains("added latency"));
    }

    /// By hand: 12.5 is 2.5 above the bound; the interval of five claims at once is 1.3 times as wide as that of one,
    /// which does not reach the bound.
    @Test
    void theDistanceIsHeldAgainstTheIntervalThatDecides() {
        assertThat(Settle.of(List.of(Claim.of(LATENCY, figure(12.5, 2, Held.Kind.RUN_TO_RUN), 5, "weir"))))
                .singleElement()
                .satisfies(one -> assertThat(one.words())
                        .startsWith("added latency is 2.50 from the bound, ± 2.60 for 5 claims at once: "));
        assertThat(Settle.of(List.of(Claim.of(LATENCY, figure(9, 2, Held.Kind.RUN_TO_RUN), 5, "weir"))))
                .singleElement()
                .satisfies(one -> assertThat(one.words()).startsWith("added latency is 1.00 from the bound, ± 2.00: "));
    }

    /// So many runs as would settle an open claim do settle it, three times in four and more.
    @Test
    void whatWouldSettleItSettlesIt() {
        SplittableRandom random = new SplittableRandom(8);
        Asked asked = Asked.of(Rule.BASE_RATE, 60);
        int asks = 0;
        int settled = 0;
        for (int round = 0; round < 400; round++) {
            double truth = 58 + 4 * random.nextDouble();
            Claim first = claim(asked, truth, 3, random);
            if (first.state() == State.OPEN) {
                Settle settle = Settle.of(List.of(first)).getFirst();
                if (settle.kind() == Settle.Kind.RUNS) {
                    asks++;
                    // The truth may be anything that the first runs allow: they are drawn around what was seen.
                    settled += claim(asked, first.held().value().orNaN(), settle.runs(), random)
                                            .state()
                                    == State.OPEN
                            ? 0
                            : 1;
                }
            }
        }
        assertThat(asks).isGreaterThan(50);
        assertThat(settled / (double) asks).isGreaterThan(0.75);
    }

    private static Claim claim(Asked asked, double truth, int runs, SplittableRandom random) {
        double[] values = new double[runs];
        Arrays.setAll(values, _ -> truth + 0.8 * random.nextGaussian());
        return Claim.of(asked, Held.level(Level.of(values), Grade.B, runs), 4, "weir");
    }

    /// 1000 games whose true base rate is 59 or 61: a wrong word in fewer than 5 of 100.
    @Test
    void aWrongWordIsRare() {
        SplittableRandom random = new SplittableRandom(2);
        Asked asked = Asked.of(Rule.BASE_RATE, 60);
        int wrong = 0;
        for (int round = 0; round < 1000; round++) {
            boolean enough = round % 2 == 0;
            State state =
                    claim(asked, enough ? 60.2 : 59.8, 3 + round % 4, random).state();
            wrong += enough ? (state == State.FAILS ? 1 : 0) : state.holds() ? 1 : 0;
        }
        assertThat(wrong).isLessThan(50);
    }

    @Test
    void schoolsAreSensibleAndFoundByName() {
        assertThat(Schools.SHIPPED.named("Response first")).isEqualTo(School.RESPONSE_FIRST);
        assertThat(School.usual(Optional.of("racing"))).isEqualTo(School.RESPONSE_FIRST);
        assertThat(School.usual(Optional.of("VR"))).isEqualTo(School.FULL_RATE_ONLY);
        assertThat(School.usual(Optional.empty())).isEqualTo(School.SMOOTH_FIRST);
        assertThatThrownBy(() -> Schools.SHIPPED.named("fastest")).hasMessageContaining("there is no school 'fastest'");
        assertThatThrownBy(() -> new School("x", "x", "", List.of(), List.of()))
                .hasMessageContaining("a school asks something");
        assertThatThrownBy(() -> Asked.of(Rule.BASE_RATE, 40, 30)).hasMessageContaining("contradicts the bound");
        assertThat(School.SMOOTH_FIRST.asked(Rule.BASE_RATE).orElseThrow().warnBound())
                .isCloseTo(40, within(1e-12));
        assertThatThrownBy(() -> Verdict.of(School.RATE_FIRST, List.of()))
                .hasMessageContaining("a verdict needs a scene");
    }
}
