package app.fluss.files.study;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.latency.EdgeSettings;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyFile;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.DifferencesFile;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.MappingFile;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.SummaryFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// Makes everything in a study again from its evidence and compares.
final class StudyCheck {
    private final Sql sql;
    private final Evidence evidence;
    private final LogCodec logs;
    private final List<String> wrong = new ArrayList<>();

    StudyCheck(Sql sql, Evidence evidence, LogCodec logs) {
        this.sql = sql;
        this.evidence = evidence;
        this.logs = logs;
    }

    List<String> run() throws SQLException, IOException {
        for (String line : sql.list("PRAGMA integrity_check", row -> row.getString(1))) {
            if (!line.equals("ok")) {
                wrong.add("The database is damaged: " + line);
            }
        }
        Path folder = Files.createTempDirectory("fluss-check");
        try {
            for (Kept kept : sql.list(
                    "SELECT id, parsed_log.sha256, file_name, mapping, process FROM parsed_log JOIN evidence USING (sha256)",
                    row -> new Kept(
                            row.getLong(1), row.getString(2), row.getString(3), row.getString(4), row.getString(5)))) {
                check(kept, folder.resolve("evidence"), folder.resolve("mapping"));
            }
            for (KeptClaim kept : sql.list(
                    "SELECT claim.sha256, file_name, kind, mean_fps FROM claim JOIN evidence USING (sha256)",
                    row -> new KeptClaim(
                            row.getString(1),
                            row.getString(2),
                            Claim.Kind.valueOf(row.getString(3)),
                            Sql.orNaN(row, "mean_fps")))) {
                check(kept, folder.resolve("evidence"));
            }
            for (KeptLatency kept : sql.list(
                    "SELECT latency.id, latency.sha256, file_name, swapped, threshold, timeout_ms, refractory_ms FROM"
                            + " latency JOIN evidence USING (sha256)",
                    StudyCheck::latency)) {
                Path raw = folder.resolve("evidence" + LatencyFile.ending(kept.fileName));
                try {
                    check(kept, raw);
                } finally {
                    Files.deleteIfExists(raw);
                }
            }
            for (KeptPictures kept : sql.list(
                    "SELECT picture_count.sha256, file_name, distinct_pictures FROM picture_count JOIN evidence USING (sha256)",
                    row -> new KeptPictures(row.getString(1), row.getString(2), row.getInt(3)))) {
                check(kept, folder.resolve("evidence"));
            }
            for (KeptProbe kept : sql.list(
                    "SELECT link_probe.sha256, file_name, images FROM link_probe JOIN evidence USING (sha256)",
                    row -> new KeptProbe(row.getString(1), row.getString(2), row.getInt(3)))) {
                check(kept, folder.resolve("evidence"));
            }
        } finally {
            Files.deleteIfExists(folder.resolve("evidence"));
            Files.deleteIfExists(folder.resolve("mapping"));
            Files.delete(folder);
        }
        return wrong;
    }

    private void check(Kept kept, Path raw, Path mapping) throws SQLException, IOException {
        try {
            evidence.restore(kept.sha256, raw);
            if (!Evidence.sha256(raw).equals(kept.sha256)) {
                wrong.add("%s: the evidence is not what was kept (SHA-256 differs).".formatted(kept.fileName));
                return;
            }
            Files.writeString(mapping, kept.mapping);
            ImportOptions options = ImportOptions.guess().with(MappingFile.read(mapping));
            options = kept.process == null ? options : options.forProcess(kept.process);
            FrameLog again = LogImport.read(raw, options, Progress.NONE).log();
            if (!isSame(again, logs.read(kept.logId))) {
                wrong.add("%s: the parsed log is not what its evidence gives.".formatted(kept.fileName));
            }
        } catch (InputException | StudyException e) {
            wrong.add("%s: %s".formatted(kept.fileName, e.getMessage()));
        }
    }

    private void check(KeptClaim kept, Path raw) throws SQLException, IOException {
        try {
            evidence.restore(kept.sha256, raw);
            if (!Evidence.sha256(raw).equals(kept.sha256)) {
                wrong.add("%s: the evidence is not what was kept (SHA-256 differs).".formatted(kept.fileName));
                return;
            }
            Claim again = switch (kept.kind) {
                case READINGS -> Claim.of(ReadingsFile.read(raw));
                case SUMMARY -> Claim.of(SummaryFile.read(raw));
            };
            if (Double.compare(again.mean().orNaN(), kept.meanFps) != 0) {
                wrong.add("%s: what was claimed is not what its evidence gives.".formatted(kept.fileName));
            }
        } catch (InputException | StudyException e) {
            wrong.add("%s: %s".formatted(kept.fileName, e.getMessage()));
        }
    }

