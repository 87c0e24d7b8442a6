package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/// Figures of blocks, and what stands behind them.
class PatchTest {
    private static final String[] ZERO = {"######", "##..##", "##..##", "##..##", "##..##", "######"};
    private static final String[] SIX = {"######", "##....", "######", "##..##", "##..##", "######"};

    private static Patch patch(String[] rows, double ink, double behind) {
        int width = rows[0].length();
        float[] shares = new float[width * rows.length];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = (float) (rows[i / width].charAt(i % width) == '#' ? ink : behind);
        }
        return new Patch(width, shares);
    }

    @Test
    void whatStandsBehindAddsInkAndTakesNoneAway() {
        Patch zero = patch(ZERO, 1, 0);
        assertThat(zero.lacking(patch(ZERO, 1, 0.6), 2)).isCloseTo(0, within(1e-6));
        assertThat(zero.lacking(patch(SIX, 1, 0), 2)).as("its right side").isGreaterThan(0.3);
        assertThat(zero.lacking(patch(ZERO, 0.4, 0), 2)).as("paler").isBetween(0.5, 0.6);
    }

    @Test
    void aGlyphHasInkAndGapsAndWhatStandsBehindHasNeither() {
        double sdOfTwoKinds = Math.sqrt(28.0 / 36 * (8.0 / 36));
        assertThat(patch(ZERO, 0.8, 0.2).spread()).isCloseTo(0.6 * sdOfTwoKinds, within(1e-6));
        assertThat(patch(ZERO, 0.6, 0.4).spread()).isLessThan(0.1);
    }
}
