package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Glyphs drawn here as bars of ink, one for each row: `#` is ink.
class TouchingTest {
    private static final int HEIGHT = 12;
    private static final String ONE = ".##";
    private static final String FOUR = "#..##.";
    private static final String UNIT = "##.#";
    private static final FigureNet NET = Nets.saying('4');

    private static Cluster cluster(char name, String row) {
        int width = row.length();
        float[] ink = new float[width * HEIGHT];
        for (int i = 0; i < ink.length; i++) {
            ink[i] = row.charAt(i % width) == '#' ? 1 : 0;
        }
        Cluster cluster = new Cluster(new Patch(width, ink), false);
        cluster.call(name);
        return cluster;
    }

    private static boolean holds(String row, FigureNet net, Cluster... known) {
        Cluster nameless = cluster((char) 0, row);
        List<Cluster> all = new ArrayList<>(List.of(known));
        all.add(nameless);
        return new Touching(all, new FigureShapes(new byte[0], net), 2, 0, HEIGHT).holds(nameless);
    }

    @Test
    void figuresThatTouchAreNoLookOfTheirOwn() {
        assertThat(holds(ONE + FOUR, FigureNet.NONE, cluster('1', ONE), cluster('4', FOUR)))
                .isTrue();
        assertThat(holds("#.#.#.#.#", FigureNet.NONE, cluster('1', ONE), cluster('4', FOUR)))
                .as("neither")
                .isFalse();
    }

    @Test
    void aFigureThatTouchesTheUnitIsNone() {
        assertThat(holds(ONE + UNIT, FigureNet.NONE, cluster('1', ONE), cluster('f', UNIT), cluster('4', FOUR)))
                .isTrue();
        assertThat(holds(UNIT + UNIT, FigureNet.NONE, cluster('f', UNIT), cluster('4', "######")))
                .as("letters that touch are letters")
                .isFalse();
    }

    @Test
    void aFigureWithABitBesideItIsTheFigureThatTheNetSees() {
        assertThat(holds(FOUR + "#", NET, cluster('4', FOUR))).isTrue();
        assertThat(holds("#" + FOUR, NET, cluster('4', FOUR))).isTrue();
        assertThat(holds(FOUR + "#", Nets.saying('9'), cluster('4', FOUR)))
                .as("another figure that has all of it")
                .isFalse();
        assertThat(holds("..##..#", NET, cluster('4', FOUR))).as("another look").isFalse();
    }
}
