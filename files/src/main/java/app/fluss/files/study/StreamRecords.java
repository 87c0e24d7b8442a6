package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;

/// What belongs to a run over a stream besides its client's log: the log of the host, and a probe of the link. Every
/// method has committed when it returns.
public final class StreamRecords {
    private final Steps steps;
    private final Sql sql;
    private final LogCodec logs;
    private final Evidence evidence;

    StreamRecords(Steps steps, LogCodec logs, Evidence evidence) {
        this.steps = steps;
        this.sql = steps.sql();
        this.logs = logs;
        this.evidence = evidence;
    }

    /// The log of a run's host, if it is kept.
    public Optional<FrameLog> hostLog(Run run) throws StudyException {
        List<Long> ids = steps.read(
                () -> sql.list("SELECT log_id FROM host_log WHERE run_id = ?", row -> row.getLong(1), run.id()));
        return ids.isEmpty() ? Optional.empty() : Optional.of(steps.log(logs, ids.getFirst()));
    }

    /// Adds the log of its host to a run; one that was there before goes.
    ///
    /// @param raw the file as it came
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public void addHostLog(Run run, Path raw, ImportedLog imported, Progress progress)
            throws StudyException, IOException {
        steps.changeFromFile("add the host's log to " + run.name(), () -> {
            sql.run("DELETE FROM host_log WHERE run_id = ?", run.id());
            return insertHostLog(run.id(), raw, imported, progress);
        });
    }

    long insertHostLog(long run, Path raw, ImportedLog imported, Progress progress) throws SQLException {
        long log = logs.insert(evidence.keepWithin(raw, progress), imported);
        return sql.insert("INSERT INTO host_log (run_id, log_id) VALUES (?, ?)", run, log);
    }

    /// The probe of a run's link, if one is kept.
    public Optional<ProbeTrace> probe(Run run) throws StudyException, IOException {
        List<String> kept = steps.read(
                () -> sql.list("SELECT sha256 FROM link_probe WHERE run_id = ?", row -> row.getString(1), run.id()));
        if (kept.isEmpty()) {
            return Optional.empty();
        }
        Path raw = Files.createTempFile("fluss-probe", ".json");
        try {
            steps.restore(evidence, kept.getFirst(), raw);
            return Optional.of(ProbeFile.read(raw));
        } catch (InputException e) {
            throw new StudyException(String.valueOf(e.getMessage()));
        } finally {
            Files.deleteIfExists(raw);
        }
    }

    /// Adds a probe of its link to a run; one that was there before goes.
    ///
    /// @param raw a probe's file, as it came
    /// @throws InputException if it is none
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it; then nothing was added
    public void addProbe(Run run, Path raw, Progress progress) throws StudyException, IOException, InputException {
        ProbeTrace trace = ProbeFile.read(raw);
        steps.changeFromFile("add a link probe to " + run.name(), () -> {
            sql.run("DELETE FROM link_probe WHERE run_id = ?", run.id());
            return insertProbe(run.id(), raw, trace, progress);
        });
    }

    long insertProbe(long run, Path raw, ProbeTrace trace, Progress progress) throws SQLException {
        return sql.insert(
                "INSERT INTO link_probe (run_id, sha256, images, simulated) VALUES (?, ?, ?, ?)",
                run,
                evidence.keepWithin(raw, progress),
                trace.images(),
                trace.simulated());
    }

    void delete(long run) throws SQLException {
        sql.run("DELETE FROM host_log WHERE run_id = ?", run);
        sql.run("DELETE FROM link_probe WHERE run_id = ?", run);
    }
}
