package app.fluss.files.study;

import java.io.IOException;

/// Carries a fault of a raw file out of the step, which is then rolled back.
final class RawEvidenceException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /// What was wrong with the file.
    final IOException reason;

    RawEvidenceException(IOException reason) {
        super(reason);
        this.reason = reason;
    }
}
