package app.fluss.app.theme;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import org.jspecify.annotations.Nullable;

/// The system's file choosers. Each begins in the folder in which the last choice was made, at first in that
/// of the open study. Lives on the interface thread.
public final class FileChoice {
    private static @Nullable File folder;

    private FileChoice() {}

    /// A chooser of files of some kinds.
    public static FileChooser files(String title, ExtensionFilter... kinds) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(kinds);
        chooser.setInitialDirectory(begin());
        return chooser;
    }

    /// A chooser of folders.
    public static DirectoryChooser folders(String title) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        chooser.setInitialDirectory(begin());
        return chooser;
    }

    /// Files whose names end so, in small letters or in large ones.
    ///
    /// @param endings without a point
    public static ExtensionFilter kind(String title, String... endings) {
        return new ExtensionFilter(
                title,
                Stream.of(endings)
                        .flatMap(ending -> Stream.of("*." + ending, "*." + ending.toUpperCase(Locale.ROOT)))
                        .toList());
    }

    /// What was chosen; the next choice begins there.
    public static Optional<Path> chosen(@Nullable File file) {
        if (file == null) {
            return Optional.empty();
        }
        if (file.isDirectory()) {
            folder = file;
        } else {
            beginBeside(file.toPath());
        }
        return Optional.of(file.toPath());
    }

    /// What was chosen together.
    public static List<Path> chosen(@Nullable List<File> files) {
        return files == null
                ? List.of()
                : files.stream().flatMap(file -> chosen(file).stream()).toList();
    }

    /// Lets the next choice begin where a file is.
    public static void beginBeside(Path file) {
        folder = file.toFile().getAbsoluteFile().getParentFile();
    }

    /// A folder that is gone is no place to begin.
    private static @Nullable File begin() {
        File there = folder;
        return there != null && there.isDirectory() ? there : null;
    }
}
