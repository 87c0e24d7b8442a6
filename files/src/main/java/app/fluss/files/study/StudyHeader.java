package app.fluss.files.study;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/// The first bytes of a file, by SQLite's file format (sqlite.org/fileformat2.html, section 1.3; from memory): magic at
/// 0, journal modes at 18 and 19, user version at 60, application id at 68.
///
/// @param isEmpty whether the file has no bytes
/// @param isDatabase whether it begins as a database does
/// @param hasRollbackJournal whether it keeps a rollback journal, as a study does
record StudyHeader(boolean isEmpty, boolean isDatabase, boolean hasRollbackJournal, int version, int applicationId) {
    private static final int LENGTH = 100;
    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    static StudyHeader read(Path file) throws IOException {
        byte[] bytes;
        try (InputStream in = Files.newInputStream(file)) {
            bytes = in.readNBytes(LENGTH);
        }
        if (bytes.length < LENGTH) {
            return new StudyHeader(bytes.length == 0, false, false, 0, 0);
        }
        ByteBuffer header = ByteBuffer.wrap(bytes);
        boolean database = header.slice(0, MAGIC.length).equals(ByteBuffer.wrap(MAGIC));
        return new StudyHeader(false, database, bytes[18] == 1 && bytes[19] == 1, header.getInt(60), header.getInt(68));
    }
}
