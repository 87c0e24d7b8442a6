package app.fluss.core.picture;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// Two places of a clip, and how well the changes of one answer those of the other.
///
/// @param input the place that changes first
/// @param answer the place that changes after it
/// @param answers how many changes were answered
/// @param share of the changes of both that belong together, 0 to 1
/// @param delay usual one, pictures
/// @param spread median absolute deviation of it, pictures
/// @param rest usual time for which neither place had changed before the input did, pictures
/// @param longest delay that is taken for one, pictures
record AnsweringPair(
        ChangingPlace input,
        ChangingPlace answer,
        int answers,
        double share,
        double delay,
        double spread,
        double rest,
        double longest) {
    private static final double LONGEST_S = 0.5;
    private static final int FEWEST = 3;
    private static final double LEAST_SHARE = 0.6;
    private static final double SPREAD_SHARE = 0.35;
    private static final double SPREAD_PICTURES = 2;

    /// Of two that fit as well, the one with the shorter delay, for the other takes the next press for an answer; and
    /// the one that begins from rest, for the other takes what the input does at the end of a press for an answer.
    private static final double COUNTS = 0.3;

    /// The better of both directions in which the input may change.
    static AnsweringPair of(ChangingPlace input, ChangingPlace answer, double fps) {
        AnsweringPair rising = of(input, answer, /* rises= */ true, fps);
        AnsweringPair falling = of(input, answer, /* rises= */ false, fps);
        return rising.score() >= falling.score() ? rising : falling;
    }

    /// Each change of the input in one direction, with the first change of the answer that comes before the next one.
    private static AnsweringPair of(ChangingPlace input, ChangingPlace answer, boolean rises, double fps) {
        int[] presses = input.changes().at(rises);
        BlockChanges changes = answer.changes();
        double longest = LONGEST_S * fps;
        double[] delays = new double[presses.length];
        double[] rests = new double[presses.length];
        int answers = 0;
        int j = 0;
        for (int i = 0; i < presses.length; i++) {
            double until = Math.min(i + 1 < presses.length ? presses[i + 1] : Double.MAX_VALUE, presses[i] + longest);
            while (j < changes.count() && changes.at(j) <= presses[i]) {
                j++;
            }
            if (j < changes.count() && changes.at(j) <= until) {
                rests[answers] = presses[i] - Math.max(input.changes().before(presses[i]), changes.before(presses[i]));
                delays[answers++] = changes.at(j) - presses[i];
            }
        }
        // A flash changes twice for each press, a step once, in turn.
        int wanted = Math.max(changes.at(/* upwards= */ true).length, changes.at(/* upwards= */ false).length);
        double ofInput = presses.length == 0 ? 0 : (double) answers / presses.length;
        double ofAnswer = (double) answers / Math.max(1, Math.max(answers, wanted));
        Ordered ordered = Ordered.of(Arrays.copyOf(delays, answers));
        return new AnsweringPair(
                input,
                answer,
                answers,
                Math.min(ofInput, ofAnswer),
                ordered.median(),
                ordered.medianAbsoluteDeviation(),
                Ordered.of(Arrays.copyOf(rests, answers)).median(),
                longest);
    }

    /// Whether one answers the other at all.
    boolean isSteady() {
        return answers >= FEWEST && share >= LEAST_SHARE && spread <= SPREAD_SHARE * delay + SPREAD_PICTURES;
    }

    /// How well; below 0 if not at all.
    double score() {
        return answers == 0 ? -1 : share + COUNTS * (Math.min(1, rest / longest) - delay / longest);
    }
}
