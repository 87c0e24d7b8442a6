package app.fluss.files.log;

import app.fluss.core.work.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;

/// Parses the rows of a plain log in blocks of whole lines, as many at a time as there are processors, and puts
/// them together in the order of the file. The result, and the fault that is told, are those of one go.
final class LogBlocks {
    /// Below this many bytes one go is as fast.
    static final long WORTH_IT = 8L << 20;

    private static final long BLOCK = 2L << 20;
    private static final int MOST_WORKERS = 8;

    private final Function<RowStore, BlockParser> parser;
    private final Columns columns;
    private final FileChannel channel;
    private final Deque<RowStore> spare = new ArrayDeque<>();
    private long lines;
    private int blankLines;
    private boolean truncated;

    /// @param parser makes one that fills a store
    LogBlocks(Function<RowStore, BlockParser> parser, Columns columns, FileChannel channel) {
        this.parser = parser;
        this.columns = columns;
        this.channel = channel;
    }

    int blankLines() {
        return blankLines;
    }

    boolean truncated() {
        return truncated;
    }

    /// Parses the bytes `[start, end)`, which begin at the start of a line, into a store.
    ///
    /// @throws InputException with a line number counted from the start of the range
    void parse(long start, long end, RowStore whole, Progress progress) throws IOException, InputException {
        int workers = Math.min(MOST_WORKERS, Runtime.getRuntime().availableProcessors());
        ExecutorService pool = Executors.newFixedThreadPool(workers);
        try {
            Deque<Future<Block>> ahead = new ArrayDeque<>();
            long from = start;
            while (from < end || !ahead.isEmpty()) {
                while (from < end && ahead.size() < 2 * workers) {
                    long first = from;
                    long to = Math.min(end, lineStartAfter(from + BLOCK));
                    RowStore rows = spare.isEmpty() ? columns.store(0) : spare.pop();
                    ahead.add(pool.submit(() -> block(first, to, rows)));
                    from = to;
                }
                take(ahead.remove(), whole);
                progress.check((double) (from - start) / (end - start));
            }
        } finally {
            pool.shutdownNow();
        }
    }

    /// Part of the log, parsed.
    private record Block(BlockParser parser, RowStore rows) {}

    private Block block(long from, long to, RowStore rows) throws IOException, InputException {
        BlockParser parsing = parser.apply(rows);
        parsing.parse(channel, from, to, Progress.NONE);
        return new Block(parsing, rows);
    }

    private void take(Future<Block> next, RowStore whole) throws IOException, InputException {
        try {
            Block block = next.get();
            Optional<RowStore.Excess> excess = whole.append(block.rows);
            if (excess.isPresent()) {
                throw block.parser.tooManyWords(excess.get()).movedDown(lines);
            }
            lines += block.parser.lines();
            blankLines += block.parser.blankLines();
            truncated |= block.parser.truncated();
            block.rows.clear();
            spare.push(block.rows);
        } catch (ExecutionException e) {
            switch (e.getCause()) {
                case InputException fault -> throw fault.movedDown(lines);
                case IOException fault -> throw fault;
                case RuntimeException fault -> throw fault;
                case Error fault -> throw fault;
                case null, default -> throw new IllegalStateException(e.getCause());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("reading was interrupted", e);
        }
    }

    /// Where the first line begins after a place; where there is none near, a place from which the parser refuses
    /// the line that is too long.
    private long lineStartAfter(long from) throws IOException {
        ByteBuffer buffer = ByteBuffer.allocate(1 << 12);
        long position = from;
        while (position - from <= BLOCK && channel.read(buffer.clear(), position) > 0) {
            for (int i = 0; i < buffer.position(); i++) {
                position++;
                if (buffer.get(i) == '\n') {
                    return position;
                }
            }
        }
        return position;
    }
}
