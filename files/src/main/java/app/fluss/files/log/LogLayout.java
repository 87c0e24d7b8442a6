package app.fluss.files.log;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.stream.Collectors;

/// How one log is to be read: its dialect, what its columns mean, and where its rows begin.
///
/// @param file the log
/// @param dialect how it is laid out
/// @param mapping what its columns mean
/// @param guessed whether nobody has confirmed that
/// @param why what speaks for the guess; empty if it is none
/// @param columns where their values go
record LogLayout(Path file, Dialect dialect, Mapping mapping, boolean guessed, String why, Columns columns) {
    private static final int BLOCK = 1 << 16;

    /// @throws InputException if the mapping does not fit or gives no time
    static LogLayout of(Path file, Sample sample, ImportOptions options) throws InputException {
        MappingGuess guess = MappingGuess.of(sample);
        Mapping mapping = options.mapping().orElseGet(guess::mapping);
        check(file, sample, mapping);
        boolean guessed = options.mapping().isEmpty() && !guess.certain();
        if (guessed && !guess.rivals().isEmpty()) {
            throw new InputException(
                    file,
                    sample.dialect().headerLine(),
                    0,
                    "columns that can be read in two ways: "
                            + guess.rivals().stream().map(TimeChoice::text).collect(Collectors.joining(" or ")),
                    "one; state which in a mapping");
        }
        return new LogLayout(
                file, sample.dialect(), mapping, guessed, guessed ? guess.why() : "", new Columns(mapping));
    }

    private static void check(Path file, Sample sample, Mapping mapping) throws InputException {
        if (!mapping.header().equals(sample.header())) {
            throw new InputException(
                    file,
                    sample.dialect().headerLine(),
                    0,
                    "the columns " + String.join(", ", sample.header()),
                    "those of the mapping: " + String.join(", ", mapping.header()));
        }
        if (!mapping.hasTime()) {
            throw new InputException(
                    file,
                    sample.dialect().headerLine(),
                    0,
                    "no column of present or frame times among " + String.join(", ", sample.header()),
                    "one; state it in a mapping");
        }
    }

    /// Lines before the first row.
    int linesBefore() {
        return dialect.headerLine() - (dialect.hasHeader() ? 0 : 1);
    }

    /// The position after the preamble and the header.
    long dataStart(FileChannel channel) throws IOException {
        int lines = linesBefore();
        long position = dialect.byteOrderMark();
        ByteBuffer buffer = ByteBuffer.allocate(BLOCK);
        while (lines > 0 && channel.read(buffer.clear(), position) > 0) {
            for (int i = 0; i < buffer.position() && lines > 0; i++) {
                position++;
                lines -= buffer.get(i) == '\n' ? 1 : 0;
            }
        }
        return position;
    }

    /// Makes the log of parsed rows, which are used up.
    ImportedLog assemble(RowStore store, ImportOptions options, int blankLines, boolean truncated)
            throws InputException {
        return new LogAssembly(file, columns, mapping, store)
                .assemble(options.process(), blankLines, truncated, guessed, why);
    }
}
