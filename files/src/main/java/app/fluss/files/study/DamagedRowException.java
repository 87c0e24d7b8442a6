package app.fluss.files.study;

import java.sql.ResultSet;
import java.sql.SQLException;

/// A row that a hand or a fault has changed into what no row of a study can be.
final class DamagedRowException extends SQLException {
    private static final long serialVersionUID = 1L;

    private DamagedRowException(String message, Throwable cause) {
        super(message, cause);
    }

    /// Names the table and the row that were read.
    static DamagedRowException in(ResultSet row, RuntimeException e) {
        return new DamagedRowException("%s cannot be read: %s.".formatted(place(row), e.getMessage()), e);
    }

    private static String place(ResultSet row) {
        try {
            String table = row.getMetaData().getTableName(1);
            for (int column = 1; column <= row.getMetaData().getColumnCount(); column++) {
                if (row.getMetaData().getColumnName(column).equals("id")) {
                    return "row %d of table %s".formatted(row.getLong(column), table);
                }
            }
            return "a row of table " + table;
        } catch (SQLException e) {
            return "a row";
        }
    }
}
