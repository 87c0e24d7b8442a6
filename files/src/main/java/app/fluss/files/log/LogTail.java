package app.fluss.files.log;

import app.fluss.core.work.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// Follows a log that another program is still writing. What it gives at the end is what [LogImport] gives of the
/// whole file: as long as the file is shorter than what its layout is told from, it is read anew each time; from
/// then on only the lines that were added are.
///
/// Not safe for threads.
public final class LogTail {
    private static final int BLOCK = 1 << 16;
    private static final int HEAD = 256;

    private final Path file;
    private final ImportOptions options;
    private byte[] head = {};
    private @Nullable Object identity;
    private long size;
    private @Nullable Following following;
    private @Nullable ImportedLog whole;
    private @Nullable InputException waitsFor;

    /// @param file the log; it need not hold a row yet
    public LogTail(Path file, ImportOptions options) {
        this.file = file;
        this.options = options;
    }

    /// What happened to the file since it was last looked at.
    public enum Change {
        /// Nothing.
        NONE,
        /// Something was added.
        GREW,
        /// It was cut, rotated or replaced; what was read before is forgotten.
        STARTED_ANEW
    }

    /// Looks at the file and reads what was added.
    ///
    /// @throws InputException if a line that was added cannot be used
    /// @throws IOException if the file cannot be read, or is gone
    public Change poll() throws IOException, InputException {
        BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
        byte[] begins = head();
        boolean anew = size > 0
                && (now.size() < size
                        || !Objects.equals(identity, now.fileKey())
                        || !Arrays.equals(head, Arrays.copyOf(begins, Math.min(head.length, begins.length))));
        if (anew) {
            following = null;
            whole = null;
        } else if (now.size() == size) {
            return Change.NONE;
        }
        head = begins;
        identity = now.fileKey();
        size = now.size();
        readOn();
        return anew ? Change.STARTED_ANEW : Change.GREW;
    }

    private byte[] head() throws IOException {
        try (var in = Files.newInputStream(file)) {
            return in.readNBytes(HEAD);
        }
    }

    private void readOn() throws IOException, InputException {
        waitsFor = null;
        if (following == null && size > Sample.BYTES) {
            Sample sample = Sample.read(file);
            if (!sample.dialect().quoted()) {
                following = new Following(file, sample, options);
                whole = null;
            }
        }
        if (following != null) {
            following.readOn(size);
            return;
        }
        try {
            whole = LogImport.read(file, options, Progress.NONE);
        } catch (InputException e) {
            // A log of a few lines may not look like one yet; what is wrong is told if it stays so.
            whole = null;
            waitsFor = e;
        }
    }

    /// The log as far as it is written; empty if there is nothing to be read yet.
    public Optional<ImportedLog> log() throws InputException {
        return following != null ? Optional.of(following.log()) : Optional.ofNullable(whole);
    }

    /// The log once nothing more comes: its last line counts too, even if it has no end.
    ///
    /// @throws InputException if there is no log
    public ImportedLog finish() throws IOException, InputException {
        poll();
        if (following != null) {
            following.finish();
            return following.log();
        }
        if (waitsFor != null) {
            throw waitsFor;
        }
        return whole != null ? whole : LogImport.read(file, options, Progress.NONE);
    }

    /// A log whose layout is known for good, with the rows read so far.
    private static final class Following {
        private final LogLayout layout;
        private final ImportOptions options;
        private final RowStore rows;
        private final BlockParser parser;
        private long position;

        Following(Path file, Sample sample, ImportOptions options) throws IOException, InputException {
            this.layout = LogLayout.of(file, sample, options);
            this.options = options;
            this.rows = layout.columns().store(1 << 12);
            this.parser = new BlockParser(file, layout.columns(), sample.dialect(), rows, WholeOrigin.in(sample));
            try (FileChannel channel = open()) {
                position = layout.dataStart(channel);
            }
        }

        private FileChannel open() throws IOException {
            return FileChannel.open(layout.file(), StandardOpenOption.READ);
        }

        /// Reads the whole lines up to a size that the file had.
        void readOn(long size) throws IOException, InputException {
            try (FileChannel channel = open()) {
                parse(channel, lineEndBefore(channel, size));
            }
        }

        void finish() throws IOException, InputException {
            try (FileChannel channel = open()) {
                parse(channel, channel.size());
            }
        }

        private void parse(FileChannel channel, long to) throws IOException, InputException {
            if (to <= position) {
                return;
            }
            // Rows are held twice while the log is made of them.
            double memory = 2.0 * rows.rows * layout.columns().bytesPerRow();
            if (memory > options.memoryLimitBytes()) {
                throw new InputException(
                        layout.file(),
                        0,
                        0,
                        "%.1f million rows".formatted(rows.rows / 1e6),
                        "fewer: stop the logger, or give Fluss more memory");
            }
            try {
                parser.parse(channel, position, to, Progress.NONE);
            } catch (InputException e) {
                throw e.movedDown(layout.linesBefore());
            }
            position = to;
        }

        private long lineEndBefore(FileChannel channel, long size) throws IOException {
            ByteBuffer buffer = ByteBuffer.allocate(BLOCK);
            long end = size;
            while (end > position) {
                long from = Math.max(position, end - BLOCK);
                channel.read(buffer.clear().limit((int) (end - from)), from);
                for (int i = buffer.position() - 1; i >= 0; i--) {
                    if (buffer.get(i) == '\n') {
                        return from + i + 1;
                    }
                }
                end = from;
            }
            return position;
        }

        ImportedLog log() throws InputException {
            return layout.assemble(rows.copy(), options, parser.blankLines(), parser.truncated());
        }
    }
}
