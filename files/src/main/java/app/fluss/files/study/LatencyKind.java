package app.fluss.files.study;

import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Doubt;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Excerpt;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyFile;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.InputException;
import app.fluss.files.study.StoredLatency.HandMark;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Measured latency: its trials, and the light around each of them.
final class LatencyKind extends EvidenceKind<LatencyReading, StoredLatency> {
    /// Number of the way in which edges are found: another one may find other times in the same evidence.
    private static final int METHOD = 2;

    LatencyKind() {
        super("latency", "latency", Optional.empty());
    }

    @Override
    public boolean tells(Candidate file) throws IOException, InputException {
        return LatencyFile.isSound(file.file())
                || LatencyFile.isLatency(file.sample().header());
    }

    @Override
    public LatencyReading read(Path file, Progress progress) throws IOException, InputException {
        return LatencyReading.of(file, false, EdgeSettings.DEFAULT, progress);
    }

    @Override
    String ending(String fileName) {
        return LatencyFile.ending(fileName);
    }

    @Override
    Rows pack(LatencyReading reading, Packing packing) throws IOException {
        List<Packing.Block> light = new ArrayList<>();
        for (Excerpt excerpt : reading.excerpts()) {
            light.add(packing.add(bytes(excerpt)));
        }
        return (kept, run, sha256) -> insert(kept.sql(), run, sha256, reading, packing, light);
    }

    private static long insert(
            Sql sql, long run, String sha256, LatencyReading reading, Packing packing, List<Packing.Block> light)
            throws SQLException {
        Measurement measured = reading.measurement();
        long id = sql.insert(
                "INSERT INTO latency (run_id, sha256, source, swapped, threshold, timeout_ms, refractory_ms, press, rate_hz,"
                        + " pressed, press_unclear, ripple_hz, hum_hz, coupling_ms, noise, clipped_share, looks_swapped, method)"
                        + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                run,
                sha256,
                measured.source().name(),
                reading.swapped(),
                measured.settings().threshold(),
                measured.settings().timeoutMs(),
                measured.settings().refractoryMs(),
                measured.settings().press().map(PressKind::name).orElse(null),
                Sql.orNull(measured.rateHz()),
                measured.input().pressed().map(PressKind::name).orElse(null),
                measured.input().unclear(),
                Sql.orNull(measured.light().rippleHz()),
                Sql.orNull(measured.light().humHz()),
                Sql.orNull(measured.light().couplingMs()),
                Sql.orNull(measured.light().noise()),
                Sql.orNull(measured.light().clippedShare()),
                measured.light().looksSwapped(),
                METHOD);
        List<Trial> trials = measured.trials();
        for (int i = 0; i < trials.size(); i++) {
            Trial trial = trials.get(i);
            sql.run(
                    "INSERT INTO trial (latency_id, number, input_ms, photon_ms, before_light, after_light, state, doubt)"
                            + " VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                    id,
                    i + 1,
                    trial.inputMs(),
                    Sql.orNull(trial.photonMs()),
                    Sql.orNull(trial.before()),
                    Sql.orNull(trial.after()),
                    trial.state().name(),
                    trial.doubt().name());
        }
        for (int i = 0; i < light.size(); i++) {
            Excerpt excerpt = reading.excerpts().get(i);
            sql.run(
                    "INSERT OR REPLACE INTO excerpt (sha256, swapped, number, from_ms, step_ms, data) VALUES (?, ?, ?, ?,"
                            + " ?, ?)",
                    sha256,
                    reading.swapped(),
                    i + 1,
                    excerpt.ms(0),
                    excerpt.stepMs(),
                    Steps.read(packing, light.get(i)));
        }
        return id;
    }

    private static byte[] bytes(Excerpt excerpt) {
        ByteBuffer bytes = ByteBuffer.allocate(excerpt.size() * Float.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < excerpt.size(); i++) {
            bytes.putFloat((float) excerpt.light(i));
        }
        return bytes.array();
    }

