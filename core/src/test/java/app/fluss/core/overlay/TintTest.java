package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// Scenes of random pixels whose planes know nothing of each other, and some pixels of text among them.
class TintTest {
    private static final int SIDE = 40;
    private static final double[] MEAN = {130, 120, 126};
    private static final double[] SD = {25, 6, 9};

    private static final class Scene implements Crops {
        private final Ink text;
        private final int every;

        /// @param every of how many pixels one is text
        Scene(Ink text, int every) {
            this.text = text;
            this.every = every;
        }

        @Override
        public int width() {
            return SIDE;
        }

        @Override
        public int height() {
            return SIDE;
        }

        @Override
        public int size() {
            return 80;
        }

        @Override
        public void read(int picture, byte[] into) {
            SplittableRandom random = new SplittableRandom(picture);
            double[] ink = {text.y(), text.u(), text.v()};
            for (int at = 0; at < SIDE * SIDE; at++) {
                for (int plane = 0; plane < PLANES; plane++) {
                    double value = at % every == 0 ? ink[plane] : MEAN[plane] + SD[plane] * random.nextGaussian();
                    into[plane * SIDE * SIDE + at] = (byte) Math.clamp(Math.round(value), 0, 255);
                }
            }
        }
    }

    private static Optional<Tint> tint(Ink text) {
        return Tint.of(new Scene(text, 10), text);
    }

    @Test
    void planesCountByHowFarTheyTellTheTextFromHowTheSceneStrays() {
        Ink orange = new Ink(150, 60, 185, 24);
        Tint tint = tint(orange).orElseThrow();
        double[] off = {20, -60, 59};
        double squared = 0;
        for (int plane = 0; plane < off.length; plane++) {
            squared += off[plane] * off[plane] / (SD[plane] * SD[plane] + 4);
        }
        for (int plane = 0; plane < off.length; plane++) {
            assertThat(tint.weight(plane))
                    .as("for planes that are independent, offset by variance")
                    .isCloseTo(off[plane] / (SD[plane] * SD[plane] + 4) / squared, within(0.001));
        }
        assertThat(tint.apart()).isCloseTo(Math.sqrt(squared), within(0.3));
    }

    @Test
    void textMayFillMuchOfTheRectangle() {
        Ink orange = new Ink(150, 60, 185, 24);
        Tint few = tint(orange).orElseThrow();
        Tint many = Tint.of(new Scene(orange, 3), orange).orElseThrow();
        assertThat(many.apart()).isCloseTo(few.apart(), within(0.3));
    }

    @Test
    void whatBrightnessTellsAsWellNeedsNoTint() {
        assertThat(tint(new Ink(255, 120, 126, 24))).isEmpty();
    }

    @Test
    void textOfTheColourOfTheSceneHasNone() {
        assertThat(tint(new Ink(130, 120, 126, 24))).isEmpty();
        assertThat(tint(new Ink(140, 114, 130, 24))).isEmpty();
    }

    @Test
    void textStandsOutOfTheSceneByItsTintAlone() {
        Ink orange = new Ink(150, 60, 185, 24);
        Scene scene = new Scene(orange, 10);
        byte[] seen = new byte[Crops.PLANES * SIDE * SIDE];
        new Tinted(evenly(scene), tint(orange).orElseThrow()).read(0, seen);
        for (int at = 0; at < SIDE * SIDE; at++) {
            int inside = at % SIDE;
            if (inside < SIDE / 2 - 1) {
                assertThat(seen[at] & 0xFF).isCloseTo(220, within(1));
            } else if (inside > SIDE / 2) {
                assertThat(seen[at] & 0xFF).isCloseTo(40, within(5));
            }
            assertThat(seen[SIDE * SIDE + at] & 0xFF).isEqualTo(128);
        }
    }

    /// Text on the left half, and the mean of a scene on the right half.
    private static Crops evenly(Scene scene) {
        return new Crops() {
            @Override
            public int width() {
                return SIDE;
            }

            @Override
            public int height() {
                return SIDE;
            }

            @Override
            public int size() {
                return 1;
            }

            @Override
            public void read(int picture, byte[] into) {
                double[] ink = {scene.text.y(), scene.text.u(), scene.text.v()};
                for (int i = 0; i < PLANES * SIDE * SIDE; i++) {
                    int plane = i / (SIDE * SIDE);
                    into[i] = (byte) (i % SIDE < SIDE / 2 ? ink[plane] : MEAN[plane]);
                }
            }
        };
    }
}
