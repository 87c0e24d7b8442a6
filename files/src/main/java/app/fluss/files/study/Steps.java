package app.fluss.files.study;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;

/// Reads and changes the rows of a study, one thread at a time; each change is one step that can be undone. What takes
/// long is done by the callers before they ask.
final class Steps {
    private final Path file;
    private final Optional<ReadOnlyReason> readOnly;
    private final Sql sql;
    private final UndoLog undo;

    Steps(Path file, Connection connection, Optional<ReadOnlyReason> readOnly) {
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

    /// Does work that changes no row, or undoes or redoes a step.
    synchronized <T> T read(UndoLog.Work<T> work) throws StudyException {
        try {
            return work.run();
        } catch (SQLException e) {
            throw StudyFile.explain(file, e);
        } catch (UncheckedIOException e) {
            throw new StudyException("A temporary file cannot be read: " + e.getMessage(), e);
        }
    }

    /// What waits in a temporary file, within a step.
    static byte[] read(Packing packing, Packing.Block block) {
        try {
            return packing.packed(block);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// The steps themselves.
    UndoLog undo() {
        return undo;
    }

    void requireWritable() throws StudyException {
        if (readOnly.isPresent()) {
            throw new StudyException(readOnly.get().words(file));
        }
    }
}
