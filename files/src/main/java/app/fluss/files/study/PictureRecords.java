package app.fluss.files.study;

import app.fluss.core.work.Progress;
import app.fluss.files.log.DifferencesFile;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;

/// Clips of the game, counted. What is kept as evidence is how their pictures differ. Every method has
/// committed when it returns.
public final class PictureRecords {
    private final Steps steps;
    private final Sql sql;
    private final Evidence evidence;

    PictureRecords(Steps steps, Evidence evidence) {
        this.steps = steps;
        this.sql = steps.sql();
        this.evidence = evidence;
    }

    private record Row(String sha256, String clipName, double fps, String lookedAt) {}

    /// The clip of a run, if one was counted.
    public Optional<StoredPictures> of(Run run) throws StudyException, IOException {
        List<Row> rows = steps.read(() -> sql.list(
                "SELECT sha256, clip_name, fps, looked_at FROM picture_count WHERE run_id = ?",
                row -> new Row(row.getString(1), row.getString(2), row.getDouble(3), row.getString(4)),
                run.id()));
        if (rows.isEmpty()) {
            return Optional.empty();
        }
        Row row = rows.getFirst();
        Path raw = Files.createTempFile("fluss-differences", ".csv");
        try {
            steps.restore(evidence, row.sha256, raw);
            return Optional.of(new StoredPictures(row.clipName, row.fps, row.lookedAt, DifferencesFile.read(raw)));
        } catch (InputException | IllegalArgumentException e) {
            throw new StudyException(String.valueOf(e.getMessage()));
        } finally {
            Files.deleteIfExists(raw);
        }
    }

    /// Adds a counted clip to a run; what was there before goes.
    ///
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public void add(Run run, StoredPictures pictures, Progress progress) throws StudyException, IOException {
        Path folder = Files.createTempDirectory("fluss-pictures");
        Path raw = folder.resolve(pictures.clipName() + ".csv");
        try {
            DifferencesFile.write(pictures.differences(), raw);
            steps.changeFromFile("add a clip to " + run.name(), () -> {
                delete(run.id());
                return sql.insert(
                        "INSERT INTO picture_count (run_id, sha256, clip_name, fps, looked_at, distinct_pictures) VALUES (?, ?,"
                                + " ?, ?, ?, ?)",
                        run.id(),
                        evidence.keepWithin(raw, progress),
                        pictures.clipName(),
                        pictures.fps(),
                        pictures.lookedAt(),
                        pictures.differences().count().distinct());
            });
        } finally {
            Files.deleteIfExists(raw);
            Files.delete(folder);
        }
    }

    /// Takes the clip of a run away; its evidence stays in the file, so that this can be undone.
    public void remove(Run run) throws StudyException {
        steps.change("remove the clip of " + run.name(), () -> delete(run.id()));
    }

    int delete(long run) throws SQLException {
        return sql.run("DELETE FROM picture_count WHERE run_id = ?", run);
    }
}
