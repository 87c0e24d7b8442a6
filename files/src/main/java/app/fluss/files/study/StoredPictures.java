package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.generation.PicturesSeen;
import app.fluss.core.picture.Look;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.picture.PictureDifferences;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipDifferences;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.log.DifferencesFile;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/// A clip of a run's game, as it was counted. The clip itself is not kept: clips take gigabytes.
///
/// @param clipName name of its file
/// @param fps pictures a second of the clip, 1 to 10000
/// @param lookedAt which part of the pictures was looked at, in words
/// @param differences how its pictures differ
public record StoredPictures(String clipName, double fps, String lookedAt, PictureDifferences differences) {
    /// Whole pictures were looked at.
    public static final String EVERYWHERE = "everywhere";

    private static final double MOST_FPS = 10_000;
    private static final int FEWEST = 3;

    /// @throws IllegalArgumentException outside the range
    public StoredPictures {
        if (!isRate(fps)) {
            throw new IllegalArgumentException("fps must be in 1..10000, got " + fps);
        }
    }

    /// Whether a clip can have so many pictures a second.
    public static boolean isRate(double fps) {
        return fps >= 1 && fps <= MOST_FPS;
    }

    static double rate(double fps) {
        if (!isRate(fps)) {
            throw new IllegalArgumentException("fps is " + fps);
        }
        return fps;
    }

    /// Counts a clip: whole pictures, at the rate that it states.
    ///
    /// @param folder where what is kept of it is written
    /// @throws InputException if it cannot be counted: it says why
    public static RunEvidence<StoredPictures> count(Path file, Path folder, Progress progress)
            throws IOException, InputException {
        try (Clip clip = ClipFile.open(file)) {
            if (!isRate(clip.fps())) {
                throw new InputException(
                        file, 0, 0, "a clip that states no rate", "its pictures a second: add it by itself");
            } else if (clip.size() < FEWEST) {
                throw new InputException(file, 0, 0, "a clip of %d pictures".formatted(clip.size()), "three or more");
            }
            PictureDifferences differences = ClipDifferences.of(clip, Look.EVERYWHERE, clip.fps(), progress);
            StoredPictures pictures =
                    new StoredPictures(String.valueOf(file.getFileName()), clip.fps(), EVERYWHERE, differences);
            // Clips of several folders may have one name.
            return pictures.written(Files.createTempDirectory(folder, "clip"));
        }
    }

    /// As evidence, with how its pictures differ written to a folder.
    RunEvidence<StoredPictures> written(Path folder) throws IOException {
        Path raw = folder.resolve(clipName + ".csv");
        DifferencesFile.write(differences, raw);
        return new RunEvidence<>(EvidenceKinds.CLIP_COUNT, raw, this);
    }

    /// The pictures that can be told apart, as images on the clip's time; empty where none can.
    public Optional<FrameLog> images() {
        return differences.images(fps);
    }

    /// What was seen of the game's rate; a clip in which nothing moves, or nothing can be told, shows none.
    public Optional<PicturesSeen> seen() {
        PictureCount count = differences.count();
        return count.isCounted() ? Optional.of(new PicturesSeen(fps, count.deliveredFps(fps))) : Optional.empty();
    }
}
