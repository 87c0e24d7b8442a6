package app.fluss.files.log;

import java.nio.file.Path;

/// Input that cannot be used: where, what was found, what was expected.
public final class InputException extends Exception {
    private static final long serialVersionUID = 1L;
    private static final int LONGEST_FOUND = 40;

    private final String file;
    private final long line;
    private final int column;
    private final String found;
    private final String expected;

    /// @param line 1-based; 0 where the whole file is meant
    /// @param column 1-based number of the cell in its line; 0 where the whole line is meant
    /// @param found what stands there
    /// @param expected what should, and what to do about it
    public InputException(Path file, long line, int column, String found, String expected) {
        this(
                file.getFileName() == null
                        ? file.toString()
                        : file.getFileName().toString(),
                line,
                column,
                found,
                expected);
    }

    private InputException(String file, long line, int column, String found, String expected) {
        super(describe(file, line, column, found, expected));
        this.file = file;
        this.line = line;
        this.column = column;
        this.found = found;
        this.expected = expected;
    }

    private static String describe(String file, long line, int column, String found, String expected) {
        StringBuilder text = new StringBuilder(file);
        if (line > 0) {
            text.append(", line ").append(line);
        }
        if (column > 0) {
            text.append(", column ").append(column);
        }
        return text.append(": found ")
                .append(found)
                .append("; expected ")
                .append(expected)
                .toString();
    }

    /// The same fault, so many lines further down; one of the whole file stays.
    InputException movedDown(long lines) {
        return line == 0 ? this : new InputException(file, line + lines, column, found, expected);
    }

    /// Text from a file, shortened and made printable, in quotes.
    public static String quote(String text) {
        String shown = text.length() > LONGEST_FOUND ? text.substring(0, LONGEST_FOUND) + "…" : text;
        return "'" + shown.replaceAll("\\p{Cntrl}", "?") + "'";
    }

    /// What stands there.
    public String found() {
        return found;
    }

    /// 1-based line; 0 where the whole file is meant.
    public long line() {
        return line;
    }

    /// 1-based number of the cell in its line; 0 where the whole line is meant.
    public int column() {
        return column;
    }
}
