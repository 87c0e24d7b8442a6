package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.files.clip.StillFile;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import java.io.ByteArrayOutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;

class FlussTest extends CommandTest {
    private String off = "";
    private String on = "";

    @BeforeEach
    void simulate() throws Exception {
        off = write("native.csv", BENCH);
        on = write("generated.csv", BENCH.with(Generator.interpolating(2, 1.2)));
    }

    @Test
    void analyzePrintsTheContract() {
        assertThat(fluss("analyze", on, "--refresh", "144", "--sync", "vrr", "--json"))
                .isZero();
        JsonNode node = json();
        for (String key :
                "frames duration_s mapping rates frame_time_ms lows_fps pacing refresh motion_timing_ms limit findings"
                        .split(" ", -1)) {
            assertThat(node.has(key)).as(key).isTrue();
        }
        assertThat(node.at("/rates/presented_fps").asDouble())
                .isCloseTo(2 * node.at("/rates/rendered_fps").asDouble(), within(0.2));
        assertThat(node.at("/rates/claimed_fps").isNull()).isTrue();
        assertThat(node.at("/lows_fps/one_percent/slowest_mean").asDouble()).isPositive();
        assertThat(node.at("/refresh/hold_counts/1").asInt()).isPositive();
    }

    @Test
    void vrCountsRefreshesWithoutANewImage() throws Exception {
        Scenario half = ReadyScenario.named("vr-half-rate").lasting(10);
        Path log = folder.resolve("dive.csv");
        FrameLogWriter.write(Simulation.run(half).log(), log);
        assertThat(fluss("vr", log.toString(), "--refresh", "90", "--json")).isZero();
        JsonNode node = json();
        var truth = Simulation.run(half).truth().headset().orElseThrow();
        assertThat(node.at("/without_new_image_share").asDouble())
                .isCloseTo(1 - (double) truth.withNewImage() / truth.refreshes(), within(0.01));
        assertThat(node.at("/share_ci/0").asDouble())
                .isLessThan(node.at("/share_ci/1").asDouble());
        assertThat(node.at("/time_share/half").asDouble()).isGreaterThan(0.8);
        assertThat(node.at("/app_fps").asDouble()).isCloseTo(45, within(2.0));
        assertThat(fluss("vr", log.toString())).isEqualTo(2);
    }

    /// A row a refresh, every other one with the image before: half rate, if the column that says so is read, and a
    /// doubt
    /// where there is none.
    @Test
    void aHeadsetsLogOfRefreshesIsNotTakenForOneOfImages() throws Exception {
        StringBuilder flagged = new StringBuilder("time_s,app_gpu_ms,reprojected\n");
        StringBuilder bare = new StringBuilder("time_s,app_gpu_ms\n");
        for (int i = 0; i < 900; i++) {
            String row = String.format(Locale.ROOT, "%.6f,%.2f", i / 90.0, 13 + i % 7 * 0.1);
            flagged.append(row).append(i % 2 == 0 ? ",0\n" : ",1\n");
            bare.append(row).append('\n');
        }
        String log = Files.writeString(folder.resolve("dive.csv"), flagged).toString();
        assertThat(fluss("vr", log, "--refresh", "90", "--json")).isZero();
        assertThat(json().at("/app_fps").asDouble()).isCloseTo(45, within(0.2));
        assertThat(json().at("/findings").toString()).contains("vr-half-rate").doesNotContain("vr-rows-alike");
        String unclear = Files.writeString(folder.resolve("bare.csv"), bare).toString();
        assertThat(fluss("vr", unclear, "--refresh", "90")).isZero();
        assertThat(out.toString()).contains("! vr-rows-alike (warning)").contains("! mapping-guessed");
    }

