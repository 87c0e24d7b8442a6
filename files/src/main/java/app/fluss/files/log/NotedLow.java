package app.fluss.files.log;

import app.fluss.core.measure.Figure;

/// The columns of a 1 % low that a tool named.
final class NotedLow {
    static final String LOW = "one_percent_low_fps";
    static final String CONVENTION = "low_convention";

    private NotedLow() {}

    /// A low above the mean is a slip: two columns were taken for each other.
    static void require(SmallTable.Row row, Figure mean) throws InputException {
        if (row.number(LOW).orNaN() > mean.orNaN()) {
            throw row.fault(LOW, "a 1 % low that is not above the average");
        }
    }
}
