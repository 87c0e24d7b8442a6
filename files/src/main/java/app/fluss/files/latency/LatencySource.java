package app.fluss.files.latency;

import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.edge.Trial;
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

    /// A trace whose samples were read, of a sensor or of two places of a clip.
    ///
    /// @param source what it was measured with
    record Trace(Measurement.Source source, Recording recording) implements LatencySource {}

    /// A trace whose samples stay in the file.
    final class Sound implements LatencySource {
        private final WavFile file;

        Sound(WavFile file) {
            this.file = file;
        }

        Recording recording() {
            return new Recording(file.channel(0), file.channel(1));
        }

        @Override
        public void close() {
            file.close();
        }
    }
}
