package app.fluss.files.study;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Collectors;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/// Writes chosen games of a study as a study of its own: their scenes, runs and evidence, the bench and
/// the schools. What is planned, what is known of people, what is noted beside a run that is being
/// measured, and what could be undone stays behind.
final class HandOn {
    private static final List<String> STAYS = List.of(
            "pad",
            "attempt",
            "tick",
            "sheet",
            "wish",
            "feel_trial",
            "feel_reach",
            "feel_session",
            "blind_answer",
            "blind_block",
            "blind_opened",
            "drill_round",
            "step_change",
            "step",
            "current_step");

    private HandOn() {}

    /// Writes it beside the target first and puts it in its place at once.
    ///
    /// @param steps of the study that is handed on, which is only read
    /// @param games numbers of those that go along
    static void write(Steps steps, List<Long> games, Path to) throws StudyException, IOException {
        Path fresh = to.resolveSibling("." + to.getFileName() + ".writing");
        boolean done = false;
        try {
            Files.deleteIfExists(fresh);
            copy(steps, fresh, to);
            try (Connection connection = StudyFile.connection(fresh, true)) {
                strip(new Sql(connection), games);
            } catch (SQLException e) {
                throw StudyFile.explain(to, e);
            }
            StudyFile.replace(fresh, to);
            done = true;
        } finally {
            if (!done) {
                Files.deleteIfExists(fresh);
                Files.deleteIfExists(fresh.resolveSibling(fresh.getFileName() + "-journal"));
            }
        }
    }

    private static void copy(Steps steps, Path fresh, Path to) throws StudyException {
        try {
            steps.read(() -> steps.sql().run("VACUUM INTO ?", fresh.toString()));
        } catch (StudyException e) {
            // What is damaged is the study that is read; all else is about the place.
            throw e.getCause() instanceof SQLiteException fault
                            && fault.getResultCode() != SQLiteErrorCode.SQLITE_CORRUPT
                    ? StudyFile.explain(to, fault)
                    : e;
        }
    }

    private static void strip(Sql sql, List<Long> games) throws SQLException {
        String kept = games.stream().map(String::valueOf).collect(Collectors.joining(", ", "(", ")"));
        sql.run("PRAGMA foreign_keys = OFF");
        sql.run("BEGIN IMMEDIATE");
        for (String table : STAYS) {
            sql.run("DELETE FROM " + table);
        }
        sql.run("DELETE FROM game_school WHERE game_id NOT IN " + kept);
        sql.run("DELETE FROM bench_fact WHERE game_id NOT IN " + kept);
        sql.run("DELETE FROM game WHERE id NOT IN " + kept);
        sql.run("DELETE FROM scene WHERE game_id NOT IN (SELECT id FROM game)");
        sql.run("DELETE FROM run WHERE scene_id NOT IN (SELECT id FROM scene)");
        List<String> ofRuns = tables(sql, "run_id");
        for (String table : ofRuns) {
            sql.run("DELETE FROM %s WHERE run_id NOT IN (SELECT id FROM run)".formatted(table));
        }
        sql.run("DELETE FROM trial WHERE latency_id NOT IN (SELECT id FROM latency)");
        sql.run("DELETE FROM correction WHERE recording_id NOT IN (SELECT id FROM recording)");
        sql.run("DELETE FROM path WHERE id NOT IN (SELECT path_id FROM run)");
        sql.run("DELETE FROM parsed_log WHERE id NOT IN (SELECT log_id FROM frame_log)"
                + " AND id NOT IN (SELECT log_id FROM host_log)");
        sql.run("DELETE FROM parsed_column WHERE log_id NOT IN (SELECT id FROM parsed_log)");
        String used = ofRuns.stream()
                .filter(table -> columns(sql, table).contains("sha256"))
                .map("SELECT sha256 FROM %s"::formatted)
                .collect(Collectors.joining(" UNION "));
        for (String table : List.of("evidence", "evidence_part", "excerpt")) {
            sql.run("DELETE FROM %s WHERE sha256 NOT IN (%s)".formatted(table, used));
        }
        sql.run("COMMIT");
        sql.run("VACUUM");
    }

    /// Tables that have a column.
    static List<String> tables(Sql sql, String column) throws SQLException {
        return sql.list(
                "SELECT m.name FROM sqlite_schema m, pragma_table_info(m.name) c WHERE m.type = 'table'"
                        + " AND c.name = ? ORDER BY m.name",
                row -> row.getString(1),
                column);
    }

    private static List<String> columns(Sql sql, String table) {
        try {
            return sql.list("SELECT name FROM pragma_table_info(?)", row -> row.getString(1), table);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
