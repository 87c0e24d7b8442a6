package app.fluss.files.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.picture.Area;
import app.fluss.core.picture.Look;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Clips as recorders and phones write them, made here by real encoders: lossy, of fixed and variable rate.
class LossyClipsTest {
    private static final int WIDTH = 320;
    private static final int HEIGHT = 176;
    private static final int FPS = 60;
    private static final int PICTURES = 240;

    @TempDir
    private static Path folder;

    /// What the scene shows.
    enum Scene {
        /// A bar goes over a still picture.
        BAR,
        /// The whole picture moves, as when the camera turns.
        PAN
    }

    private static double[] times() {
        double[] ms = new double[PICTURES];
        Arrays.setAll(ms, i -> i * 1000.0 / FPS);
        return ms;
    }

    /// Smooth random brightness, without a visible grid.
    private static double[][] texture() {
        SplittableRandom random = new SplittableRandom(4);
        double[][] texture = new double[HEIGHT][2 * WIDTH];
        for (int wave = 0; wave < 60; wave++) {
            double kx = random.nextDouble(-0.4, 0.4);
            double ky = random.nextDouble(-0.4, 0.4);
            double phase = random.nextDouble(2 * Math.PI);
            for (int y = 0; y < HEIGHT; y++) {
                for (int x = 0; x < 2 * WIDTH; x++) {
                    texture[y][x] += 8 * Math.sin(kx * x + ky * y + phase);
                }
            }
        }
        return texture;
    }

    /// Pictures of a game that shows `rate` images a second.
    private static List<byte[]> pictures(Scene scene, double rate, double grain) {
        double[][] texture = texture();
        SplittableRandom random = new SplittableRandom(8);
        List<byte[]> pictures = new ArrayList<>();
        for (int i = 0; i < PICTURES; i++) {
            double seconds = Math.floor(i * rate / FPS + 1e-9) / rate;
            byte[] luma = new byte[WIDTH * HEIGHT];
            for (int y = 0; y < HEIGHT; y++) {
                for (int x = 0; x < WIDTH; x++) {
                    double value;
                    if (scene == Scene.PAN) {
                        double at = x + 60 * seconds;
                        int left = (int) at;
                        value = texture[y][left] + (at - left) * (texture[y][left + 1] - texture[y][left]);
                    } else {
                        double bar = ((x - 20 - 90 * seconds) % WIDTH + WIDTH) % WIDTH;
                        value = y > 60 && y < 110 && bar < 24 ? 90 : texture[y][x];
                    }
                    luma[y * WIDTH + x] =
                            (byte) Math.clamp(Math.round(125 + value + grain * random.nextGaussian()), 0, 255);
                }
            }
            pictures.add(luma);
        }
        return pictures;
    }

    private static PictureCount count(Path file) throws Exception {
        try (Clip clip = ClipFile.open(file)) {
            return ClipDifferences.of(clip, Look.EVERYWHERE, clip.fps(), Progress.NONE)
                    .count();
        }
    }

    private static void assertRightOrDoubted(PictureCount count, double rate) {
        double truth = rate * PICTURES / FPS;
        if (count.isCounted()) {
            assertThat((double) count.distinct()).as("%s", count).isCloseTo(truth, within(0.03 * truth + 1));
        }
    }

    /// Within three per cent, or it cannot be told; never the clip's own rate by default.
    @ParameterizedTest
    @CsvSource({
        "libopenh264, mp4, 200, BAR, 30, 0", "libopenh264, mp4, 3000, BAR, 40, 0",
        "libopenh264, mp4, 200, PAN, 24, 0", "libopenh264, mp4, 3000, PAN, 30, 2",
        "libopenh264, mov, 200, PAN, 40, 2", "libopenh264, mp4, 3000, BAR, 20, 2",
        "libvpx-vp9, webm, 200, BAR, 30, 0", "libvpx-vp9, webm, 3000, PAN, 24, 0",
        "libvpx-vp9, webm, 200, PAN, 40, 2", "libvpx-vp9, mkv, 3000, BAR, 20, 2"
    })
    void lossyClipsAreCountedOrDoubted(
            String encoder, String ending, int kilobits, Scene scene, double rate, double grain) throws Exception {
        Path file = folder.resolve("%s-%s-%d-%.0f-%.0f.%s".formatted(encoder, scene, kilobits, rate, grain, ending));
        VideoMaker.make(file, WIDTH, HEIGHT, pictures(scene, rate, grain), encoder, kilobits * 1000, times());
        PictureCount count = count(file);
        assertRightOrDoubted(count, rate);
        if (kilobits == 3000) {
            assertThat(count.isCounted()).as("bits enough to tell: %s", count).isTrue();
        }
    }

