package app.fluss.files.study;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/// The tables of a study, and the triggers that note every change of a row so that it can be undone.
final class Schema {
    /// "FLUS", in SQLite's application id.
    static final int APPLICATION_ID = 0x464C5553;

    static final int VERSION = 1;

    private static final List<String> TABLES = List.of(
            "game",
            "scene",
            "path",
            "run",
            "run_check",
            "fact",
            "claim",
            "latency",
            "trial",
            "picture_count",
            "host_log",
            "link_probe",
            "section",
            "item",
            "bench_fact",
            "tick",
            "plan",
            "wish",
            "sheet",
            "attempt",
            "pad");

    /// Tables whose rows can be changed and changed back, with their columns. Evidence, parsed logs and
    /// excerpts of traces are only ever added.
    static final Map<String, List<String>> UNDOABLE = undoable();

    private Schema() {}

    /// The columns as the database itself gives them, so that none can be forgotten.
    private static Map<String, List<String>> undoable() {
        Map<String, List<String>> tables = new LinkedHashMap<>();
        try (Connection scratch = DriverManager.getConnection("jdbc:sqlite::memory:")) {
            Sql sql = new Sql(scratch);
            for (String statement : statements()) {
                sql.run(statement);
            }
            for (String table : TABLES) {
                tables.put(table, sql.list("SELECT name FROM pragma_table_info(?)", row -> row.getString(1), table));
            }
        } catch (SQLException e) {
            throw new IllegalStateException("our own schema cannot be made", e);
        }
        return tables;
    }

    /// Makes the tables in an empty database.
    static void create(Connection connection) throws SQLException {
        Sql sql = new Sql(connection);
        for (String statement : statements()) {
            sql.run(statement);
        }
        for (var table : UNDOABLE.entrySet()) {
            trigger(sql, table.getKey(), "INSERT", "new", "NULL");
            trigger(sql, table.getKey(), "UPDATE", "old", rowJson(table.getValue()));
            trigger(sql, table.getKey(), "DELETE", "old", rowJson(table.getValue()));
        }
        sql.run("PRAGMA application_id = " + APPLICATION_ID);
        sql.run("PRAGMA user_version = " + VERSION);
    }

    private static List<String> statements() {
        try (InputStream in = Schema.class.getResourceAsStream("schema-1.sql")) {
            if (in == null) {
                throw new IllegalStateException("schema-1.sql is not in the jar");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("--"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String rowJson(List<String> columns) {
        StringBuilder json = new StringBuilder("json_object(");
        for (String column : columns) {
            json.append(json.length() > 12 ? ", " : "").append("'%s', old.%s".formatted(column, column));
        }
        return json.append(")").toString();
    }

    private static void trigger(Sql sql, String table, String event, String row, String before) throws SQLException {
        sql.run(
                ("CREATE TRIGGER note_%1$s_%2$s AFTER %2$s ON %1$s BEGIN INSERT INTO step_change (step_id, table_name, row_id,"
                                + " row) SELECT id, '%1$s', %3$s.id, %4$s FROM current_step; END")
                        .formatted(table, event, row, before));
    }

    /// Whether a database has exactly our tables and triggers, no more: a foreign trigger would run on our
    /// changes.
    static boolean isOurs(Connection connection) throws SQLException {
        try (Connection fresh = DriverManager.getConnection("jdbc:sqlite::memory:")) {
            create(fresh);
            return objects(fresh).equals(objects(connection));
        }
    }

    private static Set<String> objects(Connection connection) throws SQLException {
        return new TreeSet<>(new Sql(connection)
                .list(
                        "SELECT type || ' ' || name || ' ' || coalesce(sql, '') FROM sqlite_schema",
                        row -> row.getString(1)));
    }
}
