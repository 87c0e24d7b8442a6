package app.fluss.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.StillFile;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.link.PacketFile;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.DifferencesFile;
import app.fluss.files.log.InputException;
import app.fluss.files.log.MappingFile;
import app.fluss.files.log.QuickTable;
import app.fluss.files.simulated.ScenarioFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.SplittableRandom;
import javax.imageio.ImageIO;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Damaged sound, traces, pictures, clips, packets, probes, scenarios and mappings: read, or refused by a typed fault,
/// whatever the damage. Logs and tables are tried by `MutatedTablesTest`. More rounds with `bench/fuzz.sh`.
class HostileFilesTest {
    private static final int ROUNDS = 150;

    @TempDir
    Path folder;

    /// Something that is read from a file, and one that is whole.
    enum Kind {
        SOUND(
                "x.wav",
                HostileFilesTest::sound,
                file -> LatencyReading.of(file, false, EdgeSettings.DEFAULT, Progress.NONE)),
        TRACE(
                "x.csv",
                HostileFilesTest::trace,
                file -> LatencyReading.of(file, false, EdgeSettings.DEFAULT, Progress.NONE)),
        PICTURE("x.png", HostileFilesTest::picture, file -> StillFile.read(file)),
        CLIP("x.y4m", HostileFilesTest::clip, Damage::readClip),
        PACKETS("x.csv", HostileFilesTest::packets, file -> PacketFile.read(file)),
        PROBE("x.json", HostileFilesTest::probe, file -> ProbeFile.read(file)),
        SCENARIO("x.json", HostileFilesTest::scenario, file -> ScenarioFile.read(file)),
        MAPPING("x.json", HostileFilesTest::mapping, file -> MappingFile.read(file)),
        DIFFERENCES("x.csv", HostileFilesTest::differences, file -> DifferencesFile.read(file)),
        PASTED(
                "x.txt",
                HostileFilesTest::pasted,
                file -> QuickTable.read(new String(Files.readAllBytes(file), StandardCharsets.UTF_8)));

        private final String name;
        private final Whole whole;
        private final Reader reader;

        Kind(String name, Whole whole, Reader reader) {
            this.name = name;
            this.whole = whole;
            this.reader = reader;
        }
    }

    @FunctionalInterface
    private interface Whole {
        byte[] bytes() throws IOException;
    }

    @FunctionalInterface
    private interface Reader {
        void read(Path file) throws IOException, InputException;
    }

    private static byte[] sound() throws IOException {
        byte[] pcm = new byte[4 * 9600];
        for (int i = 0; i < 9600; i++) {
            int click = i % 1200 < 4 ? 16_000 : 0;
            int light = i % 1200 > 200 && i % 1200 < 700 ? 12_000 : 300;
            ByteBuffer.wrap(pcm, 4 * i, 4)
                    .putShort(Short.reverseBytes((short) click))
                    .putShort(Short.reverseBytes((short) light));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        AudioFormat format = new AudioFormat(9600, 16, 2, true, false);
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(pcm), format, 9600), AudioFileFormat.Type.WAVE, out);
        return out.toByteArray();
    }

    private static byte[] trace() {
        StringBuilder text = new StringBuilder("t_us,input,light\n");
        for (int i = 0; i < 1500; i++) {
            text.append(i * 500)
                    .append(i % 400 < 100 ? ",1," : ",0,")
                    .append(i % 400 > 80 && i % 400 < 200 ? 900 : 20 + i % 5)
                    .append('\n');
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 1200; i++) {
            image.setRGB(i % 40, i / 40, i * 7919);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static byte[] clip() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write("YUV4MPEG2 W32 H16 F60:1 Ip A1:1 C420jpeg\n".getBytes(StandardCharsets.US_ASCII));
        for (int picture = 0; picture < 6; picture++) {
            out.write("FRAME\n".getBytes(StandardCharsets.US_ASCII));
            byte[] planes = new byte[32 * 16 * 3 / 2];
            Arrays.fill(planes, (byte) (40 * picture));
            out.write(planes);
        }
        return out.toByteArray();
    }

    private static byte[] packets() {
        return "sequence,send_us,receive_us\n1,0,4000\n2,16000,20100\n3,32000,\n4,48000,52000\n"
                .getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] probe() {
        return """
                {"format": "fluss-probe-1", "simulated": true, "fps": 60, "bit_rate_mbps": 0.4, "key_every_s": 1,
                 "key_factor": 1, "paced": true, "images": 3, "sent_us": [0, 16000, 33000],
                 "received_us": [4000, null, 37000], "input_sent_us": [10, 20000], "input_back_us": [9000, null]}
                """.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] scenario() throws IOException {
        try (InputStream ready =
                Objects.requireNonNull(ScenarioFile.class.getResourceAsStream("second-gpu.json"), "a ready scenario")) {
            return ready.readAllBytes();
        }
    }

    private static byte[] mapping() {
        return """
                {"columns":[{"name":"Zeit","role":"PRESENT","unit":"S"},{"name":"Art","role":"KIND","unit":"MS"}],
                 "kinds":{"echt":"RENDERED","neu":"GENERATED"}}
                """.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] differences() {
        return "peak,over_one,over_two,ms\n,,,0\n3,2,,16.7\n4,0,2,33.3\n9,3,3,50\n".getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] pasted() {
        return "game\tscene\tpath\taverage\t1 % low\nReed\tmarsh\tnative\t61,5\t48\nReed\tmarsh\tfg\t102\t70\n"
                .getBytes(StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @EnumSource
    void damageIsReadOrRefusedInWords(Kind kind) throws Exception {
        Path whole = Files.write(folder.resolve(kind.name), kind.whole.bytes());
        kind.reader.read(whole);
        damage(kind, ROUNDS, folder);
    }

    private static void damage(Kind kind, int rounds, Path folder) throws IOException {
        byte[] whole = kind.whole.bytes();
        Path file = folder.resolve(kind.name);
        for (int round = 0; round < rounds; round++) {
            Files.write(file, Damage.of(whole, new SplittableRandom(round)));
            try {
                kind.reader.read(file);
            } catch (InputException e) {
                assertThat(e.getMessage()).contains(kind.name);
            } catch (Exception | StackOverflowError | OutOfMemoryError e) {
                Path kept =
                        Files.copy(file, Files.createTempDirectory("hostile").resolve(kind.name));
                throw new AssertionError("%s, round %d: see %s".formatted(kind, round, kept), e);
            }
        }
    }

    /// The same for as many rounds of each kind as are asked for, or of the kinds that are named: the campaign.
    public static void main(String[] args) throws Exception {
        Path folder = Files.createTempDirectory("fuzz");
        List<Kind> kinds =
                args.length > 1 ? Arrays.stream(args).skip(1).map(Kind::valueOf).toList() : List.of(Kind.values());
        for (Kind kind : kinds) {
            long start = System.nanoTime();
            damage(kind, Integer.parseInt(args[0]), folder);
            System.out.printf("%s: %s rounds, %.0f s%n", kind, args[0], (System.nanoTime() - start) / 1e9);
            try {
                Files.deleteIfExists(folder.resolve(kind.name));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        Files.delete(folder);
    }
}
