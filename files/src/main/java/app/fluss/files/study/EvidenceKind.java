package app.fluss.files.study;

import app.fluss.core.measure.Grade;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;

/// One kind of evidence that a run can rest on: its table, how to tell a file of its kind, how to read, keep,
/// load, delete and check it, and the grade it gives. All there are stand in [EvidenceKinds]; adding, removing,
/// undo, the check of a study, files dropped on the window and import go over that list.
///
/// @param <R> what is read from a file
/// @param <S> what is loaded from a study
public abstract sealed class EvidenceKind<R, S>
        permits FrameLogKind, HostLogKind, ClaimKind, RecordingKind, LatencyKind, ClipCountKind, LinkProbeKind {
    private final String title;
    private final String table;
    private final Optional<Grade> grade;

    /// @param table has the columns `id`, `run_id` and `sha256`
    /// @param grade of a run that rests on nothing else; empty if it gives none by itself
    EvidenceKind(String title, String table, Optional<Grade> grade) {
        this.title = title;
        this.table = table;
        this.grade = grade;
    }

    /// The name for people.
    public final String title() {
        return title;
    }

    /// The grade of a run that rests on nothing else; empty if it gives none by itself.
    public final Optional<Grade> grade() {
        return grade;
    }

    final String table() {
        return table;
    }

    /// Whether a file is of this kind, by its name and its beginning.
    public abstract boolean tells(Candidate file) throws IOException, InputException;

    /// Reads a file as it is usually read.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    public abstract R read(Path file, Progress progress) throws IOException, InputException;

    /// Compresses what goes into tables of its own; most kinds have nothing to.
    abstract Rows pack(R read, Packing packing) throws IOException;

    /// Loads what belongs to a run.
    ///
    /// @param attached the evidence, of this kind
    abstract S load(Kept kept, Attached attached) throws StudyException, IOException;

    /// Takes rows away that hang on those in the table.
    void deleteBelow(Sql sql, long run) throws SQLException {}

    /// Makes it again from its file and compares.
    ///
    /// @return whether it is the same
    abstract boolean isAsKept(Kept kept, Attached attached, Path raw)
            throws StudyException, IOException, InputException;

    /// The ending that a restored file must have to be read.
    String ending(String fileName) {
        return ".csv";
    }

    /// A name for a file of this kind that Fluss writes itself.
    ///
    /// @param about name of what it was found in
    public final String writtenName(String about) {
        String ending = ending(about);
        return about.endsWith(ending) ? about : about + ending;
    }

    /// What is inserted within a step, once everything heavy is done.
    @FunctionalInterface
    interface Rows {
        /// Inserts the rows.
        ///
        /// @return number of the row in the kind's table
        long insert(Kept kept, long run, String sha256) throws SQLException;
    }

    /// What kinds work with.
    record Kept(Steps steps, Evidence evidence, LogCodec logs) {
        Sql sql() {
            return steps.sql();
        }
    }

    /// Works on the raw file of kept evidence.
    @FunctionalInterface
    interface RawWork<T> {
        /// Does it.
        T on(Path raw) throws StudyException, IOException, InputException;
    }

    /// Restores the raw file for as long as it is worked on.
    final <T> T withRaw(Kept kept, String sha256, String fileName, RawWork<T> work)
            throws StudyException, IOException, InputException {
        Path folder = Files.createTempDirectory("fluss-evidence");
        Path raw = folder.resolve("evidence" + ending(fileName));
        try {
            kept.evidence.restore(sha256, raw);
            return work.on(raw);
        } finally {
            Files.deleteIfExists(raw);
            Files.delete(folder);
        }
    }

    /// The evidence of this kind of all runs, or of one.
    final List<Attached> attached(Sql sql, String where, Object... values) throws SQLException {
        return sql.list(
                "SELECT k.id, k.run_id, k.sha256, e.file_name FROM %s k JOIN evidence e USING (sha256) %s"
                        .formatted(table, where),
                row -> new Attached(
                        this,
                        row.getLong("id"),
                        row.getLong("run_id"),
                        Sql.text(row, "sha256"),
                        Sql.text(row, "file_name")),
                values);
    }

    @Override
    public final String toString() {
        return title;
    }
}
