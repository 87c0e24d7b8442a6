package app.fluss.app.feel;

import java.util.function.LongConsumer;
import javafx.animation.AnimationTimer;

/// Where the pulses of a window come from, and the clock that they are on.
interface PulseSource {
    /// Tells each pulse from now on, with its time in ns, on the interface thread.
    void start(LongConsumer pulse);

    /// Tells no more.
    void stop();

    /// The time now on the same clock, ns.
    long now();

    /// The toolkit's own.
    static PulseSource ofToolkit() {
        return new PulseSource() {
            private LongConsumer told = _ -> {};
            private final AnimationTimer timer = new AnimationTimer() {
                @Override
                public void handle(long now) {
                    told.accept(now);
                }
            };

            @Override
            public void start(LongConsumer pulse) {
                told = pulse;
                timer.start();
            }

            @Override
            public void stop() {
                timer.stop();
            }

            @Override
            public long now() {
                return System.nanoTime();
            }
        };
    }
}
