package app.fluss.files.study;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.reading.Impression;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/// Runs as rows: with their path, and what a counter or a tool said of them.
final class RunRows {
    private static final String RUNS =
            "SELECT run.*, path.name AS path_name, path.stages, kind, count, mean_fps, lowest_fps,"
                    + " highest_fps, base_fps, one_percent_low_fps, low_convention, latency.id AS latency_id FROM run JOIN path ON path.id = path_id"
                    + " LEFT JOIN claim ON claim.run_id = run.id LEFT JOIN latency ON latency.run_id = run.id";

    private final Sql sql;

    RunRows(Sql sql) {
        this.sql = sql;
    }

    /// All runs, in the order they were added.
    List<Run> all() throws SQLException {
        return sql.list(RUNS + " ORDER BY run.id", RunRows::run);
    }

    /// One run.
    Run numbered(long id) throws SQLException {
        return sql.list(RUNS + " WHERE run.id = ?", RunRows::run, id).getFirst();
    }

    /// Adds a run; its game, scene and path are made if they are new.
    ///
    /// @return its number
    long insert(RunDraft draft, OptionalLong logId) throws SQLException {
        long game =
                findOrInsert("SELECT id FROM game WHERE name = ?", "INSERT INTO game (name) VALUES (?)", draft.game());
        long scene = findOrInsert(
                "SELECT id FROM scene WHERE game_id = ? AND name = ?",
                "INSERT INTO scene (game_id, name) VALUES (?, ?)",
                game,
                draft.scene());
        List<Long> known = sql.list("SELECT id FROM path WHERE name = ?", row -> row.getLong(1), draft.path());
        long path = known.isEmpty()
                ? sql.insert(
                        "INSERT INTO path (name, stages) VALUES (?, ?)", draft.path(), ChainJson.write(draft.chain()))
                : known.getFirst();
        Taking taking = draft.taking();
        return sql.insert(
                "INSERT INTO run (scene_id, path_id, name, log_id, simulated, refresh_hz, sync, vrr_floor_hz, cap_fps,"
                        + " claimed_fps, measured_at, outcome, reason, smoothness, response, artefacts, words) VALUES (?, ?, ?,"
                        + " ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                scene,
                path,
                draft.name(),
                logId.isPresent() ? logId.getAsLong() : null,
                draft.simulated(),
                draft.display().map(DisplayMode::refreshHz).orElse(null),
                draft.display().map(mode -> mode.sync().label()).orElse(null),
                draft.display().map(mode -> Sql.orNull(mode.vrrFloorHz())).orElse(null),
                Sql.orNull(draft.capFps()),
                Sql.orNull(draft.claimedFps()),
                taking.measuredAtMs().isPresent() ? taking.measuredAtMs().getAsLong() : null,
                taking.outcome().name(),
                taking.reason(),
                taking.impression().smoothness(),
                taking.impression().response(),
                taking.impression().artefacts(),
                taking.impression().words());
    }

    private long findOrInsert(String query, String insert, Object... values) throws SQLException {
        List<Long> known = sql.list(query, row -> row.getLong(1), values);
        return known.isEmpty() ? sql.insert(insert, values) : known.getFirst();
    }

    private static Run run(ResultSet row) throws SQLException {
        double hz = Sql.orNaN(row, "refresh_hz");
        Optional<DisplayMode> display = Double.isNaN(hz)
                ? Optional.empty()
                : SyncMode.named(Optional.ofNullable(row.getString("sync")).orElse(""))
                        .map(sync -> displayMode(hz, sync, row));
        return new Run(
                row.getLong("id"),
                row.getLong("scene_id"),
                new DeliveryPath(
                        row.getLong("path_id"), row.getString("path_name"), ChainJson.read(row.getString("stages"))),
                row.getString("name"),
                row.getObject("log_id") == null ? OptionalLong.empty() : OptionalLong.of(row.getLong("log_id")),
                row.getBoolean("simulated"),
                display,
                Sql.orNaN(row, "cap_fps"),
                Sql.orNaN(row, "claimed_fps"),
                claim(row),
                row.getObject("latency_id") == null ? OptionalLong.empty() : OptionalLong.of(row.getLong("latency_id")),
                taking(row));
    }

    private static Taking taking(ResultSet row) throws SQLException {
        return new Taking(
                row.getObject("measured_at") == null
                        ? OptionalLong.empty()
                        : OptionalLong.of(row.getLong("measured_at")),
                Outcome.valueOf(row.getString("outcome")),
                row.getString("reason"),
                impression(row));
    }

    static Impression impression(ResultSet row) throws SQLException {
        return new Impression(
                row.getInt("smoothness"), row.getInt("response"), row.getInt("artefacts"), row.getString("words"));
    }

    private static Optional<Claim> claim(ResultSet row) throws SQLException {
        String kind = row.getString("kind");
        if (kind == null) {
            return Optional.empty();
        }
        return Optional.of(new Claim(
                Claim.Kind.valueOf(kind),
                row.getInt("count"),
                figure(row, "mean_fps"),
                figure(row, "lowest_fps"),
                figure(row, "highest_fps"),
                figure(row, "base_fps"),
                figure(row, "one_percent_low_fps"),
                row.getString("low_convention")));
    }

    private static Figure figure(ResultSet row, String column) throws SQLException {
        return Figure.ofFinite(Sql.orNaN(row, column), "the file does not say");
    }

    private static DisplayMode displayMode(double hz, SyncMode sync, ResultSet row) {
        try {
            return new DisplayMode(hz, sync, Sql.orNaN(row, "vrr_floor_hz"));
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /// Adds what a counter or a tool said of a run.
    void insertClaim(long run, String sha256, Claim claim) throws SQLException {
        sql.insert(
                "INSERT INTO claim (run_id, sha256, kind, count, mean_fps, lowest_fps, highest_fps, base_fps,"
                        + " one_percent_low_fps, low_convention) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                run,
                sha256,
                claim.kind().name(),
                claim.count(),
                Sql.orNull(claim.mean().orNaN()),
                Sql.orNull(claim.lowest().orNaN()),
                Sql.orNull(claim.highest().orNaN()),
                Sql.orNull(claim.base().orNaN()),
                Sql.orNull(claim.onePercentLow().orNaN()),
                claim.lowConvention());
    }
}
