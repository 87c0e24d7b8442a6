package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class LearntNumberTest {
    private static final double OPEN = Double.NaN;

    @Test
    void whatOneWaySaysCountsAndWhatTwoDifferInDoesNot() {
        double[] one = new double[300];
        double[] other = new double[300];
        Arrays.fill(one, 60);
        Arrays.fill(other, 60);
        one[0] = OPEN;
        other[1] = OPEN;
        other[2] = 6;
        double[] both = LearntNumber.together(new double[][] {one, other}, 300);
        assertThat(both[0]).isEqualTo(60);
        assertThat(both[1]).isEqualTo(60);
        assertThat(both[2]).isNaN();
        assertThat(both[3]).isEqualTo(60);
    }

    @Test
    void waysThatOftenDifferAreNotBelievedAlone() {
        double[] one = {60, 60, 60, 60, OPEN};
        double[] other = {60, 60, 6, OPEN, 61};
        assertThat(LearntNumber.together(new double[][] {one, other}, 5)).containsExactly(60, 60, OPEN, OPEN, OPEN);
    }

    @Test
    void theOneThatDiffersFromOthersThatAgreeIsNotBelievedAlone() {
        double[] one = {60, 60, 60, 60, OPEN};
        double[] odd = {60, 60, 6, OPEN, 61};
        double[] third = {60, OPEN, 60, OPEN, OPEN};
        assertThat(LearntNumber.together(new double[][] {one, odd, third}, 5)).containsExactly(60, 60, OPEN, 60, OPEN);
        double[] strange = {6, OPEN, 6, OPEN, OPEN};
        assertThat(LearntNumber.together(new double[][] {one, odd, strange}, 5))
                .as("each differs from the others")
                .containsExactly(OPEN, 60, OPEN, OPEN, OPEN);
    }

    @Test
    void oneWayIsBelieved() {
        assertThat(LearntNumber.together(new double[][] {{60, OPEN, 61}}, 3)).containsExactly(60, OPEN, 61);
        assertThat(LearntNumber.together(new double[0][], 2)).containsExactly(OPEN, OPEN);
    }
}
