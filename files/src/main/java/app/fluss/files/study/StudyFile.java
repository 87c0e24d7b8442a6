package app.fluss.files.study;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import org.sqlite.SQLiteOpenMode;

/// Opens the file of a study: looks before it touches. The only changes that opening makes are taking back a write that
/// was cut off, and bringing an older version up to date after a copy was kept.
final class StudyFile {
    private static final int BUSY_MS = 5000;

    private final Path named;
    private final Path real;
    private final List<String> notices = new ArrayList<>();

    private StudyFile(Path named, Path real) {
        this.named = named;
        this.real = real;
    }

    /// An open study.
    ///
    /// @param lock held by whoever writes; empty if it can only be read
    /// @param readOnly why it can only be read; empty if it can be written
    /// @param notices what opening did, in words for the user
    /// @param shown the file that is really open: a copy where an older version can only be read
    record Opened(
            Connection connection,
            Optional<WriterLock> lock,
            Optional<ReadOnlyReason> readOnly,
            List<String> notices,
            Path shown,
            boolean temporary) {}

    /// Opens a study; one that does not exist is made.
    ///
    /// @throws StudyException if it is none, is damaged, or cannot be opened; then it was left as it was
    static Opened open(Path file) throws StudyException {
        try {
            StudyFile study = new StudyFile(file, real(file));
            return switch (WriterLock.take(study.real)) {
                case WriterLock.Taken.Lock(WriterLock lock) -> study.write(lock);
                case WriterLock.Taken.Refused(ReadOnlyReason reason) -> study.read(reason);
            };
        } catch (SQLException e) {
            throw explain(file, e);
        } catch (FileSystemException e) {
            throw new StudyException("%s cannot be opened: %s".formatted(file, reason(e)), e);
        } catch (IOException e) {
            throw new StudyException("%s cannot be opened: %s".formatted(file, e.getMessage()), e);
        }
    }

    private static String reason(FileSystemException e) {
        return e.getReason() == null ? "there is no " + e.getFile() : e.getReason();
    }

    /// The file that a name leads to, through symbolic links.
    private static Path real(Path file) throws IOException {
        if (Files.exists(file)) {
            return file.toRealPath();
        }
        Path whole = file.toAbsolutePath();
        if (Files.isSymbolicLink(whole)) {
            Path target = whole.resolveSibling(Files.readSymbolicLink(whole));
            return Files.isSymbolicLink(target) ? real(target) : target.normalize();
        }
        Path folder = whole.getParent();
        return folder == null ? whole : folder.toRealPath().resolve(whole.getFileName());
    }

    private Opened write(WriterLock lock) throws SQLException, IOException, StudyException {
        boolean opened = false;
        try {
            if (!Files.exists(real)) {
                opened = true;
                return opened(make(real), lock);
            }
            refuseForeign();
            int version = hasJournal() ? recover() : inspect(real);
            if (version < Schema.VERSION && version > 0) {
                Upgrade.inPlace(real, version, notices);
            }
            Connection connection = version == 0 ? make(real) : connection(real, true);
            opened = true;
            return opened(connection, lock);
        } finally {
            if (!opened) {
                lock.close();
            }
        }
    }

    private Opened opened(Connection connection, WriterLock lock) {
        return new Opened(connection, Optional.of(lock), Optional.empty(), List.copyOf(notices), real, false);
    }

    private Opened read(ReadOnlyReason reason) throws SQLException, IOException, StudyException {
        if (!Files.exists(real)) {
            throw new StudyException("%s cannot be made: its folder cannot be written.".formatted(named));
        }
        refuseForeign();
        if (hasJournal() && reason != ReadOnlyReason.OTHER_WINDOW) {
            throw new StudyException(
                    "A write to %s was cut off and has to be taken back, but %s".formatted(named, reason.words(real)));
        }
        int version = inspect(real);
        if (version == Schema.VERSION) {
            return new Opened(
                    connection(real, false), Optional.empty(), Optional.of(reason), List.copyOf(notices), real, false);
        }
        Path copy = Files.createTempFile("fluss-study", ".fluss");
        Upgrade.into(real, version, copy, notices);
        return new Opened(
                connection(copy, false), Optional.empty(), Optional.of(reason), List.copyOf(notices), copy, true);
    }

    private static Connection make(Path file) throws SQLException {
        Connection connection = connection(file, true);
        Sql sql = new Sql(connection);
        sql.run("BEGIN IMMEDIATE");
        Schema.create(connection);
        sql.run("COMMIT");
        return connection;
    }

    private Path journal() {
        return real.resolveSibling(real.getFileName() + "-journal");
    }

    private boolean hasJournal() throws IOException {
        return Files.exists(journal()) && Files.size(journal()) > 0;
    }

