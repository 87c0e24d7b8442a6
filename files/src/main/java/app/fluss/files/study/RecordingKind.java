package app.fluss.files.study;

import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.overlay.OverlayFile;
import app.fluss.files.overlay.RecordedNumbers;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/// Numbers that stand on the pictures of a recording. What is kept as evidence is what was read, with a small
/// picture of each reading: clips take gigabytes.
final class RecordingKind extends EvidenceKind<RecordedNumbers, StoredNumbers> {
    RecordingKind() {
        super(
                Claim.Kind.RECORDING.title(),
                ClaimKind.table(Claim.Kind.RECORDING),
                Optional.of(Claim.Kind.RECORDING.grade()));
    }

    @Override
    public boolean tells(Candidate file) throws IOException {
        return file.endsWith(".json") && file.beginsWith(OverlayFile.FORMAT);
    }

    @Override
    public RecordedNumbers read(Path file, Progress progress) throws IOException, InputException {
        return OverlayFile.read(file);
    }

    @Override
    String ending(String fileName) {
        return ".json";
    }

    @Override
    Rows pack(RecordedNumbers read, Packing packing) {
        Claim claim = Claim.of(read);
        return (kept, run, sha256) -> ClaimKind.insert(kept.sql(), claim, run, sha256);
    }

    @Override
    StoredNumbers load(Kept kept, Attached attached) throws StudyException, IOException {
        try {
            RecordedNumbers read = withRaw(kept, attached.sha256(), attached.fileName(), OverlayFile::read);
            return new StoredNumbers(attached.id(), read, corrections(kept, attached));
        } catch (InputException e) {
            throw new StudyException(String.valueOf(e.getMessage()), e);
        }
    }

    private static Map<String, Map<Double, Double>> corrections(Kept kept, Attached attached) throws StudyException {
        Map<String, Map<Double, Double>> corrections = new HashMap<>();
        kept.steps()
                .read(() -> kept.sql()
                        .list(
                                "SELECT number, from_ms, value FROM correction WHERE recording_id = ?",
                                row -> corrections
                                        .computeIfAbsent(Sql.text(row, "number"), _ -> new HashMap<>())
                                        .put(row.getDouble("from_ms"), value(Sql.orNaN(row, "value"))),
                                attached.id()));
        return corrections;
    }

    /// NaN for a reading that was struck.
    private static double value(double value) {
        if (value < 0 || Double.isInfinite(value)) {
            throw new IllegalArgumentException("value is " + value);
        }
        return value;
    }

    @Override
    void deleteBelow(Sql sql, long run) throws SQLException {
        sql.run("DELETE FROM correction WHERE recording_id IN (SELECT id FROM recording WHERE run_id = ?)", run);
    }

    @Override
    boolean isAsKept(Kept kept, Attached attached, Path raw) throws StudyException, IOException, InputException {
        StoredNumbers again = new StoredNumbers(attached.id(), OverlayFile.read(raw), corrections(kept, attached));
        return ClaimKind.isAsKept(kept, attached, Claim.of(again));
    }
}
