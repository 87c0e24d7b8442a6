package app.fluss.files.latency;

import app.fluss.core.latency.Trial;
import app.fluss.files.log.InputException;
import app.fluss.files.log.Sample;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Latency measurements: `trial,input_ms,photon_ms` as CSV, a raw trace `t_us,input,light` as CSV, or two
/// channels of sound as WAV.
public final class LatencyFile {
    private static final String INPUT = "input_ms";
    private static final String PHOTON = "photon_ms";
    private static final int MOST_TRIALS = 1_000_000;

    private LatencyFile() {}

    /// Reads measurements; what is given must be closed.
    ///
    /// @param swapped whether the light comes before the input: on the first channel, or in the place of
    ///     the input
    /// @throws InputException if the file cannot be used: it says where and why
    public static LatencySource read(Path file, boolean swapped) throws IOException, InputException {
        if (isSound(file)) {
            if (Files.size(file) == 0) {
                throw new InputException(file, 0, 0, "an empty file", "two channels of sound as WAV");
            }
            return new LatencySource.Sound(WavFile.open(file), swapped);
        }
        List<String> header = Sample.read(file).header();
        if (header.containsAll(TraceFile.HEADER)) {
            LatencySource.Trace trace = TraceFile.read(file);
            return swapped ? trace.swapped() : trace;
        }
        if (header.containsAll(TraceFile.CLIP_HEADER)) {
            return TraceFile.readClip(file);
        }
        if (header.contains(INPUT) && header.contains(PHOTON)) {
            return samples(file);
        }
        throw new InputException(
                file,
                1,
                0,
                "the columns " + String.join(", ", header),
                "trial,input_ms,photon_ms or t_us,input,light, or a WAV of two channels");
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
        return header.containsAll(TraceFile.HEADER)
                || header.containsAll(TraceFile.CLIP_HEADER)
                || (header.contains(INPUT) && header.contains(PHOTON));
    }

    private static LatencySource samples(Path file) throws IOException, InputException {
        List<Trial> trials = new ArrayList<>();
        try (CsvReader<NamedCsvRecord> reader = CsvReader.builder().ofNamedCsvRecord(file)) {
            for (NamedCsvRecord row : reader) {
                if (trials.size() == MOST_TRIALS) {
                    throw new InputException(
                            file, row.getStartingLineNumber(), 0, "more than a million trials", "fewer");
                }
                double input = number(file, row, INPUT);
                double photon = number(file, row, PHOTON);
                if (Double.isNaN(input)) {
                    throw new InputException(
                            file, row.getStartingLineNumber(), 0, "a trial without an input time", "input_ms");
                }
                if (photon < input) {
                    throw new InputException(
                            file,
                            row.getStartingLineNumber(),
                            0,
                            "light before its input",
                            "photon_ms at or after input_ms; are the two columns swapped?");
                }
                trials.add(new Trial(
                        input,
                        photon,
                        Double.NaN,
                        Double.NaN,
                        Double.isNaN(photon) ? Trial.State.MISSED : Trial.State.ACCEPTED));
            }
        } catch (CsvParseException e) {
            throw new InputException(file, 0, 0, "text that is no CSV: " + e.getMessage(), "trial,input_ms,photon_ms");
        }
        return new LatencySource.Samples(trials);
    }

    /// A number; NaN for an empty cell: a missed trial.
    private static double number(Path file, NamedCsvRecord row, String column) throws InputException {
        String cell = row.findField(column).orElse("").strip();
        if (cell.isEmpty()) {
            return Double.NaN;
        }
        try {
            double value = Double.parseDouble(cell);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Told below, as what is not finite is.
        }
        throw new InputException(
                file,
                row.getStartingLineNumber(),
                row.getHeader().indexOf(column) + 1,
                "\"" + (cell.length() > 30 ? cell.substring(0, 30) + "…" : cell) + "\"",
                "a time in ms, or nothing for a missed trial");
    }
}
