package app.fluss.files.study;

import app.fluss.core.work.Progress;
import app.fluss.files.study.EvidenceKind.Kept;
import app.fluss.files.study.EvidenceKind.Rows;
import app.fluss.files.work.CommonPool;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/// Keeps, loads and deletes evidence of any kind.
final class EvidenceShelf {
    private final Kept kept;

    EvidenceShelf(Steps steps) {
        this.kept = new Kept(steps, new Evidence(steps), new LogCodec(steps));
    }

    Kept kept() {
        return kept;
    }

    /// Evidence with everything heavy done: compressed, hashed, and held against what the study has.
    record Packet(EvidenceKind<?, ?> kind, Evidence.Packet raw, Rows rows) {}

    /// Does everything heavy: the file as it came and what was read from it side by side.
    ///
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    List<Packet> pack(List<? extends RunEvidence<?>> evidence, Packing packing, Progress progress)
            throws IOException, StudyException {
        List<Packet> packets = new ArrayList<>();
        for (RunEvidence<?> one : evidence) {
            double from = (double) packets.size() / evidence.size();
            Supplier<Rows> rows = CommonPool.begin(() -> rows(one, packing));
            Evidence.Packet raw =
                    kept.evidence().pack(one.raw(), packing, progress.part(from, from + 1.0 / evidence.size()));
            packets.add(new Packet(one.kind(), raw, got(rows)));
        }
        return packets;
    }

    private static Rows rows(RunEvidence<?> evidence, Packing packing) {
        try {
            return evidence.pack(packing);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Rows got(Supplier<Rows> rows) throws IOException {
        try {
            return rows.get();
        } catch (UncheckedIOException e) {
            IOException cause = e.getCause();
            throw cause == null ? new IOException(e) : cause;
        }
    }

    /// Adds evidence to a run within a step; what it had of the kind goes.
    void add(long run, List<Packet> packets, Packing packing) throws SQLException {
        for (Packet packet : packets) {
            delete(packet.kind, run);
            kept.evidence().keep(packet.raw, packing);
            packet.rows.insert(kept, run, packet.raw.sha256());
        }
    }

    /// Deletes evidence of a run within a step; the file as it came stays, so that this can be undone.
    int delete(EvidenceKind<?, ?> kind, long run) throws SQLException {
        kind.deleteBelow(kept.sql(), run);
        return kept.sql().run("DELETE FROM %s WHERE run_id = ?".formatted(kind.table()), run);
    }

    /// Loads evidence; empty if it was taken away meanwhile.
    <S> Optional<S> load(EvidenceKind<?, S> kind, Attached attached) throws StudyException {
        try {
            boolean there = kept.steps()
                    .read(() -> !kept.sql()
                            .list(
                                    "SELECT 1 FROM %s WHERE id = ?".formatted(kind.table()),
                                    row -> row.getInt(1),
                                    attached.id())
                            .isEmpty());
            return there ? Optional.of(kind.load(kept, attached)) : Optional.empty();
        } catch (IOException e) {
            throw new StudyException("The evidence cannot be unpacked: " + e.getMessage(), e);
        }
    }
}
