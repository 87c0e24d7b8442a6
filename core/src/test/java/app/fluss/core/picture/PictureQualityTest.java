package app.fluss.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Values worked out with scipy.ndimage.gaussian_filter from the definition of Wang et al. 2004 (from
/// memory), for pictures that are given by formulas.
class PictureQualityTest {
    private static byte[] a(int size) {
        byte[] picture = new byte[size * size];
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                picture[y * size + x] = (byte) ((23 * x + 37 * y + 5 * x * y) % 256);
            }
        }
        return picture;
    }

    private static byte[] b(int size, int strength) {
        byte[] picture = a(size);
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                int value = (picture[y * size + x] & 0xFF) + strength * ((7 * x + 13 * y) % 11 - 5);
                picture[y * size + x] = (byte) Math.clamp(value, 0, 255);
            }
        }
        return picture;
    }

    @ParameterizedTest
    @CsvSource({
        "11, 1, 38.22147381, 0.9990438211",
        "11, 12, 17.38644761, 0.8853475279",
        "16, 1, 38.20955053, 0.9990833565",
        "16, 12, 17.14220407, 0.9051416024"
    })
    void agreesWithTheReference(int size, int strength, double psnr, double ssim) {
        PictureQuality quality = PictureQuality.of(a(size), b(size, strength), size, size);
        assertThat(quality.psnrDb()).isCloseTo(psnr, within(1e-6));
        assertThat(quality.ssim()).isCloseTo(ssim, within(1e-7));
    }

    @Test
    void equalInvertedAndFlatPictures() {
        byte[] picture = a(11);
        assertThat(PictureQuality.of(picture, picture, 11, 11).psnrDb()).isInfinite();
        assertThat(PictureQuality.of(picture, picture, 11, 11).ssim()).isCloseTo(1, within(1e-12));
        byte[] inverted = new byte[picture.length];
        byte[] hundred = new byte[picture.length];
        byte[] more = new byte[picture.length];
        for (int i = 0; i < picture.length; i++) {
            inverted[i] = (byte) (255 - (picture[i] & 0xFF));
            hundred[i] = 100;
            more[i] = 110;
        }
        assertThat(PictureQuality.of(picture, inverted, 11, 11).ssim()).isCloseTo(-0.9878232410, within(1e-7));
        PictureQuality flat = PictureQuality.of(hundred, more, 11, 11);
        assertThat(flat.psnrDb()).isCloseTo(28.13080361, within(1e-6));
        assertThat(flat.ssim()).isCloseTo(0.9954764441, within(1e-7));
        assertThat(PictureQuality.differenceMap(hundred, more)).containsOnly(10);
    }

    @Test
    void smallPicturesHaveNoSsimAndSizesMustAgree() {
        assertThat(PictureQuality.of(a(8), b(8, 1), 8, 8).ssim()).isNaN();
        assertThat(PictureQuality.of(a(8), b(8, 1), 8, 8).psnrDb()).isCloseTo(38.26168735, within(1e-6));
        assertThatThrownBy(() -> PictureQuality.of(a(8), a(11), 8, 8)).hasMessageContaining("one size");
    }
}
