package app.fluss.files.log;

import app.fluss.core.work.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;

/// Reads frame logs from CSV. Either the whole log is read or none of it.
///
/// A large plain log is read in two halves at once; the result is the same as in one go.
public final class LogImport {
    private static final long WORTH_HALVING_BYTES = 32L << 20;
    private static final int BLOCK = 1 << 16;

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
            int expected = expectedRows(size - start, columns);
            RowStore store;
            int blank = 0;
            boolean truncated = false;
            if (sample.dialect().quoted()) {
                store = columns.store(expected);
                new QuotedParser(file, columns, sample.dialect(), store)
                        .parse(start, layout.linesBefore(), expected, progress);
            } else {
                Halves halves = parse(channel, columns, start, size, expected);
                store = halves.store;
                blank = halves.blankLines;
                truncated = halves.truncated;
            }
            return layout.assemble(store, options, blank, truncated);
        }
    }

    /// Refuses a log that would not fit into memory before any of it is read.
    private int expectedRows(long bytes, Columns columns) throws InputException {
        double rows = bytes / Math.max(2, sample.bytesPerRow()) * 1.02 + 16;
        double memory = rows * columns.bytesPerRow();
        if (rows > Integer.MAX_VALUE - 16 || memory > options.memoryLimitBytes()) {
            throw new InputException(
                    file,
                    0,
                    0,
                    "about %.0f million rows, which need %.0f MB".formatted(rows / 1e6, memory / 1e6),
                    "at most %.0f MB: cut the log, leave columns out, or give Fluss more memory"
                            .formatted(options.memoryLimitBytes() / 1e6));
        }
        return (int) rows;
    }

    private Halves parse(FileChannel channel, Columns columns, long start, long size, int expected)
            throws IOException, InputException {
        WholeOrigin origin = WholeOrigin.in(sample);
        if (size - start < WORTH_HALVING_BYTES) {
            RowStore store = columns.store(expected);
            BlockParser parser = new BlockParser(file, columns, sample.dialect(), store, origin);
            run(parser, channel, start, size, layout.linesBefore(), progress);
            return new Halves(store, parser.blankLines(), parser.truncated());
        }
        long middle = lineStartAfter(channel, start + (size - start) / 2);
        RowStore first = columns.store(expected);
        RowStore second = columns.store(expected / 2);
        BlockParser before = new BlockParser(file, columns, sample.dialect(), first, origin);
        BlockParser after = new BlockParser(file, columns, sample.dialect(), second, origin);
        CompletableFuture<Void> other = CompletableFuture.runAsync(() -> {
            try {
                run(after, channel, middle, size, 0, _ -> true);
            } catch (IOException | InputException e) {
                throw new CompletionException(e);
            }
        });
        // The first half's fault comes first in the file, so it is the one to tell of.
        run(before, channel, start, middle, layout.linesBefore(), progress);
        join(other, layout.linesBefore() + before.lines());
        first.append(second);
        return new Halves(first, before.blankLines() + after.blankLines(), after.truncated());
    }

    private static void run(
            BlockParser parser, FileChannel channel, long from, long to, long linesBefore, Progress progress)
            throws IOException, InputException {
        try {
            parser.parse(channel, from, to, progress);
        } catch (InputException e) {
            throw e.movedDown(linesBefore);
        }
    }

    private static void join(CompletableFuture<Void> half, long linesBefore) throws IOException, InputException {
        try {
            half.join();
        } catch (CompletionException e) {
            switch (e.getCause()) {
                case InputException fault -> throw fault.movedDown(linesBefore);
                case IOException fault -> throw fault;
                case null, default -> throw e;
            }
        }
    }

    private static long lineStartAfter(FileChannel channel, long from) throws IOException {
        ByteBuffer buffer = ByteBuffer.allocate(BLOCK);
        long position = from;
        while (channel.read(buffer.clear(), position) > 0) {
            for (int i = 0; i < buffer.position(); i++) {
                position++;
                if (buffer.get(i) == '\n') {
                    return position;
                }
            }
        }
        return position;
    }

    /// What the parsers found together.
    private record Halves(RowStore store, int blankLines, boolean truncated) {}
}
