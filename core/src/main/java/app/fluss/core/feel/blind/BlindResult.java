package app.fluss.core.feel.blind;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import java.util.List;

/// What the answers of a blind block say.
///
/// @param right answers
/// @param of all answers, 1 or more
/// @param chance of at least so many right by guessing, one-sided, exact
/// @param share that would be right, 95 % interval by Clopper and Pearson
/// @param dPrime with the log-linear correction, or why there is none
/// @param smoothness which side was rated smoother
/// @param response which side was rated more responsive
public record BlindResult(
        int right, int of, double chance, Interval share, Figure dPrime, SignTest smoothness, SignTest response) {
    /// The chance that is allowed to guessing: {@value}.
    public static final double LEVEL = 0.05;

    /// Who would have been found: somebody who is right in so many of a hundred, as a share.
    private static final double GOOD = 0.75;

    /// Of the answers of a block.
    ///
    /// @throws IllegalArgumentException if there is none
    public static BlindResult of(List<BlindAnswer> answers) {
        int right = (int) answers.stream().filter(BlindAnswer::isRight).count();
        return new BlindResult(
                right,
                answers.size(),
                ExactBinomial.atLeast(right, answers.size()),
                ExactBinomial.share(right, answers.size()),
                dPrime(answers),
                SignTest.of(answers, BlindAnswer::smoothness),
                SignTest.of(answers, BlindAnswer::response));
    }

    private static Figure dPrime(List<BlindAnswer> answers) {
        int a = count(answers, Side.A, Side.A) + count(answers, Side.A, Side.B);
        int b = answers.size() - a;
        return a == 0 || b == 0
                ? Figure.missing("only one of the two paths was shown")
                : Figure.of(Detection.dPrime(count(answers, Side.A, Side.A), a, count(answers, Side.B, Side.A), b));
    }

    private static int count(List<BlindAnswer> answers, Side shown, Side said) {
        return (int) answers.stream()
                .filter(answer -> answer.shown() == shown && answer.said() == said)
                .count();
    }

    /// Whether the paths were told apart.
    public boolean isToldApart() {
        return chance <= LEVEL;
    }

    /// The chance with which somebody who is right in three of four trials would have been found.
    public double power() {
        return ExactBinomial.power(of, LEVEL, GOOD);
    }

    /// In words.
    public String words() {
        return isToldApart()
                ? "%d of %d right: told apart (one-sided p = %.3f).".formatted(right, of, chance)
                : "%d of %d right: not shown to be told apart (one-sided p = %.2f); a true 75 %% would have been found with a chance of %.0f %%."
                        .formatted(right, of, chance, 100 * power());
    }
}
