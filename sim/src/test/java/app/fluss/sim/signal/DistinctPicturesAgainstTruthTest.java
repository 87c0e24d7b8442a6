package app.fluss.sim.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.picture.Area;
import app.fluss.core.picture.DistinctPictures;
import app.fluss.core.picture.Look;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.picture.PictureCount.Kind;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Clips of a simulated panel whose number of distinct pictures is known.
class DistinctPicturesAgainstTruthTest {
    private static final int FPS = 60;
    private static final int OVERLAY = 20;

    /// Game times of pictures at a cadence of b images a second on 60 pictures a second.
    private static double[] cadence(double b, int pictures) {
        double[] content = new double[pictures];
        Arrays.setAll(content, i -> Math.floor(i * b / FPS) * 1000 / b);
        return content;
    }

    private static PictureCount count(double[] content, double noiseShare, boolean overlay, Look look) {
        Clip clip = new Clip(FPS, content, 11);
        DistinctPictures distinct = new DistinctPictures(Clip.WIDTH, Clip.HEIGHT, content.length, look);
        SplittableRandom random = new SplittableRandom(9);
        for (int i = 0; i < content.length; i++) {
            byte[] luma = clip.luma(i);
            for (int p = 0; p < luma.length; p++) {
                boolean counter = overlay && p % Clip.WIDTH < OVERLAY && p / Clip.WIDTH < OVERLAY / 2;
                double value = counter ? 255 * (i % 2) : luma[p] & 0xFF;
                luma[p] = (byte) Math.clamp(Math.round(value + noiseShare * 255 * random.nextGaussian()), 0, 255);
            }
            distinct.add(luma, i * 1000.0 / FPS);
        }
        return distinct.count();
    }

    @ParameterizedTest
    @CsvSource({"25, 0", "25, 0.01", "25, 0.04", "30, 0.02", "45, 0.04", "50, 0", "50, 0.04", "59, 0.02", "12, 0.04"})
    void everyDistinctPictureIsCounted(double fps, double noise) {
        double[] content = cadence(fps, 600);
        PictureCount count = count(content, noise, false, Look.EVERYWHERE);
        assertThat(count.distinct()).isEqualTo(new Clip(FPS, content, 1).distinct());
        assertThat(count.kind()).isEqualTo(Kind.MIXED);
        assertThat(count.deliveredFps(FPS)).isCloseTo(fps, within(0.15));
        assertThat(count.holds().entrySet().stream()
                        .mapToInt(entry -> entry.getKey() * entry.getValue())
                        .sum())
                .isEqualTo(600);
    }

    @ParameterizedTest
    @CsvSource({"0", "0.01", "0.02"})
    void aClipInWhichAllOrNothingChangesIsToldApart(double noise) {
        PictureCount all = count(cadence(60, 300), noise, false, Look.EVERYWHERE);
        assertThat(all.kind()).isEqualTo(Kind.ALL_CHANGE);
        assertThat(all.distinct()).isEqualTo(300);
        assertThat(all.threshold().isKnown()).isFalse();
        PictureCount nothing = count(new double[300], noise, false, Look.EVERYWHERE);
        assertThat(nothing.kind()).isEqualTo(Kind.NOTHING_MOVES);
        assertThat(nothing.distinct()).isEqualTo(1);
        assertThat(nothing.longestHoldMs(FPS)).isCloseTo(5000, within(1e-9));
    }

    /// A counter that is drawn anew in every picture makes each of them another one, unless it is left out.
    @Test
    void anOverlayIsLeftOut() {
        double[] content = cadence(25, 600);
        Look without = new Look(Optional.empty(), List.of(new Area(0, 0, OVERLAY, OVERLAY / 2)));
        Look within = new Look(Optional.of(new Area(0, 20, Clip.WIDTH, 30)), List.of());
        assertThat(count(content, 0.02, true, without).distinct()).isEqualTo(250);
        assertThat(count(content, 0.02, true, within).distinct()).isEqualTo(250);
    }

    @Test
    void holdsFollowTheCadence() {
        PictureCount count = count(cadence(30, 600), 0.01, false, Look.EVERYWHERE);
        assertThat(count.holds()).isEqualTo(Map.of(2, 300));
        double[] stuck = cadence(60, 300);
        Arrays.fill(stuck, 100, 112, stuck[100]);
        PictureCount hitch = count(stuck, 0.01, false, Look.EVERYWHERE);
        assertThat(hitch.longest()).isEqualTo(12);
        assertThat(hitch.distinct()).isEqualTo(300 - 11);
    }

    @Test
    void whatCannotBeLookedAtIsRefused() {
        Look outside = new Look(Optional.of(new Area(90, 0, 20, 5)), List.of());
        assertThatThrownBy(() -> new DistinctPictures(Clip.WIDTH, Clip.HEIGHT, 10, outside))
                .hasMessageContaining("96 × 54");
        Look nothing = new Look(Optional.empty(), List.of(new Area(0, 0, Clip.WIDTH, Clip.HEIGHT)));
        assertThatThrownBy(() -> new DistinctPictures(Clip.WIDTH, Clip.HEIGHT, 10, nothing))
                .hasMessageContaining("nothing is left");
    }
}
