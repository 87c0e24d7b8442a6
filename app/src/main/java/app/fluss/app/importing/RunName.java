package app.fluss.app.importing;

import java.nio.file.Path;

/// The name that is proposed for a run: its file's, without the ending.
final class RunName {
    private RunName() {}

    static String of(Path file) {
        return String.valueOf(file.getFileName()).replaceFirst("\\.[^.]*$", "");
    }
}
