package app.fluss.files.study;

import app.fluss.core.picture.PictureCount;
import app.fluss.core.picture.PictureDifferences;
import app.fluss.core.work.Progress;
import app.fluss.files.log.DifferencesFile;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// A clip of the game, counted. What is kept as evidence is how its pictures differ: clips take gigabytes.
final class ClipCountKind extends EvidenceKind<StoredPictures, StoredPictures> {
    ClipCountKind() {
        super("clip of the game", "picture_count", Optional.empty());
    }

    @Override
    public boolean tells(Candidate file) {
        return false; // a clip must be looked at with a rectangle and a rate: the analyst says that it is to be counted
    }

    @Override
    public StoredPictures read(Path file, Progress progress) throws InputException {
        throw new InputException(file, 0, 0, "differences of pictures alone", "a clip, counted");
    }

    @Override
    Rows pack(StoredPictures pictures, Packing packing) {
        return (kept, run, sha256) -> kept.sql()
                .insert(
                        "INSERT INTO picture_count (run_id, sha256, clip_name, fps, looked_at, distinct_pictures) VALUES (?, ?,"
                                + " ?, ?, ?, ?)",
                        run,
                        sha256,
                        pictures.clipName(),
                        pictures.fps(),
                        pictures.lookedAt(),
                        distinct(pictures.differences().count()));
    }

    /// How many there are; null where they could not be counted.
    private static @Nullable Integer distinct(PictureCount count) {
        return count.isCounted() ? count.distinct() : null;
    }

    private record Row(
            String clipName,
            double fps,
            String lookedAt,
            @Nullable Integer distinct) {}

    private static Row row(Kept kept, Attached attached) throws StudyException {
        return kept.steps()
                .read(() -> kept.sql()
                        .list(
                                "SELECT * FROM picture_count WHERE id = ?",
                                row -> new Row(
                                        Sql.text(row, "clip_name"),
                                        StoredPictures.rate(row.getDouble("fps")),
                                        Sql.text(row, "looked_at"),
                                        (Integer) row.getObject("distinct_pictures")),
                                attached.id()))
                .getFirst();
    }

    @Override
    StoredPictures load(Kept kept, Attached attached) throws StudyException, IOException {
        Row row = row(kept, attached);
        try {
            PictureDifferences differences =
                    withRaw(kept, attached.sha256(), attached.fileName(), DifferencesFile::read);
            return new StoredPictures(row.clipName, row.fps, row.lookedAt, differences);
        } catch (InputException | IllegalArgumentException e) {
            throw new StudyException(String.valueOf(e.getMessage()), e);
        }
    }

    @Override
    boolean isAsKept(Kept kept, Attached attached, Path raw) throws StudyException, IOException, InputException {
        PictureCount count = DifferencesFile.read(raw).count();
        Integer before = row(kept, attached).distinct;
        // A count of nothing was kept as one picture before.
        return Objects.equals(distinct(count), before) || (!count.isCounted() && Objects.equals(before, 1));
    }
}
