package app.fluss.files.share;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class ShownTest {
    @Test
    void namesAreOnOneLineAndCutBetweenLetters() {
        assertThat(Shown.name(" Weir\nHouse\t")).isEqualTo("Weir House");
        assertThat(Shown.words("a\u202Eb\u200Bc\uFEFF")).isEqualTo("abc");
        assertThat(Shown.name("😀".repeat(60))).isEqualTo("😀".repeat(Shown.NAME - 1) + "…");
        assertThat(Shown.name("x".repeat(Shown.NAME))).hasSize(Shown.NAME).doesNotContain("…");
    }

    /// Whatever stands in a study: nothing that steers the text around it is left, and nothing fails.
    @Test
    void anyTextCanBeShown() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 5_000; i++) {
            StringBuilder any = new StringBuilder();
            for (int c = 0; c < 40; c++) {
                any.append((char) random.nextInt(0x10000));
            }
            assertThat(Shown.name(any.toString()).codePoints())
                    .noneMatch(letter -> Character.getType(letter) == Character.CONTROL
                            || Character.getType(letter) == Character.FORMAT
                            || Character.getType(letter) == Character.SURROGATE);
        }
    }
}
