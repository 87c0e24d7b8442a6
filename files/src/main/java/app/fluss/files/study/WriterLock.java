package app.fluss.files.study;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/// Held by the one window that may write a study. It stands beside the file that a name really leads to, so that two
/// names of one study have one lock; never on the study itself, for closing any descriptor of that would drop SQLite's
/// own locks. The system gives it back when a program ends, however it ends.
final class WriterLock implements AutoCloseable {
    private final FileChannel channel;
    private final FileLock lock;

    private WriterLock(FileChannel channel, FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    /// A lock, or why there is none.
    sealed interface Taken {
        /// The study may be written.
        record Lock(WriterLock lock) implements Taken {}

        /// It may only be read.
        record Refused(ReadOnlyReason reason) implements Taken {}
    }

    /// Takes the lock of a study.
    ///
    /// @param real the study's file, symbolic links resolved
    static Taken take(Path real) {
        if (links(real) > 1) {
            return new Taken.Refused(ReadOnlyReason.SEVERAL_NAMES);
        }
        if (Files.exists(real) && !Files.isWritable(real)) {
            return new Taken.Refused(ReadOnlyReason.MEDIUM);
        }
        FileChannel channel = null;
        try {
            channel = FileChannel.open(
                    real.resolveSibling("." + real.getFileName() + ".lock"),
                    StandardOpenOption.CREATE,
                    StandardOpenOption.WRITE);
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return new Taken.Lock(new WriterLock(channel, lock));
            }
            channel.close();
            return new Taken.Refused(ReadOnlyReason.OTHER_WINDOW);
        } catch (OverlappingFileLockException e) {
            closeQuietly(channel);
            return new Taken.Refused(ReadOnlyReason.OTHER_WINDOW);
        } catch (IOException e) {
            closeQuietly(channel);
            return new Taken.Refused(ReadOnlyReason.MEDIUM);
        }
    }

    /// How many names a file has; 1 where the system does not say.
    private static int links(Path file) {
        try {
            return Files.getAttribute(file, "unix:nlink") instanceof Integer links ? links : 1;
        } catch (IOException | UnsupportedOperationException | IllegalArgumentException e) {
            return 1;
        }
    }

    private static void closeQuietly(@Nullable FileChannel channel) {
        try {
            if (channel != null) {
                channel.close();
            }
        } catch (IOException e) {
            // The lock is not ours either way.
        }
    }

    @Override
    public void close() throws IOException {
        lock.release();
        channel.close();
    }
}
