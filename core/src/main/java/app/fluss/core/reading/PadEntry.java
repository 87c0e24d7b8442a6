package app.fluss.core.reading;

import java.util.List;
import java.util.stream.DoubleStream;

/// Something that was typed on the pad while a scene ran.
public sealed interface PadEntry {
    /// When, ms since the scene began.
    long atMs();

    /// A reading of the counter.
    record Counted(long atMs, TypedReading.Read reading) implements PadEntry {}

    /// A mark.
    record Marked(long atMs, PadMark mark) implements PadEntry {}

    /// The readings among entries, in order.
    static List<Counted> readings(List<PadEntry> entries) {
        return entries.stream()
                .filter(Counted.class::isInstance)
                .map(Counted.class::cast)
                .toList();
    }

    /// The mean of the readings, /s; NaN if there are none.
    static double meanFps(List<PadEntry> entries) {
        return middles(entries).average().orElse(Double.NaN);
    }

    private static DoubleStream middles(List<PadEntry> entries) {
        return readings(entries).stream().mapToDouble(entry -> entry.reading().middleFps());
    }
}
