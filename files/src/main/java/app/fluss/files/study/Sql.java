package app.fluss.files.study;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalLong;
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

    /// Reads rows.
    ///
    /// @throws DamagedRowException if a row holds what no row of a study can
    <T> List<T> list(String sql, Row<T> row, @Nullable Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(sql, values);
                ResultSet result = statement.executeQuery()) {
            List<T> rows = new ArrayList<>();
            while (result.next()) {
                rows.add(read(row, result));
            }
            return rows;
        }
    }

    private static <T> T read(Row<T> row, ResultSet result) throws SQLException {
        try {
            return row.read(result);
        } catch (IllegalArgumentException
                | NullPointerException
                | java.time.DateTimeException
                | ArithmeticException
                | IndexOutOfBoundsException e) {
            throw DamagedRowException.in(result, e);
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
    ///
    /// @throws IllegalArgumentException if it is infinite
    static double orNaN(ResultSet row, String column) throws SQLException {
        double value = row.getDouble(column);
        if (row.wasNull()) {
            return Double.NaN;
        }
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("%s is %s".formatted(column, value));
        }
        return value;
    }

    /// A whole number that may be missing.
    static OptionalLong number(ResultSet row, String column) throws SQLException {
        long value = row.getLong(column);
        return row.wasNull() ? OptionalLong.empty() : OptionalLong.of(value);
    }

    /// A text that is there.
    ///
    /// @throws IllegalArgumentException if it is missing
    static String text(ResultSet row, String column) throws SQLException {
        String text = row.getString(column);
        if (text == null) {
            throw new IllegalArgumentException("%s is missing".formatted(column));
        }
        return text;
    }

    /// Bytes that are there. Where a page of the file is damaged even a column that takes no NULL can give one.
    ///
    /// @throws IllegalArgumentException if they are missing
    static byte[] bytes(ResultSet row, String column) throws SQLException {
        byte[] bytes = row.getBytes(column);
        if (bytes == null) {
            throw new IllegalArgumentException("%s is missing".formatted(column));
        }
        return bytes;
    }

    /// One of the words that a column can hold.
    ///
    /// @throws IllegalArgumentException if it holds another
    static <E extends Enum<E>> E word(ResultSet row, String column, Class<E> words) throws SQLException {
        String word = row.getString(column);
        return Arrays.stream(words.getEnumConstants())
                .filter(one -> one.name().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("%s is \"%s\", which is none of %s"
                        .formatted(column, word, Arrays.toString(words.getEnumConstants()))));
    }

    /// A date as `2026-11-27`.
    static LocalDate date(ResultSet row, String column) throws SQLException {
        return LocalDate.parse(text(row, column));
    }
}
