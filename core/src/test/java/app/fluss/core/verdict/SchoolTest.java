package app.fluss.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Schools, what they ask by, and how far a claim is from turning.
class SchoolTest {
    /// By hand: half a step of the last decimal either way, and the bound itself.
    @ParameterizedTest
    @CsvSource({
        "BASE_RATE, 60, 60, true",
        "BASE_RATE, 59.95, 60, true",
        "BASE_RATE, 59.94, 60, false",
        "ADDED_LATENCY, 10, 10, true",
        "ADDED_LATENCY, 10.05, 10, true",
        "ADDED_LATENCY, 10.06, 10, false",
        "IMAGES_IN_TIME, 0.98995, 0.99, true",
        "IMAGES_IN_TIME, 0.9899, 0.99, false",
        "SUPPLY_AND_SLOT, 0, 0, true",
        "SUPPLY_AND_SLOT, 1, 0, false"
    })
    void aBoundIsMetWithinHalfAStep(Rule rule, double value, double bound, boolean good) {
        assertThat(rule.isGood(value, bound)).isEqualTo(good);
    }

    @Test
    void betterIsStrictlyBetterInTheDirectionOfTheRule() {
        assertThat(Rule.BASE_RATE.isBetter(61, 60)).isTrue();
        assertThat(Rule.BASE_RATE.isBetter(60, 60)).isFalse();
        assertThat(Rule.ADDED_LATENCY.isBetter(9, 10)).isTrue();
        assertThat(Rule.ADDED_LATENCY.isBetter(10, 10)).isFalse();
        assertThat(Rule.IMAGES_IN_TIME.isShare()).isTrue();
        assertThat(Rule.BASE_RATE.isShare()).isFalse();
        assertThat(Rule.HEAVY_MARKS.isShare()).as("a count").isFalse();
    }

    @Test
    void aBaseAboveTheNativeRateContradicts() {
        assertThatThrownBy(() -> new School(
                        "x", "x", "", List.of(Asked.of(Rule.BASE_RATE, 61), Asked.of(Rule.NATIVE_RATE, 60)), List.of()))
                .hasMessageContaining("contradict: lower one or raise the other");
        School equal = new School(
                "x", "x", "", List.of(Asked.of(Rule.NATIVE_RATE, 60), Asked.of(Rule.BASE_RATE, 60)), List.of());
        assertThat(equal.asked(Rule.BASE_RATE)).contains(Asked.of(Rule.BASE_RATE, 60));
        assertThat(equal.asked(Rule.HOURS)).isEmpty();
        assertThatThrownBy(() -> new School(
                        "x", "x", "", List.of(Asked.of(Rule.BASE_RATE, 50), Asked.of(Rule.BASE_RATE, 60)), List.of()))
                .hasMessageContaining("asks nothing twice");
    }

    @Test
    void anotherBoundReplacesItsOwnAndNoOther() {
        Asked mine =
                School.RESPONSE_FIRST.asked(Rule.ADDED_LATENCY).orElseThrow().with(23.4, "Noor");
        School changed = School.RESPONSE_FIRST.with(mine).named("  My Own_school ");
        assertThat(changed.id()).isEqualTo("my-own-school");
        assertThat(changed.title()).isEqualTo("My Own_school");
        assertThat(changed.asked(Rule.ADDED_LATENCY)).contains(mine);
        assertThat(changed.asked(Rule.BASE_RATE)).isEqualTo(School.RESPONSE_FIRST.asked(Rule.BASE_RATE));
        assertThat(changed.order()).isEqualTo(School.RESPONSE_FIRST.order());
        assertThat(changed.isOfHeadsets()).isFalse();
        assertThat(School.FULL_RATE_ONLY.isOfHeadsets()).isTrue();
    }

    @Test
    void aStudysOwnSchoolStandsInThePlaceOfOneThatShips() {
        School mine = new School(
                "response-first", "response first", "mine", List.of(Asked.of(Rule.ADDED_LATENCY, 5)), List.of());
        School more = School.SMOOTH_FIRST.named("evenings");
        Schools schools = new Schools(List.of(mine, more));
        assertThat(schools.all())
                .hasSize(School.SHIPPED.size() + 1)
                .startsWith(mine)
                .endsWith(more);
        assertThat(schools.named("RESPONSE first")).isEqualTo(mine);
        assertThat(schools.current(School.RESPONSE_FIRST)).isEqualTo(mine);
        assertThat(schools.current(School.HOURS_FIRST)).isEqualTo(School.HOURS_FIRST);
        assertThat(Schools.isShipped(mine)).isTrue();
        assertThat(Schools.isShipped(more)).isFalse();
    }

    private static Claim claim(Asked asked, double value, double half, Held.Kind kind) {
        return Claim.of(
                asked,
                new Held(
                        Figure.of(value),
                        _ -> Optional.of(new Interval(value - half, value + half)),
                        kind,
                        Optional.of(Grade.B),
                        3,
                        3),
                1,
                "weir");
    }

    /// By hand, in units of the bound: 10 ms less the upper end 8 ms; 30/s against its lower end 33/s; one that fails
    /// by
    /// its lower end 18 ms; one without an interval by the figure itself.
    @Test
    void roomIsHowFarTheBoundCouldMove() {
        Asked latency = Asked.of(Rule.ADDED_LATENCY, 10);
        Asked base = Asked.of(Rule.BASE_RATE, 30);
        assertThat(claim(latency, 7, 1, Held.Kind.RUN_TO_RUN).room()).isCloseTo(0.2, within(1e-9));
        assertThat(claim(base, 35, 2, Held.Kind.RUN_TO_RUN).room()).isCloseTo(0.1, within(1e-9));
        assertThat(claim(latency, 20, 2, Held.Kind.RUN_TO_RUN).room()).isCloseTo(-0.8, within(1e-9));
        assertThat(claim(base, 36, 2, Held.Kind.READING).room()).isCloseTo(0.2, within(1e-9));
        assertThat(claim(Asked.of(Rule.SUPPLY_AND_SLOT, 0), 1, 0, Held.Kind.STATED)
                        .room())
                .as("a bound of nothing is measured in half steps of the figure")
                .isCloseTo(-2, within(1e-9));
        assertThat(Claim.of(latency, Held.missing("not measured"), 1, "").room())
                .isNaN();
    }

    @Test
    void whatWouldSettleIsSaidForEachKindOfEvidence() {
        Asked latency = Asked.of(Rule.ADDED_LATENCY, 10);
        Asked base = Asked.of(Rule.BASE_RATE, 30);
        assertThat(Settle.of(List.of(
                        claim(latency, 7, 1, Held.Kind.READING),
                        claim(base, 35, 1, Held.Kind.READING),
                        claim(Asked.of(Rule.DELIVERED_GAIN, 1.2), 1.7, 0.1, Held.Kind.ESTIMATE),
                        claim(Asked.of(Rule.HOURS, 2), 3, 0.1, Held.Kind.WITHIN),
                        claim(latency, 20, 1, Held.Kind.RUN_TO_RUN),
                        claim(latency, 5, 1, Held.Kind.RUN_TO_RUN))))
                .extracting(Settle::words)
                .containsExactly(
                        "added latency and base rate rest on readings: log the frames of three runs a side.",
                        "delivered gain is estimated: measure latency in three runs a side.",
                        "hours has no interval from run to run: three runs a side have one.");
        assertThat(Settle.of(List.of(claim(latency, 10, 2, Held.Kind.RUN_TO_RUN))))
                .extracting(Settle::kind)
                .containsExactly(Settle.Kind.NOTHING);
    }
}
