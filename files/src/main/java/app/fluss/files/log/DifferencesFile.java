package app.fluss.files.log;

import app.fluss.core.picture.PictureDifferences;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/// How the pictures of a clip differ: CSV with the header `picture,peak,over_one,over_two,ms`. The first has no
/// differences, the second no `over_two`. Older files have neither `peak` nor `ms`: their figures are plain
/// differences.
public final class DifferencesFile {
    private static final String PEAK = "peak";
    private static final String ONE = "over_one";
    private static final String TWO = "over_two";
    private static final String MS = "ms";

    private static final double LARGEST = 255;

    private DifferencesFile() {}

    /// Reads differences.
    ///
    /// @throws InputException if the file is no such table, holds fewer than three pictures, or lacks a difference
    ///     that every picture has
    public static PictureDifferences read(Path file) throws IOException, InputException {
        List<SmallTable.Row> rows = SmallTable.read(file, List.of(ONE, TWO));
        if (rows.size() < 3) {
            throw new InputException(file, 0, 0, "%d pictures".formatted(rows.size()), "three or more");
        }
        double[] one = differences(rows, ONE, 1);
        double[] two = differences(rows, TWO, 2);
        return Sample.read(file).header().contains(PEAK)
                ? PictureDifferences.ofMotion(differences(rows, PEAK, 1), one, two, times(rows))
                : PictureDifferences.ofMeans(one, two);
    }

    /// @param from the first picture, from 0, that has one
    private static double[] differences(List<SmallTable.Row> rows, String name, int from) throws InputException {
        double[] values = new double[rows.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = i < from ? Double.NaN : rows.get(i).number(name).orNaN();
            if (i >= from && !(values[i] <= LARGEST)) {
                throw rows.get(i).fault(name, "a difference of brightness, 0 to 255");
            }
        }
        return values;
    }

    private static double[] times(List<SmallTable.Row> rows) throws InputException {
        double[] ms = new double[rows.size()];
        for (int i = 0; i < ms.length; i++) {
            ms[i] = rows.get(i).number(MS).orNaN();
        }
        return ms;
    }

    /// Writes differences; a file that is there is replaced.
    public static void write(PictureDifferences differences, Path file) throws IOException {
        try (CsvWriter out = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(file)) {
            if (differences.isByMotion()) {
                out.writeRecord("picture", PEAK, ONE, TWO, MS);
            } else {
                out.writeRecord("picture", ONE, TWO);
            }
            for (int i = 0; i < differences.size(); i++) {
                String number = Integer.toString(i + 1);
                String one = i < 1 ? "" : Double.toString(differences.overOne(i));
                String two = i < 2 ? "" : Double.toString(differences.overTwo(i));
                if (differences.isByMotion()) {
                    String peak = i < 1 ? "" : Double.toString(differences.peak(i));
                    double ms = differences.ms(i);
                    out.writeRecord(number, peak, one, two, Double.isNaN(ms) ? "" : Double.toString(ms));
                } else {
                    out.writeRecord(number, one, two);
                }
            }
        }
    }
}
