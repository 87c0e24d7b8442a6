package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Grade;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/// The frames of a run.
final class FrameLogKind extends EvidenceKind<ImportedLog, FrameLog> {
    FrameLogKind() {
        super("frame log", "frame_log", Optional.of(Grade.B));
    }

    @Override
    public boolean tells(Candidate file) throws IOException, InputException {
        return !file.sample().header().isEmpty(); // whatever is a table: its columns are mapped
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
