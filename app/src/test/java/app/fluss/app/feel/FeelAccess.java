package app.fluss.app.feel;

import app.fluss.core.feel.Aim;
import app.fluss.core.feel.TwoIntervals;
import java.util.Optional;
import java.util.Random;
import java.util.function.LongConsumer;

/// Pulses and chance that are known, for a person that is simulated.
public final class FeelAccess {
    private final Ticks ticks = new Ticks();
    private final FeelScreen screen;

    /// Puts a screen on known pulses, 60 a second.
    public FeelAccess(FeelScreen screen, long seed) {
        this.screen = screen;
        screen.use(ticks, new Random(seed));
    }

    /// So many pulses, on the interface thread.
    ///
    /// @param late added to the last of them, ns
    public void pulses(int count, long late) {
        for (int i = 0; i < count; i++) {
            ticks.now += 16_666_667 + (i == count - 1 ? late : 0);
            ticks.told.accept(ticks.now);
        }
    }

    /// Whether the task moves: its pulses were timed, and its pictures looked at.
    public boolean moves() {
        return screen.running().flatMap(TaskPane::running).isPresent();
    }

    /// The two intervals that are being shown.
    public Optional<TwoIntervals> trials() {
        return screen.running().flatMap(TaskPane::running).map(run -> ((TaskRun.Choosing) run).trials());
    }

    /// The targets that are being shown.
    public Optional<Aim> aim() {
        return screen.running().flatMap(TaskPane::running).map(run -> ((TaskRun.Aiming) run).aim());
    }

    private static final class Ticks implements PulseSource {
        private LongConsumer told = _ -> {};
        private long now;

        @Override
        public void start(LongConsumer pulse) {
            told = pulse;
        }

        @Override
        public void stop() {
            told = _ -> {};
        }

        @Override
        public long now() {
            return now;
        }
    }
}
