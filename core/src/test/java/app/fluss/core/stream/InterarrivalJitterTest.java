package app.fluss.core.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/// Values derived from the definition in RFC 3550 section 6.4.1 and appendix A.8.
class InterarrivalJitterTest {
    private static double jitter(double[] sent, double[] received, double scale, double offset) {
        InterarrivalJitter jitter = new InterarrivalJitter();
        for (int i = 0; i < sent.length; i++) {
            jitter.add(sent[i] * scale, received[i] * scale + offset);
        }
        return jitter.value();
    }

    @Test
    void agreesWithTheWorkedSequenceInAnyUnitAndAtAnyOrigin() {
        double[] sent = {0, 20, 40, 60, 80, 100, 120, 140, 160, 180};
        double[] received = {100, 121, 139, 165, 182, 200, 219, 246, 260, 281};
        assertThat(jitter(sent, received, 1, 0)).as("ms").isCloseTo(1.453886626, within(1e-9));
        assertThat(jitter(sent, received, 90, 0)).as("90 kHz units").isCloseTo(130.849796325, within(1e-7));
        assertThat(jitter(sent, received, 8, 0)).as("8 kHz units").isCloseTo(11.631093007, within(1e-7));
        assertThat(jitter(sent, received, 1, 5e5)).as("other clock").isCloseTo(1.453886626, within(1e-9));
    }

    @Test
    void goesByTheOrderOfArrival() {
        assertThat(jitter(new double[] {0, 10, 20, 40, 30, 50}, new double[] {50, 60, 71, 90, 95, 101}, 1, 0))
                .isCloseTo(1.860336304, within(1e-9));
    }

    @Test
    void aFastClockShowsAsItsDriftPerPacket() {
        double[] sent = new double[400];
        double[] received = new double[400];
        for (int i = 0; i < sent.length; i++) {
            sent[i] = 20.0 * i;
            received[i] = sent[i] * (1 + 100e-6);
        }
        assertThat(jitter(sent, received, 1, 0)).isCloseTo(0.002, within(1e-6));
        assertThat(new InterarrivalJitter().value()).isZero();
    }
}
