package app.fluss.files.study;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;

/// How a study of one version becomes one of the next.
interface UpgradeStep {
    /// The version that it starts from.
    int from();

    /// Copies what the older study holds into the tables of the next version.
    ///
    /// @param steps of the next version's database; the older one is attached to it as `old`
    /// @param notices what the user should know of it is added
    void copy(Steps steps, List<String> notices) throws SQLException, IOException, StudyException;

    /// The undo log, whose steps are of the older shape.
    List<String> UNDO = List.of("step", "step_change", "current_step");

    /// Copies every table of the older version but the undo log; the next one must have all of their columns
    /// alike.
    static void copyAllAlike(Sql sql) throws SQLException {
        for (String table : sql.list(
                "SELECT name FROM old.sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
                row -> row.getString(1))) {
            if (!UNDO.contains(table)) {
                copyAlike(sql, table);
            }
        }
    }

    /// Copies a table that both versions have alike.
    static void copyAlike(Sql sql, String table) throws SQLException {
        List<String> columns = sql.list("SELECT name FROM pragma_table_info(?)", row -> row.getString(1), table);
        String names = String.join(", ", columns);
        sql.run("INSERT INTO main.%s (%s) SELECT %s FROM old.%s".formatted(table, names, names, table));
    }
}
