package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class NameOrderTest {
    @Test
    void numbersStandByTheirValueAndLettersWhateverTheirCase() {
        List<String> names =
                List.of("game 10", "Game 2", "ärger", "game", "game 2b", "Zebra", "game 02", "x4 · fixed", "x10");
        assertThat(names.stream().sorted(NameOrder.NAMES).toList())
                .containsExactly(
                        "game", "Game 2", "game 02", "game 2b", "game 10", "x4 · fixed", "x10", "Zebra", "ärger");
        assertThat(NameOrder.NAMES.compare("build 99999999999999999999", "build 100000000000000000000"))
                .isNegative();
    }

    @Test
    void itIsAnOrderForAnyNames() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            String a = name(random);
            String b = name(random);
            String c = name(random);
            int order = NameOrder.NAMES.compare(a, b);
            assertThat(Integer.signum(NameOrder.NAMES.compare(b, a))).isEqualTo(-Integer.signum(order));
            assertThat(order == 0).isEqualTo(a.equals(b));
            if (order < 0 && NameOrder.NAMES.compare(b, c) < 0) {
                assertThat(NameOrder.NAMES.compare(a, c))
                        .as("%s, %s, %s", a, b, c)
                        .isNegative();
            }
        }
    }

    private static String name(Random random) {
        StringBuilder name = new StringBuilder();
        for (int length = random.nextInt(5); length > 0; length--) {
            name.append("01aAb ".charAt(random.nextInt(6)));
        }
        return name.toString();
    }
}
