package app.fluss.files.study;

import app.fluss.core.measure.Claimed;
import app.fluss.core.overlay.Stand;
import app.fluss.files.overlay.OverlayFile;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.overlay.RecordedNumbers;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/// Numbers of recordings, and what the analyst says of them. Every method has committed when it returns.
public final class RecordingRecords {
    private final Steps steps;

    RecordingRecords(Steps steps) {
        this.steps = steps;
    }

    /// What a recording gives, as evidence: its numbers, and its distinct pictures.
    ///
    /// @param folder for what is written of it, which must last until it is kept
    public static List<RunEvidence<?>> evidence(Overlays overlays, Path folder) throws IOException {
        RecordedNumbers recorded = overlays.recorded();
        Path file = folder.resolve(EvidenceKinds.RECORDING.writtenName(recorded.clipName()));
        OverlayFile.write(recorded, file);
        String areas =
                recorded.numbers().stream().map(number -> number.area().text()).collect(Collectors.joining(" and "));
        StoredPictures pictures = new StoredPictures(
                recorded.clipName(),
                recorded.fps(),
                StoredPictures.EVERYWHERE + " without " + areas,
                overlays.differences());
        return List.of(new RunEvidence<>(EvidenceKinds.RECORDING, file, recorded), pictures.written(folder));
    }

    /// Says what a reading showed.
    ///
    /// @param stand as it was read
    /// @param value what it showed; empty for a reading that cannot be told
    public void correct(StoredNumbers numbers, RecordedNumber number, Stand stand, OptionalDouble value)
            throws StudyException {
        Map<Double, Double> known = new HashMap<>(numbers.correctionsOf(number));
        known.put(stand.fromMs(), value.orElse(Double.NaN));
        change(numbers, number, value.isPresent() ? "correct a reading" : "strike a reading", known);
    }

    /// Takes back what was said of a reading.
    public void takeBack(StoredNumbers numbers, RecordedNumber number, Stand stand) throws StudyException {
        Map<Double, Double> known = new HashMap<>(numbers.correctionsOf(number));
        known.remove(stand.fromMs());
        change(numbers, number, "put a reading back", known);
    }

    private void change(StoredNumbers numbers, RecordedNumber number, String what, Map<Double, Double> known)
            throws StudyException {
        Map<String, Map<Double, Double>> all = new HashMap<>(numbers.corrections());
        all.put(number.name(), known);
        Claim claim = Claim.of(new StoredNumbers(numbers.id(), numbers.read(), all));
        Claimed said = claim.said();
        steps.change("%s of %s".formatted(what, number.name()), () -> {
            Sql sql = steps.sql();
            sql.run("DELETE FROM correction WHERE recording_id = ? AND number = ?", numbers.id(), number.name());
            for (Map.Entry<Double, Double> one : known.entrySet()) {
                sql.insert(
                        "INSERT INTO correction (recording_id, number, from_ms, value) VALUES (?, ?, ?, ?)",
                        numbers.id(),
                        number.name(),
                        one.getKey(),
                        Sql.orNull(one.getValue()));
            }
            return sql.run(
                    "UPDATE recording SET count = ?, mean_fps = ?, lowest_fps = ?, highest_fps = ?, base_fps = ?,"
                            + " one_percent_low_fps = ? WHERE id = ?",
                    claim.count(),
                    Sql.orNull(said.mean().orNaN()),
                    Sql.orNull(said.lowest().orNaN()),
                    Sql.orNull(said.highest().orNaN()),
                    Sql.orNull(said.base().orNaN()),
                    Sql.orNull(said.onePercentLow().orNaN()),
                    numbers.id());
        });
    }
}