    /// Jitter after RFC 3550; values derived.
    @Test
    void probeAnalyzePrintsTheContract() throws Exception {
        Path trace = folder.resolve("trace.csv");
        Files.writeString(trace, """
                sequence,send_us,receive_us
                0,0,50000
                1,10000,60000
                2,20000,71000
                3,30000,95000
                4,40000,90000
                5,50000,101000
                6,60000,
                7,70000,
                """);
        assertThat(fluss("probe", "analyze", trace.toString(), "--json")).isZero();
        JsonNode node = json();
        assertThat(node.at("/sent").asInt()).isEqualTo(8);
        assertThat(node.at("/received").asInt()).isEqualTo(6);
        assertThat(node.at("/lost").asInt()).isEqualTo(2);
        assertThat(node.at("/loss_percent").asDouble()).isEqualTo(25);
        assertThat(node.at("/longest_loss_run").asInt()).isEqualTo(2);
        assertThat(node.at("/reordered").asInt()).isEqualTo(1);
        assertThat(node.at("/jitter_ms").asDouble()).isCloseTo(1.860336304, within(1e-9));
        assertThat(node.at("/delay_spread_ms/max").asDouble()).isCloseTo(15, within(0.1));
        assertThat(fluss("probe", "analyze", off)).isEqualTo(3);
        assertThat(err.toString()).contains("sequence,send_us,receive_us");
    }

    @Test
    void probeRunsBetweenTwoTerminalsOfOneMachine() throws Exception {
        StringWriter host = new StringWriter();
        Thread server = Thread.ofPlatform().start(() -> {
            CommandLine line = Fluss.commandLine();
            line.setOut(new PrintWriter(host));
            line.execute("probe", "serve", "--port", "0");
        });
        while (!host.toString().contains("code ")) {
            assertThat(server.isAlive()).isTrue();
            Thread.sleep(20);
        }
        String said = host.toString();
        String port = said.replaceAll("(?s).*port (\\d+).*", "$1");
        String code = said.replaceAll("(?s).*code (\\S+).*", "$1");
        Path kept = folder.resolve("probe.json");
        assertThat(fluss(
                        "probe",
                        "run",
                        "127.0.0.1",
                        "--port",
                        port,
                        "--code",
                        code,
                        "--seconds",
                        "1",
                        "--mbps",
                        "6",
                        "--out",
                        kept.toString(),
                        "--json"))
                .isZero();
        server.join();
        assertThat(host.toString()).contains("served 60 images");
        JsonNode node = json();
        assertThat(node.at("/frames/sent").asInt()).isEqualTo(60);
        assertThat(node.at("/simulated").asBoolean()).isFalse();
        assertThat(node.at("/round_trip_ms").asDouble()).isPositive();
        assertThat(fluss("probe", "analyze", kept.toString())).isZero();
        assertThat(fluss("probe", "run", "127.0.0.1", "--code", "oops")).isEqualTo(2);
        assertThat(err.toString()).contains("host's screen");
    }

    @Test
    void blamePrintsTheContract() throws Exception {
        var run = Simulation.run(ReadyScenario.named("stream-network-hitch"));
        Path client = folder.resolve("client.csv");
        Path host = folder.resolve("host.csv");
        FrameLogWriter.write(run.log(), client);
        FrameLogWriter.write(run.hostLog().orElseThrow(), host);
        assertThat(fluss("blame", host.toString(), client.toString(), "--json")).isZero();
        JsonNode node = json();
        assertThat(node.at("/hitches/0/client_ms").isNumber()).isTrue();
        assertThat(node.at("/hitches/0/frame").isIntegralNumber()).isTrue();
        assertThat(node.at("/hitches/0/confidence").asDouble()).isBetween(0.0, 1.0);
        assertThat(node.at("/totals/network").asInt()).isGreaterThan(3);
        assertThat(node.at("/totals/game").asInt()).isZero();
        assertThat(node.at("/lined_up/by").asString()).isEqualTo("frame_number");
        assertThat(fluss("blame", host.toString(), client.toString())).isZero();
        assertThat(out.toString()).contains("! stream-network");
    }

    @Test
    void severalLogsGiveAnArray() {
        assertThat(fluss("analyze", off, on, "--json")).isZero();
        assertThat(json()).hasSize(2);
        assertThat(json().get(1).at("/refresh/hz").isNull()).isTrue();
    }

