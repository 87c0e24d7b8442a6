package app.fluss.core.latency.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.edge.Signal;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Recordings by plain definition: a knock every 1.3 s that dies away over noise, light that turns every 1.3 s, 16
/// bits.
class SoundQualityTest {
    private static final double SECONDS = 12;
    private static final double EVERY_S = 1.3;

    private static double knock(double second) {
        double since = second % EVERY_S - 0.4;
        return since < 0 ? 0 : 0.6 * Math.exp(-since / 0.004) * Math.sin(2 * Math.PI * 2600 * since);
    }

    private static Signal sampled(double rateHz, IntToDoubleFunction values) {
        float[] samples = new float[(int) (SECONDS * rateHz)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (Math.rint(Math.clamp(values.applyAsDouble(i), -1, 1) * 32767) / 32768);
        }
        return Signal.of(samples, samples.length, rateHz);
    }

    private static Signal click(double rateHz, double noise) {
        SplittableRandom random = new SplittableRandom(5);
        return sampled(rateHz, i -> knock(i / rateHz) + noise * random.nextGaussian());
    }

    private static Signal light(double rateHz) {
        return sampled(rateHz, i -> 0.3 * Math.signum(Math.sin(Math.PI * i / rateHz / EVERY_S)));
    }

    private static List<String> codes(Signal click, Signal light) {
        return Findings.of(SoundQuality.of(new Recording(click, light))).stream()
                .map(Finding::code)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"8000, 0.001", "44100, 0.0003", "48000, 0.01", "96000, 0.001", "192000, 0.003", "48000, 0"})
    void anHonestRecordingHasNoFault(double rateHz, double noise) {
        assertThat(codes(click(rateHz, noise), light(rateHz))).isEmpty();
    }

    /// What a microphone loses towards the top, it loses slowly: 12 dB an octave above 9 kHz.
    @Test
    void aSlowLossTowardsTheTopIsNoLowerRate() {
        SplittableRandom random = new SplittableRandom(8);
        double[] state = new double[2];
        double share = 1 - Math.exp(-2 * Math.PI * 9000 / 48_000);
        Signal dull = sampled(48_000, i -> {
            state[0] += share * (0.02 * random.nextGaussian() - state[0]);
            state[1] += share * (state[0] - state[1]);
            return knock(i / 48_000.0) + state[1];
        });
        assertThat(codes(dull, light(48_000))).isEmpty();
    }

    @Test
    void soundAtFullScaleIsSaid() {
        Signal loud = sampled(48_000, i -> 3 * knock(i / 48_000.0));
        SoundQuality found = SoundQuality.of(new Recording(loud, light(48_000)));
        assertThat(found.click().clipped()).isGreaterThan(50);
        assertThat(found.light().clipped()).isZero();
        assertThat(found.light().peak()).isCloseTo(0.3, withinPercentage(0.1));
        assertThat(codes(loud, light(48_000))).containsExactly("sound-clipped");
    }

    @Test
    void oneChannelOnlyIsSaid() {
        Signal click = click(48_000, 0.001);
        Signal nothing = sampled(48_000, _ -> 0);
        assertThat(SoundQuality.of(new Recording(click, click)).alone()).isEqualTo(SoundQuality.Alone.SAME);
        assertThat(SoundQuality.of(new Recording(click, nothing)).alone()).isEqualTo(SoundQuality.Alone.LIGHT_SILENT);
        assertThat(SoundQuality.of(new Recording(nothing, light(48_000))).alone())
                .isEqualTo(SoundQuality.Alone.CLICK_SILENT);
        assertThat(SoundQuality.of(new Recording(nothing, nothing)).alone()).isEqualTo(SoundQuality.Alone.BOTH_SILENT);
        assertThat(codes(click, nothing)).containsExactly("sound-one-channel");
    }

    /// A gain that falls by 24 dB within 5 ms of a knock and comes back with a time constant of 0.8 s, and a gate that
    /// lets noise through for 0.6 s after a knock only.
    @ParameterizedTest
    @ValueSource(strings = {"gain", "gate"})
    void aGainThatFollowsTheSoundIsSaid(String kind) {
        SplittableRandom random = new SplittableRandom(6);
        Signal followed = sampled(48_000, i -> {
            double second = i / 48_000.0;
            double since = Math.floorMod((long) ((second - 0.4) * 1e6), (long) (EVERY_S * 1e6)) / 1e6;
            boolean attack = since < 0.005;
            double gain =
                    kind.equals("gain") ? 1 - (attack ? 0 : 0.9375) * Math.exp(-since / 0.8) : since < 0.6 ? 1 : 0;
            return gain * (knock(second) + 0.01 * random.nextGaussian());
        });
        assertThat(codes(followed, light(48_000))).containsExactly("sound-breathes");
    }

    /// Brought up from a lower rate by the sum of sincs under a window of Kaiser's kind.
    @ParameterizedTest
    @CsvSource({"16000, 48000", "22050, 44100", "48000, 96000", "48000, 192000"})
    void aLowerRateBehindIsSaid(double realHz, double rateHz) {
        Signal real = click(realHz, 0.01);
        Signal raised = sampled(rateHz, i -> {
            double at = i / rateHz * realHz;
            double sum = 0;
            for (int k = (int) at - 31; k <= (int) at + 32; k++) {
                if (k >= 0 && k < real.size()) {
                    double x = at - k;
                    double taper = Math.cos(Math.PI * x / 66);
                    sum += real.at(k) * (x == 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x)) * taper * taper;
                }
            }
            return sum;
        });
        SoundQuality found = SoundQuality.of(new Recording(raised, light(rateHz)));
        assertThat(2 * found.emptyAboveHz()).isCloseTo(realHz, withinPercentage(12));
        assertThat(codes(raised, light(rateHz))).containsExactly("sound-resampled");
    }
}
