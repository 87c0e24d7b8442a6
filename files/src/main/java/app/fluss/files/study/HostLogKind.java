package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/// The frames of a stream's host.
final class HostLogKind extends EvidenceKind<ImportedLog, FrameLog> {
    HostLogKind() {
        super("host log", "host_log", Optional.empty());
    }

    @Override
    public boolean tells(Candidate file) {
        return false; // it looks like any frame log: the analyst says that it is the host's
    }

    @Override
    public ImportedLog read(Path file, Progress progress) throws IOException, InputException {
        return ParsedLogs.read(file, progress);
    }

    @Override
    Rows pack(ImportedLog read, Packing packing) throws IOException {
        return ParsedLogs.pack(table(), read, packing);
    }

    @Override
    FrameLog load(Kept kept, Attached attached) throws StudyException {
        return ParsedLogs.load(kept, attached);
    }

    @Override
    boolean isAsKept(Kept kept, Attached attached, Path raw) throws StudyException, IOException, InputException {
        return ParsedLogs.isAsKept(kept, attached, raw);
    }
}
