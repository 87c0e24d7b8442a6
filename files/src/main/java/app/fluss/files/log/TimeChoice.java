package app.fluss.files.log;

import app.fluss.core.measure.Moments;
import java.util.Arrays;
import java.util.Locale;

/// One way to read the time of a log, with the figures that it would give over the first rows.
///
/// @param text the column, what it is taken for and in what unit, with the typical rate
/// @param mapping the columns of the log if it is read so
/// @param figures rate, spread and range that it would give, in words
public record TimeChoice(String text, Mapping mapping, String figures) {
    static TimeChoice of(TimeReading reading, Mapping mapping) {
        return new TimeChoice(reading.text(), mapping, figures(reading));
    }

    private static String figures(TimeReading reading) {
        double[] ms = reading.frameTimesMs();
        if (ms.length < 2) {
            return "too few rows for figures";
        }
        Moments moments = Moments.of(ms);
        return String.format(
                Locale.ROOT,
                "%.1f images/s, frame times %.2f ms with a spread of %.2f ms, from %.2f to %.2f ms",
                1000 / moments.mean(),
                moments.mean(),
                moments.sd(),
                Arrays.stream(ms).min().orElseThrow(),
                Arrays.stream(ms).max().orElseThrow());
    }
}
