package app.fluss.files.study;

import app.fluss.core.latency.EdgeSettings;
import app.fluss.core.latency.Excerpt;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.Trial;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyFile;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.InputException;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Measured latency, as kept. Every method has committed when it returns.
public final class LatencyRecords {
    private final Steps steps;
    private final Sql sql;
    private final Evidence evidence;

    LatencyRecords(Steps steps, Evidence evidence) {
        this.steps = steps;
        this.sql = steps.sql();
        this.evidence = evidence;
    }

    /// The measured latency of a run, if there is any.
    public Optional<StoredLatency> of(Run run) throws StudyException {
        return steps.read(() -> sql.list("SELECT * FROM latency WHERE run_id = ?", this::stored, run.id()).stream()
                .findFirst());
    }

    /// The light around a trial; empty for samples that came as samples.
    public Optional<Excerpt> excerpt(StoredLatency latency, JudgedTrial trial) throws StudyException {
        return steps.read(() -> sql
                .list(
                        "SELECT from_ms, step_ms, data FROM excerpt WHERE sha256 = ? AND swapped = ? AND number = ?",
                        LatencyRecords::unpacked,
                        latency.sha256(),
                        latency.swapped(),
                        trial.number())
                .stream()
                .findFirst());
    }

    /// Says whether a trial counts.
    ///
    /// @param accepted empty to take back what was said
    public void judge(JudgedTrial trial, Optional<Boolean> accepted) throws StudyException {
        String what = accepted.map(yes -> yes ? "accept" : "reject").orElse("judge anew");
        steps.change(
                "%s trial %d".formatted(what, trial.number()),
                () -> sql.run("UPDATE trial SET judged = ? WHERE id = ?", accepted.orElse(null), trial.id()));
    }

    /// Takes the measured latency of a run away; its evidence stays in the file, so that this can be undone.
    public void remove(Run run) throws StudyException {
        steps.change("remove latency of " + run.name(), () -> delete(run.id()));
    }

    /// Looks at the evidence again with other settings; what was said of trials goes.
    ///
    /// @param swapped whether to take the channels in each other's place
    public void lookAgain(Run run, EdgeSettings settings, boolean swapped, Progress progress)
            throws StudyException, IOException {
        StoredLatency before = of(run).orElseThrow();
        String name = steps.read(() -> sql.list(
                        "SELECT file_name FROM evidence WHERE sha256 = ?", row -> row.getString(1), before.sha256()))
                .getFirst();
        Path folder = Files.createTempDirectory("fluss-latency");
        Path raw = folder.resolve("evidence" + LatencyFile.ending(name));
        try {
            steps.restore(evidence, before.sha256(), raw);
            LatencyReading reading = LatencyReading.of(raw, swapped, settings, progress);
            steps.change("look at the latency of %s again".formatted(run.name()), () -> {
                delete(run.id());
                insert(run.id(), before.sha256(), reading);
                return true;
            });
        } catch (InputException e) {
            throw new StudyException(String.valueOf(e.getMessage()));
        } finally {
            Files.deleteIfExists(raw);
            Files.delete(folder);
        }
    }

