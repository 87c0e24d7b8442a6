package app.fluss.core.feel;

import java.util.List;
import java.util.random.RandomGenerator;

/// A task of two intervals from the first trial to the last, driven by the pulses of a window: what is
/// shown at each pulse, when the person is asked, when they rest, and which trials are thrown away
/// because a pulse was missed.
public final class TwoIntervals {
    /// Trials between two rests: {@value}.
    public static final int REST_AFTER = 25;

    /// Trials thrown away in a row after which the person is told to stop: {@value}.
    public static final int HOPELESS = 6;

    private static final double READY_S = 0.5;
    private static final double SHOWN_S = 1.4;
    private static final double BETWEEN_S = 0.4;
    private static final double NANOS = 1e9;
    private static final double GROUND = 0.02;
    private static final double TARGET = 0.18;
    private static final double POINTER = 0.5;
    private static final double TARGET_RADIUS = 20;
    private static final double POINTER_RADIUS = 7;

    private final FeelTask task;
    private final Pulses pulses;
    private final RandomGenerator random;
    private final Staircases staircases;
    private final PointerTrail trail = new PointerTrail();
    private Posts posts;
    private Wander wander;
    private Cadence added = new Cadence.Even();
    private Phase phase = Phase.READY;
    private long beganNanos = Long.MIN_VALUE;
    private long lastNanos;
    private int pulse;
    private int phaseBeganAt;
    private int thrownInARow;
    private int restedAt;

    /// @param task one of two intervals
    /// @param pulses of the window that shows it
    /// @throws IllegalArgumentException if the task has none
    public TwoIntervals(FeelTask task, Pulses pulses, RandomGenerator random) {
        if (task == FeelTask.AIM) {
            throw new IllegalArgumentException("aiming has no two intervals");
        }
        this.task = task;
        this.pulses = pulses;
        this.random = random;
        staircases = new Staircases(task.levels(pulses.hz()), random);
        posts = new Posts(random);
        wander = new Wander(random);
        begin();
    }

    private void begin() {
        posts = new Posts(random);
        wander = new Wander(random);
        added = switch (task) {
            case EVENNESS -> Cadence.Uneven.of(staircases.level(), random);
            case RATE -> new Cadence.Lower(ReachedRates.refreshes(staircases.level(), pulses.hz()));
            case DELAY, AIM -> new Cadence.Even();
        };
        phase = Phase.READY;
        beganNanos = Long.MIN_VALUE;
    }

    /// Where it is.
    public Phase phase() {
        return phase;
    }

    /// The staircases with what was answered so far.
    public Staircases staircases() {
        return staircases;
    }

    /// Whether the window misses so many pulses that going on is of no use.
    public boolean isHopeless() {
        return thrownInARow >= HOPELESS;
    }

    /// The pointer moved.
    public void pointed(long nanos, double x, double y) {
        trail.moved(nanos, x, y);
    }

    /// A pulse of the window.
    public void pulse(long nanos) {
        if (phase == Phase.QUESTION || phase == Phase.REST || phase == Phase.DONE) {
            return;
        }
        if (beganNanos == Long.MIN_VALUE) {
            beganNanos = nanos;
            pulse = 0;
            phaseBeganAt = 0;
        } else {
            if (pulses.isMissed(lastNanos, nanos) && phase != Phase.READY) {
                throwAway();
                return;
            }
            pulse++;
        }
        lastNanos = nanos;
        Phase now = phaseAt((nanos - beganNanos) / NANOS);
        if (now != phase) {
            phase = now;
            phaseBeganAt = pulse;
        }
    }

    private static Phase phaseAt(double seconds) {
        if (seconds < READY_S) {
            return Phase.READY;
        }
        if (seconds < READY_S + SHOWN_S) {
            return Phase.FIRST;
        }
        if (seconds < READY_S + SHOWN_S + BETWEEN_S) {
            return Phase.BETWEEN;
        }
        return seconds < READY_S + 2 * SHOWN_S + BETWEEN_S ? Phase.SECOND : Phase.QUESTION;
    }

    private void throwAway() {
        staircases.throwAway();
        thrownInARow++;
        begin();
        if (isHopeless()) {
            phase = Phase.REST;
        }
    }

    /// Takes the answer.
    ///
    /// @param first whether the first interval was named
    public void answer(boolean first) {
        if (phase != Phase.QUESTION) {
            return;
        }
        staircases.answered(first);
        thrownInARow = 0;
        begin();
        int answered = staircases.trials().size();
        if (staircases.isDone()) {
            phase = Phase.DONE;
        } else if (answered - restedAt >= REST_AFTER) {
            restedAt = answered;
            phase = Phase.REST;
        }
    }

    /// Goes on after a rest.
    public void goOn() {
        if (phase == Phase.REST) {
            thrownInARow = 0;
            begin();
        }
    }

    private boolean isAddedNow() {
        return phase == (staircases.addedFirst() ? Phase.FIRST : Phase.SECOND);
    }

    /// What stands on the window at the last pulse.
    ///
    /// @param width of the field, px
    /// @param height of the field, px
    public FeelPicture picture(double width, double height) {
        return task == FeelTask.DELAY ? followed(width, height) : posts.after(moment(), width);
    }

    /// The moment of the scene. It stands still before, between and after the intervals. Each interval
    /// goes on from where the scene stood, so that no step back at its beginning gives it away.
    double moment() {
        Cadence cadence = isAddedNow() ? added : new Cadence.Even();
        double since = cadence.moment(pulse - phaseBeganAt, pulses.hz());
        return switch (phase) {
            case READY -> 0;
            case FIRST -> since;
            case BETWEEN -> SHOWN_S;
            case SECOND -> SHOWN_S + since;
            case QUESTION, REST, DONE -> 2 * SHOWN_S;
        };
    }

    private FeelPicture followed(double width, double height) {
        double at = moment();
        FeelPicture.Disc target =
                new FeelPicture.Disc(wander.x(at) * width, wander.y(at) * height, TARGET_RADIUS, TARGET);
        if (trail.isEmpty()) {
            return new FeelPicture(GROUND, List.of(target));
        }
        long seen = lastNanos - (isAddedNow() ? Math.round(staircases.level() * 1e6) : 0);
        return new FeelPicture(
                GROUND, List.of(target, new FeelPicture.Disc(trail.x(seen), trail.y(seen), POINTER_RADIUS, POINTER)));
    }
}