    @Test
    void comparePrintsTheContractWithIntervals() throws Exception {
        List<String> arguments = new ArrayList<>(List.of("compare"));
        for (int seed = 11; seed < 14; seed++) {
            arguments.add(write("off" + seed + ".csv", BENCH.withSeed(seed)));
        }
        arguments.add("--against");
        for (int seed = 21; seed < 24; seed++) {
            arguments.add(write(
                    "on" + seed + ".csv",
                    BENCH.with(Generator.interpolating(2, 1.2)).withSeed(seed)));
        }
        arguments.addAll(List.of("--refresh", "144", "--sync", "vrr", "--json"));
        assertThat(fluss(arguments.toArray(String[]::new))).isZero();
        JsonNode node = json();
        double difference = node.at("/presented_fps/difference").asDouble();
        assertThat(node.at("/presented_fps/ci/0").asDouble()).isLessThan(difference);
        assertThat(node.at("/presented_fps/ci/1").asDouble()).isGreaterThan(difference);
        assertThat(node.at("/presented_fps/method").asString()).isEqualTo("welch");
        assertThat(node.at("/presented_fps/stands").asBoolean()).isTrue();
        assertThat(node.at("/presented_fps/holm_p").asDouble()).isLessThan(0.05);
        assertThat(node.at("/delivered_gain").asDouble())
                .isCloseTo(node.at("/delivered_fps/ratio").asDouble(), within(1e-12));
        assertThat(node.at("/found_multiplier").asDouble()).isCloseTo(2, within(0.01));
        assertThat(node.at("/base_cost").asDouble()).isBetween(0.05, 0.15);
        for (String figure : new String[] {"base_cost", "found_multiplier", "delivered_gain", "efficiency"}) {
            assertThat(node.at("/" + figure).asDouble())
                    .as(figure)
                    .isBetween(
                            node.at("/" + figure + "_ci/0").asDouble(),
                            node.at("/" + figure + "_ci/1").asDouble());
        }
        assertThat(node.get("confounds").isNull()).isTrue();
        assertThat(out.toString()).contains("multiplier-assumed", "no-bracket").doesNotContain("few-runs");
    }

    @Test
    void oneRunASideHasNoIntervalAndSaysHowManyItTakes() {
        assertThat(fluss("compare", off, "--against", on, "--refresh", "144", "--sync", "vrr"))
                .isZero();
        assertThat(out.toString())
                .contains("few-runs", "three a side", "one run a side tells nothing of the next")
                .doesNotContain("stands");
    }

    @Test
    void comparesATableAgainstItsBaseline() throws Exception {
        Path table = Files.writeString(folder.resolve("runs.csv"), """
                game,path,run,fps
                Salt,native,1,41.2
                Salt,native,2,39.8
                Salt,native,3,43.1
                Salt,native,4,40.5
                Salt,fg,1,52.9
                Salt,fg,2,55.4
                Salt,fg,3,50.7
                Salt,fg,4,57.8
                Reed,native,1,60
                """);
        assertThat(fluss("compare", "--table", table.toString(), "--baseline", "native", "--json"))
                .isZero();
        // Welch B against A: computed with scipy 1.17.1.
        assertThat(json().at("/games/Salt/fg/fps/difference").asDouble()).isCloseTo(13.05, within(1e-9));
        assertThat(json().at("/games/Salt/fg/fps/ci/0").asDouble()).isCloseTo(8.44692637, within(1e-6));
        assertThat(json().at("/games/Salt/fg/fps/hodges_lehmann").asDouble()).isCloseTo(12.75, within(1e-9));
        assertThat(json().at("/overall/fg/fps/left_out/0").asString()).isEqualTo("Reed");
        assertThat(fluss("compare", "--table", table.toString(), "--baseline", "nobody"))
                .isEqualTo(3);
    }

    @Test
    void exitCodesTellUsageFromInput() throws Exception {
        Path bad = Files.writeString(folder.resolve("bad.csv"), "present_ms,cpu_ms\n0,1\n10,abc\n");
        assertThat(fluss("analyze", bad.toString())).isEqualTo(3);
        assertThat(err.toString()).contains("bad.csv, line 3, column 2", "expected a number");
        assertThat(fluss("analyze", folder.resolve("none.csv").toString())).isEqualTo(3);
        assertThat(fluss("analyze")).isEqualTo(2);
        assertThat(fluss("analyze", on, "--refresh", "-5")).isEqualTo(2);
        assertThat(fluss("compare", on)).isEqualTo(2);
        assertThat(fluss("check", bad.toString())).isEqualTo(3);
        assertThat(fluss("--help")).isZero();
        assertThat(out.toString()).contains("Examples:");
    }

