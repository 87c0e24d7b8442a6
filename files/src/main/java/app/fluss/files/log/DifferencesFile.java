package app.fluss.files.log;

import app.fluss.core.picture.PictureDifferences;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/// How the pictures of a clip differ: CSV with the header `picture,over_one,over_two`. The first has neither, the
/// second no `over_two`.
public final class DifferencesFile {
    private static final String ONE = "over_one";
    private static final String TWO = "over_two";

    private DifferencesFile() {}

    /// Reads differences.
    ///
    /// @throws InputException if the file is no such table, or holds fewer than three pictures
    public static PictureDifferences read(Path file) throws IOException, InputException {
        List<SmallTable.Row> rows = SmallTable.read(file, List.of(ONE, TWO));
        if (rows.size() < 3) {
            throw new InputException(file, 0, 0, "%d pictures".formatted(rows.size()), "three or more");
        }
        double[] one = new double[rows.size()];
        double[] two = new double[rows.size()];
        for (int i = 0; i < one.length; i++) {
            one[i] = rows.get(i).number(ONE).orNaN();
            two[i] = rows.get(i).number(TWO).orNaN();
        }
        return new PictureDifferences(one, two);
    }

    /// Writes differences; a file that is there is replaced.
    public static void write(PictureDifferences differences, Path file) throws IOException {
        try (CsvWriter out = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(file)) {
            out.writeRecord("picture", ONE, TWO);
            for (int i = 0; i < differences.size(); i++) {
                out.writeRecord(
                        Integer.toString(i + 1),
                        i < 1 ? "" : Double.toString(differences.overOne(i)),
                        i < 2 ? "" : Double.toString(differences.overTwo(i)));
            }
        }
    }
}
