package app.fluss.files.work;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;

/// A place that cannot be written to. The message names the place, what is wrong and what to do.
public final class UnwritableException extends IOException {
    private static final long serialVersionUID = 1;

    /// @param place file or folder
    public UnwritableException(Path place, IOException cause) {
        super("%s cannot be written: %s".formatted(place, words(cause)), cause);
    }

    private static String words(IOException cause) {
        return switch (cause) {
            case NoSuchFileException _ -> "its folder is not there. Choose another place.";
            case AccessDeniedException _ -> "it is protected. Choose another place.";
            case FileAlreadyExistsException e -> "%s is no folder. Choose another place.".formatted(e.getFile());
            case NotDirectoryException e -> "%s is no folder. Choose another place.".formatted(e.getFile());
            default -> "%s. Make room there, or choose another place.".formatted(cause.getMessage());
        };
    }
}