    void insert(long run, String sha256, LatencyReading reading) throws SQLException {
        Measurement measured = reading.measurement();
        long id = sql.insert(
                "INSERT INTO latency (run_id, sha256, source, swapped, threshold, timeout_ms, refractory_ms, rate_hz,"
                        + " ripple_hz, hum_hz, noise, clipped_share, looks_swapped) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?,"
                        + " ?, ?)",
                run,
                sha256,
                measured.source().name(),
                reading.swapped(),
                measured.settings().threshold(),
                measured.settings().timeoutMs(),
                measured.settings().refractoryMs(),
                Sql.orNull(measured.rateHz()),
                Sql.orNull(measured.light().rippleHz()),
                Sql.orNull(measured.light().humHz()),
                Sql.orNull(measured.light().noise()),
                Sql.orNull(measured.light().clippedShare()),
                measured.light().looksSwapped());
        List<Trial> trials = measured.trials();
        for (int i = 0; i < trials.size(); i++) {
            Trial trial = trials.get(i);
            sql.run(
                    "INSERT INTO trial (latency_id, number, input_ms, photon_ms, before_light, after_light, state) VALUES"
                            + " (?, ?, ?, ?, ?, ?, ?)",
                    id,
                    i + 1,
                    trial.inputMs(),
                    Sql.orNull(trial.photonMs()),
                    Sql.orNull(trial.before()),
                    Sql.orNull(trial.after()),
                    trial.state().name());
        }
        for (int i = 0; i < reading.excerpts().size(); i++) {
            Excerpt excerpt = reading.excerpts().get(i);
            sql.run(
                    "INSERT OR REPLACE INTO excerpt (sha256, swapped, number, from_ms, step_ms, data) VALUES (?, ?, ?, ?,"
                            + " ?, ?)",
                    sha256,
                    reading.swapped(),
                    i + 1,
                    excerpt.ms(0),
                    excerpt.stepMs(),
                    packed(excerpt));
        }
    }

    int delete(long run) throws SQLException {
        sql.run("DELETE FROM trial WHERE latency_id IN (SELECT id FROM latency WHERE run_id = ?)", run);
        return sql.run("DELETE FROM latency WHERE run_id = ?", run);
    }

    private StoredLatency stored(ResultSet row) throws SQLException {
        long id = row.getLong("id");
        List<JudgedTrial> judged =
                sql.list("SELECT * FROM trial WHERE latency_id = ? ORDER BY number", LatencyRecords::trial, id);
        List<Trial> trials = new ArrayList<>();
        judged.forEach(one -> trials.add(one.trial()));
        return new StoredLatency(
                id,
                row.getString("sha256"),
                row.getBoolean("swapped"),
                new Measurement(
                        Measurement.Source.valueOf(row.getString("source")),
                        new EdgeSettings(
                                row.getDouble("threshold"),
                                row.getDouble("timeout_ms"),
                                row.getDouble("refractory_ms")),
                        Sql.orNaN(row, "rate_hz"),
                        trials,
                        new Measurement.LightQuality(
                                Sql.orNaN(row, "ripple_hz"),
                                Sql.orNaN(row, "hum_hz"),
                                Sql.orNaN(row, "noise"),
                                Sql.orNaN(row, "clipped_share"),
                                row.getBoolean("looks_swapped"))),
                judged);
    }

    private static JudgedTrial trial(ResultSet row) throws SQLException {
        boolean accepted = row.getBoolean("judged");
        Optional<Boolean> judged = row.wasNull() ? Optional.empty() : Optional.of(accepted);
        return new JudgedTrial(
                row.getLong("id"),
                row.getInt("number"),
                new Trial(
                        row.getDouble("input_ms"),
                        Sql.orNaN(row, "photon_ms"),
                        Sql.orNaN(row, "before_light"),
                        Sql.orNaN(row, "after_light"),
                        Trial.State.valueOf(row.getString("state"))),
                judged);
    }

    private static byte[] packed(Excerpt excerpt) {
        ByteBuffer bytes = ByteBuffer.allocate(excerpt.size() * Float.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < excerpt.size(); i++) {
            bytes.putFloat((float) excerpt.light(i));
        }
        return Packed.pack(bytes.array());
    }

    private static Excerpt unpacked(ResultSet row) throws SQLException {
        byte[] bytes = new byte[Excerpt.MOST * Float.BYTES];
        int got = Packed.unpack(row.getBytes("data"), bytes);
        if (got < 0) {
            throw new SQLException("an excerpt of a trace is damaged");
        }
        ByteBuffer values = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        float[] light = new float[got / Float.BYTES];
        for (int i = 0; i < light.length; i++) {
            light[i] = values.getFloat();
        }
        return new Excerpt(row.getDouble("from_ms"), row.getDouble("step_ms"), light);
    }
}
