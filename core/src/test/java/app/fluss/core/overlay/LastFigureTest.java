package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/// Ten figures drawn as a stroke each, in ten places of a frame; all of them stand in the same column of pictures.
class LastFigureTest {
    private static final int WIDTH = 12;
    private static final int ROWS = 24;
    private static final int COLUMN = 30;
    private static final int MANY = 20;
    private static final FigureShapes SHAPES = shapes();

    private final Map<Cluster, Opinion> said = new LinkedHashMap<>();
    private final List<Cluster> clusters = new ArrayList<>();

    private static Patch stroke(int figure) {
        float[] ink = new float[WIDTH * ROWS];
        for (int y = 0; y < ROWS; y++) {
            for (int x = 0; x < WIDTH; x++) {
                boolean frame = x < 2 || x >= WIDTH - 2;
                ink[y * WIDTH + x] = frame || y / 2 == 1 + figure ? 1 : 0;
            }
        }
        return new Patch(WIDTH, ink);
    }

    private static float[] normal(Patch look) {
        return FigureShapes.normal(look.shares(), WIDTH, 1, ROWS - 2);
    }

    private static FigureShapes shapes() {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        for (int figure = 0; figure < 10; figure++) {
            packed.writeBytes(FigureShapes.packed((char) ('0' + figure), normal(stroke(figure))));
        }
        return new FigureShapes(packed.toByteArray(), FigureNet.NONE);
    }

    private Cluster put(Patch look, int column, int members, char name) {
        Cluster cluster = new Cluster(look, false);
        for (int i = 0; i < members; i++) {
            cluster.add(look, new Cluster.Place(i, new Box(column, 0, column + WIDTH - 1, ROWS - 1)));
        }
        cluster.call(name);
        clusters.add(cluster);
        said.put(cluster, new Opinion(new Votes(), SHAPES.nearest(normal(look)), false));
        return cluster;
    }

    private void putFigures(String named) {
        for (char name : named.toCharArray()) {
            put(stroke(name - '0'), COLUMN, MANY, name);
        }
    }

    private void settle() {
        new LastFigure(said, ROWS - 2, 2).name(clusters);
    }

    @Test
    void theOneThatIsLeftIsTheTenth() {
        putFigures("012345789");
        Cluster six = put(stroke(6), COLUMN, MANY, (char) 0);
        settle();
        assertThat(six.name()).isEqualTo('6');
    }

    @Test
    void oneOfTwoThatAreLeftStaysOpen() {
        putFigures("01234578");
        Cluster six = put(stroke(6), COLUMN, MANY, (char) 0);
        settle();
        assertThat(six.name()).isEqualTo((char) 0);
    }

    @Test
    void whatStandsElsewhereIsNoFigure() {
        putFigures("012345789");
        Cluster unit = put(stroke(6), COLUMN + 2 * WIDTH, MANY, (char) 0);
        settle();
        assertThat(unit.name()).isEqualTo((char) 0);
    }

    @Test
    void anotherShapeIsNotTheOneThatIsLeft() {
        putFigures("012345789");
        float[] cross = stroke(6).shares().clone();
        for (int i = 0; i < cross.length; i++) {
            cross[i] = i % WIDTH == 5 || i % WIDTH == 6 ? 1 : 0;
        }
        Cluster strange = put(new Patch(WIDTH, cross), COLUMN, MANY, (char) 0);
        settle();
        assertThat(strange.name()).isEqualTo((char) 0);
    }

    @Test
    void whereTwoLooksMayBeItNeitherIs() {
        putFigures("012345789");
        Cluster six = put(stroke(6), COLUMN, MANY, (char) 0);
        float[] thick = stroke(6).shares().clone();
        Arrays.fill(thick, 0, 3 * WIDTH, 1);
        Cluster rival = put(new Patch(WIDTH, thick), COLUMN, MANY, (char) 0);
        settle();
        assertThat(List.of(six.name(), rival.name())).containsOnly((char) 0);
    }
}
