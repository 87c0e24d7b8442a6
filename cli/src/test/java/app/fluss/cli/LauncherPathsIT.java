package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.work.Progress;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/// The commands for streams, headsets, pictures, tables and studies as users start them.
class LauncherPathsIT {
    private static final Pattern LISTENS = Pattern.compile("port (\\d+)[^\\n]*\\ncode (\\S+)\\n");

    @TempDir
    private static Path folder;

    private static Launched launched;
    private static Path stream;

    @BeforeAll
    static void simulate() throws Exception {
        launched = new Launched(folder);
        stream = launched.simulated("stream-host-hitch");
    }

    @Test
    void aStreamsLogsGiveTheCauseOfEachHitch() throws Exception {
        JsonNode json = launched.good(
                        "blame",
                        stream.resolve("host.csv").toString(),
                        stream.resolve("client.csv").toString(),
                        "--json")
                .json();
        assertThat(json.at("/totals/game").asInt()).isPositive();
        assertThat(json.get("hitches").get(0).get("confidence").asDouble()).isBetween(0.0, 1.0);
    }

    @Test
    void aTraceOfPacketsGivesTheLink() throws Exception {
        for (String name : List.of("probe.csv", "probe.json")) {
            JsonNode json = launched.good(
                            "probe", "analyze", stream.resolve(name).toString(), "--json")
                    .json();
            assertThat(json.get("sent").asInt()).as(name).isGreaterThan(1000);
            assertThat(json.get("received").asInt()).as(name).isPositive();
        }
    }

    /// Real packets over loopback, from one process to another.
    @Test
    void hostAndClientMeasureTheLinkBetweenThem() throws Exception {
        Launched.Running host = launched.start("probe", "serve", "--port", "0");
        Matcher listens = LISTENS.matcher(host.printed());
        long until = System.nanoTime() + Duration.ofSeconds(60).toNanos();
        while (!listens.find() && System.nanoTime() < until) {
            Thread.sleep(50);
            listens = LISTENS.matcher(host.printed());
        }
        assertThat(host.printed()).containsPattern(LISTENS);
        Path kept = folder.resolve("kept.json");
        JsonNode json = launched.good(
                        "probe",
                        "run",
                        "127.0.0.1",
                        "--port",
                        listens.group(1),
                        "--code",
                        listens.group(2),
                        "--mbps",
                        "5",
                        "--seconds",
                        "2",
                        "--out",
                        kept.toString(),
                        "--json")
                .json();
        assertThat(json.get("sent").asInt()).isGreaterThan(100);
        assertThat(host.ended().code()).isZero();
        assertThat(kept).exists();
    }

    @Test
    void aHeadsetsLogGivesItsRefreshes() throws Exception {
        Path headset = launched.simulated("vr-half-rate");
        JsonNode json = launched.good("vr", headset.resolve("headset.csv").toString(), "--refresh", "90", "--json")
                .json();
        assertThat(json.get("without_new_image_share").asDouble()).isBetween(0.3, 0.6);
    }

    @Test
    void twoPicturesAreHeldAgainstEachOther() throws Exception {
        BufferedImage image = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
        for (int p = 0; p < 64 * 64; p++) {
            image.setRGB(p % 64, p / 64, 0x010101 * (p % 200));
        }
        Path one = folder.resolve("one.png");
        Path other = folder.resolve("other.png");
        ImageIO.write(image, "png", one.toFile());
        image.setRGB(9, 9, 0xFFFFFF);
        ImageIO.write(image, "png", other.toFile());
        Path map = folder.resolve("map.png");
        JsonNode json = launched.good("picture", one.toString(), other.toString(), "--map", map.toString(), "--json")
                .json();
        assertThat(json.get("psnr_db").asDouble()).isGreaterThan(35);
        assertThat(map).exists();
        Path clip = Files.createDirectories(folder.resolve("numbered"));
        for (int i = 0; i < 60; i++) {
            for (int p = 0; p < 64 * 64; p++) {
                boolean bar = Math.floorMod(p % 64 - 2 * (i / 2), 64) < 12;
                image.setRGB(p % 64, p / 64, bar ? 0xC0C0C0 : 0x303030);
            }
            ImageIO.write(image, "png", clip.resolve("p%03d.png".formatted(i)).toFile());
        }
        JsonNode counted =
                launched.good("video", clip.toString(), "--fps", "60", "--json").json();
        assertThat(counted.get("delivered_fps").asDouble()).isCloseTo(30, within(0.6));
        JsonNode panel = launched.good("video", stream.resolve("clip.y4m").toString(), "--json")
                .json();
        assertThat(panel.get("distinct").asInt()).isPositive();
    }

    @Test
    void aTableOfRunsIsCompared() throws Exception {
        Path table = Files.writeString(
                folder.resolve("runs.csv"),
                "game,path,run,fps\nSalt,native,1,41.2\nSalt,native,2,39.8\nSalt,fg,1,52.9\nSalt,fg,2,55.4\n");
        JsonNode json = launched.good("compare", "--table", table.toString(), "--baseline", "native", "--json")
                .json();
        assertThat(json.at("/games/Salt/fg/fps/difference").asDouble()).isCloseTo(13.65, within(1e-9));
    }

    @Test
    void aStudyIsComparedAndVerifiedAndADamagedOneIsSaidToBe() throws Exception {
        Path file = folder.resolve("small.fluss");
        try (Study study = Study.open(file)) {
            for (String driver : List.of("31.4", "31.5")) {
                RunDraft draft = new RunDraft(
                        "Saltglass",
                        "pier",
                        "native",
                        Chain.NATIVE,
                        "run with " + driver,
                        true,
                        Setup.EMPTY.withNamed(Map.of("driver", driver), FactSource.TYPED),
                        Double.NaN,
                        Taking.UNRECORDED);
                study.addRun(
                        draft,
                        List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, stream.resolve("game.csv"), Progress.NONE)),
                        Progress.NONE);
            }
        }
        JsonNode compared = launched.good("compare", file.toString(), "--by", "driver", "--json")
                .json()
                .at("/scenes/0/comparisons/0");
        assertThat(compared.at("/presented_fps/ratio").asDouble())
                .as("the same log")
                .isEqualTo(1);
        assertThat(compared.at("/presented_fps/method").asString()).isEqualTo("none");
        assertThat(launched.run("compare", file.toString()).code())
                .as("one path")
                .isEqualTo(3);
        JsonNode decided =
                launched.good("decide", file.toString(), "--json").json().at("/games/Saltglass");
        assertThat(decided.get("reason").asString()).as("one path").contains("native path and on another");
        assertThat(launched.good("check", file.toString()).out()).contains("2 runs");
        Path cut = Files.write(folder.resolve("cut.fluss"), new byte[300]);
        Launched.Ran ran = launched.run("check", cut.toString());
        assertThat(ran.code()).isEqualTo(3);
        assertThat(ran.err()).contains("cut.fluss").doesNotContain("\tat ");
    }
}
