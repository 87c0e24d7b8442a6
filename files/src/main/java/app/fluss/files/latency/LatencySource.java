package app.fluss.files.latency;

import app.fluss.core.latency.Signal;
import app.fluss.core.latency.Trial;
import java.io.IOException;
import java.util.List;

/// What a file of latency measurements holds.
public sealed interface LatencySource extends AutoCloseable {
    @Override
    default void close() throws IOException {}

    /// Trials that came as such.
    ///
    /// @param trials in the order of the file
    record Samples(List<Trial> trials) implements LatencySource {
        /// Keeps a copy.
        public Samples {
            trials = List.copyOf(trials);
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

    /// Brightness of two places of a clip, picture by picture.
    record Camera(Signal input, Signal light) implements LatencySource, Traced {}

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
