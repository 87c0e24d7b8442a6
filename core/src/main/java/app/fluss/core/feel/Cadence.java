package app.fluss.core.feel;

import java.util.random.RandomGenerator;

/// Which moment of the scene each pulse shows, s.
sealed interface Cadence {
    /// The moment that a pulse shows.
    ///
    /// @param pulse number from 0 on
    /// @param hz pulses a second
    double moment(int pulse, double hz);

    /// Each pulse its own.
    record Even() implements Cadence {
        @Override
        public double moment(int pulse, double hz) {
            return pulse / hz;
        }
    }

    /// Each pulse its own, early or late by the same time, by chance: the mean distance between a step
    /// that is shown and one that should be is that time.
    ///
    /// @param ms 0 or more
    /// @param seed of the chance
    record Uneven(double ms, long seed) implements Cadence {
        static Uneven of(double ms, RandomGenerator random) {
            return new Uneven(ms, random.nextLong());
        }

        @Override
        public double moment(int pulse, double hz) {
            // A hash of the number, so that a pulse that is asked again has the same moment.
            long mixed = (seed + pulse) * 0x9E3779B97F4A7C15L;
            mixed = (mixed ^ (mixed >>> 32)) * 0xD6E8FEB86659FD93L;
            return pulse / hz + (mixed < 0 ? -ms : ms) / 1000;
        }
    }

    /// Each for several pulses.
    ///
    /// @param refreshes 1 or more
    record Lower(int refreshes) implements Cadence {
        @Override
        public double moment(int pulse, double hz) {
            return Math.floorDiv(pulse, refreshes) * refreshes / hz;
        }
    }
}
