package app.fluss.core.feel;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/// Two staircases that take turns by chance, so that nobody can tell what comes next, with the order of
/// the two intervals drawn anew for each trial. Each trial is shown up to an octave above or below its
/// staircase, and one in eight at the largest level: levels that stand together tell nothing of the
/// slope, and only large ones tell lapses.
public final class Staircases {
    private static final double LARGEST_SHARE = 1.0 / 8;
    private static final int STEPS_OF_AN_OCTAVE = 4;

    private final Levels levels;
    private final List<Staircase> both;
    private final RandomGenerator random;
    private final List<Trial> trials = new ArrayList<>();
    private int thrownAway;
    private Staircase current;
    private boolean isLargest;
    private double level;
    private boolean addedFirst;

    /// @param random draws the turns and the orders
    public Staircases(Levels levels, RandomGenerator random) {
        this.levels = levels;
        this.random = random;
        both = List.of(new Staircase(StaircaseRule.TWO_DOWN, levels), new Staircase(StaircaseRule.THREE_DOWN, levels));
        current = both.getFirst();
        draw();
    }

    private void draw() {
        List<Staircase> open = both.stream().filter(one -> !one.isDone()).toList();
        if (!open.isEmpty()) {
            current = open.get(random.nextInt(open.size()));
            isLargest = random.nextDouble() < LARGEST_SHARE;
            int steps = random.nextInt(-STEPS_OF_AN_OCTAVE, STEPS_OF_AN_OCTAVE + 1);
            level = isLargest
                    ? levels.highest()
                    : levels.nearest(current.level() * Math.pow(2, (double) steps / STEPS_OF_AN_OCTAVE));
            addedFirst = random.nextBoolean();
        }
    }

    /// What the next trial adds, in the task's unit.
    public double level() {
        return level;
    }

    /// Whether the first of its two intervals has it.
    public boolean addedFirst() {
        return addedFirst;
    }

    /// Whether both are done.
    public boolean isDone() {
        return both.stream().allMatch(Staircase::isDone);
    }

    /// Takes the answer to the trial.
    ///
    /// @param choseFirst whether the first interval was named
    /// @throws IllegalStateException if both are done
    public void answered(boolean choseFirst) {
        if (isDone()) {
            throw new IllegalStateException("both staircases are done");
        }
        Trial trial = new Trial(level, addedFirst, choseFirst);
        trials.add(trial);
        if (!isLargest) {
            current.answered(trial.isRight());
        }
        draw();
    }

    /// Throws the trial away, because it was not shown as it should have been; another comes in its
    /// place.
    public void throwAway() {
        thrownAway++;
        draw();
    }

    /// Trials that were answered, in their order.
    public List<Trial> trials() {
        return List.copyOf(trials);
    }

    /// How many were thrown away.
    public int thrownAway() {
        return thrownAway;
    }

    /// The share of the way that is done, 0 to 1.
    public double done() {
        return both.stream().mapToDouble(Staircase::done).average().orElse(1);
    }

    /// A first guess: the mean of the last reversals of each staircase, on the logarithmic scale. Shown
    /// only; the threshold is that of [PsychometricFit].
    public Figure firstGuess() {
        return both.stream().allMatch(one -> one.reversals().size() >= Staircase.GUESS_OF)
                ? Figure.of(Math.exp(both.stream()
                        .flatMap(one -> one.reversals().reversed().stream().limit(Staircase.GUESS_OF))
                        .mapToDouble(Math::log)
                        .average()
                        .orElseThrow()))
                : Figure.missing("fewer than %d reversals".formatted(Staircase.GUESS_OF));
    }
}
