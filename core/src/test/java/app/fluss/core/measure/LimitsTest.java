package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LimitsTest {
    @Test
    void theLargestShareSaysWhatHeldMostFramesUp() {
        assertThat(limits(0.2, 0.5, 0.1, 0.1, 0.1).most()).contains(Limits.Held.CPU);
        assertThat(limits(0.1, 0.1, 0.1, 0.1, 0.6).most()).contains(Limits.Held.UNKNOWN);
        assertThat(limits(0.1, 0.4, 0.4, 0.1, 0).most()).contains(Limits.Held.CPU);
        Figure none = Figure.missing("no frame time in this stretch");
        assertThat(new Limits(none, none, none, none, none, false).most()).isEmpty();
    }

    private static Limits limits(double gpu, double cpu, double cap, double mixed, double unknown) {
        return new Limits(Figure.of(gpu), Figure.of(cpu), Figure.of(cap), Figure.of(mixed), Figure.of(unknown), false);
    }
}
