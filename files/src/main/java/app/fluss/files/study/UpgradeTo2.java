package app.fluss.files.study;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.MappingFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// Version 1 kept the display mode and the cap of a run in columns of their own, looked facts that a run did not have
/// up on the bench, and let runs share the stages of their path. Version 2 freezes all of that in each run. It also
/// gives each kind of evidence a table, keeps what the importer met, and has other names for the two settings of
/// display smoothing.
final class UpgradeTo2 implements UpgradeStep {
    private static final double SLIDER_RANGE = 10;

    private static final Map<String, FactKey> SLIDERS =
            Map.of("de_judder", FactKey.LOW_RATE_SMOOTHING, "de_blur", FactKey.FULL_RATE_SMOOTHING);

    private static final List<String> ALIKE = List.of(
            "game",
            "scene",
            "section",
            "run_check",
            "latency",
            "trial",
            "picture_count",
            "link_probe",
            "item",
            "bench_fact",
            "tick",
            "plan",
            "wish",
            "sheet",
            "attempt",
            "pad",
            "evidence",
            "evidence_part",
            "parsed_column",
            "excerpt");

    @Override
    public int from() {
        return 1;
    }

    @Override
    public void copy(Steps steps, List<String> notices) throws SQLException, IOException, StudyException {
        Sql sql = steps.sql();
        for (String table : ALIKE) {
            UpgradeStep.copyAlike(sql, table);
        }
        logs(steps);
        paths(sql);
        evidence(sql);
        facts(steps, sql);
    }

    private static void paths(Sql sql) throws SQLException {
        sql.run("INSERT INTO path SELECT id, name, stages FROM old.path");
        for (Text path : sql.list("SELECT id, stages FROM old.path", row -> text(row, "stages"))) {
            sql.run("UPDATE path SET stages = ? WHERE id = ?", stages(path.text), path.id);
        }
        sql.run(
                "INSERT INTO run (id, scene_id, path_id, stages, name, simulated, claimed_fps, measured_at, outcome, reason,"
                        + " smoothness, response, artefacts, words) SELECT run.id, scene_id, path_id, path.stages, run.name, simulated,"
                        + " claimed_fps, measured_at, outcome, reason, smoothness, response, artefacts, words FROM old.run JOIN"
                        + " main.path ON path.id = path_id");
    }

    private static Text text(ResultSet row, String column) throws SQLException {
        return new Text(row.getLong("id"), Sql.text(row, column));
    }

    private record Text(long id, String text) {}

    /// Stages with the two smoothing settings under their new names.
    private static String stages(String json) {
        try {
            JsonNode stages = JsonMapper.shared().readTree(json);
            for (JsonNode stage : stages) {
                if (stage instanceof ObjectNode settings) {
                    SLIDERS.forEach((old, key) -> {
                        JsonNode value = settings.remove(old);
                        if (value != null) {
                            settings.put(key.id(), share(value.asString()));
                        }
                    });
                }
            }
            return stages.toString();
        } catch (JacksonException e) {
            throw new IllegalArgumentException("stages are none: " + e.getOriginalMessage(), e);
        }
    }

    private static String share(String of10) {
        return FactKey.text(FactKey.number(of10) / SLIDER_RANGE);
    }

    private static void evidence(Sql sql) throws SQLException {
        sql.run("INSERT INTO frame_log (run_id, sha256, log_id) SELECT run.id, sha256, log_id FROM old.run JOIN"
                + " old.parsed_log ON parsed_log.id = log_id");
        sql.run("INSERT INTO host_log (id, run_id, sha256, log_id) SELECT host_log.id, run_id, sha256, log_id FROM"
                + " old.host_log JOIN old.parsed_log ON parsed_log.id = log_id");
        for (String kind : List.of("readings", "summary")) {
            sql.run(
                    "INSERT INTO %s (run_id, sha256, count, mean_fps, lowest_fps, highest_fps, base_fps, one_percent_low_fps,"
                                    .formatted(kind)
                            + " low_convention) SELECT run_id, sha256, count, mean_fps, lowest_fps, highest_fps, base_fps,"
                            + " one_percent_low_fps, low_convention FROM old.claim WHERE lower(kind) = ?",
                    kind);
        }
    }

