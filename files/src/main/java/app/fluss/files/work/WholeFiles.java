package app.fluss.files.work;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import org.jspecify.annotations.Nullable;

/// Files that are written beside their place and take it once they are whole: a full disk, a stop or a fault leaves
/// what was there before.
public final class WholeFiles {
    private static final String UNFINISHED = ".unfinished";

    private WholeFiles() {}

    /// Writes something.
    ///
    /// @param <E> what else may go wrong; it is passed on
    @FunctionalInterface
    public interface Writing<E extends Exception> {
        /// Writes it.
        ///
        /// @param place a file, or a folder that is there
        void to(Path place) throws IOException, E;
    }

    /// Writes a file. A device is written to as it is, and so is a file whose folder is protected.
    ///
    /// @throws UnwritableException if that cannot be done
    public static <E extends Exception> void file(Path file, Writing<E> writing) throws UnwritableException, E {
        try {
            Path place = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
            boolean device = Files.exists(place) && !Files.isRegularFile(place);
            if (device || !Files.isWritable(place.getParent())) {
                writing.to(place);
                return;
            }
            Path own = place.resolveSibling(
                    UNFINISHED + "-" + ProcessHandle.current().pid() + "-" + place.getFileName());
            try {
                writing.to(own);
                Files.move(own, place, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(own);
            }
        } catch (IOException e) {
            throw new UnwritableException(file, e);
        }
    }

    /// Writes files into a folder, which is made if it is not there. Those of the same names are replaced once all are
    /// whole, others are left.
    ///
    /// @param writing is given a folder to write into, and may make folders in it
    /// @throws UnwritableException if that cannot be done
    public static <E extends Exception> void folder(Path folder, Writing<E> writing) throws UnwritableException, E {
        boolean made = !Files.exists(folder);
        try {
            Files.createDirectories(folder);
            Path own = Files.createTempDirectory(folder, UNFINISHED);
            try {
                writing.to(own);
                Files.walkFileTree(own, new Moving(own, folder));
            } finally {
                Files.walkFileTree(own, new Removing());
            }
        } catch (IOException e) {
            UnwritableException fault = new UnwritableException(folder, e);
            if (made) {
                try {
                    Files.deleteIfExists(folder);
                } catch (IOException left) {
                    fault.addSuppressed(left);
                }
            }
            throw fault;
        }
    }

    private static final class Moving extends SimpleFileVisitor<Path> {
        private final Path from;
        private final Path to;

        Moving(Path from, Path to) {
            this.from = from;
            this.to = to;
        }

        @Override
        public FileVisitResult preVisitDirectory(Path folder, BasicFileAttributes attributes) throws IOException {
            Files.createDirectories(to.resolve(from.relativize(folder)));
            return FileVisitResult.CONTINUE;
        }

        @Override
        public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
            Files.move(file, to.resolve(from.relativize(file)), StandardCopyOption.REPLACE_EXISTING);
            return FileVisitResult.CONTINUE;
        }
    }

    private static final class Removing extends SimpleFileVisitor<Path> {
        @Override
        public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
            Files.delete(file);
            return FileVisitResult.CONTINUE;
        }

        @Override
        public FileVisitResult postVisitDirectory(Path folder, @Nullable IOException fault) throws IOException {
            Files.delete(folder);
            return FileVisitResult.CONTINUE;
        }
    }
}
