package app.fluss.files.study;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// The few forms of statement that the study uses.
final class Sql {
    private final Connection connection;

    Sql(Connection connection) {
        this.connection = connection;
    }

    /// Reads one row into a value.
    @FunctionalInterface
    interface Row<T> {
        T read(ResultSet row) throws SQLException;
    }

    <T> List<T> list(String sql, Row<T> row, @Nullable Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(sql, values);
                ResultSet result = statement.executeQuery()) {
            List<T> rows = new ArrayList<>();
            while (result.next()) {
                rows.add(row.read(result));
            }
            return rows;
        }
    }

    int run(String sql, @Nullable Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(sql, values)) {
            return statement.executeUpdate();
        }
    }

    long insert(String sql, @Nullable Object... values) throws SQLException {
        run(sql, values);
        return list("SELECT last_insert_rowid()", row -> row.getLong(1)).getFirst();
    }

    private PreparedStatement prepared(String sql, @Nullable Object... values) throws SQLException {
        PreparedStatement statement = connection.prepareStatement(sql);
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        return statement;
    }

    /// A number as it is kept: NaN, which stands for "not stated", as NULL.
    static @Nullable Double orNull(double value) {
        return Double.isNaN(value) ? null : value;
    }

    /// A number as it was kept: NULL as NaN.
    static double orNaN(ResultSet row, String column) throws SQLException {
        double value = row.getDouble(column);
        return row.wasNull() ? Double.NaN : value;
    }
}
