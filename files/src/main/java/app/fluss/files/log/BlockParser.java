package app.fluss.files.log;

import app.fluss.core.work.Progress;
import java.io.IOException;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/// Parses the rows in a range of a plain log, without quotation marks, straight from bytes into primitive
/// columns.
///
/// HOT PATH, written for speed: the file is read in blocks of 1 MiB into one array; [#parseRows] reads digits
/// into a long and divides by a power of ten, which is correctly rounded as long as there are no more than 15
/// digits (both numbers are then exact, Clinger 1990, from memory). Anything else in a cell goes to a library.
final class BlockParser {
    private static final int BLOCK = 1 << 20;
    private static final int EXACT_DIGITS = 15;

    /// A number of this size or above is not exact as a double: time stamps counted in ns from far away.
    private static final long EXACT_WHOLE = 1L << 53;

    private static final int LONG_DIGITS = 18;

    private static final long ONES = 0x0101010101010101L;
    private static final long LINE_FEEDS = '\n' * ONES;
    private static final long RETURNS = '\r' * ONES;

    private static final VarHandle EIGHT_BYTES =
            MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);

    /// Bytes after the text that may be looked at and do not count.
    private static final int SPARE = Long.BYTES;

    private static final long[] WHOLE_POWERS = {1, 10, 100, 1_000, 10_000, 100_000, 1_000_000, 10_000_000, 100_000_000};

    private static final double[] POWERS = new double[EXACT_DIGITS + 1];

    static {
        double power = 1;
        for (int i = 0; i < POWERS.length; i++) {
            POWERS[i] = power;
            power *= 10;
        }
    }

    private final Path file;
    private final int[] targets;
    private final byte separator;
    private final long separators;
    private final byte decimal;
    private final RowStore store;
    private final WholeOrigin origin;
    private long lines;
    private int blankLines;
    private boolean truncated;

    BlockParser(Path file, Columns columns, Dialect dialect, RowStore store, WholeOrigin origin) {
        this.file = file;
        this.targets = columns.targets();
        this.separator = (byte) dialect.separator();
        this.separators = (separator & 0xFF) * ONES;
        this.decimal = (byte) dialect.decimal();
        this.store = store;
        this.origin = origin;
    }

    /// Lines read so far, blank ones included.
    long lines() {
        return lines;
    }

    int blankLines() {
        return blankLines;
    }

    /// Whether the last line broke off and was left out.
    boolean truncated() {
        return truncated;
    }

    /// Parses the bytes `[from, to)` of a file, which begin at the start of a line.
    ///
    /// @throws InputException with a line number counted from the start of the range
    void parse(FileChannel channel, long from, long to, Progress progress) throws IOException, InputException {
        byte[] buffer = new byte[BLOCK + SPARE];
        int kept = 0;
        long position = from;
        while (position < to) {
            int wanted = (int) Math.min(BLOCK - kept, to - position);
            int got = channel.read(ByteBuffer.wrap(buffer, kept, wanted), position);
            if (got <= 0) {
                break;
            }
            position += got;
            int filled = kept + got;
            int end = lastLineEnd(buffer, filled);
            if (end == 0 && filled == BLOCK) {
                throw new InputException(file, lines + 1, 0, "a line longer than 1 MiB", "one row of figures a line");
            }
            parseRows(buffer, end, false);
            kept = filled - end;
            System.arraycopy(buffer, end, buffer, 0, kept);
            progress.check((double) (position - from) / (to - from));
        }
        if (kept > 0) {
            byte[] last = new byte[kept + 1 + SPARE];
            System.arraycopy(buffer, 0, last, 0, kept);
            last[kept] = '\n';
            parseRows(last, kept + 1, true);
        }
    }

    private static int lastLineEnd(byte[] buffer, int filled) {
        int end = filled;
        while (end > 0 && buffer[end - 1] != '\n') {
            end--;
        }
        return end;
    }

    /// Parses whole lines. `unfinished` says that the one line given had no end: it may have been cut off in
    /// the writing.
    private void parseRows(byte[] buffer, int end, boolean unfinished) throws InputException {
        int p = 0;
        while (p < end) {
            byte b = buffer[p];
            if (b == '\n' || b == '\r') {
                int next = b == '\r' && buffer[p + 1] == '\n' ? p + 2 : p + 1;
                blankLines++;
                lines++;
                p = next;
                continue;
            }
            int rowStart = p;
            try {
                p = parseRow(buffer, p);
                store.rows++;
            } catch (InputException e) {
                if (!unfinished) {
                    throw e;
                }
                truncated = true;
                p = nextLine(buffer, rowStart);
            }
            lines++;
        }
    }

    private static int nextLine(byte[] buffer, int from) {
        int p = from;
        while (buffer[p] != '\n') {
            p++;
        }
        return p + 1;
    }

    private int parseRow(byte[] buffer, int start) throws InputException {
        store.reserve();
        int row = store.rows;
        int p = start;
        for (int column = 0; column < targets.length; column++) {
            int target = targets[column];
            int cell = p;
            if (target >= 0) {
                boolean negative = buffer[p] == '-';
                p += negative ? 1 : 0;
                long word = digitsAt(buffer, p);
                int count = leadingDigits(word);
                long mantissa = value(word, count);
                int digits = count;
                p += count;
                while (count == 8 && digits <= LONG_DIGITS) {
                    word = digitsAt(buffer, p);
                    count = leadingDigits(word);
                    mantissa = mantissa * WHOLE_POWERS[count] + value(word, count);
                    digits += count;
                    p += count;
                }
                int fraction = 0;
                if (buffer[p] == decimal) {
                    p++;
                    do {
                        word = digitsAt(buffer, p);
                        count = leadingDigits(word);
                        mantissa = mantissa * WHOLE_POWERS[count] + value(word, count);
                        fraction += count;
                        p += count;
                    } while (count == 8 && fraction <= LONG_DIGITS);
                    digits += fraction;
                }
                byte after = buffer[p];
                boolean ends = after == separator || after == '\n' || after == '\r';
                double value;
                if (ends && p == cell) {
                    value = Double.NaN;
                } else if (ends && digits > 0 && digits <= EXACT_DIGITS) {
                    value = mantissa / POWERS[fraction];
                    value = negative ? -value : value;
                } else {
                    p = cellEnd(buffer, cell);
                    boolean farWhole = ends
                            && !negative
                            && fraction == 0
                            && digits > 0
                            && (digits <= LONG_DIGITS || (digits == LONG_DIGITS + 1 && mantissa > 0))
                            && mantissa >= EXACT_WHOLE;
                    value = farWhole ? origin.since(mantissa) : odd(buffer, cell, p, column);
                }
                store.numbers[target][row] = value;
            } else {
                p = cellEnd(buffer, p);
                if (target != Columns.SKIP) {
                    word(buffer, cell, p, target, row);
                }
            }
            byte after = buffer[p];
            if (column == targets.length - 1) {
                return endOfRow(buffer, p);
            }
            if (after != separator) {
                throw new InputException(
                        file, lines + 1, 0, (column + 1) + " cells", targets.length + " cells as in the header");
            }
            p++;
        }
        return p;
    }

    /// Eight bytes from a position on, each with the bits of '0' taken off: 0 to 9 for a digit.
    private static long digitsAt(byte[] buffer, int position) {
        return (long) EIGHT_BYTES.get(buffer, position) ^ 0x3030303030303030L;
    }

    /// How many of the eight bytes are digits before the first that is none: adding 0x76 carries into the top
    /// bit of a byte that is above 9.
    private static int leadingDigits(long word) {
        long others = ((word + 0x7676767676767676L) | word) & 0x8080808080808080L;
        return Long.numberOfTrailingZeros(others) >>> 3;
    }

    /// The number that the first `count` digits make, joined in pairs, fours and eights by multiplication.
    private static long value(long word, int count) {
        if (count == 0) {
            return 0;
        }
        long digits = word << (64 - 8 * count);
        long pairs = digits * 10 + (digits >>> 8);
        return (((pairs & 0x000000FF000000FFL) * 0x000F424000000064L)
                        + (((pairs >>> 16) & 0x000000FF000000FFL) * 0x0000271000000001L))
                >>> 32;
    }

    /// Where a cell ends. Text ends in a line feed, so there is an end before what does not count.
    private int cellEnd(byte[] buffer, int from) {
        for (int p = from; ; p += Long.BYTES) {
            long word = (long) EIGHT_BYTES.get(buffer, p);
            long ends = zeros(word ^ separators) | zeros(word ^ LINE_FEEDS) | zeros(word ^ RETURNS);
            if (ends != 0) {
                return p + (Long.numberOfTrailingZeros(ends) >>> 3);
            }
        }
    }

    /// The top bit of the first byte that is 0; those of later bytes mean nothing (Mycroft 1987, from memory).
    private static long zeros(long word) {
        return (word - ONES) & ~word & (ONES << 7);
    }

    /// A row may end in one separator too many, as some loggers write it; more cells than that are a fault.
    private int endOfRow(byte[] buffer, int from) throws InputException {
        int p = from;
        if (buffer[p] == separator) {
            p++;
        }
        if (buffer[p] == '\r') {
            p++;
        }
        if (buffer[p] != '\n') {
            throw new InputException(
                    file,
                    lines + 1,
                    targets.length + 1,
                    "more cells than the header has",
                    targets.length + " cells as in the header");
        }
        return p + 1;
    }

    private double odd(byte[] buffer, int from, int to, int column) throws InputException {
        try {
            return Numbers.parse(buffer, from, to, (char) decimal);
        } catch (NumberFormatException e) {
            String found = InputException.quote(new String(buffer, from, to - from, StandardCharsets.UTF_8));
            throw new InputException(file, lines + 1, column + 1, found, "a number or an empty cell");
        }
    }

    private void word(byte[] buffer, int from, int to, int target, int row) throws InputException {
        boolean kind = target == Columns.KIND;
        int code = (kind ? store.kindWords : store.processWords).code(buffer, from, to);
        if (code < 0) {
            throw tooManyWords(lines + 1, target);
        }
        (kind ? store.kinds : store.processes)[row] = (byte) code;
    }

    /// The fault of a word too many that was found when this part was put to others. Blank lines before it are
    /// not counted.
    InputException tooManyWords(RowStore.Excess excess) {
        return tooManyWords(excess.row() + 1, excess.target());
    }

    private InputException tooManyWords(long line, int target) {
        int column = 1;
        while (targets[column - 1] != target) {
            column++;
        }
        return new InputException(
                file,
                line,
                column,
                "more than " + Dictionary.MOST_WORDS + " different words",
                target == Columns.KIND ? "a few words that say the kind of image" : "a few names of programs");
    }
}
