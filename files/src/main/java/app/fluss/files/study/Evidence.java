package app.fluss.files.study;

import app.fluss.core.work.Progress;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/// Raw evidence as it came, in compressed parts, found again by its SHA-256. Evidence is added and never changed; what
/// is not complete is not trusted and written anew.
final class Evidence {
    private static final int PART_BYTES = 8 << 20;

    /// The largest file that is kept: {@value} bytes. More is refused on its way in, and on its way out nothing larger
    /// is unpacked, whatever a study claims.
    static final long MOST_BYTES = 4L << 30;

    private final Steps steps;

    Evidence(Steps steps) {
        this.steps = steps;
    }

    /// A file, compressed and ready to be kept.
    ///
    /// @param sha256 in hexadecimal
    /// @param whole whether the study has it already, complete
    record Packet(String sha256, String fileName, long bytes, List<Packing.Block> parts, boolean whole) {}

    /// Compresses a file.
    ///
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    Packet pack(Path file, Packing packing, Progress progress) throws IOException, StudyException {
        long size = Files.size(file);
        if (size > MOST_BYTES) {
            throw new StudyException("%s is larger than 4 GiB, the most that a study keeps. Cut it into parts."
                    .formatted(file.getFileName()));
        }
        MessageDigest digest = digest();
        List<Packing.Block> parts = new ArrayList<>();
        long bytes = 0;
        try (InputStream in = Files.newInputStream(file)) {
            for (byte[] block = in.readNBytes(PART_BYTES); block.length > 0; block = in.readNBytes(PART_BYTES)) {
                digest.update(block);
                parts.add(packing.add(block));
                bytes += block.length;
                progress.check(Math.min(1, (double) bytes / size));
            }
        }
        String sha256 = HexFormat.of().formatHex(digest.digest());
        Path name = file.getFileName();
        return new Packet(sha256, name == null ? "" : name.toString(), bytes, parts, isWhole(sha256));
    }

    /// Keeps a compressed file, within a step.
    void keep(Packet packet, Packing packing) throws java.sql.SQLException {
        if (packet.whole) {
            return;
        }
        Sql sql = steps.sql();
        sql.run("DELETE FROM evidence_part WHERE sha256 = ?", packet.sha256);
        sql.run(
                "INSERT INTO evidence (sha256, file_name, bytes) VALUES (?, ?, ?) ON CONFLICT (sha256) DO UPDATE SET bytes = excluded.bytes",
                packet.sha256,
                packet.fileName,
                packet.bytes);
        for (int part = 0; part < packet.parts.size(); part++) {
            sql.run(
                    "INSERT INTO evidence_part (sha256, part, data) VALUES (?, ?, ?)",
                    packet.sha256,
                    part,
                    Steps.read(packing, packet.parts.get(part)));
        }
    }

    private boolean isWhole(String sha256) throws StudyException, IOException {
        if (steps.read(() -> steps.sql().list("SELECT 1 FROM evidence WHERE sha256 = ?", row -> row.getInt(1), sha256))
                .isEmpty()) {
            return false;
        }
        try {
            copy(sha256, OutputStream.nullOutputStream());
            return true;
        } catch (StudyException e) {
            return false;
        }
    }

    /// The name that a file had.
    String fileName(String sha256) throws StudyException {
        return steps
                .read(() -> steps.sql()
                        .list(
                                "SELECT file_name FROM evidence WHERE sha256 = ?",
                                row -> Sql.text(row, "file_name"),
                                sha256))
                .stream()
                .findFirst()
                .orElseThrow(() -> missing(sha256));
    }

    /// Writes the evidence out again, just as it came.
    ///
    /// @throws StudyException if it is damaged, or there is no room for it
    void restore(String sha256, Path file) throws IOException, StudyException {
        long bytes = bytes(sha256);
        Path folder = file.toAbsolutePath().getParent();
        // 0 where the system does not say, as within a container.
        long room = folder == null ? 0 : folder.toFile().getUsableSpace();
        if (room > 0 && bytes > room) {
            throw new StudyException("Evidence %s… takes %d MB, more than there is room for in %s."
                    .formatted(abbreviated(sha256), bytes >> 20, folder));
        }
        try (OutputStream out = Files.newOutputStream(file)) {
            copy(sha256, out);
        }
    }

    /// Unpacks part by part, never more than the study says there is, and holds the sum against the name.
    private void copy(String sha256, OutputStream to) throws IOException, StudyException {
        long left = bytes(sha256);
        MessageDigest digest = digest();
        OutputStream out = new DigestOutputStream(to, digest);
        for (int part = 0; left > 0; part++) {
            int expected = (int) Math.min(PART_BYTES, left);
            byte[] block = part(sha256, part)
                    .flatMap(packed -> Packed.unpack(packed, expected))
                    .orElseThrow(() -> damaged(sha256));
            out.write(block);
            left -= expected;
        }
        if (!HexFormat.of().formatHex(digest.digest()).equals(sha256)) {
            throw damaged(sha256);
        }
    }

    private long bytes(String sha256) throws StudyException {
        long bytes = steps
                .read(() ->
                        steps.sql().list("SELECT bytes FROM evidence WHERE sha256 = ?", row -> row.getLong(1), sha256))
                .stream()
                .findFirst()
                .orElseThrow(() -> missing(sha256));
        if (bytes < 0 || bytes > MOST_BYTES) {
            throw damaged(sha256);
        }
        return bytes;
    }

    private Optional<byte[]> part(String sha256, int part) throws StudyException {
        return steps.read(() -> steps
                .sql()
                .list(
                        "SELECT data FROM evidence_part WHERE sha256 = ? AND part = ? AND length(data) <= ?",
                        row -> Sql.bytes(row, "data"),
                        sha256,
                        part,
                        PART_BYTES + (PART_BYTES >> 4))
                .stream()
                .findFirst());
    }

    private static StudyException damaged(String sha256) {
        return new StudyException("Evidence %s… is damaged. Add its file again: it takes the damaged one's place."
                .formatted(abbreviated(sha256)));
    }

    private static StudyException missing(String sha256) {
        return new StudyException(
                "Evidence %s… is not in the study. Add its file again.".formatted(abbreviated(sha256)));
    }

    private static String abbreviated(String sha256) {
        return sha256.substring(0, Math.min(12, sha256.length()));
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
