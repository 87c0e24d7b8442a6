package app.fluss.files.log;

import app.fluss.core.work.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/// Reads frame logs from CSV. Either the whole log is read or none of it.
///
/// A large plain log is read in blocks, several at once; the result is the same as in one go.
public final class LogImport {
    private final Path file;
    private final Sample sample;
    private final LogLayout layout;
    private final ImportOptions options;
    private final Progress progress;

    private LogImport(Path file, Sample sample, ImportOptions options, Progress progress) throws InputException {
        this.file = file;
        this.sample = sample;
        this.layout = LogLayout.of(file, sample, options);
        this.options = options;
        this.progress = progress;
    }

    /// Reads a log.
    ///
    /// @throws InputException if the file cannot be used: it says where and why
    /// @throws IOException if the file cannot be read
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static ImportedLog read(Path file, ImportOptions options, Progress progress)
            throws IOException, InputException {
        return new LogImport(file, Sample.read(file), options, progress).read();
    }

    private ImportedLog read() throws IOException, InputException {
        Columns columns = layout.columns();
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            long start = layout.dataStart(channel);
            long size = channel.size();
            int expected = expectedRows(channel, start, size, columns);
            RowStore store = columns.store(expected);
            if (sample.dialect().quoted()) {
                new QuotedParser(file, columns, sample.dialect(), store)
                        .parse(start, layout.linesBefore(), expected, progress);
                return layout.assemble(store, options, 0, false);
            }
            WholeOrigin origin = WholeOrigin.in(sample);
            try {
                if (size - start < LogBlocks.WORTH_IT) {
                    BlockParser parser = new BlockParser(file, columns, sample.dialect(), store, origin);
                    parser.parse(channel, start, size, progress);
                    return layout.assemble(store, options, parser.blankLines(), parser.truncated());
                }
                LogBlocks blocks = new LogBlocks(
                        rows -> new BlockParser(file, columns, sample.dialect(), rows, origin), columns, channel);
                blocks.parse(start, size, store, progress);
                return layout.assemble(store, options, blocks.blankLines(), blocks.truncated());
            } catch (InputException e) {
                throw e.movedDown(layout.linesBefore());
            }
        }
    }

    /// Mean length of a row: in a long log that of rows in its middle, for times have fewer digits at its beginning.
    private double bytesPerRow(FileChannel channel, long start, long size) throws IOException {
        if (size - start < LogBlocks.WORTH_IT) {
            return sample.bytesPerRow();
        }
        ByteBuffer middle = ByteBuffer.allocate(1 << 16);
        int bytes = channel.read(middle, start + (size - start) / 2);
        int rows = 0;
        for (int i = 0; i < bytes; i++) {
            rows += middle.get(i) == '\n' ? 1 : 0;
        }
        return rows == 0 ? sample.bytesPerRow() : (double) bytes / rows;
    }

    /// Refuses a log that would not fit into memory before any of it is read.
    private int expectedRows(FileChannel channel, long start, long size, Columns columns)
            throws IOException, InputException {
        double rows = (size - start) / Math.max(2, bytesPerRow(channel, start, size)) * 1.02 + 16;
        double memory = rows * columns.bytesPerRow();
        if (rows > Integer.MAX_VALUE - 16 || memory > options.memoryLimitBytes()) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "about %.0f rows, which need %.0f MB".formatted(rows, memory / 1e6),
                    "at most %.0f MB: cut the log, leave columns out, or give Fluss more memory"
                            .formatted(options.memoryLimitBytes() / 1e6));
        }
        return (int) rows;
    }
}
