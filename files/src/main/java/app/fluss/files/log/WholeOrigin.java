package app.fluss.files.log;

/// What is taken off whole numbers that are too large to be exact as a double, such as ns since 1970: the first
/// of them in the file, so that what is left is exact. All columns share it, for their differences count.
final class WholeOrigin {
    private final long origin;

    private WholeOrigin(long origin) {
        this.origin = origin;
    }

    /// Finds it in the first rows of a file.
    static WholeOrigin in(Sample sample) {
        for (var row : sample.rows()) {
            for (String cell : row) {
                if (cell.matches("\\d{16,18}")) {
                    return new WholeOrigin(Long.parseLong(cell));
                }
                if (cell.matches("[1-8]\\d{18}")) {
                    return new WholeOrigin(Long.parseLong(cell));
                }
            }
        }
        return new WholeOrigin(0);
    }

    double since(long value) {
        return value - origin;
    }
}
