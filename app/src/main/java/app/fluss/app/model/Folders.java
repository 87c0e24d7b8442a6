package app.fluss.app.model;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/// Folders for files that last until they are kept.
final class Folders {
    private Folders() {}

    /// Deletes a folder with the files in it.
    static void delete(Path folder) throws IOException {
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }
}
