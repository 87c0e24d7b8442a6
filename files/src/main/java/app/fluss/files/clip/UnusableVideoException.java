package app.fluss.files.clip;

/// A video that cannot be used, told from one process to another.
final class UnusableVideoException extends Exception {
    private static final long serialVersionUID = 1;

    private final String seen;
    private final String expected;

    UnusableVideoException(String seen, String expected) {
        super(seen);
        this.seen = seen;
        this.expected = expected;
    }

    String seen() {
        return seen;
    }

    String expected() {
        return expected;
    }
}
