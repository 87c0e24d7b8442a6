package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Every command of the README as users start it: by the launcher script, on a file of each kind that it names.
class LauncherIT {
    private static final Path HOME = Path.of("").toAbsolutePath().getParent();

    @TempDir
    private static Path folder;

    private static Path simulated;

    /// What a command gave.
    private record Ran(int code, String out, String err) {
        JsonNode json() {
            return JsonMapper.shared().readTree(out);
        }
    }

    @BeforeAll
    static void simulate() throws Exception {
        simulated = folder.resolve("simulated");
        Path scenario = folder.resolve("short.json");
        String text = Files.readString(HOME.resolve("docs/scenarios/native.json"))
                .replaceAll("\"duration_s\" *: *[0-9.]+", "\"duration_s\": 12");
        Files.writeString(scenario, text);
        Ran ran = fluss("simulate", scenario.toString(), "--out", simulated.toString());
        assertThat(ran.code()).as(ran.err()).isZero();
    }

    private static Ran fluss(String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(HOME.resolve("fluss").toString()));
        command.addAll(List.of(arguments));
        File out = Files.createTempFile(folder, "out", ".txt").toFile();
        File err = Files.createTempFile(folder, "err", ".txt").toFile();
        ProcessBuilder builder = new ProcessBuilder(command).redirectOutput(out).redirectError(err);
        builder.environment().put("FLUSS_BUILT", "yes");
        Process process = builder.start();
        assertThat(process.waitFor(120, TimeUnit.SECONDS))
                .as("%s ends", command)
                .isTrue();
        return new Ran(
                process.exitValue(),
                Files.readString(out.toPath(), StandardCharsets.UTF_8),
                Files.readString(err.toPath(), StandardCharsets.UTF_8));
    }

    private static Ran good(String... arguments) throws IOException, InterruptedException {
        Ran ran = fluss(arguments);
        assertThat(ran.code())
                .as("%s: %s", String.join(" ", arguments), ran.err())
                .isZero();
        return ran;
    }

    private static String clip(String name) throws Exception {
        URI found = Objects.requireNonNull(LauncherIT.class.getResource("clips/" + name), name)
                .toURI();
        return Path.of(found).toString();
    }

    private static String made(String name) {
        return simulated.resolve(name).toString();
    }

    /// A lamp and a flash that answers it after 62.5 ms, filmed at 240 pictures a second by encoders of phones and
    /// recorders: H.264, HEVC, VP9 and MPEG-4.
    @ParameterizedTest
    @ValueSource(strings = {"film.mp4", "film.mov", "film.webm", "film.mkv", "film.avi", "film.m4v"})
    void aFilmOfEachKindGivesTheLatency(String name) throws Exception {
        JsonNode json = good("latency", clip(name), "--input-area", "4,4,28,56", "--light-area", "50,4,70,56", "--json")
                .json();
        assertThat(json.get("n").asInt()).isEqualTo(7);
        assertThat(json.get("median_ms").asDouble()).isCloseTo(62.5, within(2.1));
        assertThat(json.get("median_ci_ms").get(0).asDouble()).isLessThan(62.5);
        assertThat(json.get("median_ci_ms").get(1).asDouble()).isGreaterThan(62.5);
    }

    /// A bar that moves 30 times a second, recorded at 60.
    @ParameterizedTest
    @ValueSource(strings = {"bar.mp4", "bar.mov", "bar.webm", "bar.mkv"})
    void aRecordingOfEachKindGivesItsImages(String name) throws Exception {
        JsonNode json = good("video", clip(name), "--claimed", "60", "--json").json();
        assertThat(json.get("delivered_fps").asDouble()).isCloseTo(30, within(0.9));
        assertThat(json.get("findings").toString()).contains("phantom-images");
    }

    @Test
    void tracesAndSoundGiveTheLatency() throws Exception {
        double median = good("latency", made("clicks.wav"), "--threshold", "0.5", "--json")
                .json()
                .get("median_ms")
                .asDouble();
        JsonNode sensor = good("latency", made("sensor.csv"), "--json").json();
        assertThat(sensor.get("median_ms").asDouble()).isCloseTo(median, within(0.5));
        JsonNode trial = sensor.get("trials").get(1);
        assertThat(trial.get("state").asString()).isEqualTo("accepted");
        assertThat(trial.get("input_ms").asDouble()).isPositive();
        assertThat(trial.get("latency_ms").asDouble()).isPositive();
        assertThat(trial.get("reason").isNull()).isTrue();
        Path german = Files.writeString(
                folder.resolve("german.txt"),
                Files.readString(simulated.resolve("sensor.csv"))
                        .replace(',', ';')
                        .replace('.', ','));
        assertThat(good("latency", german.toString(), "--json")
                        .json()
                        .get("median_ms")
                        .asDouble())
                .isCloseTo(sensor.get("median_ms").asDouble(), within(1e-6));
        Path list = Files.writeString(folder.resolve("list.csv"), "trial,input_ms,photon_ms\n1,100,142\n2,900,\n");
        JsonNode listed = good("latency", list.toString(), "--json").json();
        assertThat(listed.get("missed").asInt()).isEqualTo(1);
        assertThat(listed.get("ambiguous").asInt()).isZero();
    }

    @Test
    void logsGiveTheirFiguresAndTheirComparison() throws Exception {
        String log = made("frames.csv");
        JsonNode json = good("analyze", log, "--refresh", "144", "--sync", "fifo", "--json")
                .json();
        assertThat(json.toString()).contains("delivered_fps");
        JsonNode same = good("compare", log, "--against", log, "--refresh", "144", "--json")
                .json();
        assertThat(same.isObject()).isTrue();
    }

    @Test
    void whatCannotBeReadSaysSoWithoutAStackTrace() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.mp4"), "this is no video");
        Ran ran = fluss("video", broken.toString(), "--json");
        assertThat(ran.code()).isNotZero();
        assertThat(ran.err()).contains("broken.mp4").doesNotContain("\tat ");
        Ran folderless = fluss("latency", folder.resolve("none.wav").toString());
        assertThat(folderless.code()).isNotZero();
        assertThat(folderless.err()).contains("none.wav").doesNotContain("\tat ");
    }

    @Test
    void theProgramSaysWhatItIs() throws Exception {
        assertThat(good("--version").out()).contains("fluss");
        assertThat(good("reference", "findings").out()).contains("clip-cannot-tell");
        assertThat(good("generate-completion").out()).contains("complete");
    }
}
