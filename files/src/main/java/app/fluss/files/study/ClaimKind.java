package app.fluss.files.study;

import app.fluss.core.measure.Figure;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.SummaryFile;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// What a counter or a tool said of a run.
final class ClaimKind extends EvidenceKind<Claim, Claim> {
    private final Claim.Kind kind;

    ClaimKind(Claim.Kind kind) {
        super(kind.title(), kind.name().toLowerCase(Locale.ROOT), Optional.of(kind.grade()));
        this.kind = kind;
    }

    @Override
    public boolean tells(Candidate file) throws IOException, InputException {
        List<String> header = file.sample().header();
        return switch (kind) {
            case READINGS -> ReadingsFile.isReadings(header);
            case SUMMARY -> SummaryFile.isSummary(header);
        };
    }

    @Override
    public Claim read(Path file, Progress progress) throws IOException, InputException {
        return switch (kind) {
            case READINGS -> Claim.of(ReadingsFile.read(file));
            case SUMMARY -> Claim.of(SummaryFile.read(file));
        };
    }

    @Override
    Rows pack(Claim claim, Packing packing) {
        return (kept, run, sha256) -> kept.sql()
                .insert(
                        "INSERT INTO %s (run_id, sha256, count, mean_fps, lowest_fps, highest_fps, base_fps,"
                                        .formatted(table())
                                + " one_percent_low_fps, low_convention) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                        run,
                        sha256,
                        claim.count(),
                        Sql.orNull(claim.mean().orNaN()),
                        Sql.orNull(claim.lowest().orNaN()),
                        Sql.orNull(claim.highest().orNaN()),
                        Sql.orNull(claim.base().orNaN()),
                        Sql.orNull(claim.onePercentLow().orNaN()),
                        claim.lowConvention());
    }

    @Override
    Claim load(Kept kept, Attached attached) throws StudyException {
        return kept.steps()
                .read(() ->
                        kept.sql().list("SELECT * FROM %s WHERE id = ?".formatted(table()), this::claim, attached.id()))
                .getFirst();
    }

    /// Reads a row of the table.
    Claim claim(ResultSet row) throws SQLException {
        return new Claim(
                kind,
                row.getInt("count"),
                figure(row, "mean_fps"),
                figure(row, "lowest_fps"),
                figure(row, "highest_fps"),
                figure(row, "base_fps"),
                figure(row, "one_percent_low_fps"),
                Sql.text(row, "low_convention"));
    }

    private static Figure figure(ResultSet row, String column) throws SQLException {
        double value = Sql.orNaN(row, column);
        if (value < 0) {
            throw new IllegalArgumentException("%s is %s".formatted(column, value));
        }
        return Figure.ofFinite(value, "the file does not say");
    }

    @Override
    boolean isAsKept(Kept kept, Attached attached, Path raw) throws StudyException, IOException, InputException {
        return Double.compare(
                        read(raw, Progress.NONE).mean().orNaN(),
                        load(kept, attached).mean().orNaN())
                == 0;
    }
}