    @Test
    void whatIsNoLogIsRefusedByName() throws Exception {
        Path empty = Files.createFile(folder.resolve("empty.csv"));
        Path binary = Files.write(folder.resolve("binary.csv"), new byte[] {0, 1, 2, (byte) 0xFF, 0, 7});
        Path line = Files.writeString(folder.resolve("line.csv"), "a".repeat(3_000_000));
        Path inside = Files.createDirectory(folder.resolve("inside"));
        for (Path file : List.of(empty, binary, line, inside)) {
            err.getBuffer().setLength(0);
            assertThat(fluss("analyze", file.toString())).isEqualTo(3);
            assertThat(err.toString()).contains(String.valueOf(file.getFileName()));
        }
    }

    /// From a scenario to what an analyst sees of it, and back to the truth.
    @Test
    void simulateWritesWhatAnalyzeReads() throws Exception {
        Path scenario = Path.of("..", "docs", "scenarios", "phantom-images.json");
        Path to = folder.resolve("simulated");
        assertThat(fluss("simulate", scenario.toString(), "--out", to.toString()))
                .isZero();
        assertThat(out.toString()).contains("frames.csv", "truth.json");
        out.getBuffer().setLength(0);
        String log = to.resolve("frames.csv").toString();
        String readings = to.resolve("readings.csv").toString();
        assertThat(fluss(
                        "analyze",
                        log,
                        "--refresh",
                        "120",
                        "--sync",
                        "latest",
                        "--multiplier",
                        "2",
                        "--readings",
                        readings,
                        "--json"))
                .isZero();
        JsonNode truth = Shaped.json(ResultSchema.truth, to.resolve("truth.json"));
        assertThat(json().at("/rates/delivered_fps").asDouble())
                .isCloseTo(truth.at("/screen/delivered_fps").asDouble(), withinPercentage(0.5));
        assertThat(json().at("/refresh/lost").asInt())
                .isEqualTo(truth.at("/screen/lost").asInt());
        assertThat(json().at("/findings").toString()).contains("phantom-images");
    }

    @Test
    void aScenarioThatCannotBeUsedIsRefusedByItsJsonPath() throws Exception {
        Path bad = Files.writeString(
                folder.resolve("bad.json"),
                "{\"game\":{\"cpu\":{\"median_ms\":4},\"gpu\":{\"median_ms\":0}},\"display\":{\"refresh_hz\":60}}");
        assertThat(fluss(
                        "simulate",
                        bad.toString(),
                        "--out",
                        folder.resolve("no").toString()))
                .isEqualTo(3);
        assertThat(err.toString()).contains("bad.json: found game.gpu.median_ms = 0; expected above 0");
        assertThat(folder.resolve("no")).doesNotExist();
        assertThat(fluss("simulate", bad.toString())).as("--out is missing").isEqualTo(2);
    }

    @Test
    void aStretchIsWhatLiesBetween() {
        assertThat(fluss("analyze", on, "--from", "5", "--to", "10", "--json")).isZero();
        assertThat(json().at("/duration_s").asDouble()).isCloseTo(5, within(0.05));
    }

