package app.fluss.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The property of Williams 1949, counted: no single square is asserted.
class WilliamsTest {
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8, 11})
    void everyPlaceAndEveryPairComesEquallyOften(int n) {
        int[][] rows = Williams.rows(n);
        int each = n % 2 == 0 ? 1 : 2;
        assertThat(rows).hasNumberOfRows(n * each);
        int[][] places = new int[n][n];
        int[][] pairs = new int[n][n];
        for (int[] row : rows) {
            assertThat(Arrays.stream(row).sorted())
                    .containsExactlyElementsOf(IntStream.range(0, n).boxed().toList());
            for (int place = 0; place < n; place++) {
                places[place][row[place]]++;
                if (place > 0) {
                    pairs[row[place - 1]][row[place]]++;
                }
            }
        }
        for (int a = 0; a < n; a++) {
            for (int b = 0; b < n; b++) {
                assertThat(places[a][b]).isEqualTo(each);
                assertThat(pairs[a][b]).isEqualTo(a == b ? 0 : each);
            }
        }
    }
}
