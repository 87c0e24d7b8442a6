package app.fluss.files.latency;

import app.fluss.core.latency.edge.Trial;
import app.fluss.files.log.InputException;
import app.fluss.files.log.Sample;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Latency measurements: a table of trials `trial,input_ms,photon_ms`, a raw trace `t_us,input,light`, or two
/// channels of sound as WAV.
public final class LatencyFile {
    private static final int MOST_TRIALS = 1_000_000;

    private LatencyFile() {}

    /// Reads measurements; what is given must be closed.
    ///
    /// @throws InputException if the file cannot be used: it says where and why
    static LatencySource read(Path file) throws IOException, InputException {
        if (isSound(file)) {
            if (Files.size(file) == 0) {
                throw new InputException(file, 0, 0, "an empty file", "two channels of sound as WAV");
            }
            return new LatencySource.Sound(WavFile.open(file));
        }
        List<String> header = Sample.read(file).header();
        LatencyColumns columns = LatencyColumns.of(header)
                .orElseThrow(() -> new InputException(
                        file,
                        1,
                        0,
                        "the columns " + String.join(", ", header),
                        "trial,input_ms,photon_ms or t_us,input,light, or a WAV of two channels"));
        return columns.kind() == LatencyColumns.Kind.LIST ? samples(file, columns) : TraceFile.read(file, columns);
    }

    /// The ending that tells what a file of measurements is.
    public static String ending(String fileName) {
        return fileName.toLowerCase(Locale.ROOT).endsWith(".wav") ? ".wav" : ".csv";
    }

    /// Whether a file is sound, by its name.
    public static boolean isSound(Path file) {
        return ending(String.valueOf(file.getFileName())).equals(".wav");
    }

    /// Whether the columns of a table are those of latency measurements.
    public static boolean isLatency(List<String> header) {
        return LatencyColumns.of(header).isPresent();
    }

    private static LatencySource samples(Path file, LatencyColumns columns) throws IOException, InputException {
        List<Trial> trials = new ArrayList<>();
        LatencyTable.read(file, columns, row -> {
            if (trials.size() == MOST_TRIALS) {
                throw new InputException(file, row.line(), 0, "more than a million trials", "fewer");
            }
            if (row.second() < row.first()) {
                throw new InputException(
                        file,
                        row.line(),
                        0,
                        "light before its input",
                        "photon_ms at or after input_ms; are the two columns swapped?");
            }
            trials.add(Trial.of(row.first(), row.second()));
        });
        return new LatencySource.Samples(trials);
    }
}
