package app.fluss.files.study;

/// A study that cannot be opened, read or written, in words for the user.
public final class StudyException extends Exception {
    private static final long serialVersionUID = 1L;

    StudyException(String message) {
        super(message);
    }

    StudyException(String message, Throwable cause) {
        super(message, cause);
    }
}
