package app.fluss.files.latency;

import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Excerpt;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.sound.SoundQuality;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/// What a file of latency measurements gives.
///
/// @param measurement its trials
/// @param swapped whether its channels were taken in each other's place
/// @param excerpts the light around each trial; empty for samples that came as samples
/// @param sound how well a sound recording was made; empty for anything else
public record LatencyReading(
        Measurement measurement, boolean swapped, List<Excerpt> excerpts, Optional<SoundQuality> sound) {
    /// Keeps a copy.
    public LatencyReading {
        excerpts = List.copyOf(excerpts);
    }

    /// Reads and works out.
    ///
    /// @param swapped whether the light comes before the input: on the first channel, or in the place of
    ///     the input
    /// @throws InputException if the file cannot be used: it says where and why
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static LatencyReading of(Path file, boolean swapped, EdgeSettings settings, Progress progress)
            throws IOException, InputException {
        try (LatencySource source = LatencyFile.read(file)) {
            return switch (source) {
                case LatencySource.Samples samples ->
                    new LatencyReading(Measurement.of(samples.trials()), swapped, List.of(), Optional.empty());
                case LatencySource.Trace trace -> of(trace.source(), trace.recording(), swapped, settings, progress);
                case LatencySource.Sound sound ->
                    of(Measurement.Source.SOUND, sound.recording(), swapped, settings, progress);
            };
        }
    }

    private static LatencyReading of(
            Measurement.Source source, Recording recording, boolean swapped, EdgeSettings settings, Progress progress) {
        Recording taken = swapped ? recording.swapped() : recording;
        Measurement measurement = Measurement.of(source, taken, settings, progress);
        Optional<SoundQuality> sound =
                source == Measurement.Source.SOUND ? Optional.of(SoundQuality.of(taken)) : Optional.empty();
        return new LatencyReading(measurement, swapped, measurement.excerpts(taken.light()), sound);
    }
}
