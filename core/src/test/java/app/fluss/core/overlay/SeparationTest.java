package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/// Groups of patches drawn here: a look of ninety pixels, with noise of its own on each.
class SeparationTest {
    private static final int PIXELS = 90;
    private static final double NOISE = 0.08;

    private final Random random = new Random(5);

    /// @param more added to the first two pixels
    private List<float[]> members(int n, double more) {
        List<float[]> members = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            float[] member = new float[PIXELS];
            for (int k = 0; k < PIXELS; k++) {
                double look = (k % 3 == 0 ? 0.8 : 0.1) + (k < 2 ? more : 0);
                member[k] = (float) (look + NOISE * random.nextGaussian());
            }
            members.add(member);
        }
        return members;
    }

    /// By the definition: 0.4 on each of two pixels is 0.57 along their difference, of which the noise is a seventh.
    @Test
    void twoLooksAreAsFarApartAsTheirDifferenceIsAgainstTheNoise() {
        double expected = 0.4 * Math.sqrt(2) / NOISE;
        assertThat(Separation.between(members(200, 0), members(200, 0.4))).isBetween(0.85 * expected, 1.1 * expected);
    }

    @Test
    void chanceIsNoDifference() {
        for (int n : new int[] {3, 6, 40}) {
            double apart = Separation.between(members(n, 0), members(n, 0));
            assertThat(Separation.areTwo(apart, 20)).as("of %d: %s", n, apart).isFalse();
        }
    }

    @Test
    void lowFiguresMustBeFartherApart() {
        double apart = Separation.between(members(200, 0), members(200, 0.4));
        assertThat(Separation.areTwo(apart, 10)).isTrue();
        assertThat(Separation.areTwo(apart, 9)).isFalse();
        assertThat(Separation.areTwo(3 * apart, 9)).isTrue();
    }

    @Test
    void aMixtureOfTwoLooksIsTakenApart() {
        List<float[]> mixed = new ArrayList<>(members(40, 0));
        mixed.addAll(members(9, 0.6));
        List<Integer> second = Separation.second(mixed);
        List<Integer> ones = IntStream.range(0, 40).boxed().toList();
        List<Integer> others = IntStream.range(40, 49).boxed().toList();
        assertThat(second).containsExactlyInAnyOrderElementsOf(second.contains(0) ? ones : others);
    }

    /// What grows from member to member, as a scene behind them does, parts them nowhere.
    @Test
    void oneLookIsLeftWhole() {
        List<float[]> drifting = members(60, 0);
        for (int i = 0; i < drifting.size(); i++) {
            for (int k = 0; k < PIXELS; k++) {
                drifting.get(i)[k] += 0.01F * i;
            }
        }
        assertThat(Separation.second(drifting)).isEmpty();
        assertThat(Separation.second(members(60, 0))).isEmpty();
        assertThat(Separation.second(members(5, 0))).as("too few").isEmpty();
    }
}
