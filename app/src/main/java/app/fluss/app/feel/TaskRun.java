package app.fluss.app.feel;

import app.fluss.core.feel.Aim;
import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.Phase;
import app.fluss.core.feel.PsychometricFit;
import app.fluss.core.feel.Pulses;
import app.fluss.core.feel.Throughput;
import app.fluss.core.feel.TwoIntervals;
import app.fluss.files.study.FeelSession;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;

/// A task that is being done, whichever it is.
sealed interface TaskRun {
    /// Begins a task.
    static TaskRun begin(FeelTask task, Pulses pulses, RandomGenerator random) {
        return task == FeelTask.AIM
                ? new Aiming(new Aim(pulses, random))
                : new Choosing(task, new TwoIntervals(task, pulses, random));
    }

    /// The share that is done, 0 to 1.
    double done();

    /// Whether everything was asked.
    boolean isDone();

    /// Trials or sequences that were thrown away.
    int thrownAway();

    /// What was done so far, to be kept; empty if it is too little.
    Optional<FeelSession> session(FeelSession.Taker taker, Pulses pulses, Instant now);

    /// Two intervals and a question.
    record Choosing(FeelTask task, TwoIntervals trials) implements TaskRun {
        @Override
        public double done() {
            return trials.staircases().done();
        }

        @Override
        public boolean isDone() {
            return trials.phase() == Phase.DONE;
        }

        @Override
        public int thrownAway() {
            return trials.staircases().thrownAway();
        }

        @Override
        public Optional<FeelSession> session(FeelSession.Taker taker, Pulses pulses, Instant now) {
            var answered = trials.staircases().trials();
            return answered.size() < PsychometricFit.FEWEST_TRIALS
                    ? Optional.empty()
                    : Optional.of(new FeelSession(
                            0,
                            taker,
                            task,
                            now,
                            pulses.hz(),
                            pulses.wanderMs(),
                            thrownAway(),
                            false,
                            answered,
                            List.of()));
        }
    }

    /// Targets one after another.
    record Aiming(Aim aim) implements TaskRun {
        @Override
        public double done() {
            return aim.done();
        }

        @Override
        public boolean isDone() {
            return aim.isDone();
        }

        @Override
        public int thrownAway() {
            return aim.thrownAway();
        }

        @Override
        public Optional<FeelSession> session(FeelSession.Taker taker, Pulses pulses, Instant now) {
            return aim.reaches().size() < Throughput.SEQUENCE
                    ? Optional.empty()
                    : Optional.of(new FeelSession(
                            0,
                            taker,
                            FeelTask.AIM,
                            now,
                            pulses.hz(),
                            pulses.wanderMs(),
                            thrownAway(),
                            false,
                            List.of(),
                            aim.reaches()));
        }
    }
}