    /// HEVC by the command-line encoder `x265` of the system's packages.
    @ParameterizedTest
    @CsvSource({"150, BAR, 30", "2000, PAN, 40"})
    void hevcIsCountedOrDoubted(int kilobits, Scene scene, double rate) throws Exception {
        Path encoder = Path.of("/usr/bin/x265");
        assumeTrue(Files.isExecutable(encoder), "x265 is not installed: apt-get install x265");
        Path raw = folder.resolve("hevc-%d.y4m".formatted(kilobits));
        writeY4m(raw, pictures(scene, rate, 0));
        Path stream = folder.resolve("hevc-%d.hevc".formatted(kilobits));
        Process process = new ProcessBuilder(
                        encoder.toString(),
                        "--preset",
                        "ultrafast",
                        "--bitrate",
                        Integer.toString(kilobits),
                        "-o",
                        stream.toString(),
                        raw.toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        Path file = folder.resolve("hevc-%d.mp4".formatted(kilobits));
        VideoMaker.wrap(stream, file, FPS);
        assertRightOrDoubted(count(file), rate);
    }

    private static void writeY4m(Path file, List<byte[]> pictures) throws Exception {
        byte[] grey = new byte[WIDTH * HEIGHT / 2];
        Arrays.fill(grey, (byte) 128);
        try (OutputStream out = Files.newOutputStream(file)) {
            out.write("YUV4MPEG2 W%d H%d F%d:1 C420jpeg\n"
                    .formatted(WIDTH, HEIGHT, FPS)
                    .getBytes(StandardCharsets.US_ASCII));
            for (byte[] luma : pictures) {
                out.write("FRAME\n".getBytes(StandardCharsets.US_ASCII));
                out.write(luma);
                out.write(grey);
            }
        }
    }

    /// Lossless clips are exact, grain or not.
    @ParameterizedTest
    @CsvSource({"BAR, 30, 0", "PAN, 24, 0", "PAN, 40, 3", "BAR, 20, 3", "PAN, 60, 0"})
    void losslessClipsAreExact(Scene scene, double rate, double grain) throws Exception {
        Path file = folder.resolve("exact.y4m");
        writeY4m(file, pictures(scene, rate, grain));
        PictureCount count = count(file);
        assertThat(count.isCounted()).isTrue();
        assertThat(count.distinct()).isEqualTo((int) (rate * PICTURES / FPS));
    }

    /// A recorder of variable rate writes a picture when there is one: a stall is as long as its stamps say.
    @Test
    void holdsComeFromTheStamps() throws Exception {
        double[] ms = times();
        for (int i = 120; i < PICTURES; i++) {
            ms[i] += 500;
        }
        Path file = folder.resolve("stall.mp4");
        VideoMaker.make(file, WIDTH, HEIGHT, pictures(Scene.BAR, 60, 0), "libopenh264", 3_000_000, ms);
        PictureCount count = count(file);
        assertThat(count.isCounted()).isTrue();
        assertThat(count.longestHoldMs(FPS)).isCloseTo(500 + 1000.0 / FPS, within(2.0));
    }

    /// A phone's film of a lamp and a screen that flashes, lossy and uneven: times are those of its stamps.
    @ParameterizedTest
    @CsvSource({"libopenh264, mp4, 1500", "libvpx-vp9, webm, 1500"})
    void aFilmOfLampAndFlashGivesTheLatency(String encoder, String ending, int kilobits) throws Exception {
        int pictures = 1200;
        double[] ms = new double[pictures];
        for (int i = 1; i < pictures; i++) {
            ms[i] = ms[i - 1] + (i % 97 == 40 ? 2 : 1) * 1000 / 240.0;
        }
        List<byte[]> film = new ArrayList<>();
        for (int i = 0; i < pictures; i++) {
            double within = ms[i] % 600;
            boolean lamp = within >= 200 && within < 300;
            boolean flash = within >= 262.5 && within < 330;
            byte[] luma = new byte[128 * 64];
            for (int p = 0; p < luma.length; p++) {
                int x = p % 128;
                luma[p] = (byte) (x < 40 ? lamp ? 210 : 40 : flash ? 190 : 60);
            }
            film.add(luma);
        }
        Path file = folder.resolve("film." + ending);
        VideoMaker.make(file, 128, 64, film, encoder, kilobits * 1000, ms);
        try (Clip clip = ClipFile.open(file)) {
            ClipLight seen =
                    ClipLight.of(clip, new Area(4, 4, 24, 50), new Area(60, 4, 60, 50), clip.fps(), Progress.NONE);
            Measurement found =
                    Measurement.of(Measurement.Source.CLIP, seen.recording(), EdgeSettings.DEFAULT, Progress.NONE);
            assertThat(found.samplesMs()).hasSizeGreaterThanOrEqualTo(7);
            for (double sample : found.samplesMs()) {
                assertThat(sample).isCloseTo(62.5, within(4.3));
            }
            assertThat(found.figures().medianInterval().orElseThrow().contains(62.5))
                    .isTrue();
        }
    }

    /// Bytes of chance in a video end the decoder at most: the reader tells it and lives on.
    @Test
    void aHostileVideoIsRefusedInWords() throws Exception {
        Path whole = folder.resolve("whole.mp4");
        VideoMaker.make(whole, WIDTH, HEIGHT, pictures(Scene.BAR, 30, 0), "libopenh264", 500_000, times());
        byte[] bytes = Files.readAllBytes(whole);
        SplittableRandom random = new SplittableRandom(6);
        for (int round = 0; round < 6; round++) {
            byte[] broken = bytes.clone();
            for (int k = 0; k < 400; k++) {
                broken[random.nextInt(broken.length)] = (byte) random.nextInt();
            }
            Path file = Files.write(folder.resolve("broken.mp4"), broken);
            try {
                assertThat(count(file).pictures()).isPositive();
            } catch (InputException e) {
                assertThat(e).hasMessageContaining("broken.mp4");
            } catch (IllegalStateException e) {
                assertThat(e).hasMessageContaining("fewer than three pictures");
            }
        }
        Files.writeString(folder.resolve("none.mp4"), "this is no video");
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> count(folder.resolve("none.mp4"))))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("no video of a known kind");
    }
}
