package app.fluss.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.LogImport;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulationFolder;
import app.fluss.sim.Simulation;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// The keys that scripts rely on, and null, never 0, for what cannot be had.
class JsonContractTest {
    @TempDir
    Path folder;

    private ImportedLog imported(String scenario) throws Exception {
        SimulationFolder.write(
                Simulation.run(ReadyScenario.named(scenario).lasting(12)), folder.resolve(scenario), Progress.NONE);
        return LogImport.read(folder.resolve(scenario).resolve("frames.csv"), ImportOptions.guess(), Progress.NONE);
    }

    private static JsonNode json(ImportedLog imported, AnalysisSettings settings) {
        Analysis run = Analysis.of(imported.log().all(), settings);
        KnownOfRun known = KnownOfRun.log(run, Optional.empty(), Double.NaN);
        return AnalysisJson.of("x.csv", imported, known, Findings.of(known));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/frames",
                "/duration_s",
                "/mapping/present_ms",
                "/rates/rendered_fps",
                "/rates/presented_fps",
                "/rates/delivered_fps",
                "/frame_time_ms/mean",
                "/frame_time_ms/sd",
                "/frame_time_ms/median",
                "/frame_time_ms/mad",
                "/frame_time_ms/iqr",
                "/frame_time_ms/p5",
                "/frame_time_ms/p95",
                "/frame_time_ms/p99",
                "/frame_time_ms/p999",
                "/frame_time_ms/min",
                "/frame_time_ms/max",
                "/frame_time_ms/cv",
                "/lows_fps/one_percent/percentile",
                "/lows_fps/one_percent/slowest_mean",
                "/lows_fps/one_percent/time_weighted",
                "/lows_fps/tenth_percent/percentile",
                "/pacing/successive_difference_mean_ms",
                "/pacing/rmssd_ms",
                "/pacing/lag1_autocorrelation",
                "/pacing/stutters",
                "/pacing/stutters_per_minute",
                "/pacing/stutter_time_share",
                "/refresh/hz",
                "/refresh/lost",
                "/refresh/even_share",
                "/motion_timing_ms/mean_abs",
                "/motion_timing_ms/p95_abs",
                "/motion_timing_ms/rms",
                "/limit/gpu",
                "/limit/cpu",
                "/limit/cap",
                "/limit/mixed",
                "/limit/unknown"
            })
    void analyzeHasItsKeys(String pointer) throws Exception {
        JsonNode json = json(
                imported("phantom-images"), AnalysisSettings.NONE.withDisplay(new DisplayMode(120, SyncMode.LATEST)));
        assertThat(json.at(pointer).isMissingNode()).isFalse();
        assertThat(json.at(pointer).isNull()).isFalse();
    }

    @Test
    void whatCannotBeHadIsNullAndAFindingSaysWhy() throws Exception {
        Path bare = Files.writeString(folder.resolve("bare.csv"), "frame_time_ms\n16\n17\n16\n");
        ImportedLog imported = LogImport.read(bare, ImportOptions.guess(), Progress.NONE);
        JsonNode json = json(imported, AnalysisSettings.NONE);
        List<String> nulls = new ArrayList<>();
        for (String pointer : List.of(
                "/rates/claimed_fps",
                "/rates/rendered_fps",
                "/rates/delivered_fps",
                "/refresh/hz",
                "/refresh/lost",
                "/motion_timing_ms/rms")) {
            assertThat(json.at(pointer).isMissingNode())
                    .as(pointer + " is there")
                    .isFalse();
            if (json.at(pointer).isNull()) {
                nulls.add(pointer);
            }
        }
        assertThat(nulls).hasSize(6);
        assertThat(json.at("/findings").toString())
                .contains("figure-missing", "does not say which images are rendered", "no game times");
        assertThat(json.at("/rates/presented_fps").asDouble()).isGreaterThan(60);
    }

    @Test
    void compareHasItsKeysForEveryRate() throws Exception {
        AnalysisSettings settings = AnalysisSettings.NONE.withDisplay(new DisplayMode(144, SyncMode.VRR));
        Analysis a = Analysis.of(imported("native").log().all(), settings.asNative());
        Analysis b = Analysis.of(imported("engine-generation").log().all(), settings.withMultiplier(2));
        RunComparison comparison = RunComparison.of(List.of(a), List.of(b), Terms.PLAIN.withMultiplier(2));
        JsonNode json = ComparisonJson.of(comparison, Findings.of(comparison, List.of(), false));
        for (String rate : List.of("rendered_fps", "presented_fps", "delivered_fps")) {
            for (String key : List.of("a", "b", "difference", "ratio")) {
                assertThat(json.at("/" + rate + "/" + key).isNumber())
                        .as(rate + " " + key)
                        .isTrue();
            }
            assertThat(json.at("/" + rate + "/ci").isNull())
                    .as("one run a side")
                    .isTrue();
            assertThat(json.at("/" + rate + "/method").asString()).isEqualTo("none");
            assertThat(json.at("/" + rate + "/reason").asString()).contains("one run a side");
            assertThat(json.at("/" + rate + "/stands").asBoolean()).isFalse();
            assertThat(json.at("/" + rate + "/runs").size()).isEqualTo(2);
            assertThat(json.at("/" + rate + "/holm_p").isNull()).isTrue();
        }
        for (String key : List.of(
                "base_cost", "found_multiplier", "delivered_gain", "efficiency", "generated_share", "surplus_fps")) {
            assertThat(json.get(key).isNumber()).as(key).isTrue();
        }
        assertThat(json.get("primary").asString()).isEqualTo("delivered_fps");
        assertThat(json.get("confounds").isNull()).as("nothing was looked at").isTrue();
        assertThat(json.at("/drift/state").asString()).isEqualTo("no-bracket");
        assertThat(json.get("claimed_fps").get("a").isNull())
                .as("nobody read a counter")
                .isTrue();
    }
}
