package app.fluss.core.reading;

import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Map;

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

    /// What the readings come to, as they will be kept.
    static ReadingSeries series(List<PadEntry> entries) {
        return new ReadingSeries(
                readings(entries).stream()
                        .map(entry -> new Reading(
                                entry.atMs() / 1000.0,
                                entry.reading().middleFps(),
                                entry.reading().lowFps(),
                                entry.reading().highFps(),
                                Double.NaN))
                        .toList(),
                List.of(),
                Figure.missing("a pad has no 1 % low"),
                "",
                Map.of());
    }
}
