package app.fluss.files.study;

import app.fluss.core.work.Progress;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.List;

/// Raw evidence as it came, in compressed parts, found again by its SHA-256. Evidence is added and never
/// changed.
final class Evidence {
    private static final int PART_BYTES = 8 << 20;

    private final Sql sql;

    Evidence(Sql sql) {
        this.sql = sql;
    }

    /// Keeps a file, if the study does not have it yet.
    ///
    /// @return its SHA-256 in hexadecimal
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    String keep(Path file, Progress progress) throws IOException, SQLException {
        String sha256 = sha256(file);
        if (!sql.list("SELECT 1 FROM evidence WHERE sha256 = ?", row -> row.getInt(1), sha256)
                .isEmpty()) {
            return sha256;
        }
        Path name = file.getFileName();
        sql.run(
                "INSERT INTO evidence (sha256, file_name, bytes) VALUES (?, ?, ?)",
                sha256,
                name == null ? "" : name.toString(),
                Files.size(file));
        try (InputStream in = Files.newInputStream(file)) {
            int part = 0;
            for (byte[] block = in.readNBytes(PART_BYTES); block.length > 0; block = in.readNBytes(PART_BYTES)) {
                sql.run(
                        "INSERT INTO evidence_part (sha256, part, data) VALUES (?, ?, ?)",
                        sha256,
                        part++,
                        Packed.pack(block));
                progress.check(Math.min(1, (double) part * PART_BYTES / Files.size(file)));
            }
        }
        return sha256;
    }

    /// The same within a step: a fault of the file is carried out of it.
    String keepWithin(Path file, Progress progress) throws SQLException {
        try {
            return keep(file, progress);
        } catch (IOException e) {
            throw new RawEvidenceException(e);
        }
    }

    /// Writes the evidence out again, just as it came.
    ///
    /// @throws StudyException if a part is damaged
    void restore(String sha256, Path file) throws IOException, SQLException, StudyException {
        List<Integer> parts =
                sql.list("SELECT part FROM evidence_part WHERE sha256 = ? ORDER BY part", row -> row.getInt(1), sha256);
        try (OutputStream out = Files.newOutputStream(file)) {
            for (int part : parts) {
                byte[] packed = sql.list(
                                "SELECT data FROM evidence_part WHERE sha256 = ? AND part = ?",
                                row -> row.getBytes(1),
                                sha256,
                                part)
                        .getFirst();
                byte[] block = new byte[PART_BYTES];
                int got = Packed.unpack(packed, block);
                if (got < 0) {
                    throw new StudyException("Evidence %s… is damaged.".formatted(sha256.substring(0, 12)));
                }
                out.write(block, 0, got);
            }
        }
    }

    static String sha256(Path file) throws IOException {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            try (InputStream in = Files.newInputStream(file)) {
                byte[] block = new byte[1 << 16];
                for (int got = in.read(block); got > 0; got = in.read(block)) {
                    digest.update(block, 0, got);
                }
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
