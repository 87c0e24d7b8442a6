package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.overlay.OverlayFile;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import java.awt.image.BufferedImage;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// Every command of the README as users start it: by the launcher script, on a file of each kind that it
/// names.
class LauncherIT {
    @TempDir
    private static Path folder;

    private static Launched launched;
    private static Path simulated;

    @BeforeAll
    static void simulate() throws Exception {
        launched = new Launched(folder);
        simulated = launched.simulated("native");
    }

    private static String clip(String name) throws Exception {
        URI found = Objects.requireNonNull(LauncherIT.class.getResource("clips/" + name), name)
                .toURI();
        return Path.of(found).toString();
    }

    private static String made(String name) {
        return simulated.resolve(name).toString();
    }

    /// A lamp and a flash that answers it after 62.5 ms, filmed at 240 pictures a second by encoders of
    /// phones and recorders: H.264, HEVC, VP9 and MPEG-4.
    @ParameterizedTest
    @ValueSource(strings = {"film.mp4", "film.mov", "film.webm", "film.mkv", "film.avi", "film.m4v"})
    void aFilmOfEachKindGivesTheLatency(String name) throws Exception {
        JsonNode json = launched.good(
                        "latency", clip(name), "--input-area", "4,4,28,56", "--light-area", "50,4,70,56", "--json")
                .json();
        assertThat(json.get("n").asInt()).isEqualTo(7);
        assertThat(json.get("median_ms").asDouble()).isCloseTo(62.5, within(2.1));
        assertThat(json.get("median_ci_ms").get(0).asDouble()).isLessThan(62.5);
        assertThat(json.get("median_ci_ms").get(1).asDouble()).isGreaterThan(62.5);
    }

    @Test
    void placesThatNobodyStatedAreFoundAndSaidToBe() throws Exception {
        JsonNode proposed = launched.good("latency", clip("film.mp4"), "--json").json();
        assertThat(proposed.get("n").asInt()).isEqualTo(7);
        assertThat(proposed.get("median_ms").asDouble()).isCloseTo(62.5, within(2.1));
        assertThat(proposed.get("findings").toString()).contains("areas-proposed");
    }

    /// A bar that moves 30 times a second, recorded at 60.
    @ParameterizedTest
    @ValueSource(strings = {"bar.mp4", "bar.mov", "bar.webm", "bar.mkv"})
    void aRecordingOfEachKindGivesItsImages(String name) throws Exception {
        JsonNode json =
                launched.good("video", clip(name), "--claimed", "60", "--json").json();
        assertThat(json.get("delivered_fps").asDouble()).isCloseTo(30, within(0.9));
        assertThat(json.get("findings").toString()).contains("phantom-images");
    }

    @Test
    void tracesAndSoundGiveTheLatency() throws Exception {
        double median = launched.good("latency", made("clicks.wav"), "--threshold", "0.5", "--json")
                .json()
                .get("median_ms")
                .asDouble();
        JsonNode sensor = launched.good("latency", made("sensor.csv"), "--json").json();
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
        assertThat(launched.good("latency", german.toString(), "--json")
                        .json()
                        .get("median_ms")
                        .asDouble())
                .isCloseTo(sensor.get("median_ms").asDouble(), within(1e-6));
        Path list = Files.writeString(folder.resolve("list.csv"), "trial,input_ms,photon_ms\n1,100,142\n2,900,\n");
        JsonNode listed = launched.good("latency", list.toString(), "--json").json();
        assertThat(listed.get("missed").asInt()).isEqualTo(1);
        assertThat(listed.get("ambiguous").asInt()).isZero();
    }

    @Test
    void logsGiveTheirFiguresAndTheirComparison() throws Exception {
        String log = made("frames.csv");
        JsonNode json = launched.good("analyze", log, "--refresh", "144", "--sync", "fifo", "--json")
                .json();
        assertThat(json.toString()).contains("delivered_fps");
        JsonNode same = launched.good("compare", log, "--against", log, "--refresh", "144", "--json")
                .json();
        assertThat(same.isObject()).isTrue();
    }

