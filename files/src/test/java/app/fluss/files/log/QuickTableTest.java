package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.reading.QuickRow;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class QuickTableTest {
    private static List<QuickRow> rows(String text) {
        return QuickTable.read(text).rows();
    }

    @Test
    void aHeaderInAnyOrderIsRead() {
        List<QuickRow> rows = rows("Avg FPS\tMode\tSpiel\t1% Low\tMin\tGPU temp\n61,5\toff\tReed\t44\t39\t71\n");
        assertThat(rows)
                .containsExactly(
                        new QuickRow("Reed", "", "off", "61,5", "39", "", "44", "", false, "", "GPU temp: 71"));
        assertThat(rows("game;path;average;0.1 % low\nReed;native;60;31\n")
                        .getFirst()
                        .low())
                .as("another low is none of ours")
                .isEmpty();
    }

    @Test
    void withoutAHeaderTheColumnsAreThoseOfTheTable() {
        assertThat(rows("Reed\tweir\tnative\t60\t\t\t41\tpercentile\ttool\t4\twet\n\n\tweir\tdriver 2x\t98"))
                .containsExactly(
                        new QuickRow("Reed", "weir", "native", "60", "", "", "41", "percentile", true, "4", "wet"),
                        new QuickRow("", "weir", "driver 2x", "98", "", "", "", "", false, "", ""));
    }

    @Test
    void aRangeColumnGivesBothEnds() {
        QuickRow row =
                rows("game\tpath\taverage\trange\nReed\tnative\t36\t33 – 40\n").getFirst();
        assertThat(row.lowest()).isEqualTo("33");
        assertThat(row.highest()).isEqualTo("40");
    }

    @Test
    void whatIsNoTableGivesNothing() {
        assertThat(rows("")).isEmpty();
        assertThat(rows("\n \n")).isEmpty();
        assertThat(QuickTable.isHeader(List.of("present_ms", "kind"))).isFalse();
        assertThat(QuickTable.isHeader(List.of("game", "average"))).isTrue();
    }

    @Test
    void moreRowsThanFitAreSaidToBeCut() {
        String row = "Reed\tweir\tnative\t60\n";
        assertThat(QuickTable.read(row.repeat(QuickTable.MOST_ROWS)).cut()).isFalse();
        QuickTable.Pasted pasted = QuickTable.read(row.repeat(QuickTable.MOST_ROWS + 1));
        assertThat(pasted.cut()).isTrue();
        assertThat(pasted.rows()).hasSize(QuickTable.MOST_ROWS);
    }

    /// Whatever is on the clipboard: rows or none, never a fault, and what is wrong in a row says where.
    @Test
    void anythingOnTheClipboardIsRowsOrNone() {
        String whole = "game\tpath\taverage\t1% low\n\"Re\"\"ed\"\tnative\t60\t41\n\tdriver 2x\t98\t66\n";
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 3000; round++) {
            StringBuilder text = new StringBuilder(whole);
            for (int hit = 0; hit < 1 + round % 4; hit++) {
                text.setCharAt(random.nextInt(text.length()), (char) (9 + random.nextInt(200)));
                text.insert(random.nextInt(text.length()), (char) random.nextInt(0x3000));
            }
            for (QuickRow row : rows(text.toString())) {
                switch (row.after(QuickRow.EMPTY).read()) {
                    case QuickRow.Reading.Read read -> assertThat(read.lowFps()).isNotEqualTo(Double.POSITIVE_INFINITY);
                    case QuickRow.Reading.Refused(QuickRow.Column column, String why) -> {
                        assertThat(column).isNotNull();
                        assertThat(why).isNotBlank();
                    }
                }
            }
        }
    }
}
