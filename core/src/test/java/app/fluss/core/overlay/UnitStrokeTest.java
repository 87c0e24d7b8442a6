package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.function.IntUnaryOperator;
import org.junit.jupiter.api.Test;

/// Numbers of one figure and a stroke behind it, by nothing but where their glyphs stand and what a net says of them.
class UnitStrokeTest {
    private static final int SAMPLES = 100;
    private static final int WIDTH = 4;
    private static final int KINDS = 6;

    private final Map<Cluster, Opinion> said = new LinkedHashMap<>();

    private Cluster cluster(char name, FigureNet net, IntPredicate in, IntUnaryOperator left) {
        Patch look = new Patch(WIDTH, new float[WIDTH * 10]);
        Cluster cluster = new Cluster(look, false);
        for (int i = 0; i < SAMPLES; i++) {
            if (in.test(i)) {
                int x = left.applyAsInt(i);
                cluster.add(look, new Cluster.Place(i, new Box(x, 0, x + WIDTH - 1, 9)));
            }
        }
        cluster.call(name);
        FigureShapes.Nearest nearest =
                new FigureShapes(new byte[0], net).nearest(new float[FigureShapes.SIDE * FigureShapes.SIDE]);
        said.put(cluster, new Opinion(new Votes(), nearest, false));
        return cluster;
    }

    /// What a 1 is called that stands behind the figures 1 to `kinds`, and behind it nothing, or more figures.
    private char named(FigureNet net, int kinds, IntPredicate followed) {
        List<Cluster> all = new ArrayList<>();
        Cluster stroke = cluster('1', net, _ -> true, i -> 20 + i % 3);
        all.add(stroke);
        for (int kind = 0; kind < kinds; kind++) {
            int own = kind;
            char name = (char) ('1' + kind);
            all.add(cluster(name, Nets.saying(name), i -> i % kinds == own, _ -> 10));
        }
        all.add(cluster('7', Nets.saying('7'), followed, _ -> 30));
        new UnitStroke(said, SAMPLES).name(all);
        return stroke.name();
    }

    @Test
    void theFirstStrokeOfAUnitIsALetter() {
        assertThat(named(Nets.sayingNone(), KINDS, _ -> false)).isEqualTo(GlyphClass.OTHER);
    }

    @Test
    void aFigureThatIsAlwaysLastIsOneToTheNet() {
        assertThat(named(Nets.saying('1'), KINDS, _ -> false)).isEqualTo('1');
    }

    @Test
    void whatOtherFiguresFollowMayBeOne() {
        assertThat(named(Nets.sayingNone(), KINDS, i -> i % 4 == 0)).isEqualTo('1');
    }

    @Test
    void behindFewFiguresItMayBeOne() {
        assertThat(named(Nets.sayingNone(), 2, _ -> false)).isEqualTo('1');
    }
}
