package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// Numbers of one figure drawn by seven bars, as steadying over four pictures shows them: the bars that all four
/// have. The figures are read by their bars, so that what 6 and 9 have in common is surely a 5.
class BothWaysTest {
    private static final int TOGETHER = 4;
    private static final int BARS = 7;
    private static final int[] FIGURES = {0x7e, 0x30, 0x6d, 0x79, 0x33, 0x5b, 0x5f, 0x70, 0x7f, 0x7b};
    private static final Template.Frame FRAME = new Template.Frame(BARS, 1, 0, 1, 1);

    private static LineReader reader() {
        List<Moments> all = new ArrayList<>();
        for (int figure = 0; figure < FIGURES.length; figure++) {
            float[] bars = new float[BARS];
            for (int bar = 0; bar < BARS; bar++) {
                bars[bar] = FIGURES[figure] >> bar & 1;
            }
            byte[] crop = new byte[Crops.PLANES * BARS];
            all.add(Moments.of((char) ('0' + figure), new Patch(BARS, bars), FRAME, List.of(crop), new int[] {0}));
        }
        List<Template> templates = Template.of(all, 1);
        Scenery scenery = new Scenery(FRAME, new Background(new double[] {0}, new double[] {1}), BARS);
        InkSearch.Found found = new InkSearch.Found(new Ink(255, 128, 128, 24), 0, 0, 1);
        return new LineReader(
                FRAME,
                scenery,
                templates,
                new boolean[10][BARS],
                new boolean[2 * BARS + 1],
                found,
                FigureShapes.NONE,
                new Span(0, BARS));
    }

    /// What pictures show that stand together with those from `before` to `after`.
    private static PictureReading[] steadied(int[] shown, int before, int after) {
        PictureReading[] readings = new PictureReading[shown.length];
        for (int i = 0; i < shown.length; i++) {
            int bars = 0x7f;
            for (int k = Math.max(0, i - before); k <= Math.min(shown.length - 1, i + after); k++) {
                bars &= FIGURES[shown[k]];
            }
            readings[i] = PictureReading.NOTHING;
            for (int figure = 0; figure < FIGURES.length; figure++) {
                if (FIGURES[figure] == bars) {
                    readings[i] = new PictureReading(
                            String.valueOf(figure), 0, BARS, List.of(new Glyph(figure, 0)), new Span(BARS, BARS), true);
                }
            }
        }
        return readings;
    }

    private static String settled(int... shown) {
        return settled("", shown);
    }

    /// @param unknown a figure that is never read
    private static String settled(String unknown, int... shown) {
        PictureReading[] back = steadied(shown, TOGETHER - 1, 0);
        PictureReading[] ahead = steadied(shown, 0, TOGETHER - 1);
        for (PictureReading[] readings : List.of(back, ahead)) {
            Arrays.setAll(readings, i -> readings[i].text().equals(unknown) ? PictureReading.NOTHING : readings[i]);
        }
        StringBuilder text = new StringBuilder();
        for (PictureReading reading : new BothWays(reader(), back, ahead).readings()) {
            text.append(reading.sure() ? reading.text() : "-");
        }
        return text.toString();
    }

    private static int[] standing(int pictures, int... figures) {
        int[] shown = new int[pictures * figures.length];
        for (int i = 0; i < figures.length; i++) {
            Arrays.fill(shown, i * pictures, (i + 1) * pictures, figures[i]);
        }
        return shown;
    }

    @Test
    void everyChangeIsSeenOnItsPicture() {
        for (int one = 0; one < 10; one++) {
            for (int other = 0; other < 10; other++) {
                int[] shown = standing(8, one, other, one);
                StringBuilder truth = new StringBuilder();
                Arrays.stream(shown).forEach(truth::append);
                assertThat(settled(shown)).isEqualTo(truth.toString());
            }
        }
    }

    @Test
    void aNumberDoesNotStretchIntoOneThatCannotBeRead() {
        for (int one = 0; one < 10; one++) {
            for (int other = 0; other < 10; other++) {
                int[] shown = standing(16, one, other, one);
                String settled = settled(String.valueOf(other), shown);
                for (int i = 0; i < shown.length; i++) {
                    String truth = one == other ? "-" : String.valueOf(shown[i]);
                    assertThat(settled.substring(i, i + 1))
                            .as("%d then %d: %s", one, other, settled)
                            .isIn("-", truth);
                }
                if (one != other) {
                    assertThat(settled.substring(0, 8))
                            .isEqualTo(String.valueOf(one).repeat(8));
                }
            }
        }
    }

    @Test
    void whatFewPicturesSettleIsChance() {
        for (int seed = 0; seed < 20; seed++) {
            String settled = settled(new SplittableRandom(seed).ints(600, 0, 10).toArray());
            assertThat(settled).as("seed %d", seed).isEqualTo("-".repeat(600));
        }
    }
}
