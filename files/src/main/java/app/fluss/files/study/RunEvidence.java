package app.fluss.files.study;

import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;

/// Evidence on its way into a study, with the file as it came.
///
/// @param kind what it is
/// @param raw the file as it came
/// @param read what was read from it
public record RunEvidence<R>(EvidenceKind<R, ?> kind, Path raw, R read) {
    /// Reads a file as it is usually read.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    public static <R> RunEvidence<R> of(EvidenceKind<R, ?> kind, Path raw, Progress progress)
            throws IOException, InputException {
        return new RunEvidence<>(kind, raw, kind.read(raw, progress));
    }

    EvidenceKind.Rows pack(Packing packing) throws IOException {
        return kind.pack(read, packing);
    }
}
