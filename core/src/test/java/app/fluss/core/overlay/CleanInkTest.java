package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// A stroke in yellow, three columns wide, over a scene that moves and is as bright: on single pictures half of the
/// scene
/// seems to be ink. Values of the colours by the definition of BT.601 (ITU-R), rounded.
class CleanInkTest {
    private static final int WIDTH = 12;
    private static final int HEIGHT = 16;
    private static final int TOP = 4;
    private static final int BOTTOM = 11;
    private static final int COLUMNS = 9;
    private static final int FROM = 5;
    private static final int TO = 8;
    private static final Ink YELLOW = new Ink(188, 76, 143, 54);

    private final Random random = new Random(3);

    private static boolean isStroke(int x, int y) {
        return x >= FROM && x < TO && y >= TOP && y <= BOTTOM;
    }

    /// @param thing brightness of what stands behind all of it on every fifth picture
    private List<byte[]> pictures(int n, int thing) {
        List<byte[]> pictures = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            byte[] crop = new byte[3 * WIDTH * HEIGHT];
            for (int at = 0; at < WIDTH * HEIGHT; at++) {
                boolean stroke = isStroke(at % WIDTH, at / WIDTH);
                double scene = i % 5 == 0 ? thing : 190 + 20 * random.nextGaussian();
                crop[at] = (byte) Math.clamp(Math.round(stroke ? 188 : scene), 0, 255);
                crop[WIDTH * HEIGHT + at] = (byte) (stroke ? 76 : 126);
                crop[2 * WIDTH * HEIGHT + at] = (byte) (stroke ? 143 : 128);
            }
            pictures.add(crop);
        }
        return pictures;
    }

    private static Cluster cluster(int n) {
        Patch any = new Patch(COLUMNS, new float[COLUMNS * HEIGHT]);
        Cluster cluster = new Cluster(any, false);
        for (int i = 0; i < n; i++) {
            cluster.add(any, new Cluster.Place(i, new Box(2, TOP, 2 + COLUMNS - 1, BOTTOM)));
        }
        return cluster;
    }

    @Test
    void aSceneAsBrightAsTheTextIsNoneOfIt() {
        List<byte[]> pictures = pictures(40, 90);
        double seen = 0;
        for (byte[] picture : pictures) {
            seen += YELLOW.share(picture, WIDTH * HEIGHT, 0) / pictures.size();
        }
        assertThat(seen).as("on single pictures").isGreaterThan(0.4);
        Patch ink = new CleanInk(pictures, new Template.Frame(WIDTH, HEIGHT, 0, HEIGHT, 3), YELLOW).of(cluster(40));
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < COLUMNS; x++) {
                assertThat(ink.ink(x, y, 1)).as("%d, %d", x, y).isCloseTo(isStroke(x + 2, y) ? 1 : 0, within(0.15));
            }
        }
    }
}
