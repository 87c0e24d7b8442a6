package app.fluss.files.log;

import app.fluss.core.measure.Figure;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/// What a counter said over time: CSV with the header `t_s,claimed_fps`, further columns allowed.
public final class ReadingsFile {
    private static final long LARGEST_BYTES = 16L << 20;
    private static final String CLAIMED = "claimed_fps";

    private ReadingsFile() {}

    /// The mean of the claimed rates, images/s.
    ///
    /// @throws InputException if the file is no such table
    public static Figure meanClaimed(Path file) throws IOException, InputException {
        if (Files.size(file) > LARGEST_BYTES) {
            throw new InputException(file, 0, 0, "more than 16 MiB", "readings, one a second or so");
        }
        double sum = 0;
        int n = 0;
        try (CsvReader<NamedCsvRecord> reader = CsvReader.builder().ofNamedCsvRecord(file)) {
            for (NamedCsvRecord row : reader) {
                String cell = row.findField(CLAIMED)
                        .orElseThrow(() -> new MissingColumn(row.getHeader()))
                        .strip();
                double value = Numbers.parse(cell, '.');
                if (!Numbers.isEmpty(cell) && !(value >= 0)) {
                    throw new InputException(
                            file, row.getStartingLineNumber(), 2, InputException.quote(cell), "a rate of 0 or more");
                }
                if (value >= 0) {
                    sum += value;
                    n++;
                }
            }
        } catch (MissingColumn e) {
            throw new InputException(file, 1, 0, "the columns " + e.getMessage(), "t_s,claimed_fps");
        } catch (CsvParseException e) {
            throw new InputException(file, 0, 0, "text that is no CSV: " + e.getMessage(), "t_s,claimed_fps");
        }
        return n > 0 ? Figure.of(sum / n) : Figure.missing("the readings are empty");
    }

    /// Writes one reading for each second.
    public static void write(List<Double> claimedFps, Path file) throws IOException {
        try (Writer out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            out.append("t_s,claimed_fps\n");
            for (int second = 0; second < claimedFps.size(); second++) {
                out.append(Integer.toString(second + 1))
                        .append(',')
                        .append(Double.toString(claimedFps.get(second)))
                        .append('\n');
            }
        }
    }

    private static final class MissingColumn extends RuntimeException {
        private static final long serialVersionUID = 1L;

        MissingColumn(List<String> header) {
            super(String.join(", ", header));
        }
    }
}
