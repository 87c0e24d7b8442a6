package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// A line of 12 rows that is drawn here: a plate of 61 on the left, noise on the right, a stroke in between.
class SceneryTest {
    private static final int WIDTH = 40;
    private static final int ROWS = 12;
    private static final int STROKE = 18;
    private static final Template.Frame FRAME = new Template.Frame(WIDTH, ROWS, 0, ROWS, 1);

    private static byte[] line() {
        SplittableRandom random = new SplittableRandom(5);
        byte[] crop = new byte[Crops.PLANES * WIDTH * ROWS];
        for (int y = 0; y < ROWS; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int value = x < STROKE ? 61 + random.nextInt(5) : x < STROKE + 2 ? 250 : random.nextInt(40, 220);
                crop[y * WIDTH + x] = (byte) value;
            }
        }
        return crop;
    }

    private static Scenery scenery() {
        Scenery scenery = new Scenery(FRAME, new Background(new double[] {120}, new double[] {60}), 15);
        scenery.look(line());
        return scenery;
    }

    /// What glyphs are weighed against must be the same however the columns are divided among them.
    @Test
    void columnsAddUpHoweverTheyAreDivided() {
        Scenery scenery = scenery();
        for (int left = 0; left < WIDTH; left += 3) {
            for (int middle = left; middle < WIDTH; middle += 5) {
                assertThat(scenery.at(left, middle - left) + scenery.at(middle, WIDTH - middle))
                        .isCloseTo(scenery.at(left, WIDTH - left), within(1e-9));
            }
        }
    }

    @Test
    void aPlateIsExplainedUpToTheStrokeBesideIt() {
        Scenery scenery = scenery();
        double smooth = scenery.at(2, 1);
        assertThat(scenery.at(STROKE - 1, 1)).as("right beside the stroke").isCloseTo(smooth, within(3.0));
        assertThat(scenery.at(STROKE, 1)).as("a stroke is no plate").isLessThan(smooth - 10);
        assertThat(scenery.at(STROKE + 6, 1)).as("nor is noise").isLessThan(smooth - 10);
    }
}
