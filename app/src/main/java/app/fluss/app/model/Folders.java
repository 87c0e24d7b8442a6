package app.fluss.app.model;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;

/// Folders for files that last until they are kept.
final class Folders {
    private Folders() {}

    /// Deletes a folder with all in it.
    static void delete(Path folder) throws IOException {
        try (var inside = Files.walk(folder)) {
            for (Path one : inside.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        }
    }
}
