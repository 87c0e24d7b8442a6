package app.fluss.core.generation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Game times made by rule, so that the share of made images is known.
class WaysToKnowTest {
    private static final int FRAMES = 3000;

    /// m images for each rendered one, with game times on the line between them; frames swing by a share.
    private static Analysis between(int m, double swing, double stated, double grainMs) {
        SplittableRandom random = new SplittableRandom(m * 31L + Math.round(swing * 100));
        double[] content = new double[FRAMES * m];
        byte[] kinds = new byte[content.length];
        double before = 0;
        for (int frame = 0; frame < FRAMES; frame++) {
            double next = before + 14.00037 * (1 + swing * (random.nextDouble() - 0.5));
            for (int j = 1; j <= m; j++) {
                double exact = before + (next - before) * j / m;
                content[frame * m + j - 1] = grainMs > 0 ? Math.rint(exact / grainMs) * grainMs : exact;
                kinds[frame * m + j - 1] = (j == m ? FrameKind.RENDERED : FrameKind.GENERATED).code();
            }
            before = next;
        }
        return analysis(content, kinds, stated);
    }

    private static Analysis analysis(double[] content, byte[] kinds, double stated) {
        return Analysis.of(
                FrameLog.presentedAt(content.clone(), content.length)
                        .channel(Channel.CONTENT, content)
                        .kinds(kinds)
                        .build()
                        .all(),
                AnalysisSettings.NONE.withMultiplier(stated));
    }

    private static WaysToKnow ways(Analysis run) {
        return WaysToKnow.of(run, Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"1, 0.3", "2, 0.3", "3, 0.3", "4, 0.2", "2, 0.05", "3, 0.05", "6, 0.3"})
    void madeImagesLieOnTheLine(int m, double swing) {
        double share = (m - 1.0) / m;
        WaysToKnow ways = ways(between(m, swing, m, 0));
        assertThat(ways.byKind().orNaN()).isCloseTo(share, within(1e-9));
        assertThat(ways.byGameTime().orNaN()).isCloseTo(share, within(0.04));
        assertThat(ways.kindsAgree()).isTrue();
    }

    @Test
    void itWorksWithoutAStatedMultiplierAndWithTimesToAMicrosecond() {
        assertThat(ways(between(2, 0.3, Double.NaN, 0)).byGameTime().orNaN()).isCloseTo(0.5, within(0.04));
        assertThat(ways(between(2, 0.3, 2, 0.001)).byGameTime().orNaN()).isCloseTo(0.5, within(0.04));
    }

    @Test
    void whatCannotBeToldSaysWhy() {
        assertThat(ways(between(2, 0.3, 2, 0.01)).byGameTime())
                .isEqualTo(Figure.missing("the game times are logged to 0.01 ms only"));
        assertThat(ways(between(2, 0, 2, 0)).byGameTime())
                .isEqualTo(Figure.missing("the game's own steps are too even to be told from made ones"));
        double[] few = {0, 13, 29};
        assertThat(ways(analysis(few, new byte[3], 2)).byGameTime().isKnown()).isFalse();
        FrameLog bare = FrameLog.presentedAt(new double[] {0, 10, 21, 30}, 4).build();
        WaysToKnow nothing = ways(Analysis.of(bare.all(), AnalysisSettings.NONE));
        assertThat(nothing.byKind().isKnown()).isFalse();
        assertThat(nothing.byGameTime()).isEqualTo(Figure.missing("the log has no game times"));
        assertThat(nothing.kindsAgree()).as("nothing contradicts").isTrue();
    }

    @Test
    void repeatsAreNoImagesOfTheirOwn() {
        SplittableRandom random = new SplittableRandom(5);
        double[] content = new double[2000];
        byte[] kinds = new byte[content.length];
        Arrays.fill(kinds, FrameKind.RENDERED.code());
        for (int i = 1; i < content.length; i++) {
            content[i] = i % 4 == 3 ? content[i - 1] : content[i - 1] + 10 + 4 * random.nextDouble();
        }
        WaysToKnow ways = ways(analysis(content, kinds, Double.NaN));
        assertThat(ways.repeatedByGameTime().orNaN()).isCloseTo(0.25, within(0.01));
        assertThat(ways.kindsAgree()).as("the log calls them all rendered").isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "130, 240, 66, false", // half of what the log says
        "130, 240, 128, true",
        "130, 60, 60, true", // a clip of 60 pictures/s cannot show more
        "130, 60, 30, false",
        "100, 120, 120, true" // a lighter stretch
    })
    void aClipIsHeldAgainstTheLog(double log, double clipFps, double pictures, boolean agrees) {
        Figure none = Figure.missing("not required");
        WaysToKnow ways = new WaysToKnow(none, none, none, Figure.of(log), Figure.of(pictures), clipFps);
        assertThat(ways.picturesAgree()).isEqualTo(agrees);
        assertThat(new WaysToKnow(none, none, none, none, Figure.of(pictures), clipFps).picturesAgree())
                .as("nothing says what was shown, so nothing contradicts")
                .isTrue();
    }
}
