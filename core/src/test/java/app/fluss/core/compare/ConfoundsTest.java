package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConfoundsTest {
    private static final Analysis NO_LOG = Analysis.withoutLog(AnalysisSettings.NONE);

    private static RunFacts run(Map<String, String> facts) {
        return new RunFacts(
                "native", Setup.EMPTY.withNamed(facts, FactSource.TYPED), NO_LOG, false, Optional.empty(), List.of());
    }

    private static List<Confound> between(String fact, String a, String b) {
        return Confounds.between(List.of(run(Map.of(fact, a))), List.of(run(Map.of(fact, b))), Set.of());
    }

    /// Pairs of values that are not the same.
    @ParameterizedTest
    @CsvSource({
        "driver, 31.4, 31.5",
        "driver, tern 2, tern 3",
        "output_hz, 60, 59.94",
        "output_hz, 120, 144",
        "sync, fifo, vrr",
        "cap_fps, 0, 60",
        "cap_fps, 60, 72",
        "render_scale, 100 %, 67 %",
        "render_scale, 1.0, 1.5",
        "resolution, 1920x1080, 2560x1440",
        "quality, high, ultra",
        "power_source, mains, battery",
        "power_limit_w, 200, 220",
        "window_mode, borderless, exclusive",
        "dynamic_resolution, on, off",
        "recorder, on, off",
        "cards_in, first only, both",
        "scene_s, 60, 120",
        "runtime, own, translated",
        "HDR, on, off",
        "game version, 1.4, 1.5",
        "upscaler, off, quality"
    })
    void differs(String fact, String a, String b) {
        assertThat(between(fact, a, b)).singleElement().satisfies(found -> {
            assertThat(found.fact()).isEqualTo(fact);
            assertThat(found.kind()).isEqualTo(Confound.Kind.BETWEEN);
        });
    }

    /// Pairs that say the same.
    @ParameterizedTest
    @CsvSource({
        "render_scale, 100%, 100 %",
        "render_scale, 1.0, 100",
        "render_scale, 66.7 %, 0.667",
        "resolution, 1920x1080, 1920 × 1080",
        "output_hz, 144, 143.98",
        "output_hz, 60, 60.0",
        "cap_fps, 72, 72.0",
        "power_limit_w, 200, 2e2",
        "quality, High, high",
        "driver, Tern  31.4, tern 31.4",
        "upscaler, none, off",
        "scene_s, 60, 61",
        "HDR, Off, off",
        "second_card_price, 100, 300",
        "refresh_list, '60, 120', '60, 144'"
    })
    void isTheSame(String fact, String a, String b) {
        assertThat(between(fact, a, b)).isEmpty();
    }

    @Test
    void everyRunOfBothSidesIsLookedAt() {
        List<RunFacts> a = List.of(run(Map.of("driver", "5")), run(Map.of("driver", "5")), run(Map.of("driver", "6")));
        List<RunFacts> b = List.of(run(Map.of("driver", "5")), run(Map.of("driver", "6")));
        assertThat(Confounds.between(a, b, Set.of()))
                .containsExactly(new Confound("driver", "5, 6", "5, 6", Confound.Kind.WITHIN));
        assertThat(Confounds.between(a, b.subList(0, 1), Set.of()))
                .containsExactly(new Confound("driver", "5, 6", "5", Confound.Kind.BETWEEN));
        assertThat(Confounds.between(a, b, Set.of("driver")))
                .as("what was chosen is none")
                .isEmpty();
    }

    @Test
    void whatIsNotRecordedIsSaidOnce() {
        List<Confound> found = Confounds.between(
                List.of(run(Map.of("driver", "5", "quality", "high"))), List.of(run(Map.of())), Set.of());
        assertThat(found).extracting(Confound::kind).containsOnly(Confound.Kind.NOT_RECORDED);
        assertThat(Confounds.notRecorded(found)).contains("graphics driver, quality");
    }

    @Test
    void aStreamBringsItsLinkAndClientAlong() {
        List<RunFacts> off = List.of(run(Map.of("driver", "5")));
        List<RunFacts> on = List.of(run(Map.of(
                "driver",
                "6",
                "link_kind",
                "radio",
                "link_mbps",
                "400",
                "decode_ms",
                "5",
                "client_hz",
                "60",
                "bitrate_mbps",
                "60")));
        assertThat(Confounds.between(off, on, Chain.of(StageKind.HOME_STREAM).brings()))
                .extracting(Confound::fact)
                .containsExactly("driver");
    }

    /// An upscaler comes with the engine's generator; that the game then draws fewer pixels is no part of
    /// generation.
    @Test
    void anUpscalerIsAConfoundWhereItChangesWhatIsDrawn() {
        Set<String> meant = Chain.of(StageKind.ENGINE_GENERATION).brings();
        Map<String, String> plain = Map.of("resolution", "2560x1440", "upscaler", "off");
        Map<String, String> fewer = Map.of("resolution", "2560x1440", "upscaler", "quality 67 %");
        Map<String, String> asMany = Map.of("resolution", "2560x1440", "upscaler", "fine 100 %");
        assertThat(Confounds.between(List.of(run(plain)), List.of(run(fewer)), meant))
                .extracting(Confound::fact)
                .containsExactly("upscaler");
        assertThat(Confounds.between(List.of(run(plain)), List.of(run(asMany)), meant))
                .isEmpty();
    }

    /// What the evidence itself shows: length, warmth, the mix of stretches, how latency was measured, what is
    /// simulated.
    @Test
    void evidenceTellsWhatNobodyTyped() {
        RunFacts cold = logged(60, 45, Section.Weight.LIGHT, "sensor trace, 50 %", false);
        RunFacts warm = logged(90, 78, Section.Weight.WORST, "camera clip, 50 %", true);
        assertThat(Confounds.between(List.of(cold), List.of(warm), Set.of()))
                .extracting(Confound::fact)
                .containsExactlyInAnyOrder(
                        "evidence",
                        "latency by",
                        "length of the run",
                        "temperature at the start",
                        "share of light stretches",
                        "share of worst stretches");
        assertThat(Confounds.between(List.of(cold), List.of(cold), Set.of())).isEmpty();
    }

    private static RunFacts logged(
            int seconds, double temperature, Section.Weight weight, String latency, boolean simulated) {
        double[] at = new double[seconds * 60 + 1];
        double[] warmth = new double[at.length];
        Arrays.setAll(at, i -> i * 1000 / 60.0);
        Arrays.fill(warmth, temperature);
        return new RunFacts(
                "native",
                Setup.EMPTY,
                Analysis.of(
                        FrameLog.presentedAt(at, at.length)
                                .channel(Channel.GPU_TEMPERATURE, warmth)
                                .build()
                                .all(),
                        AnalysisSettings.NONE),
                simulated,
                Optional.of(latency),
                List.of(new Section("weir", weight, 0, 30_000)));
    }
}
