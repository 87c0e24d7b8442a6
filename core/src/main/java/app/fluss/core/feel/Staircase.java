package app.fluss.core.feel;

import java.util.ArrayList;
import java.util.List;

/// One staircase: which level comes next after what was answered so far. Steps are factors: one octave at
/// first, halved on the logarithmic scale at each of the first reversals.
final class Staircase {
    /// Reversals after which a staircase is done.
    static final int REVERSALS = 10;

    /// Trials after which it is done at the latest.
    static final int MOST_TRIALS = 50;

    /// Reversals at which the step is halved.
    private static final int HALVINGS = 2;

    /// Reversals that the first guess rests on: {@value}.
    static final int GUESS_OF = 8;

    private final StaircaseRule rule;
    private final Levels levels;
    private final List<Double> reversals = new ArrayList<>();
    private double octaves = 1;
    private double level;
    private int inARow;
    private int trials;
    private int heading;

    Staircase(StaircaseRule rule, Levels levels) {
        this.rule = rule;
        this.levels = levels;
        level = levels.start();
    }

    /// The level of the next trial.
    double level() {
        return levels.nearest(level);
    }

    boolean isDone() {
        return reversals.size() >= REVERSALS || trials >= MOST_TRIALS;
    }

    /// The share of its way that is done, 0 to 1.
    double done() {
        return isDone() ? 1 : Math.max((double) reversals.size() / REVERSALS, (double) trials / MOST_TRIALS);
    }

    /// Takes an answer to a trial at [#level()].
    void answered(boolean right) {
        trials++;
        inARow = right ? inARow + 1 : 0;
        if (!right) {
            turn(1);
        } else if (inARow == rule.down()) {
            inARow = 0;
            turn(-1);
        }
    }

    private void turn(int direction) {
        if (heading == -direction) {
            reversals.add(level());
            if (reversals.size() <= HALVINGS) {
                octaves /= 2;
            }
        }
        heading = direction;
        level = Math.clamp(level * Math.pow(2, direction * octaves), levels.lowest(), levels.highest());
    }

    /// The levels at which it turned, in their order.
    List<Double> reversals() {
        return List.copyOf(reversals);
    }
}
