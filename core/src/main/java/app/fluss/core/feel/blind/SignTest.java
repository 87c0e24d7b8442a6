package app.fluss.core.feel.blind;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.Function;

/// Which side was rated higher: the first rating of one side against the first of the other, the second
/// against the second, and so on; equal pairs say nothing. Two-sided, exact.
///
/// @param higherA pairs in which A was rated higher
/// @param higherB pairs in which B was
/// @param equal pairs without a difference
/// @param chance of a count at least so uneven without a difference; 1 without an uneven pair
public record SignTest(int higherA, int higherB, int equal, double chance) {
    private static final double UNLIKELY = 0.05;

    /// Of the ratings of a scale.
    public static SignTest of(List<BlindAnswer> answers, Function<BlindAnswer, OptionalInt> scale) {
        int[] a = ratings(answers, scale, Side.A);
        int[] b = ratings(answers, scale, Side.B);
        int higherA = 0;
        int higherB = 0;
        int pairs = Math.min(a.length, b.length);
        for (int i = 0; i < pairs; i++) {
            higherA += a[i] > b[i] ? 1 : 0;
            higherB += b[i] > a[i] ? 1 : 0;
        }
        int uneven = higherA + higherB;
        return new SignTest(
                higherA, higherB, pairs - uneven, uneven == 0 ? 1 : ExactBinomial.twoSided(higherA, uneven));
    }

    private static int[] ratings(List<BlindAnswer> answers, Function<BlindAnswer, OptionalInt> scale, Side side) {
        return answers.stream()
                .filter(answer -> answer.shown() == side)
                .map(scale)
                .flatMapToInt(OptionalInt::stream)
                .toArray();
    }

    /// Whether one side is rated higher.
    public boolean isShown() {
        return chance < UNLIKELY;
    }
}
