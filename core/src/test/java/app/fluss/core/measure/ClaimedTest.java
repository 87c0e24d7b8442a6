package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ClaimedTest {
    private static final Figure UNSAID = Figure.missing("nobody said so");

    @Test
    void whereOneSaysNothingTheOtherSpeaks() {
        Claimed tool = new Claimed(Figure.of(96), UNSAID, UNSAID, UNSAID, UNSAID, "");
        Claimed reader =
                new Claimed(Figure.of(90), Figure.of(80), Figure.of(120), Figure.of(45), Figure.of(60), "percentile");
        Claimed both = tool.or(reader);
        assertThat(both.mean().orNaN()).isEqualTo(96);
        assertThat(both.lowest().orNaN()).isEqualTo(80);
        assertThat(both.highest().orNaN()).isEqualTo(120);
        assertThat(both.base().orNaN()).isEqualTo(45);
        assertThat(both.onePercentLow().orNaN()).isEqualTo(60);
        assertThat(both.convention()).contains(LowConvention.PERCENTILE);
        assertThat(reader.or(tool)).isEqualTo(reader);
    }

    /// A low without its convention is worse than none: the name goes where the number goes.
    @Test
    void theConventionBelongsToTheLowThatIsTaken() {
        Claimed own = new Claimed(UNSAID, UNSAID, UNSAID, UNSAID, Figure.of(50), "time-weighted");
        Claimed other = new Claimed(UNSAID, UNSAID, UNSAID, UNSAID, Figure.of(60), "percentile");
        assertThat(own.or(other).convention()).contains(LowConvention.TIME_WEIGHTED);
        assertThat(own.or(other).onePercentLow().orNaN()).isEqualTo(50);
        assertThat(Claimed.NONE.or(other).convention()).contains(LowConvention.PERCENTILE);
    }

    @Test
    void nothingSaidIsAReasonAndNoNumber() {
        assertThat(Claimed.NONE.or(Claimed.NONE)).isEqualTo(Claimed.NONE);
        assertThat(Claimed.NONE.mean().isKnown()).isFalse();
        assertThat(Claimed.ofMean(Figure.of(96)).withBase(Figure.of(48)).base().orNaN())
                .isEqualTo(48);
        assertThat(Claimed.ofMean(Figure.of(96)).lowest().isKnown()).isFalse();
    }
}
