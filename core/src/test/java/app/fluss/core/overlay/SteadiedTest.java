package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// A row of pixels: ink on the left stands still, a bright thing goes by on the right.
class SteadiedTest {
    private static final Ink WHITE = new Ink(255, 128, 128, 24);
    private static final int WIDTH = 8;
    private static final int PICTURES = 10;

    private static final Crops MOVING = new Crops() {
        @Override
        public int width() {
            return WIDTH;
        }

        @Override
        public int height() {
            return 1;
        }

        @Override
        public int size() {
            return PICTURES;
        }

        @Override
        public void read(int picture, byte[] into) {
            Arrays.fill(into, (byte) 128);
            into[0] = (byte) 250;
            into[1] = (byte) (picture < 5 ? 250 : 60);
            into[2 + picture % 6] = (byte) 250;
        }
    };

    private static int[] bright(Crops crops, int picture) {
        byte[] crop = new byte[Crops.PLANES * WIDTH];
        crops.read(picture, crop);
        int[] luma = new int[WIDTH];
        Arrays.setAll(luma, x -> crop[x] & 0xFF);
        return luma;
    }

    @Test
    void whatStandsStillStaysAndWhatMovesGoes() {
        assertThat(bright(MOVING, 9)).contains(250, 250);
        assertThat(bright(Steadied.back(MOVING, WHITE), 4)).containsExactly(250, 250, 128, 128, 128, 128, 128, 128);
    }

    @Test
    void aChangeShowsInThePicturesOfOneSideOnly() {
        assertThat(bright(Steadied.back(MOVING, WHITE), 5)[1]).isEqualTo(60);
        assertThat(bright(Steadied.ahead(MOVING, WHITE), 4)[1]).isEqualTo(60);
        assertThat(bright(Steadied.back(MOVING, WHITE), 4)[1]).isEqualTo(250);
        assertThat(bright(Steadied.ahead(MOVING, WHITE), 9)[0]).isEqualTo(250);
    }
}
