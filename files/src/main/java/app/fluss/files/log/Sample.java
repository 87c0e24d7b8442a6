package app.fluss.files.log;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// The beginning of a log: enough to tell how it is laid out and what its columns mean.
///
/// @param dialect how the file is laid out
/// @param header names of the columns
/// @param rows cells of the first data rows
/// @param bytesPerRow mean length of those rows
public record Sample(Dialect dialect, List<String> header, List<List<String>> rows, double bytesPerRow) {
    /// Bytes that it is taken from at most.
    static final int BYTES = 256 * 1024;

    private static final int MOST_ROWS = 1500;
    private static final int MOST_COLUMNS = 500;
    private static final int BOM_LENGTH = 3;

    /// Reads the beginning of a file.
    ///
    /// @throws InputException if it is not a table of text
    public static Sample read(Path file) throws IOException, InputException {
        if (Files.isDirectory(file)) {
            throw new InputException(file, 0, 0, "a folder", "a file");
        }
        byte[] bytes;
        boolean whole;
        try (InputStream in = Files.newInputStream(file)) {
            bytes = in.readNBytes(BYTES);
            whole = in.read() < 0;
        }
        refuseBinary(file, bytes);
        int bom = startsWithMark(bytes) ? BOM_LENGTH : 0;
        int end = whole ? bytes.length : lastLineEnd(bytes);
        String text = new String(bytes, bom, end - bom, StandardCharsets.UTF_8);
        return of(file, text, bom);
    }

    private static Sample of(Path file, String text, int bom) throws InputException {
        List<String> lines = text.lines().toList();
        DialectGuess guess = DialectGuess.of(lines);
        if (guess.columns() == 0) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "no table",
                    "lines with the same number of cells, separated by comma, semicolon or tab");
        }
        if (guess.columns() > MOST_COLUMNS) {
            throw new InputException(
                    file, guess.headerLine(), 0, guess.columns() + " columns", "at most " + MOST_COLUMNS);
        }
        int headerIndex = guess.headerLine() - 1;
        String body = String.join("\n", lines.subList(headerIndex, lines.size()));
        boolean quoted = body.indexOf('"') >= 0;
        List<List<String>> rows = parse(file, body, guess);
        if (rows.isEmpty()) {
            throw new InputException(file, guess.headerLine(), 0, "nothing after the header", "rows of figures");
        }
        List<String> first = rows.getFirst();
        boolean hasHeader = first.stream().noneMatch(cell -> Numbers.isNumber(cell, guess.decimal()));
        List<String> header = hasHeader
                ? first.stream().map(String::strip).toList()
                : IntStream.rangeClosed(1, first.size())
                        .mapToObj(i -> "column " + i)
                        .toList();
        List<List<String>> data = hasHeader ? rows.subList(1, rows.size()) : rows;
        // No more rows are looked at than that; those after them are counted by their lines.
        int counted = rows.size() < MOST_ROWS ? rows.size() : lines.size() - headerIndex;
        double bytesPerRow = (double) body.length() / counted;
        Dialect dialect = new Dialect(guess.separator(), guess.decimal(), bom, guess.headerLine(), hasHeader, quoted);
        return new Sample(dialect, header, List.copyOf(data), bytesPerRow);
    }

    private static List<List<String>> parse(Path file, String body, DialectGuess guess) throws InputException {
        List<List<String>> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(guess.separator())
                .skipEmptyLines(true)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(body)) {
            for (CsvRecord row : reader) {
                if (rows.size() == MOST_ROWS) {
                    break;
                }
                rows.add(row.getFields());
            }
        } catch (CsvParseException e) {
            // A quotation mark that the sample cuts off ends it; what came before stands.
            if (rows.isEmpty()) {
                throw new InputException(
                        file, guess.headerLine(), 0, "a quotation mark that is never closed", "closed quotation marks");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }

    private static void refuseBinary(Path file, byte[] bytes) throws InputException {
        if (bytes.length == 0) {
            throw new InputException(file, 0, 0, "an empty file", "a frame log as CSV");
        }
        boolean utf16 = bytes.length > 1
                && ((bytes[0] == (byte) 0xFF && bytes[1] == (byte) 0xFE)
                        || (bytes[0] == (byte) 0xFE && bytes[1] == (byte) 0xFF));
        if (utf16) {
            throw new InputException(file, 1, 0, "UTF-16 text", "UTF-8: save the log again as UTF-8 or plain text");
        }
        for (byte b : bytes) {
            if (b == 0) {
                throw new InputException(file, 0, 0, "binary data", "a frame log as CSV text");
            }
        }
    }

    private static boolean startsWithMark(byte[] bytes) {
        return bytes.length >= BOM_LENGTH
                && bytes[0] == (byte) 0xEF
                && bytes[1] == (byte) 0xBB
                && bytes[2] == (byte) 0xBF;
    }

    private static int lastLineEnd(byte[] bytes) {
        for (int i = bytes.length - 1; i >= 0; i--) {
            if (bytes[i] == '\n') {
                return i + 1;
            }
        }
        return bytes.length;
    }
}