    @Test
    void whatCannotBeReadSaysSoWithoutAStackTrace() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.mp4"), "this is no video");
        Launched.Ran ran = launched.run("video", broken.toString(), "--json");
        assertThat(ran.code()).isNotZero();
        assertThat(ran.err()).contains("broken.mp4").doesNotContain("\tat ");
        Launched.Ran folderless =
                launched.run("latency", folder.resolve("none.wav").toString());
        assertThat(folderless.code()).isNotZero();
        assertThat(folderless.err()).contains("none.wav").doesNotContain("\tat ");
    }

    @Test
    void theProgramSaysWhatItIs() throws Exception {
        assertThat(launched.good("--version").out()).contains("fluss");
        assertThat(launched.good("reference", "findings").out()).contains("clip-cannot-tell");
        assertThat(launched.good("generate-completion").out()).contains("complete");
        for (String window : List.of("demo", "open", "screenshots")) {
            assertThat(launched.good(window, "--help").out()).contains("fluss demo [--picture FILE]");
        }
    }

    /// The counter on the clip says 91 to 95, each image of the scene stands for two of its 60 pictures a
    /// second.
    @ParameterizedTest
    @ValueSource(strings = {"counter.mp4", "counter.webm"})
    void aCounterIsReadAndHeldAgainstThePictures(String name) throws Exception {
        String kept = folder.resolve(name + ".json").toString();
        JsonNode json = launched.good("overlay", clip(name), "--area", "rate=19,26,40,32", "--keep", kept, "--json")
                .json();
        assertThat(OverlayFile.read(Path.of(kept)).pictures())
                .isEqualTo(json.get("pictures").asInt());
        assertThat(json.at("/areas/rate/mean").asDouble()).isCloseTo(92, within(0.2));
        assertThat(json.at("/areas/rate/open_share").asDouble()).isLessThan(0.01);
        assertThat(json.at("/areas/rate/readings/0/value").asDouble()).isEqualTo(94);
        assertThat(json.get("delivered_fps").asDouble()).isCloseTo(30, within(0.5));
        assertThat(json.get("findings").toString()).contains("phantom-images");
    }

    /// A recorder on another machine, played by a thread: the pictures of a clip come one by one.
    @Test
    void aFolderThatGrowsIsReadAlong() throws Exception {
        Path shots = Files.createDirectory(folder.resolve("shots"));
        Thread recorder = Thread.ofPlatform().start(() -> {
            try (Clip clip = ClipFile.open(Path.of(clip("counter.mp4")))) {
                byte[] luma = new byte[clip.width() * clip.height()];
                for (int i = 0; i < clip.size(); i++) {
                    clip.luma(i, luma);
                    BufferedImage grey = new BufferedImage(clip.width(), clip.height(), BufferedImage.TYPE_BYTE_GRAY);
                    grey.getRaster().setDataElements(0, 0, clip.width(), clip.height(), luma);
                    ImageIO.write(grey, "png", shots.resolve(i + ".png").toFile());
                }
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        Launched.Ran result = launched.good(
                "overlay",
                shots.toString(),
                "--area",
                "rate=19,26,40,32",
                "--follow",
                "--quiet",
                "4",
                "--fps",
                "60",
                "--json");
        recorder.join();
        assertThat(result.err()).contains("no picture for 4 s");
        assertThat(result.json().at("/areas/rate/mean").asDouble()).isCloseTo(92, within(0.2));
    }

    @Test
    void aClipWithoutNumbersGivesNone() throws Exception {
        JsonNode json = launched.good("overlay", made("clip.y4m"), "--area", "rate=4,4,60,30", "--json")
                .json();
        assertThat(json.at("/areas/rate/mean").isNull()).isTrue();
        assertThat(json.get("findings").toString()).contains("overlay-unread");
    }

    /// A study written, told, handed on and taken in again, as users do it.
    /// A path of which much is stated.
    private static Chain generated() {
        return new Chain(List.of(new Stage(
                StageKind.DRIVER_GENERATION,
                Map.of(
                        FactKey.MULTIPLIER, "2",
                        FactKey.GENERATION_WAY, "between two",
                        FactKey.MADE_MS, "4",
                        FactKey.ON_SUPPORTED_LIST, "yes"))));
    }

    private void assertAnotherProcessTellsTheSame(Path study, Path report) throws Exception {
        Path again = folder.resolve("again");
        launched.good("report", study.toString(), "--out", again.toString());
        try (Stream<Path> files = Files.walk(again)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                assertThat(withoutDate(report.resolve(again.relativize(file))))
                        .as(file.toString())
                        .isEqualTo(withoutDate(file));
            }
        }
    }

    private static String withoutDate(Path file) throws Exception {
        return Files.readString(file, StandardCharsets.ISO_8859_1).replaceAll("20[0-9]{2}-[0-9]{2}-[0-9]{2}", "");
    }

    @Test
    void aStudyIsToldHandedOnAndTakenIn() throws Exception {
        Path study = folder.resolve("told.fluss");
        try (Study made = Study.open(study)) {
            for (String path : new String[] {"native", "doubled"}) {
                made.addRun(
                        new RunDraft(
                                "Reedlight",
                                "weir",
                                path,
                                path.equals("native") ? Chain.NATIVE : generated(),
                                "run of " + path,
                                true,
                                Setup.EMPTY,
                                Double.NaN,
                                Taking.UNRECORDED),
                        List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, Path.of(made("frames.csv")), Progress.NONE)),
                        Progress.NONE);
            }
        }
        Path report = folder.resolve("a report");
        assertThat(launched.good("report", study.toString(), "--out", report.toString(), "--pdf")
                        .out())
                .contains("Report written to");
        assertThat(Files.readString(report.resolve("report.html"))).contains("Reedlight", "simulated");
        assertThat(Files.readString(report.resolve("figures.csv"))).contains("delivered-ratio");
        assertThat(Shaped.json(ResultSchema.study, report.resolve("study.json")).get("runs"))
                .hasSize(2);
        assertThat(Files.size(report.resolve("report.pdf"))).isGreaterThan(10_000);
        assertThat(ImageIO.read(report.resolve("cards/01-reedlight.png").toFile())
                        .getHeight())
                .isEqualTo(900);
        assertAnotherProcessTellsTheSame(study, report);
        Path data = folder.resolve("data");
        launched.good("export", study.toString(), "--out", data.toString());
        try (Stream<Path> frames = Files.list(data.resolve("frames"))) {
            Path log = frames.sorted().findFirst().orElseThrow();
            assertThat(launched.good("analyze", log.toString(), "--json")
                            .json()
                            .at("/frames")
                            .asInt())
                    .isPositive();
        }
        Path handed = folder.resolve("handed.fluss");
        launched.good("hand-on", study.toString(), "--game", "Reedlight", "--to", handed.toString());
        assertThat(launched.good("take-in", study.toString(), handed.toString(), "--as", "Noor")
                        .out())
                .contains("2 runs were taken in");
        launched.good("check", study.toString());
    }
}
