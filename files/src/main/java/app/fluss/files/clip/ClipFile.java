package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/// Opens clips by what they are.
public final class ClipFile {
    private ClipFile() {}

    /// Whether a file, or a folder of pictures, is a clip by its name.
    public static boolean isClip(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return name.endsWith(".y4m") || PictureClip.isPicture(file) || VideoClip.isVideo(file);
    }

    /// Opens a clip: Y4M, a common video file, a folder of numbered PNG pictures, or one picture of it.
    /// What is given must be closed.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    public static Clip open(Path file) throws IOException, InputException {
        Clip clip = openWhatIsLeft(file);
        if (clip instanceof Y4mClip && !clip.missing().isEmpty()) {
            clip.close();
            throw new InputException(file, 0, 0, clip.missing(), "a whole one: copy the clip again");
        }
        return clip;
    }

    /// The same, but a clip whose last picture is cut off is opened without it: [Clip#missing()] says so.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    public static Clip openWhatIsLeft(Path file) throws IOException, InputException {
        if (Files.isDirectory(file)) {
            return PictureClip.open(file);
        }
        Path folder = file.toAbsolutePath().getParent();
        if (PictureClip.isPicture(file) && folder != null) {
            return PictureClip.open(folder);
        }
        return VideoClip.isVideo(file) ? VideoClip.open(file) : Y4mClip.open(file);
    }

    /// Opens a folder into which a recorder writes numbered PNG pictures; empty as long as none may be
    /// whole.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    public static Optional<GrowingClip> follow(Path folder) throws IOException, InputException {
        if (!Files.isDirectory(folder)) {
            throw new InputException(folder, 0, 0, "no folder", "the folder that the recorder writes pictures into");
        }
        boolean any = PictureClip.pictures(folder).size() > GrowingClip.UNFINISHED;
        return any ? Optional.of(PictureClip.open(folder)) : Optional.empty();
    }
}
