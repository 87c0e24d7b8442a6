package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class RimmedTest {
    /// One picture, by the brightness of its pixels.
    private static final class Still implements Crops {
        private final int width;
        private final int height;
        private final int[] luma;

        Still(int width, int height, int... luma) {
            this.width = width;
            this.height = height;
            this.luma = luma;
        }

        @Override
        public int width() {
            return width;
        }

        @Override
        public int height() {
            return height;
        }

        @Override
        public int size() {
            return 1;
        }

        @Override
        public void read(int picture, byte[] into) {
            for (int i = 0; i < luma.length; i++) {
                into[i] = (byte) luma[i];
            }
        }

        int[] rimmed() {
            byte[] crop = new byte[PLANES * luma.length];
            new Rimmed(this).read(0, crop);
            int[] seen = new int[luma.length];
            for (int i = 0; i < seen.length; i++) {
                seen[i] = crop[i] & 0xFF;
            }
            return seen;
        }
    }

    /// How bright the best way from outside to each place is at its darkest: by going on until nothing changes.
    private static int[][] ways(int[][] field) {
        int down = field.length;
        int across = field[0].length;
        int[][] best = new int[down][across];
        boolean changed = true;
        while (changed) {
            changed = false;
            for (int y = 0; y < down; y++) {
                for (int x = 0; x < across; x++) {
                    int around = 255;
                    if (y > 0 && x > 0 && y < down - 1 && x < across - 1) {
                        around = Math.max(
                                Math.max(best[y - 1][x], best[y + 1][x]), Math.max(best[y][x - 1], best[y][x + 1]));
                    }
                    int way = Math.min(field[y][x], around);
                    changed |= way > best[y][x];
                    best[y][x] = Math.max(best[y][x], way);
                }
            }
        }
        return best;
    }

    @Test
    void itIsWhatTheWaysOfItsDefinitionLeave() {
        SplittableRandom random = new SplittableRandom(1);
        for (int n = 0; n < 200; n++) {
            int width = random.nextInt(2, 14);
            int height = random.nextInt(2, 12);
            int[][] narrow = new int[height][width];
            int[][] wide = new int[height - 1][width - 1];
            int[] luma = new int[width * height];
            for (int i = 0; i < luma.length; i++) {
                luma[i] = random.nextInt(3) == 0 ? random.nextInt(256) : 240;
                narrow[i / width][i % width] = luma[i];
            }
            for (int i = 0; i < wide.length * wide[0].length; i++) {
                int y = i / (width - 1);
                int x = i % (width - 1);
                wide[y][x] = Math.min(
                        Math.min(narrow[y][x], narrow[y][x + 1]), Math.min(narrow[y + 1][x], narrow[y + 1][x + 1]));
            }
            narrow = ways(narrow);
            wide = ways(wide);
            int[] seen = new Still(width, height, luma).rimmed();
            for (int i = 0; i < luma.length; i++) {
                int widest = 0;
                for (int y = i / width - 1; y <= i / width; y++) {
                    for (int x = i % width - 1; x <= i % width; x++) {
                        boolean within = y >= 0 && x >= 0 && y < height - 1 && x < width - 1;
                        widest = within ? Math.max(widest, wide[y][x]) : widest;
                    }
                }
                assertThat(seen[i]).isEqualTo(Math.min(4 * (luma[i] - narrow[i / width][i % width]), luma[i] - widest));
            }
        }
    }

    /// A bar of text, three pixels wide, in a rim one pixel wide, over a scene nearly as bright.
    private static int[] bar(boolean gap) {
        int[] luma = new int[12 * 12];
        for (int i = 0; i < luma.length; i++) {
            int x = i % 12 - 3;
            int y = i / 12 - 3;
            boolean rim = x >= 0 && y >= 0 && x < 5 && y < 6;
            boolean text = x > 0 && y > 0 && x < 4 && y < 5;
            luma[i] = text ? 250 : rim ? 20 : 225;
        }
        luma[3 * 12 + 5] = gap ? 225 : 20;
        return luma;
    }

    @Test
    void textStandsOutOfASceneAsBrightAndTheSceneIsBlank() {
        for (boolean gap : new boolean[] {false, true}) {
            int[] luma = bar(gap);
            int[] seen = new Still(12, 12, luma).rimmed();
            for (int i = 0; i < seen.length; i++) {
                if (luma[i] == 250) {
                    assertThat(seen[i]).isGreaterThanOrEqualTo(gap ? 100 : 230);
                } else {
                    assertThat(seen[i]).isZero();
                }
            }
        }
    }

    @Test
    void aSliverHasNoInside() {
        assertThat(new Still(1, 3, 9, 200, 9).rimmed()).containsOnly(0);
        assertThat(new Still(3, 1, 9, 200, 9).rimmed()).containsOnly(0);
    }
}
