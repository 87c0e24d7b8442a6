package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A light that goes to 3 and back every 400 ms, as a capacitor and a resistor in line let it through.
class CouplingTest {
    private static final double RATE_HZ = 4000;
    private static final int SIZE = 80_000;
    private static final double REST = 5;

    private static double square(int i) {
        return i / 1600 % 2 == 1 ? 3 : 0;
    }

    /// By the definition: what is held falls by the same share in each sample.
    private static double[] coupled(IntToDoubleFunction light, double tauMs) {
        double[] through = new double[SIZE];
        double keeps = Math.exp(-1000 / RATE_HZ / tauMs);
        double last = light.applyAsDouble(0);
        double y = 0;
        for (int i = 0; i < SIZE; i++) {
            double x = light.applyAsDouble(i);
            y = y * keeps + x - last;
            last = x;
            through[i] = y;
        }
        return through;
    }

    private static Coupling of(IntToDoubleFunction value) {
        return Coupling.of(Coarse.of(Signals.of(SIZE, RATE_HZ, value)), 1);
    }

    @ParameterizedTest
    @ValueSource(doubles = {20, 80, 150})
    void aCouplingIsFoundWithItsTimeConstant(double tauMs) {
        double[] through = coupled(CouplingTest::square, tauMs);
        Coupling coupling = of(i -> REST + through[i] + 0.04 * Math.sin(2 * Math.PI * i / SIZE));
        assertThat(coupling.tauMs()).isCloseTo(tauMs, within(0.05 * tauMs));
        assertThat(coupling.rest()).isCloseTo(REST, within(0.05));
    }

    @Test
    void whatStaysIsNotCoupled() {
        assertThat(of(i -> REST + square(i)).isThere()).isFalse();
    }

    @Test
    void whatWandersIsNotCoupled() {
        double[] through = coupled(CouplingTest::square, 80);
        assertThat(of(i -> REST + through[i] + 1.5 * Math.sin(2 * Math.PI * i / SIZE))
                        .isThere())
                .isFalse();
    }

    @Test
    void whatFadesToOneSideOnlyIsNotCoupled() {
        double[] through = coupled(CouplingTest::square, 80);
        assertThat(of(i -> Math.max(0, through[i])).isThere()).isFalse();
    }

    /// When within a sample the light changed is not known: that may be a sample's share of the time constant.
    @Test
    void restoredSamplesAreThoseOfTheLight() {
        double[] through = coupled(CouplingTest::square, 80);
        new Coupling(80, 0).restore(through, RATE_HZ);
        for (int i = 0; i < SIZE; i += 777) {
            assertThat(through[i]).as("sample %d", i).isCloseTo(square(i), within(3 * 1000 / RATE_HZ / 80));
        }
    }
}
