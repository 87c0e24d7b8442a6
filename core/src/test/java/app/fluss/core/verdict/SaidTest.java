package app.fluss.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Verdicts in words; each text by hand.
class SaidTest {
    private static final Chain GENERATION = Chain.of(StageKind.ENGINE_GENERATION);

    @ParameterizedTest
    @CsvSource({
        "BASE_RATE, 60, 60.0/s",
        "BASE_RATE, -0.04, 0.0/s",
        "ADDED_LATENCY, -0.06, -0.1 ms",
        "DELIVERED_GAIN, 1.196, 1.20 ×",
        "IMAGES_IN_TIME, 0.98765, 98.77 %",
        "DELIVERED_OF_REFRESH, 0.9, 90 %",
        "SUPPLY_AND_SLOT, 2, 2",
        "HITCHES, 1.25, 1.3/min"
    })
    void aNumberHasTheDecimalsAndTheUnitOfItsRule(Rule rule, double value, String said) {
        assertThat(Said.number(rule, value)).isEqualTo(said);
    }

    private static Claim claim(Asked asked, double value, double half, Held.Kind kind) {
        Held held = new Held(
                Figure.of(value),
                _ -> Optional.of(new Interval(value - half, value + half)),
                kind,
                Optional.of(Grade.B),
                3,
                3);
        return Claim.of(asked, held, 1, "weir");
    }

    private static final Asked LATENCY = Asked.of(Rule.ADDED_LATENCY, 10);
    private static final Asked BASE = Asked.of(Rule.BASE_RATE, 30, 40);

    @Test
    void aClaimSaysItsFigureAndWhatIsAsked() {
        assertThat(Said.claim(claim(LATENCY, 12.34, 1, Held.Kind.RUN_TO_RUN)))
                .isEqualTo("added latency is 12.3 ms, at most 10.0 ms is required");
        assertThat(Said.claim(claim(BASE, 35, 1, Held.Kind.RUN_TO_RUN)))
                .isEqualTo("base rate is 35.0/s, at least 30.0/s is required");
        assertThat(Said.claim(Claim.of(LATENCY, Held.missing("it was not measured"), 1, "weir")))
                .isEqualTo("added latency is unknown: it was not measured");
    }

    private static String sentence(Verdict.Word word, List<String> reserves, WithSettings settings, Claim... claims) {
        return Said.sentence(
                "engine generation",
                new Verdict(
                        School.RESPONSE_FIRST,
                        word,
                        List.of(claims),
                        Optional.of("weir"),
                        Optional.of(Grade.B),
                        List.of(),
                        reserves,
                        List.of(),
                        List.of(),
                        Optional.ofNullable(settings)));
    }

    @Test
    void useNamesTheSchoolAndWhatIsNearItsBound() {
        Claim good = claim(LATENCY, 5, 1, Held.Kind.RUN_TO_RUN);
        assertThat(sentence(Verdict.Word.USE, List.of(), null, good))
                .isEqualTo("Use engine generation: everything that “response first” requires holds.");
        assertThat(sentence(Verdict.Word.USE, List.of(), null, good, claim(BASE, 35, 1, Held.Kind.RUN_TO_RUN)))
                .isEqualTo(
                        "Use engine generation: everything that “response first” requires holds, with a warning: base rate.");
    }

    @Test
    void otherSettingsSayWhetherTheyWereMeasured() {
        assertThat(sentence(Verdict.Word.USE_WITH_SETTINGS, List.of(), new WithSettings("cap 60", "", GENERATION)))
                .isEqualTo(
                        "Use engine generation with other settings: cap 60. That is estimated from the native frames,"
                                + " not measured: plan a run at it.");
        assertThat(sentence(
                        Verdict.Word.USE_WITH_SETTINGS,
                        List.of(),
                        new WithSettings("cap 60", "engine, cap 60", GENERATION)))
                .isEqualTo("Use engine generation with other settings: cap 60, measured as engine, cap 60.");
    }

    @Test
    void probablySaysWhatIsNotSure() {
        Claim unknown = Claim.of(LATENCY, Held.missing("it was not measured"), 1, "weir");
        Claim likely = claim(BASE, 70, 1, Held.Kind.READING);
        assertThat(sentence(Verdict.Word.PROBABLY_USE, List.of(), null, likely))
                .isEqualTo("Probably use engine generation: nothing contradicts it."
                        + " Without an interval that could settle it: base rate.");
        assertThat(sentence(Verdict.Word.PROBABLY_USE, List.of(), null, likely, unknown))
                .isEqualTo("Probably use engine generation: nothing contradicts it."
                        + " Unknown: added latency; without an interval: base rate.");
        assertThat(sentence(
                        Verdict.Word.PROBABLY_LEAVE_OFF,
                        List.of(),
                        null,
                        claim(LATENCY, 20, 1, Held.Kind.ESTIMATE),
                        likely))
                .isEqualTo(
                        "Probably leave engine generation off: added latency is 20.0 ms, at most 10.0 ms is required.");
    }

    @Test
    void leaveOffAndNotSettledSayWhy() {
        Claim fails = claim(LATENCY, 20, 1, Held.Kind.RUN_TO_RUN);
        Claim open = claim(LATENCY, 10, 2, Held.Kind.RUN_TO_RUN);
        assertThat(sentence(Verdict.Word.LEAVE_OFF, List.of(), null, fails, claim(BASE, 70, 1, Held.Kind.RUN_TO_RUN)))
                .isEqualTo("Leave engine generation off: added latency is 20.0 ms, at most 10.0 ms is required.");
        assertThat(sentence(Verdict.Word.NOT_SETTLED, List.of(), null, open))
                .isEqualTo("Engine generation is not settled: added latency is 10.0 ms, at most 10.0 ms is required.");
        assertThat(sentence(Verdict.Word.NOT_SETTLED, List.of("A third of the images repeat."), null))
                .isEqualTo("Engine generation is not settled: something is wrong with a run."
                        + " A third of the images repeat.");
        assertThat(sentence(Verdict.Word.NOT_SETTLED, List.of(), null))
                .isEqualTo("Engine generation is not settled: nothing that “response first” requires concerns it.");
    }
}
