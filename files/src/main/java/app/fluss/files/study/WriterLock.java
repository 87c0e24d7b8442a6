package app.fluss.files.study;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// Held by the one window that may write a study. The system gives it back when a program ends, however it
/// ends.
final class WriterLock implements AutoCloseable {
    private final FileChannel channel;
    private final FileLock lock;

    private WriterLock(FileChannel channel, FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    /// Takes the lock, or nothing if somebody has it or the folder cannot be written.
    static Optional<WriterLock> take(Path study) {
        Path beside = study.resolveSibling("." + study.getFileName() + ".lock");
        FileChannel channel = null;
        try {
            channel = FileChannel.open(beside, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return Optional.of(new WriterLock(channel, lock));
            }
            channel.close();
            return Optional.empty();
        } catch (IOException | OverlappingFileLockException e) {
            closeQuietly(channel);
            return Optional.empty();
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
