package app.fluss.files.study;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import org.sqlite.SQLiteOpenMode;

/// Opens the file of a study: looks before it touches.
final class StudyFile {
    private static final int BUSY_MS = 5000;

    private StudyFile() {}

    static Connection connect(Path file, boolean forWriting) throws StudyException {
        boolean fresh = !Files.exists(file);
        if (fresh && !forWriting) {
            throw new StudyException("%s cannot be made: its folder cannot be written.".formatted(file));
        }
        try {
            if (fresh) {
                Connection connection = connection(file, true);
                connection.setAutoCommit(false);
                Schema.create(connection);
                connection.commit();
                connection.setAutoCommit(true);
                return connection;
            }
            try (Connection look = connection(file, false)) {
                inspect(file, look);
            }
            return connection(file, forWriting);
        } catch (SQLException e) {
            throw explain(file, e);
        }
    }

    private static void inspect(Path file, Connection connection) throws SQLException, StudyException {
        Sql sql = new Sql(connection);
        List<Integer> application = sql.list("PRAGMA application_id", row -> row.getInt(1));
        int version = sql.list("PRAGMA user_version", row -> row.getInt(1)).getFirst();
        if (application.getFirst() != Schema.APPLICATION_ID) {
            throw new StudyException("%s is a database, but not a Fluss study. It was left as it is.".formatted(file));
        }
        if (version > Schema.VERSION) {
            throw new StudyException(
                    "%s was made by a newer Fluss (version %d; this one knows %d). Open it there; it was left as it is."
                            .formatted(file, version, Schema.VERSION));
        }
        if (!Schema.isOurs(connection)) {
            throw new StudyException(
                    "%s is damaged: its tables are not those of a study. It was left as it is.".formatted(file));
        }
    }

    private static Connection connection(Path file, boolean writing) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.setBusyTimeout(BUSY_MS);
        config.enforceForeignKeys(true);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        if (!writing) {
            config.setReadOnly(true);
            config.resetOpenMode(SQLiteOpenMode.CREATE);
        }
        return config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
    }

    /// What went wrong, in words with a remedy.
    static StudyException explain(Path file, SQLException e) {
        SQLiteErrorCode code =
                e instanceof SQLiteException fault ? fault.getResultCode() : SQLiteErrorCode.UNKNOWN_ERROR;
        String words = switch (code) {
            case SQLITE_NOTADB -> "is not a Fluss study. It was left as it is.";
            case SQLITE_CORRUPT -> "is damaged. It was left as it is; open a copy from a backup.";
            case SQLITE_FULL -> "cannot be written: the disk is full. Make room and try again; nothing was lost.";
            case SQLITE_READONLY, SQLITE_CANTOPEN -> "cannot be opened or written: check that you may write there.";
            case SQLITE_BUSY, SQLITE_LOCKED -> "is busy in another program. Try again in a moment.";
            default -> "could not be read or written: " + e.getMessage();
        };
        return new StudyException(file + " " + words, e);
    }
}
