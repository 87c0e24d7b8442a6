package app.fluss.files.study;

import java.sql.SQLException;
import java.util.List;

/// Version 2 knew no reasons of doubtful trials, no marks set by hand and no choice of what a press is.
final class UpgradeTo3 implements UpgradeStep {
    private static final List<String> CHANGED = List.of("latency", "trial");
    private static final List<String> UNDO = List.of("step", "step_change", "current_step");

    @Override
    public int from() {
        return 2;
    }

    @Override
    public void copy(Steps steps, List<String> notices) throws SQLException {
        Sql sql = steps.sql();
        for (String table : sql.list(
                "SELECT name FROM old.sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
                row -> row.getString(1))) {
            if (!CHANGED.contains(table) && !UNDO.contains(table)) {
                UpgradeStep.copyAlike(sql, table);
            }
        }
        sql.run(
                "INSERT INTO latency (id, run_id, sha256, source, swapped, threshold, timeout_ms, refractory_ms, rate_hz,"
                        + " press_unclear, ripple_hz, hum_hz, noise, clipped_share, looks_swapped, method) SELECT id, run_id, sha256,"
                        + " source, swapped, threshold, timeout_ms, refractory_ms, rate_hz, 0, ripple_hz, hum_hz, noise, clipped_share,"
                        + " looks_swapped, 1 FROM old.latency");
        // An ambiguous trial counted before until somebody rejected it: it goes on counting.
        sql.run(
                "INSERT INTO trial (id, latency_id, number, input_ms, photon_ms, before_light, after_light, state, doubt,"
                        + " judged) SELECT id, latency_id, number, input_ms, photon_ms, before_light, after_light, state,"
                        + " CASE state WHEN 'MISSED' THEN 'NOTHING_CHANGED' WHEN 'AMBIGUOUS' THEN 'NOT_AT_REST' ELSE 'NONE' END,"
                        + " CASE WHEN state = 'AMBIGUOUS' AND photon_ms IS NOT NULL THEN COALESCE(judged, 1) ELSE judged END"
                        + " FROM old.trial");
    }
}
