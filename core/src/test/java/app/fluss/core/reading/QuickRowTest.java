package app.fluss.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.reading.QuickRow.Column;
import app.fluss.core.reading.QuickRow.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuickRowTest {
    private static QuickRow row(String average, String lowest, String highest, String low, String felt, String notes) {
        return new QuickRow("Reed", "weir", "native", average, lowest, highest, low, "", false, felt, notes);
    }

    private static Reading.Read read(QuickRow row) {
        return (Reading.Read) row.read();
    }

    @Test
    void numbersRangesAndFeelingsAreRead() {
        Reading.Read plain = read(row("36,8", "31", "", "28.5", "4", "rain"));
        assertThat(plain.averageFps()).isEqualTo(36.8);
        assertThat(plain.lowestFps()).isEqualTo(31);
        assertThat(plain.highestFps()).isNaN();
        assertThat(plain.lowFps()).isEqualTo(28.5);
        assertThat(plain.impression()).isEqualTo(new Impression(0, 4, 0, "rain"));
        Reading.Read range = read(row("33–40 fps", "", "", "", "heavy", ""));
        assertThat(range.averageFps()).isEqualTo(36.5);
        assertThat(range.lowestFps()).isEqualTo(33);
        assertThat(range.highestFps()).isEqualTo(40);
        assertThat(range.impression().words()).isEqualTo("latency felt: heavy");
        assertThat(read(row("", "", "", "", "2", "")).averageFps())
                .as("felt only")
                .isNaN();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "7O; ''; ''; ''; AVERAGE",
                "70; 71; ''; ''; LOWEST",
                "70; ''; 69; ''; HIGHEST",
                "70; ''; ''; 70.5; LOW",
                "70; ''; ''; many; LOW",
                "''; 60; ''; ''; AVERAGE",
                "''; ''; ''; ''; AVERAGE"
            })
    void aSlipIsRefusedWhereItIs(String average, String lowest, String highest, String low, Column column) {
        assertThat(row(average, lowest, highest, low, "", "").read())
                .isInstanceOfSatisfying(
                        Reading.Refused.class,
                        refused -> assertThat(refused.column()).isEqualTo(column));
    }

    @Test
    void aRowGoesOnWithGameAndSceneOfTheOneAbove() {
        QuickRow first = new QuickRow("Reed", "weir", "", "60", "", "", "", "", false, "", "").after(QuickRow.EMPTY);
        assertThat(first.path()).as("a game begins natively").isEqualTo("native");
        QuickRow second = new QuickRow("", "", "driver 2x", "90", "", "", "", "", false, "", "").after(first);
        assertThat(second.game()).isEqualTo("Reed");
        assertThat(second.scene()).isEqualTo("weir");
        QuickRow other = new QuickRow("Moor", "", "", "50", "", "", "", "", false, "", "").after(second);
        assertThat(other.scene()).isEqualTo(QuickRow.SCENE);
        assertThat(other.path()).isEqualTo("native");
        assertThat(new QuickRow("", "", "", "", "", "", "", "", false, "", "").isBlank())
                .isTrue();
    }
}
