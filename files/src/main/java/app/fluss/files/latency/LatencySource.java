package app.fluss.files.latency;

import app.fluss.core.latency.Signal;
import java.io.IOException;
import java.util.Arrays;

/// What a file of latency measurements holds.
public sealed interface LatencySource extends AutoCloseable {
    @Override
    default void close() throws IOException {}

    /// Latencies, one a trial; NaN for a missed one.
    final class Samples implements LatencySource {
        private final double[] latenciesMs;

        Samples(double[] latenciesMs) {
            this.latenciesMs = latenciesMs;
        }

        /// The latencies, ms.
        public double[] latenciesMs() {
            return Arrays.copyOf(latenciesMs, latenciesMs.length);
        }
    }

    /// A trace of input and light. Must be closed if it is mapped from a file.
    interface Traced {
        /// The button, or the sound of its click.
        Signal input();

        /// The light.
        Signal light();
    }

    /// A trace whose samples were read.
    record Trace(Signal input, Signal light) implements LatencySource, Traced {
        /// The same with the two channels in each other's place.
        Trace swapped() {
            return new Trace(/* input= */ light, /* light= */ input);
        }
    }

    /// A trace whose samples stay in the file.
    final class Sound implements LatencySource, Traced {
        private final WavFile file;
        private final boolean swapped;

        Sound(WavFile file, boolean swapped) {
            this.file = file;
            this.swapped = swapped;
        }

        @Override
        public Signal input() {
            return file.channel(swapped ? 1 : 0);
        }

        @Override
        public Signal light() {
            return file.channel(swapped ? 0 : 1);
        }

        @Override
        public void close() {
            file.close();
        }
    }
}
