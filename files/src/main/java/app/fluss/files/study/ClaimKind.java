package app.fluss.files.study;

import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.Summary;
import app.fluss.files.log.SummaryFile;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/// What a counter or a tool said of a run. The table has what it comes to, the file every single reading.
///
/// @param <R> what is read from a file
final class ClaimKind<R> extends EvidenceKind<R, R> {
    private final Predicate<List<String>> isHeader;
    private final Reader<R> reader;
    private final Function<R, Claim> claim;

    private ClaimKind(Claim.Kind kind, Predicate<List<String>> isHeader, Reader<R> reader, Function<R, Claim> claim) {
        super(kind.title(), table(kind), Optional.of(kind.grade()));
        this.isHeader = isHeader;
        this.reader = reader;
        this.claim = claim;
    }

    /// Readings of a counter.
    static EvidenceKind<ReadingSeries, ReadingSeries> readings() {
        return new ClaimKind<>(
                Claim.Kind.READINGS,
                ReadingsFile::isReadings,
                ReadingsFile::read,
                (ReadingSeries read) -> Claim.of(read));
    }

    /// The summary of a tool.
    static EvidenceKind<Summary, Summary> summary() {
        return new ClaimKind<>(
                Claim.Kind.SUMMARY, SummaryFile::isSummary, SummaryFile::read, (Summary read) -> Claim.of(read));
    }

    static String table(Claim.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    @FunctionalInterface
    private interface Reader<R> {
        R read(Path file) throws IOException, InputException;
    }

    @Override
    public boolean tells(Candidate file) throws IOException, InputException {
        return isHeader.test(file.sample().header());
    }

    @Override
    public R read(Path file, Progress progress) throws IOException, InputException {
        return reader.read(file);
    }

    @Override
    Rows pack(R read, Packing packing) {
        Claim of = claim.apply(read);
        return (kept, run, sha256) -> insert(kept.sql(), of, run, sha256);
    }

    /// Inserts a row of the table of its kind.
    ///
    /// @return its number
    static long insert(Sql sql, Claim of, long run, String sha256) throws SQLException {
        Claimed said = of.said();
        return sql.insert(
                "INSERT INTO %s (run_id, sha256, count, mean_fps, lowest_fps, highest_fps, base_fps,"
                                .formatted(table(of.kind()))
                        + " one_percent_low_fps, low_convention) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                run,
                sha256,
                of.count(),
                Sql.orNull(said.mean().orNaN()),
                Sql.orNull(said.lowest().orNaN()),
                Sql.orNull(said.highest().orNaN()),
                Sql.orNull(said.base().orNaN()),
                Sql.orNull(said.onePercentLow().orNaN()),
                said.lowConvention());
    }

    @Override
    R load(Kept kept, Attached attached) throws StudyException, IOException {
        try {
            return withRaw(kept, attached.sha256(), attached.fileName(), reader::read);
        } catch (InputException e) {
            throw new StudyException("The %s cannot be read again: %s".formatted(title(), e.getMessage()), e);
        }
    }

    /// Reads a row of the table.
    static Claim claim(ResultSet row, Claim.Kind kind) throws SQLException {
        return new Claim(
                kind,
                row.getInt("count"),
                new Claimed(
                        figure(row, "mean_fps"),
                        figure(row, "lowest_fps"),
                        figure(row, "highest_fps"),
                        figure(row, "base_fps"),
                        figure(row, "one_percent_low_fps"),
                        Sql.text(row, "low_convention")));
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
        return isAsKept(kept, attached, claim.apply(reader.read(raw)));
    }

    /// Whether a row of the table of a kind says the same.
    static boolean isAsKept(Kept kept, Attached attached, Claim of) throws StudyException {
        Claimed again = of.said();
        Claimed known = kept.steps()
                .read(() -> kept.sql()
                        .list(
                                "SELECT * FROM %s WHERE id = ?".formatted(table(of.kind())),
                                row -> claim(row, of.kind()),
                                attached.id()))
                .getFirst()
                .said();
        return same(again.mean(), known.mean()) && same(again.onePercentLow(), known.onePercentLow());
    }

    private static boolean same(Figure a, Figure b) {
        return Double.compare(a.orNaN(), b.orNaN()) == 0;
    }
}