    /// What can be told without SQLite, which would make files beside one in another journal mode.
    private void refuseForeign() throws IOException, StudyException {
        if (Files.isDirectory(real)) {
            throw new StudyException("%s is a folder, not a study.".formatted(named));
        }
        if (hasJournal()) {
            return; // a write was cut off, and the header may be half of it: what is in the file shows once it is taken
            // back
        }
        StudyHeader header = StudyHeader.read(real);
        if (!header.isEmpty() && (!header.isDatabase() || !header.hasRollbackJournal())) {
            throw new StudyException("%s is not a Fluss study. It was left as it is.".formatted(named));
        }
        if (header.isDatabase()) {
            refuseVersion(header.applicationId(), header.version());
        }
    }

    private void refuseVersion(int application, int version) throws StudyException {
        if (application != Schema.APPLICATION_ID) {
            throw new StudyException("%s is a database, but not a Fluss study. It was left as it is.".formatted(named));
        }
        if (version > Schema.VERSION) {
            throw new StudyException(
                    "%s was made by a newer Fluss (version %d; this one knows %d). Open it there; it was left as it is."
                            .formatted(named, version, Schema.VERSION));
        }
    }

    /// A write was cut off, by a crash or a kill. Whether the study is ours is looked at on a copy of the file and its
    /// journal first; SQLite takes the write back when it opens the original for writing.
    private int recover() throws IOException, SQLException, StudyException {
        Path folder = Files.createTempDirectory("fluss-recover");
        Path copy = folder.resolve("study.fluss");
        Path journal = folder.resolve("study.fluss-journal");
        try {
            Files.copy(real, copy);
            Files.copy(journal(), journal);
            try (Connection recovered = connection(copy, true)) {
                new Sql(recovered).list("SELECT count(*) FROM sqlite_schema", row -> row.getInt(1));
            }
            inspect(copy);
        } finally {
            Files.deleteIfExists(journal);
            Files.deleteIfExists(copy);
            Files.delete(folder);
        }
        try (Connection original = connection(real, true)) {
            new Sql(original).list("SELECT count(*) FROM sqlite_schema", row -> row.getInt(1));
        }
        notices.add("The last write to %s was cut off and was taken back; everything before it is there."
                .formatted(named.getFileName()));
        return inspect(real);
    }

    /// Looks at a file that is read only.
    ///
    /// @return its version; 0 if nothing is in it yet
    private int inspect(Path file) throws SQLException, StudyException {
        try (Connection look = connection(file, false)) {
            Sql sql = new Sql(look);
            int objects = sql.list("SELECT count(*) FROM sqlite_schema", row -> row.getInt(1))
                    .getFirst();
            int application =
                    sql.list("PRAGMA application_id", row -> row.getInt(1)).getFirst();
            int version = sql.list("PRAGMA user_version", row -> row.getInt(1)).getFirst();
            if (objects == 0 && application == 0 && version == 0) {
                return 0;
            }
            refuseVersion(application, version);
            if (version < 1 || !Schema.isOurs(look, version)) {
                throw new StudyException((version == Schema.VERSION
                                ? "%s is damaged: its tables are not those of a study. It was left as it is."
                                : "%s was made by a build of Fluss from before its tables were settled, or is damaged: its tables are not those of version %d. It cannot be brought up to date, and was left as it is.")
                        .formatted(named, version));
            }
            return version;
        }
    }

    /// A connection by a name in which no character of a path means anything.
    static Connection connection(Path file, boolean writing) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.setBusyTimeout(BUSY_MS);
        config.enforceForeignKeys(true);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        if (!writing) {
            config.setReadOnly(true);
            config.resetOpenMode(SQLiteOpenMode.CREATE);
        }
        return config.createConnection("jdbc:sqlite:" + uri(file));
    }

    static String uri(Path file) {
        return "file:" + file.toAbsolutePath().toUri().getRawPath();
    }

    /// Puts a file in another's place, at once where the system can.
    static void replace(Path from, Path to) throws IOException {
        Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    /// What went wrong, in words with a remedy.
    static StudyException explain(Path file, SQLException e) {
        if (e instanceof DamagedRowException) {
            return new StudyException(
                    "%s has been changed by something else than Fluss, or is damaged: %s Run fluss check on it."
                            .formatted(file, e.getMessage()),
                    e);
        }
        SQLiteErrorCode code =
                e instanceof SQLiteException fault ? fault.getResultCode() : SQLiteErrorCode.UNKNOWN_ERROR;
        String words = switch (code) {
            case SQLITE_NOTADB -> "is not a Fluss study. It was left as it is.";
            case SQLITE_CORRUPT -> "is damaged. It was left as it is; open a copy from a backup.";
            case SQLITE_FULL -> "cannot be written: the disk is full. Make room and try again; nothing was lost.";
            case SQLITE_READONLY, SQLITE_CANTOPEN -> "cannot be opened or written: check that you may write there.";
            case SQLITE_BUSY, SQLITE_LOCKED -> "is busy in another program. Try again in a moment.";
            default -> "could not be read or written: " + ofMost(e);
        };
        return new StudyException(file + " " + words, e);
    }

    /// What is at the bottom of a fault: the driver hides there why its library could not be unpacked.
    private static String ofMost(Throwable fault) {
        Throwable cause = fault.getCause();
        return cause == null ? String.valueOf(fault.getMessage()) : ofMost(cause);
    }
}
