package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import org.junit.jupiter.api.Test;

/// Looks drawn as bars: a 3 that is open to the left, a 9 that is open to the right, and what is like
/// neither.
class OneLookTest {
    private static final int WIDTH = 12;
    private static final int ROWS = 16;
    private static final Patch THREE = bars(x -> x >= 8);
    private static final Patch NINE = bars(x -> x < 4);
    private static final Patch BETWEEN = bars(x -> x >= 4 && x < 8);
    private static final FigureShapes SHAPES = shapes(FigureNet.NONE);

    private static Patch bars(IntPredicate in) {
        float[] ink = new float[WIDTH * ROWS];
        for (int i = 0; i < ink.length; i++) {
            ink[i] = in.test(i % WIDTH) ? 1 : 0;
        }
        return new Patch(WIDTH, ink);
    }

    private static float[] normal(Patch look) {
        return FigureShapes.normal(look.shares(), WIDTH, 1, ROWS - 2);
    }

    private static FigureShapes shapes(FigureNet net) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.writeBytes(FigureShapes.packed('3', normal(THREE)));
        packed.writeBytes(FigureShapes.packed('9', normal(NINE)));
        return new FigureShapes(packed.toByteArray(), net);
    }

    private static void put(Map<Cluster, Opinion> said, Patch look, char name, int members) {
        put(said, look, name, members, SHAPES);
    }

    private static void put(Map<Cluster, Opinion> said, Patch look, char name, int members, FigureShapes shapes) {
        put(said, look, name, members, shapes, 0);
    }

    private static void put(
            Map<Cluster, Opinion> said, Patch look, char name, int members, FigureShapes shapes, int left) {
        Cluster cluster = new Cluster(look, false);
        for (int i = 0; i < members; i++) {
            cluster.add(look, new Cluster.Place(i, new Box(left, 0, left + WIDTH - 1, ROWS - 1)));
        }
        cluster.call(name);
        said.put(cluster, new Opinion(new Votes(), shapes.nearest(normal(look)), false));
    }

    /// Looks that are all called 3 to begin with; the last may be called otherwise.
    private static List<Character> settled(char last, Patch... looks) {
        Map<Cluster, Opinion> said = new LinkedHashMap<>();
        for (int i = 0; i < looks.length; i++) {
            put(said, looks[i], i == looks.length - 1 ? last : '3', 1);
        }
        new OneLook(said, 2).settle();
        return said.keySet().stream().map(Cluster::name).toList();
    }

    @Test
    void oneLookKeepsItsName() {
        assertThat(settled('3', THREE, THREE)).containsExactly('3', '3');
    }

    @Test
    void anotherGlyphIsTheOnlyFigureLeftThatItIsNearTo() {
        assertThat(settled('3', THREE, BETWEEN)).containsExactly('3', '9');
    }

    @Test
    void whereEveryFigureIsTakenItHasNoName() {
        assertThat(settled('9', THREE, BETWEEN, NINE)).containsExactly('3', (char) 0, '9');
    }

    @Test
    void aSharedNameThatTheNetDoesNotGiveIsLost() {
        Map<Cluster, Opinion> said = new LinkedHashMap<>();
        put(said, THREE, '3', 30);
        put(said, BETWEEN, '3', 30, shapes(Nets.saying('8')));
        put(said, NINE, '9', 30, shapes(Nets.saying('8')));
        new OneLook(said, 2).settle();
        assertThat(said.keySet()).extracting(Cluster::name).containsExactly('3', (char) 0, '9');
    }

    @Test
    void whatMayBeAFigureThatNothingIsCalledIsNotTheOneThatTheNetKnows() {
        for (char other : new char[] {'0', '3'}) {
            Map<Cluster, Opinion> said = new LinkedHashMap<>();
            put(said, THREE, '8', 30, shapes(Nets.saying('8')));
            put(said, THREE, '8', 30, shapes(Nets.saying('0')));
            put(said, NINE, other, 30, shapes(Nets.saying(other)));
            new OneLook(said, 2).settle();
            assertThat(said.keySet())
                    .extracting(Cluster::name)
                    .as("where something is called %s", other)
                    .containsExactly('8', other == '0' ? '8' : (char) 0, other);
        }
    }

    @Test
    void aLookThatOnlyStandsWhereNoOtherFigureDoesIsNone() {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.writeBytes(FigureShapes.packed('3', normal(THREE)));
        packed.writeBytes(FigureShapes.packed('3', normal(BETWEEN)));
        FigureShapes both = new FigureShapes(packed.toByteArray(), FigureNet.NONE);
        for (boolean among : new boolean[] {false, true}) {
            Map<Cluster, Opinion> said = new LinkedHashMap<>();
            put(said, THREE, '3', 20, both, 0);
            put(said, NINE, '9', 20, both, 1);
            put(said, BETWEEN, '3', 20, both, 40);
            put(said, bars(x -> x % 4 == 0), '4', 20, both, among ? 41 : 60);
            new OneLook(said, 2).settle();
            assertThat(said.keySet().stream().map(Cluster::name))
                    .containsExactly('3', '9', among ? '3' : (char) 0, '4');
        }
    }

    @Test
    void aRareLookThatTheEngineDoesNotCallSoIsNoMeasureOfTheOthers() {
        Map<Cluster, Opinion> said = new LinkedHashMap<>();
        put(said, THREE, '3', 1);
        put(said, BETWEEN, '3', 30);
        put(said, NINE, '9', 30);
        new OneLook(said, 2).settle();
        assertThat(said.keySet().stream().map(Cluster::name)).containsExactly((char) 0, '3', '9');
    }
}
