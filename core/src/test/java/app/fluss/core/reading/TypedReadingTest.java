package app.fluss.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedReadingTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "70; 70; 70",
                " 71,5 ; 71.5; 71.5",
                "33-40; 33; 40",
                "33–40; 33; 40",
                "33 — 40.5; 33; 40.5",
                "0; 0; 0"
            })
    void numbersAndRangesAreRead(String typed, double low, double high) {
        assertThat(TypedReading.of(typed)).isEqualTo(new TypedReading.Read(low, high));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "7O; a letter stands where a digit would",
                "l20; a letter stands where a digit would",
                "about 70; digits are expected",
                "40-33; the lower end comes first",
                "1-2-3; a range has two ends",
                "60-; digits are expected",
                "-5; digits are expected",
                "99999; a rate from 0 to 5000"
            })
    void everythingElseIsRefusedWithTheReason(String typed, String why) {
        assertThat(TypedReading.of(typed))
                .isInstanceOfSatisfying(
                        TypedReading.Refused.class,
                        refused -> assertThat(refused.why())
                                .contains(typed.strip())
                                .contains(why));
    }

    @Test
    void aRangeCountsWithItsMiddle() {
        List<PadEntry> entries = List.of(
                new PadEntry.Counted(1000, new TypedReading.Read(30, 40)),
                new PadEntry.Marked(1500, PadMark.WORST),
                new PadEntry.Counted(2000, new TypedReading.Read(45, 45)));
        assertThat(PadEntry.series(entries).mean().orNaN()).isEqualTo(40);
        assertThat(PadEntry.series(List.of()).mean().isKnown()).isFalse();
    }

    @Test
    void everyMarkHasAKeyOfItsOwn() {
        assertThat(PadMark.values()).extracting(PadMark::key).doesNotHaveDuplicates();
        assertThat(PadMark.of('w')).contains(PadMark.WORST);
        assertThat(PadMark.of('7')).isEmpty();
    }
}