    /// Reads the light around a trial.
    static Excerpt excerpt(ResultSet row) throws SQLException {
        byte[] packed = Sql.bytes(row, "data");
        long bytes = Packed.unpackedBytes(packed);
        if (bytes < 0 || bytes > (long) Excerpt.MOST * Float.BYTES) {
            throw new IllegalArgumentException("data is no excerpt of a trace");
        }
        ByteBuffer values = ByteBuffer.wrap(Packed.unpack(packed, (int) bytes)
                        .orElseThrow(() -> new IllegalArgumentException("data is damaged")))
                .order(ByteOrder.LITTLE_ENDIAN);
        float[] light = new float[(int) bytes / Float.BYTES];
        for (int i = 0; i < light.length; i++) {
            light[i] = values.getFloat();
        }
        return new Excerpt(Sql.orNaN(row, "from_ms"), Sql.orNaN(row, "step_ms"), light);
    }

    @Override
    void deleteBelow(Sql sql, long run) throws SQLException {
        sql.run("DELETE FROM trial WHERE latency_id IN (SELECT id FROM latency WHERE run_id = ?)", run);
    }

    @Override
    StoredLatency load(Kept kept, Attached attached) throws StudyException {
        return kept.steps().read(() -> {
            List<JudgedTrial> judged = kept.sql()
                    .list(
                            "SELECT * FROM trial WHERE latency_id = ? ORDER BY number",
                            LatencyKind::trial,
                            attached.id());
            return kept.sql()
                    .list("SELECT * FROM latency WHERE id = ?", row -> stored(row, judged), attached.id())
                    .getFirst();
        });
    }

    private static StoredLatency stored(ResultSet row, List<JudgedTrial> judged) throws SQLException {
        return new StoredLatency(
                row.getLong("id"),
                Sql.text(row, "sha256"),
                row.getBoolean("swapped"),
                row.getInt("method"),
                new Measurement(
                        Sql.word(row, "source", Measurement.Source.class),
                        new EdgeSettings(
                                Sql.orNaN(row, "threshold"),
                                Sql.orNaN(row, "timeout_ms"),
                                Sql.orNaN(row, "refractory_ms"),
                                press(row, "press")),
                        Sql.orNaN(row, "rate_hz"),
                        judged.stream().map(JudgedTrial::trial).toList(),
                        new Measurement.InputQuality(press(row, "pressed"), row.getBoolean("press_unclear")),
                        new Measurement.LightQuality(
                                Sql.orNaN(row, "ripple_hz"),
                                Sql.orNaN(row, "hum_hz"),
                                Sql.orNaN(row, "coupling_ms"),
                                Sql.orNaN(row, "noise"),
                                Sql.orNaN(row, "clipped_share"),
                                row.getBoolean("looks_swapped"))),
                judged);
    }

    private static Optional<PressKind> press(ResultSet row, String column) throws SQLException {
        return row.getString(column) == null ? Optional.empty() : Optional.of(Sql.word(row, column, PressKind.class));
    }

    private static JudgedTrial trial(ResultSet row) throws SQLException {
        boolean accepted = row.getBoolean("judged");
        Optional<Boolean> judged = row.wasNull() ? Optional.empty() : Optional.of(accepted);
        return new JudgedTrial(
                row.getLong("id"),
                row.getInt("number"),
                new Trial(
                        Sql.orNaN(row, "input_ms"),
                        Sql.orNaN(row, "photon_ms"),
                        Sql.orNaN(row, "before_light"),
                        Sql.orNaN(row, "after_light"),
                        Sql.word(row, "state", Trial.State.class),
                        Sql.word(row, "doubt", Doubt.class)),
                judged,
                mark(row));
    }

    private static Optional<HandMark> mark(ResultSet row) throws SQLException {
        double ms = Sql.orNaN(row, "hand_ms");
        return Double.isNaN(ms) ? Optional.empty() : Optional.of(new HandMark(ms, Sql.orNaN(row, "hand_within_ms")));
    }

    @Override
    boolean isAsKept(Kept kept, Attached attached, Path raw) throws StudyException, IOException, InputException {
        StoredLatency stored = load(kept, attached);
        if (stored.method() != METHOD) {
            // Figures of an older method stay as they were until somebody looks at the evidence again.
            return true;
        }
        List<Trial> again = LatencyReading.of(
                        raw, stored.swapped(), stored.measurement().settings(), Progress.NONE)
                .measurement()
                .trials();
        return again.equals(stored.trials().stream().map(JudgedTrial::trial).toList());
    }
}
