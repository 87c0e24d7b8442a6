package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Section;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunFactsTest {
    private static RunFacts of(Map<String, String> facts, FrameLog log, List<Section> sections) {
        return new RunFacts(
                "native",
                Setup.EMPTY.withNamed(facts, FactSource.TYPED),
                Analysis.of(log.all(), AnalysisSettings.NONE),
                false,
                Optional.empty(),
                sections);
    }

    private static FrameLog log(double... temperature) {
        double[] present = new double[temperature.length];
        for (int i = 0; i < present.length; i++) {
            present[i] = 700 + 2500.0 * i;
        }
        return FrameLog.presentedAt(present, present.length)
                .channel(Channel.GPU_TEMPERATURE, temperature)
                .build();
    }

    /// Images at 0, 2.5, 5 and 7.5 s: the first two are the start.
    @Test
    void theTemperatureAtTheStartIsTheMeanOfFiveSeconds() {
        assertThat(of(Map.of(), log(40, 46, 90, 90), List.of()).startTemperature())
                .isEqualTo(43);
        assertThat(of(Map.of(), log(40, Double.NaN, 90, 90), List.of()).startTemperature())
                .as("a gap in the readings is left out")
                .isEqualTo(40);
        assertThat(of(Map.of(), log(Double.NaN, Double.NaN, 90), List.of()).startTemperature())
                .isNaN();
        FrameLog without = FrameLog.presentedAt(new double[] {0, 10}, 2).build();
        assertThat(of(Map.of(), without, List.of()).startTemperature()).isNaN();
        assertThat(of(Map.of(), log(40, 46, 90), List.of()).seconds()).isEqualTo(5);
    }

    @Test
    void aWeightsShareIsOfTheMarkedTime() {
        List<Section> sections = List.of(
                new Section("weir", Section.Weight.WORST, 1000, 4000),
                new Section("lane", Section.Weight.LIGHT, 10_000, 11_000));
        RunFacts run = of(Map.of(), log(40), sections);
        assertThat(run.share(Section.Weight.WORST)).isEqualTo(0.75);
        assertThat(run.share(Section.Weight.LIGHT)).isEqualTo(0.25);
        assertThat(run.share(Section.Weight.TYPICAL)).isZero();
        assertThat(of(Map.of(), log(40), List.of()).share(Section.Weight.WORST)).isNaN();
    }

    /// By hand: width × height × scale² × upscaler², both along an axis.
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "2560x1440, -, -, 3686400",
                "2560 × 1440, 50 %, -, 921600",
                "2560x1440, -, off, 3686400",
                "2560x1440, -, quality 50 %, 921600",
                "2560x1440, 50 %, balanced 50 %, 230400",
                "1920x1080, 1.5, none, 4665600"
            })
    void drawnPixelsFollowFromSizeScaleAndUpscaler(String size, String scale, String upscaler, double pixels) {
        Map<String, String> facts = new LinkedHashMap<>();
        facts.put("resolution", size);
        if (scale != null) {
            facts.put("render_scale", scale);
        }
        if (upscaler != null) {
            facts.put("upscaler", upscaler);
        }
        assertThat(of(facts, log(40), List.of()).renderedPixels()).isCloseTo(pixels, within(1.0));
    }

    @Test
    void pixelsThatCannotBeToldAreNotGuessed() {
        assertThat(of(Map.of(), log(40), List.of()).renderedPixels()).isNaN();
        assertThat(of(Map.of("resolution", "2560x1440", "upscaler", "quality"), log(40), List.of())
                        .renderedPixels())
                .as("a word says no share")
                .isNaN();
    }
}
