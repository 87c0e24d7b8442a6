package app.fluss.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class DataTableTest {
    /// The characters are those that common advice on CSV injection names: = + - @ tab, carriage return.
    @Test
    void whatASpreadsheetWouldRunIsDefusedAndNumbersAreNot() {
        DataTable table = new DataTable.Builder("name", "value")
                .row("=1+1", "-4.5")
                .row("@SUM(A1)", "+3")
                .row("-2+3", "1e-7")
                .row("plain, with \"quotes\"", "")
                .build();
        assertThat(table.csv())
                .isEqualTo("name,value\n'=1+1,-4.5\n'@SUM(A1),+3\n'-2+3,1e-7\n\"plain, with \"\"quotes\"\"\",\n");
        assertThat(table.tabbed()).startsWith("name\tvalue\n'=1+1\t-4.5\n");
    }

    @Test
    void rowsAreAsLongAsTheHeader() {
        assertThatThrownBy(() -> new DataTable(List.of("a", "b"), List.of(List.of("1"))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aNumberIsReadBackAsItWas() {
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 10_000; i++) {
            double value = Double.longBitsToDouble(random.nextLong());
            assertThat(Cell.of(value).isEmpty() ? Double.isFinite(value) : Double.parseDouble(Cell.of(value)) != value)
                    .as(Double.toString(value))
                    .isFalse();
        }
        assertThat(Cell.of(60)).isEqualTo("60");
        assertThat(Cell.of(Figure.missing("not there"))).isEmpty();
    }
}
