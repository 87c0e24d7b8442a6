package app.fluss.files.study;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.MappingFile;
import app.fluss.files.study.EvidenceKind.Kept;
import app.fluss.files.study.EvidenceKind.Rows;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/// What the kinds of evidence that are frame logs have in common: a row that leads to the parsed log.
final class ParsedLogs {
    private ParsedLogs() {}

    static ImportedLog read(Path file, Progress progress) throws IOException, InputException {
        return LogImport.read(file, ImportOptions.guess(), progress);
    }

    static Rows pack(String table, ImportedLog read, Packing packing) throws IOException {
        LogCodec.Packet packet = LogCodec.pack(read, packing);
        return (kept, run, sha256) -> kept.sql()
                .insert(
                        "INSERT INTO %s (run_id, sha256, log_id) VALUES (?, ?, ?)".formatted(table),
                        run,
                        sha256,
                        kept.logs().keep(sha256, packet, packing));
    }

    static FrameLog load(Kept kept, Attached attached) throws StudyException {
        return kept.logs().read(logId(kept, attached));
    }

    static long logId(Kept kept, Attached attached) throws StudyException {
        return kept
                .steps()
                .read(() -> kept.sql()
                        .list(
                                "SELECT log_id FROM %s WHERE id = ?"
                                        .formatted(attached.kind().table()),
                                row -> row.getLong(1),
                                attached.id()))
                .stream()
                .findFirst()
                .orElseThrow(() -> new StudyException("The log of the run is no longer in the study."));
    }

    static boolean isAsKept(Kept kept, Attached attached, Path raw) throws StudyException, IOException, InputException {
        LogCodec.Source source = kept.logs().source(logId(kept, attached));
        Path mapping = Files.createTempFile("fluss-mapping", ".json");
        try {
            Files.writeString(mapping, source.mapping());
            ImportOptions options = ImportOptions.guess().with(MappingFile.read(mapping));
            options = source.process() == null ? options : options.forProcess(source.process());
            return isSame(
                    LogImport.read(raw, options, Progress.NONE).log(),
                    kept.logs().read(source.id()));
        } finally {
            Files.delete(mapping);
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
}
