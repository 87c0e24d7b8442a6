package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Clicks written as bursts of a tone that begin at known samples, over a constant offset.
class PressesTest {
    private static final double RATE_HZ = 48_000;
    private static final int TONE = 48;
    private static final int BURST = 4 * TONE;
    private static final double OFFSET = 0.2;
    private static final int EVERY = 24_000;

    /// One burst.
    ///
    /// @param at its first sample
    /// @param size how far it goes; below 0 if it first goes down
    private record Click(int at, double size) {
        double value(int sample) {
            return size * Math.sin(2 * Math.PI * (sample - at) / TONE);
        }
    }

    private static List<PressSeries> of(EdgeSettings settings, Click... clicks) {
        int size = clicks[clicks.length - 1].at() + EVERY;
        double[] values = new double[size];
        for (Click click : clicks) {
            for (int i = click.at(); i < click.at() + BURST; i++) {
                values[i] += click.value(i);
            }
        }
        return Presses.of(Signals.of(size, RATE_HZ, i -> OFFSET + values[i]), settings, false);
    }

    private static List<PressSeries> of(Click... clicks) {
        return of(EdgeSettings.DEFAULT, clicks);
    }

    /// Twelve clicks, each with a release some time after it.
    private static Click[] pairs(int first, int apart, double press, double release) {
        Click[] clicks = new Click[24];
        for (int i = 0; i < clicks.length; i++) {
            boolean released = i % 2 == 1;
            clicks[i] = new Click(first + i / 2 * EVERY + (released ? apart : 0), released ? release : press);
        }
        return clicks;
    }

    /// A quarter of what the tone goes to is passed at asin(1/4) of its angle.
    private static double begins(int at) {
        return at + Math.asin(0.25) / (2 * Math.PI) * TONE;
    }

    @Test
    void aBurstBeginsWhereItPassesAQuarterOfItsPeak() {
        Click[] clicks = new Click[6];
        for (int i = 0; i < clicks.length; i++) {
            clicks[i] = new Click(5000 + i * EVERY, i % 2 == 0 ? 0.5 : 0.4);
        }
        PressSeries every = of(clicks).getFirst();
        assertThat(every.kind()).isEqualTo(PressKind.EVERY);
        assertThat(every.size()).isEqualTo(6);
        for (int i = 0; i < clicks.length; i++) {
            assertThat(every.samples()[i]).isCloseTo(begins(clicks[i].at()), within(0.02));
        }
    }

    @Test
    void noisesOfTheRoomAreNoClicks() {
        Click[] clicks = new Click[9];
        for (int i = 0; i < clicks.length; i++) {
            clicks[i] = new Click(5000 + i * EVERY, i == 4 ? 0.07 : 0.5);
        }
        assertThat(of(clicks).getFirst().samples())
                .hasSize(8)
                .doesNotContain(new double[] {begins(clicks[4].at())}, within(1.0));
    }

    @Test
    void clicksWithReleasesCountOnceFromTheFirst() {
        PressSeries first = of(pairs(5000, 4000, 0.5, 0.5)).getFirst();
        assertThat(first.kind()).as("the release comes soon").isEqualTo(PressKind.FIRST);
        assertThat(first.size()).isEqualTo(12);
        assertThat(first.samples()[11]).isCloseTo(begins(5000 + 11 * EVERY), within(0.02));
        assertThat(first.likely()).isTrue();
    }

    private static void assertLikely(PressKind kind, Click... clicks) {
        assertThat(of(clicks))
                .filteredOn(series -> series.kind() != PressKind.EVERY)
                .filteredOn(PressSeries::likely)
                .extracting(PressSeries::kind)
                .containsExactly(kind);
    }

    @Test
    void theLouderOfTwoIsThePress() {
        assertLikely(PressKind.FIRST, pairs(5000, EVERY / 2, 0.5, 0.35));
        assertLikely(PressKind.SECOND, pairs(5000, EVERY / 2, 0.35, 0.5));
    }

    @Test
    void aRecordingMayBeginWithARelease() {
        assertLikely(PressKind.SECOND, pairs(5000, EVERY - 4000, 0.5, 0.5));
    }

    @Test
    void whatGoesUpAndWhatGoesDownAreTwoKinds() {
        List<PressSeries> readings = of(pairs(5000, EVERY / 2, 0.5, -0.5));
        assertThat(readings.getFirst().kind()).isEqualTo(PressKind.FIRST);
        assertThat(of(pairs(5000, EVERY / 2, 0.5, 0.5)).getFirst().kind())
                .as("all are alike")
                .isEqualTo(PressKind.EVERY);
    }

    @Test
    void theAnalystSaysWhichIsThePress() {
        EdgeSettings second = EdgeSettings.DEFAULT.withPress(Optional.of(PressKind.SECOND));
        assertThat(of(second, pairs(5000, 4000, 0.5, 0.5)))
                .singleElement()
                .satisfies(series -> assertThat(series.samples()[0]).isCloseTo(begins(9000), within(0.02)));
    }

    @Test
    void whatElseMayBeThePressIsOfTheSameInput() {
        for (PressKind kind : PressKind.values()) {
            assertThat(kind.alternatives())
                    .contains(kind)
                    .allSatisfy(other -> assertThat(other.alternatives()).isEqualTo(kind.alternatives()));
        }
        assertThat(PressKind.HIGH.alternatives()).doesNotContain(PressKind.EVERY);
        assertThat(PressKind.values())
                .extracting(PressKind::title)
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }
}
