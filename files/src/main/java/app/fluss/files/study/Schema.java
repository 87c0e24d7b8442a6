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
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;

/// The tables of a study in each version, and the triggers that note every change of a row so that it can
/// be undone. The tables of a version stand in `schema-N.sql` and never change once it was released;
/// whatever changes tables is a new version and an [Upgrade] to it.
final class Schema {
    /// "FLUS", in SQLite's application id.
    static final int APPLICATION_ID = 0x464C5553;

    /// The version that this program writes.
    static final int VERSION = 7;

    /// Tables whose rows are only ever added, and the undo log's own: no step changes them back.
    private static final Set<String> NOT_UNDOABLE = Set.of(
            "evidence",
            "evidence_part",
            "parsed_log",
            "parsed_column",
            "excerpt",
            "blind_opened",
            "step",
            "step_change",
            "current_step",
            "sqlite_sequence");

    private static final Map<Integer, Set<String>> OBJECTS = new ConcurrentHashMap<>();

    /// Tables whose rows can be changed and changed back, with their columns, as the database itself
    /// gives them, so that none can be forgotten.
    static final Map<String, List<String>> UNDOABLE = undoable();

    private Schema() {}

    private static Map<String, List<String>> undoable() {
        try (Connection scratch = scratch()) {
            return tables(new Sql(scratch), VERSION);
        } catch (SQLException e) {
            throw new IllegalStateException("our own schema cannot be made", e);
        }
    }

    private static Connection scratch() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite::memory:");
    }

    /// Makes the tables alone.
    ///
    /// @return those whose changes can be undone, with their columns
    private static Map<String, List<String>> tables(Sql sql, int version) throws SQLException {
        for (String statement : statements(version)) {
            sql.run(statement);
        }
        Map<String, List<String>> undoable = new LinkedHashMap<>();
        for (String table : sql.list(
                "SELECT name FROM sqlite_schema WHERE type = 'table' ORDER BY name", row -> row.getString(1))) {
            if (!NOT_UNDOABLE.contains(table)) {
                undoable.put(table, sql.list("SELECT name FROM pragma_table_info(?)", row -> row.getString(1), table));
            }
        }
        return undoable;
    }

    /// Makes the tables of this program's version in an empty database.
    static void create(Connection connection) throws SQLException {
        create(connection, VERSION);
    }

    /// Makes the tables of a version in an empty database.
    static void create(Connection connection, int version) throws SQLException {
        Sql sql = new Sql(connection);
        for (var table : tables(sql, version).entrySet()) {
            trigger(sql, table.getKey(), "INSERT", "new", "NULL");
            trigger(sql, table.getKey(), "UPDATE", "old", rowJson(table.getValue()));
            trigger(sql, table.getKey(), "DELETE", "old", rowJson(table.getValue()));
        }
        sql.run("PRAGMA application_id = " + APPLICATION_ID);
        sql.run("PRAGMA user_version = " + version);
    }

    private static List<String> statements(int version) {
        String name = "schema-" + version + ".sql";
        try (InputStream in = Schema.class.getResourceAsStream(name)) {
            return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8)
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

    /// Whether a database has exactly the tables and triggers of a version, no more: a foreign trigger
    /// would run on our changes.
    ///
    /// @param version 1 to [#VERSION]
    static boolean isOurs(Connection connection, int version) throws SQLException {
        Set<String> expected = OBJECTS.get(version);
        if (expected == null) {
            try (Connection fresh = scratch()) {
                create(fresh, version);
                expected = objects(fresh);
            }
            OBJECTS.put(version, expected);
        }
        return expected.equals(objects(connection));
    }

    private static Set<String> objects(Connection connection) throws SQLException {
        return new TreeSet<>(new Sql(connection)
                .list(
                        "SELECT type || ' ' || name || ' ' || coalesce(sql, '') FROM sqlite_schema",
                        row -> row.getString(1)));
    }
}
