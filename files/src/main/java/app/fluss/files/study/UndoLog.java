package app.fluss.files.study;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/// Undo and redo, kept in the study itself. The triggers of the [Schema] note, for every row that a step
/// inserts, updates or deletes, what stood there before. Undoing a step puts that back, last change first,
/// while the triggers note the reverse; so redoing is the same work on the same step.
final class UndoLog {
    private final Sql sql;

    UndoLog(Connection connection) {
        this.sql = new Sql(connection);
    }

    /// Work on the study's rows.
    @FunctionalInterface
    interface Work<T> {
        T run() throws SQLException;
    }

    /// Does work as one step that can be undone; what was undone before can then no longer be redone. Either
    /// all of it is committed or none.
    <T> T step(String label, Work<T> work) throws SQLException {
        return inTransaction(() -> {
            sql.run("DELETE FROM step WHERE undone = 1");
            long id = sql.insert("INSERT INTO step (label, undone) VALUES (?, 0)", label);
            sql.run("INSERT INTO current_step (id) VALUES (?)", id);
            T result = work.run();
            sql.run("DELETE FROM current_step");
            return result;
        });
    }

    /// The label of the step that would be undone next.
    Optional<String> nextUndo() throws SQLException {
        return label("SELECT label FROM step WHERE undone = 0 ORDER BY id DESC LIMIT 1");
    }

    /// The label of the step that would be redone next.
    Optional<String> nextRedo() throws SQLException {
        return label("SELECT label FROM step WHERE undone = 1 ORDER BY id LIMIT 1");
    }

    private Optional<String> label(String query) throws SQLException {
        return sql.list(query, row -> Sql.text(row, "label")).stream().findFirst();
    }

    void undo() throws SQLException {
        turn("SELECT id FROM step WHERE undone = 0 ORDER BY id DESC LIMIT 1", 1);
    }

    void redo() throws SQLException {
        turn("SELECT id FROM step WHERE undone = 1 ORDER BY id LIMIT 1", 0);
    }

    private void turn(String query, int undone) throws SQLException {
        List<Long> step = sql.list(query, row -> row.getLong(1));
        if (step.isEmpty()) {
            return;
        }
        long id = step.getFirst();
        inTransaction(() -> {
            sql.run("PRAGMA defer_foreign_keys = ON");
            List<Change> changes = sql.list(
                    "SELECT table_name, row_id, row FROM step_change WHERE step_id = ? ORDER BY id DESC",
                    row -> new Change(row.getString(1), row.getLong(2), row.getString(3)),
                    id);
            sql.run("DELETE FROM step_change WHERE step_id = ?", id);
            sql.run("INSERT INTO current_step (id) VALUES (?)", id);
            for (Change change : changes) {
                putBack(change);
            }
            sql.run("DELETE FROM current_step");
            sql.run("UPDATE step SET undone = ? WHERE id = ?", undone, id);
            return id;
        });
    }

    /// Table and column names come from our own list, values are bound: nothing from the file is run as SQL.
    private void putBack(Change change) throws SQLException {
        if (!Schema.UNDOABLE.containsKey(change.table)) {
            throw new SQLException("the undo log names an unknown table");
        }
        List<String> columns = Objects.requireNonNull(Schema.UNDOABLE.get(change.table));
        if (change.row == null) {
            sql.run("DELETE FROM " + change.table + " WHERE id = ?", change.rowId);
            return;
        }
        String values = columns.stream()
                .map(column -> "json_extract(?1, '$." + column + "')")
                .collect(Collectors.joining(", "));
        String updates = columns.stream()
                .map(column -> column + " = json_extract(?1, '$." + column + "')")
                .collect(Collectors.joining(", "));
        int updated = sql.run(
                "UPDATE " + change.table + " SET " + updates + " WHERE id = json_extract(?1, '$.id')", change.row);
        if (updated == 0) {
            sql.run(
                    "INSERT INTO " + change.table + " (" + String.join(", ", columns) + ") SELECT " + values,
                    change.row);
        }
    }

    /// Whatever ends the work, an [Error] too, takes all of it back. The transaction is begun and ended by statements
    /// of our own: the driver's switch would commit once more what SQLite has taken back by itself, on a full disk
    /// for one, and hide the reason.
    private <T> T inTransaction(Work<T> work) throws SQLException {
        sql.run("BEGIN IMMEDIATE");
        try {
            T result = work.run();
            sql.run("COMMIT");
            return result;
        } catch (Throwable e) {
            takeBack(e);
            throw e;
        }
    }

    private void takeBack(Throwable reason) {
        try {
            sql.run("ROLLBACK");
        } catch (SQLException e) {
            reason.addSuppressed(e); // SQLite has taken it back already
        }
    }

    /// What stood in a row before: nothing if `row` is null.
    private record Change(
            String table, long rowId, @Nullable String row) {}
}