    private static KeptLatency latency(ResultSet row) throws SQLException {
        return new KeptLatency(
                row.getLong("id"),
                row.getString("sha256"),
                row.getString("file_name"),
                row.getBoolean("swapped"),
                new EdgeSettings(
                        row.getDouble("threshold"), row.getDouble("timeout_ms"), row.getDouble("refractory_ms")));
    }

    private void check(KeptLatency kept, Path raw) throws SQLException, IOException {
        try {
            evidence.restore(kept.sha256, raw);
            if (!Evidence.sha256(raw).equals(kept.sha256)) {
                wrong.add("%s: the evidence is not what was kept (SHA-256 differs).".formatted(kept.fileName));
                return;
            }
            double[] again = LatencyReading.of(raw, kept.swapped, kept.settings, Progress.NONE)
                    .measurement()
                    .samplesMs();
            List<Double> before = sql.list(
                    "SELECT photon_ms - input_ms AS ms FROM trial WHERE latency_id = ? ORDER BY number",
                    row -> Sql.orNaN(row, "ms"),
                    kept.id);
            if (!Arrays.equals(
                    again, before.stream().mapToDouble(Double::doubleValue).toArray())) {
                wrong.add("%s: the latency is not what its evidence gives.".formatted(kept.fileName));
            }
        } catch (InputException | StudyException e) {
            wrong.add("%s: %s".formatted(kept.fileName, e.getMessage()));
        }
    }

    private void check(KeptPictures kept, Path raw) throws SQLException, IOException {
        try {
            evidence.restore(kept.sha256, raw);
            if (!Evidence.sha256(raw).equals(kept.sha256)) {
                wrong.add("%s: the evidence is not what was kept (SHA-256 differs).".formatted(kept.fileName));
            } else if (DifferencesFile.read(raw).count().distinct() != kept.distinct) {
                wrong.add("%s: the count of pictures is not what its evidence gives.".formatted(kept.fileName));
            }
        } catch (InputException | StudyException e) {
            wrong.add("%s: %s".formatted(kept.fileName, e.getMessage()));
        }
    }

    private void check(KeptProbe kept, Path raw) throws SQLException, IOException {
        try {
            evidence.restore(kept.sha256, raw);
            if (!Evidence.sha256(raw).equals(kept.sha256)) {
                wrong.add("%s: the evidence is not what was kept (SHA-256 differs).".formatted(kept.fileName));
            } else if (ProbeFile.read(raw).images() != kept.images) {
                wrong.add("%s: the link probe is not what its evidence gives.".formatted(kept.fileName));
            }
        } catch (InputException | StudyException e) {
            wrong.add("%s: %s".formatted(kept.fileName, e.getMessage()));
        }
    }

    private static boolean isSame(FrameLog a, FrameLog b) {
        if (a.size() != b.size()) {
            return false;
        }
        for (Channel channel : Channel.values()) {
            Optional<Values> left = a.channel(channel);
            Optional<Values> right = b.channel(channel);
            if (left.isPresent() != right.isPresent()
                    || (left.isPresent() && !isSame(left.get(), right.orElseThrow()))) {
                return false;
            }
        }
        for (int i = 0; i < a.size(); i++) {
            if (a.kind(i) != b.kind(i)) {
                return false;
            }
        }
        return true;
    }

    private static boolean isSame(Values a, Values b) {
        for (int i = 0; i < a.size(); i++) {
            if (Double.compare(a.at(i), b.at(i)) != 0) {
                return false;
            }
        }
        return true;
    }

    private record KeptLatency(long id, String sha256, String fileName, boolean swapped, EdgeSettings settings) {}

    private record KeptClaim(String sha256, String fileName, Claim.Kind kind, double meanFps) {}

    private record KeptPictures(String sha256, String fileName, int distinct) {}

    private record KeptProbe(String sha256, String fileName, int images) {}

    private record Kept(
            long logId,
            String sha256,
            String fileName,
            String mapping,
            @Nullable String process) {}
}
