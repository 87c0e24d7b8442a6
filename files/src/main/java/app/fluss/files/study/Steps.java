package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;

/// Reads and changes the rows of a study, one thread at a time; each change is one step that can be undone.
final class Steps {
    private final Path file;
    private final boolean readOnly;
    private final Sql sql;
    private final UndoLog undo;

    Steps(Path file, Connection connection, boolean readOnly) {
        this.file = file;
        this.readOnly = readOnly;
        this.sql = new Sql(connection);
        this.undo = new UndoLog(connection);
    }

    Sql sql() {
        return sql;
    }

    /// Does work as one step.
    ///
    /// @param label what the step is called, for undo
    /// @throws StudyException if the study is read-only, or the work fails; then nothing has changed
    synchronized <T> T change(String label, UndoLog.Work<T> work) throws StudyException {
        requireWritable();
        return read(() -> undo.step(label, work));
    }

    /// Does work that keeps a raw file as one step.
    ///
    /// @throws StudyException if the study is read-only, or the work fails; then nothing has changed
    /// @throws IOException if the file cannot be read; then nothing has changed
    <T> T changeFromFile(String label, UndoLog.Work<T> work) throws StudyException, IOException {
        try {
            return change(label, work);
        } catch (RawEvidenceException e) {
            throw e.reason;
        }
    }

    /// Does work that changes no row, or undoes or redoes a step.
    synchronized <T> T read(UndoLog.Work<T> work) throws StudyException {
        try {
            return work.run();
        } catch (SQLException e) {
            throw StudyFile.explain(file, e);
        }
    }

    /// Writes kept evidence out again, just as it came.
    synchronized void restore(Evidence evidence, String sha256, Path raw) throws StudyException, IOException {
        try {
            evidence.restore(sha256, raw);
        } catch (SQLException e) {
            throw new StudyException("The evidence cannot be read: " + e.getMessage());
        }
    }

    /// Reads a parsed log.
    synchronized FrameLog log(LogCodec logs, long id) throws StudyException {
        try {
            return logs.read(id);
        } catch (SQLException e) {
            throw StudyFile.explain(file, e);
        }
    }

    /// The steps themselves.
    UndoLog undo() {
        return undo;
    }

    void requireWritable() throws StudyException {
        if (readOnly) {
            throw new StudyException(
                    "%s is open in another window, so it can only be read here. Close the other window and open it again."
                            .formatted(file.getFileName()));
        }
    }
}
