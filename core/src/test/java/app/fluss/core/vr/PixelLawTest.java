package app.fluss.core.vr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.TypedScale;
import app.fluss.core.vr.PixelLaw.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PixelLawTest {
    private static final Offset<Double> EXACT = within(1e-9);

    /// Two points of equal weight: the line goes through both, and the variances are those of a sum of two
    /// independent means. Derived by hand: at 20 Mpx the prediction is 2 · y2 - y1, its standard error sqrt(4 +
    /// 1) · 0.1 ms; the 0.975 quantile of t with 38 degrees of freedom is 2.024394 (tables).
    @Test
    void twoScalesMakeALine() {
        PixelLaw law = PixelLaw.of(List.of(new Point(4, 6, 0.1, 20), new Point(12, 14, 0.1, 20)));
        assertThat(law.fixedMs().value()).isCloseTo(2, EXACT);
        assertThat(law.perMegapixelMs().value()).isCloseTo(1, EXACT);
        PixelLaw.Predicted far = law.timeMs(20);
        assertThat(far.value()).isCloseTo(22, EXACT);
        assertThat(far.interval().high() - 22).isCloseTo(2.024394 * Math.sqrt(5) * 0.1, within(1e-5));
        PixelLaw.Predicted rate = law.rate(20).orElseThrow();
        assertThat(rate.value()).isCloseTo(1000.0 / 22, EXACT);
        assertThat(rate.interval().low()).isCloseTo(1000 / far.interval().high(), EXACT);
    }

    /// Ratios come from unrounded values: 24.70 and 27.36 frames a second are 0.902778, not 25 / 27 = 0.925926.
    @Test
    void multipliersAreNotRounded() {
        PixelLaw law = PixelLaw.of(List.of(new Point(1, 1000 / 27.36, 0.1, 20), new Point(2, 1000 / 24.70, 0.1, 20)));
        assertThat(law.multiplier(2, 1).orNaN()).isCloseTo(0.902778, within(5e-7));
        assertThat(law.multiplier(1, 1).orNaN()).isEqualTo(1);
    }

    @Test
    void whatMakesNoLineIsRefused() {
        Point one = new Point(8, 9, 0.1, 20);
        assertThat(PixelLaw.refusal(List.of(one, one)).orElseThrow()).contains("two render scales");
        assertThat(PixelLaw.refusal(List.of(one, new Point(12, 9, 0.1, 20))).orElseThrow())
                .contains("did not grow");
        assertThatThrownBy(() -> PixelLaw.of(List.of(one))).hasMessageContaining("two render scales");
        assertThat(Point.measured(8, new double[] {9, 9, 9, 9, 9, 9, 9}, 60_000))
                .as("no spread")
                .isEmpty();
        assertThat(Point.measured(8, new double[] {9, 8, 9, 8, 9, 8, 9}, 6_000))
                .as("6 s")
                .isEmpty();
        assertThat(PixelLaw.of(List.of(new Point(8, 9, 3, 5), new Point(12, 9.5, 3, 5)))
                        .rate(1))
                .as("a time of 0 cannot be ruled out")
                .isEmpty();
    }

    /// Times of frames that are alike, AR(1) as in the simulator, around a mean that is known: `2.1 + 0.9 ·
    /// pixels`.
    private static double[] times(double megapixels, double likeness, SplittableRandom random) {
        double mean = 2.1 + 0.9 * megapixels;
        double[] ms = new double[3600];
        double deviation = random.nextGaussian();
        for (int i = 0; i < ms.length; i++) {
            deviation = likeness * deviation + Math.sqrt(1 - likeness * likeness) * random.nextGaussian();
            ms[i] = mean * (1 + 0.08 * deviation);
        }
        return ms;
    }

    /// 95 % intervals hold the truth in 95 % of 200 seeds, within what chance allows (184 to 197 of 200 with 95
    /// %, and blocks of two seconds are not quite independent where frames are much alike).
    @ParameterizedTest
    @CsvSource({"2, 0.5", "2, 0.9", "3, 0.9"})
    void predictionsCoverTheTruth(int scales, double likeness) {
        int held = 0;
        int rateHeld = 0;
        for (int seed = 0; seed < 200; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            List<Point> points = new ArrayList<>();
            for (double megapixels : new double[] {6, 10, 8}) {
                if (points.size() < scales) {
                    points.add(Point.measured(megapixels, times(megapixels, likeness, random), 40_000)
                            .orElseThrow());
                }
            }
            PixelLaw law = PixelLaw.of(points);
            held += law.timeMs(16).interval().contains(2.1 + 0.9 * 16) ? 1 : 0;
            rateHeld += law.rate(16).orElseThrow().interval().contains(1000 / (2.1 + 0.9 * 16)) ? 1 : 0;
        }
        assertThat(held).isBetween(182, 200);
        assertThat(rateHeld).isEqualTo(held);
    }

    @ParameterizedTest
    @CsvSource({
        // Common practice: 30 to 50 % margin; by area 1.3 to 1.5, per axis 1.69 to 2.25 times the pixels (derived).
        "0.3, false, 1, true, 1.3",
        "0.5, true, 1, true, 2.25",
        "0, false, 1.5, true, 2.25",
        "0, false, 1.5, false, 1.5",
        "0.4, false, 1.22, true, 2.08376"
    })
    void pixelsOfARenderTarget(double margin, boolean marginAxis, double scale, boolean scaleAxis, double factor) {
        RenderTarget target = new RenderTarget(1832, 1920, margin, marginAxis, scale, scaleAxis);
        assertThat(target.megapixels()).isCloseTo(2 * 1.832 * 1.920 * factor, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"150 %", "150%", "150", "1.5", "1,5"})
    void scalesAsTheyAreTyped(String typed) {
        assertThat(TypedScale.of(typed)).isCloseTo(1.5, EXACT);
        assertThat(TypedScale.of("high")).isNaN();
    }
}
