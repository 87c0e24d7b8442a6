package app.fluss.files.study;

import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Stand;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.overlay.RecordedNumbers;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The numbers of a recording as they were read, and what the analyst corrected.
///
/// @param id of the recording in the study
/// @param read as they were read
/// @param corrections for a number's name, by the time at which a reading began, ms: what it showed; NaN for a
///     reading that was struck
public record StoredNumbers(long id, RecordedNumbers read, Map<String, Map<Double, Double>> corrections) {
    private static final String NO_SUCH = "the recording shows no such number";

    /// Keeps a copy.
    public StoredNumbers {
        corrections = Map.copyOf(corrections);
    }

    /// Numbers of which nothing was corrected, before they are kept.
    static StoredNumbers uncorrected(RecordedNumbers read) {
        return new StoredNumbers(0, read, Map.of());
    }

    /// What a number showed over time, corrected.
    public OverlaySeries series(RecordedNumber number) {
        return number.series().corrected(correctionsOf(number));
    }

    /// Each reading of a number as it was read, showing what the analyst says.
    public List<Stand> readings(RecordedNumber number) {
        Map<Double, Double> corrected = correctionsOf(number);
        return number.series().stands().stream()
                .map(stand -> stand.showing(corrected.getOrDefault(stand.fromMs(), stand.value())))
                .toList();
    }

    /// What was corrected of a number, by the time at which a reading began, ms.
    public Map<Double, Double> correctionsOf(RecordedNumber number) {
        return corrections.getOrDefault(number.name(), Map.of());
    }

    /// What each number showed over time, by its name, corrected.
    public Map<String, OverlaySeries> series() {
        Map<String, OverlaySeries> all = new LinkedHashMap<>();
        read.numbers().forEach(number -> all.put(number.name(), series(number)));
        return all;
    }

    /// What the first number of a kind showed; empty if there is none.
    public Optional<OverlaySeries> of(OverlayKind kind) {
        return read.numbers().stream()
                .filter(number -> number.kind() == kind)
                .findFirst()
                .map(this::series);
    }

    /// What it claims of the run. Its low is the last that the counter showed; by which convention is not
    /// known.
    public Claimed claimed() {
        Figure none = Figure.missing(NO_SUCH);
        Optional<OverlaySeries> rate = of(OverlayKind.RATE);
        return new Claimed(
                rate.map(OverlaySeries::mean).orElse(none),
                rate.map(OverlaySeries::low).orElse(none),
                rate.map(OverlaySeries::high).orElse(none),
                of(OverlayKind.BASE).map(OverlaySeries::mean).orElse(none),
                of(OverlayKind.LOW).map(StoredNumbers::last).orElse(none),
                "");
    }

    private static Figure last(OverlaySeries series) {
        return series.stands().reversed().stream()
                .filter(Stand::isRead)
                .findFirst()
                .map(stand -> Figure.of(stand.value()))
                .orElse(series.mean());
    }
}
