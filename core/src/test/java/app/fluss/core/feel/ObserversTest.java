package app.fluss.core.feel;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Simulated people whose psychometric functions are known, written here from their definitions.
final class ObserversTest {
    private static final double THRESHOLD = 25;
    private static final Levels DELAYS = Levels.between(2, 160, 250);

    /// Right answers by a logistic over the logarithm of the level, 75 % at the threshold, with lapses.
    private static double right(double level, double slope, double lapse) {
        double at = 0.25 / (0.5 - lapse);
        double middle = Math.log(THRESHOLD) - Math.log(at / (1 - at)) / slope;
        return 0.5 + (0.5 - lapse) / (1 + Math.exp(-slope * (Math.log(level) - middle)));
    }

    private static Staircases answered(long seed, double slope, double lapse) {
        RandomGenerator person = new Random(1000 + seed);
        Staircases task = new Staircases(DELAYS, new Random(-seed));
        while (!task.isDone()) {
            boolean isRight = person.nextDouble() < right(task.level(), slope, lapse);
            task.answered(isRight == task.addedFirst());
        }
        return task;
    }

    @ParameterizedTest
    @CsvSource({"4, 0.02, 1000", "2, 0.02, 250", "8, 0.02, 250"})
    void thresholdIsHadBackWithinItsIntervalByAThousandPeople(double slope, double lapse, int people) {
        List<Threshold> given = IntStream.range(0, people)
                .parallel()
                .mapToObj(person ->
                        PsychometricFit.of(answered(person, slope, lapse).trials()))
                .filter(threshold -> threshold.level().isKnown())
                .toList();

        double bias = given.stream()
                .mapToDouble(one -> Math.log(one.level().orNaN() / THRESHOLD))
                .average()
                .orElseThrow();
        double width = given.stream()
                .map(one -> one.interval().orElseThrow())
                .mapToDouble(ends -> Math.log(ends.high() / ends.low()))
                .average()
                .orElseThrow();
        long covered = given.stream()
                .filter(one -> one.interval().orElseThrow().contains(THRESHOLD))
                .count();
        // Of 250 people a share of 95 % wanders by 1.4 points, of 1000 by 0.7.
        double wander = people < 1000 ? 0.02 : 0;
        assertThat(given).hasSizeGreaterThan((int) (0.95 * people));
        assertThat(Math.abs(bias)).isLessThan(0.1 * width);
        assertThat((double) covered / given.size()).isBetween(0.93 - wander, 0.97 + wander);
    }

    /// Levitt 1971: where so many right answers in a row are as likely as not; checks.md 17.
    @ParameterizedTest
    @CsvSource({"TWO_DOWN, 0.7071068", "THREE_DOWN, 0.7937005"})
    void staircaseConvergesOnItsShare(StaircaseRule rule, double share) {
        assertThat(rule.convergesOn()).isCloseTo(share, org.assertj.core.data.Offset.offset(1e-7));
        double sum = 0;
        int people = 1000;
        for (int person = 0; person < people; person++) {
            RandomGenerator random = new Random(person);
            Staircase staircase = new Staircase(rule, DELAYS);
            while (!staircase.isDone()) {
                staircase.answered(random.nextDouble() < right(staircase.level(), 4, 0));
            }
            sum += staircase.reversals().reversed().stream()
                    .limit(Staircase.GUESS_OF)
                    .mapToDouble(Math::log)
                    .average()
                    .orElse(Double.NaN);
        }
        double shareAtMean = right(Math.exp(sum / people), 4, 0);
        assertThat(shareAtMean).isBetween(share - 0.03, share + 0.03);
    }

    @Test
    void personWhoOftenLapsesGetsNoThreshold() {
        long refused = IntStream.range(0, 100)
                .mapToObj(person -> PsychometricFit.of(answered(person, 4, 0.3).trials()))
                .filter(threshold -> !threshold.level().isKnown())
                .count();
        assertThat(refused).isGreaterThan(70);
    }

    @Test
    void personWhoGuessesGetsNoThreshold() {
        for (int person = 0; person < 100; person++) {
            RandomGenerator guess = new Random(person);
            Staircases task = new Staircases(DELAYS, new Random(person + 7L));
            while (!task.isDone()) {
                task.answered(guess.nextBoolean());
            }
            assertThat(PsychometricFit.of(task.trials()).level().isKnown())
                    .as("person %d", person)
                    .isFalse();
        }
    }
}