    /// From a scenario to its clicks as sound, and back to the truth; and from a list of samples.
    @Test
    void latencyPrintsTheContract() throws Exception {
        Path to = folder.resolve("clicked");
        assertThat(fluss(
                        "simulate",
                        Path.of("..", "docs", "scenarios", "native.json").toString(),
                        "--out",
                        to.toString()))
                .isZero();
        out.getBuffer().setLength(0);
        assertThat(fluss("latency", to.resolve("clicks.wav").toString(), "--json"))
                .isZero();
        JsonNode node = json();
        JsonNode truth = Shaped.json(ResultSchema.truth, to.resolve("truth.json"));
        assertThat(node.get("n").asInt() + node.get("missed").asInt())
                .isEqualTo(truth.at("/clicks").size())
                .isEqualTo(node.get("samples_ms").size());
        for (String key : "median_ms mean_ms sd_ms mad_ms p5_ms p95_ms threshold".split(" ", -1)) {
            assertThat(node.get(key).isNumber()).as(key).isTrue();
        }
        assertThat(node.get("median_ci_ms")).hasSize(2);
        assertThat(node.get("ripple_hz").isNull()).as("this panel has none").isTrue();
        Path samples = Files.writeString(folder.resolve("s.csv"), "trial,input_ms,photon_ms\n1,0,40\n2,500,\n");
        out.getBuffer().setLength(0);
        assertThat(fluss("latency", samples.toString(), "--json")).isZero();
        assertThat(json().get("samples_ms").toString()).isEqualTo("[40.0,null]");
        assertThat(json().get("sd_ms").isNull()).isTrue();
        assertThat(json().at("/findings").toString()).contains("few-samples", "missed-trials");
        assertThat(fluss("latency", samples.toString(), "--threshold", "1.5")).isEqualTo(2);
        assertThat(fluss("latency", on)).isEqualTo(3);
    }

    /// A clip of the game through the whole command: 25 images a second on a panel of 60, against a
    /// counter that says 50.
    @Test
    void videoSettlesWhatACounterSays() throws Exception {
        Path clip = folder.resolve("game.y4m");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.writeBytes("YUV4MPEG2 W32 H8 F60:1 Cmono\n".getBytes(StandardCharsets.US_ASCII));
        for (int i = 0; i < 300; i++) {
            int image = (int) Math.floor(i * 25 / 60.0);
            bytes.writeBytes("FRAME\n".getBytes(StandardCharsets.US_ASCII));
            for (int p = 0; p < 32 * 8; p++) {
                bytes.write((p % 32 + 3 * image) % 32 < 6 ? 200 : 40);
            }
        }
        Files.write(clip, bytes.toByteArray());
        assertThat(fluss("video", clip.toString(), "--claimed", "50", "--json")).isZero();
        JsonNode node = json();
        assertThat(node.at("/frames").asInt()).isEqualTo(300);
        assertThat(node.at("/distinct").asInt()).isEqualTo(125);
        assertThat(node.at("/delivered_fps").asDouble()).isCloseTo(25, within(1e-9));
        assertThat(node.at("/hold_counts/2").asInt() + node.at("/hold_counts/3").asInt())
                .isEqualTo(125);
        assertThat(node.at("/longest_hold_ms").asDouble()).isCloseTo(50, within(1e-9));
        assertThat(out.toString()).contains("phantom-images");
        assertThat(fluss("video", clip.toString(), "--within", "40,0,9,9")).isEqualTo(2);
        assertThat(fluss("video", clip.toString(), "--within", "a,b")).isEqualTo(2);
        assertThat(fluss("latency", clip.toString()))
                .as("what moves is no lamp and no answer")
                .isEqualTo(3);
        assertThat(fluss("latency", clip.toString(), "--input-area", "0,0,4,4"))
                .as("both areas or neither")
                .isEqualTo(2);
    }

    @Test
    void picturesAreHeldAgainstEachOther() throws Exception {
        byte[] grey = new byte[16 * 16];
        StillFile.write(grey, 16, folder.resolve("a.png"));
        grey[5] = 16;
        StillFile.write(grey, 16, folder.resolve("b.png"));
        StillFile.write(new byte[64], 8, folder.resolve("small.png"));
        String a = folder.resolve("a.png").toString();
        String map = folder.resolve("map.png").toString();
        assertThat(fluss("picture", a, folder.resolve("b.png").toString(), "--map", map, "--json"))
                .isZero();
        // One pixel of 256 is off by 16: the mean square is 1.
        assertThat(json().at("/mean_squared_error").asDouble()).isCloseTo(1, within(1e-12));
        assertThat(json().at("/psnr_db").asDouble()).isCloseTo(48.13080361, within(1e-6));
        assertThat(StillFile.read(Path.of(map)).luma()[5]).isEqualTo((byte) 16);
        assertThat(fluss("picture", a, folder.resolve("small.png").toString())).isEqualTo(3);
        assertThat(err.toString()).contains("8 × 8 px");
    }
}