    /// What the importer met was not kept, so each log is read again from its evidence.
    private static void logs(Steps steps) throws SQLException, IOException, StudyException {
        Sql sql = steps.sql();
        Evidence evidence = new Evidence(steps);
        for (LogCodec.Source log : sql.list(
                "SELECT id, sha256, mapping, process FROM old.parsed_log",
                row -> new LogCodec.Source(
                        row.getLong("id"),
                        Sql.text(row, "sha256"),
                        Sql.text(row, "mapping"),
                        row.getString("process")))) {
            sql.run(
                    "INSERT INTO parsed_log (id, sha256, images, mapping, process, lead_in, segment_starts, notes) SELECT id,"
                            + " sha256, images, mapping, process, lead_in, segment_starts, ? FROM old.parsed_log WHERE id = ?",
                    notes(evidence, log),
                    log.id());
        }
    }

    private static @Nullable String notes(Evidence evidence, LogCodec.Source log) throws IOException {
        Path folder = Files.createTempDirectory("fluss-notes");
        Path raw = folder.resolve("log.csv");
        Path mapping = folder.resolve("mapping.json");
        try {
            evidence.restore(log.sha256(), raw);
            Files.writeString(mapping, log.mapping());
            ImportOptions options = ImportOptions.guess().with(MappingFile.read(mapping));
            return LogCodec.notesJson(LogImport.read(
                            raw, log.process() == null ? options : options.forProcess(log.process()), Progress.NONE)
                    .notes());
        } catch (InputException | StudyException e) {
            return null; // damaged evidence: the check of the study tells it, and the log that was parsed stands
        } finally {
            Files.deleteIfExists(raw);
            Files.deleteIfExists(mapping);
            Files.delete(folder);
        }
    }

    private static void facts(Steps steps, Sql sql) throws SQLException, StudyException {
        Map<Long, Map<String, String>> stated = new HashMap<>();
        sql.list(
                "SELECT run_id, name, value FROM old.fact",
                row -> stated.computeIfAbsent(row.getLong(1), _ -> new TreeMap<>())
                        .put(row.getString(2), row.getString(3)));
        sql.list(
                "SELECT id, refresh_hz, sync, vrr_floor_hz, cap_fps FROM old.run",
                row -> columns(row, stated.computeIfAbsent(row.getLong("id"), _ -> new TreeMap<>())));
        Bench bench = new BenchRecords(steps).read();
        RunRows runs = new RunRows(steps);
        for (OldRun run : sql.list(
                "SELECT run.id, game_id, stages, simulated FROM run JOIN scene ON scene.id = scene_id", OldRun::of)) {
            Setup own = Setup.EMPTY.withNamed(
                    renamed(stated.getOrDefault(run.id, Map.of())),
                    run.simulated ? FactSource.SIMULATED : FactSource.TYPED);
            runs.insertSetup(
                    run.id, own.orBench(bench.setup(run.game, run.chain).withoutItems()));
        }
    }

    /// What is needed of a run.
    private record OldRun(long id, long game, Chain chain, boolean simulated) {
        static OldRun of(ResultSet row) throws SQLException {
            return new OldRun(
                    row.getLong("id"),
                    row.getLong("game_id"),
                    ChainJson.read(Sql.text(row, "stages")),
                    row.getBoolean("simulated"));
        }
    }

    private static int columns(ResultSet row, Map<String, String> facts) throws SQLException {
        String sync = row.getString("sync");
        double hz = Sql.orNaN(row, "refresh_hz");
        if (sync != null && !Double.isNaN(hz)) {
            facts.put(FactKey.OUTPUT_HZ.id(), FactKey.text(hz));
            facts.put(FactKey.SYNC.id(), sync);
            facts.remove(FactKey.VRR_FLOOR_HZ.id());
            put(facts, FactKey.VRR_FLOOR_HZ, Sql.orNaN(row, "vrr_floor_hz"));
        }
        put(facts, FactKey.CAP_FPS, Sql.orNaN(row, "cap_fps"));
        return facts.size();
    }

    private static void put(Map<String, String> facts, FactKey key, double value) {
        if (!Double.isNaN(value)) {
            facts.put(key.id(), FactKey.text(value));
        }
    }

    private static Map<String, String> renamed(Map<String, String> facts) {
        Map<String, String> all = new TreeMap<>(facts);
        SLIDERS.forEach((old, key) -> {
            String value = all.remove(old);
            if (value != null) {
                all.put(key.id(), share(value));
            }
        });
        return all;
    }
}
