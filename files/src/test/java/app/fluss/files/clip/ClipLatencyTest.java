package app.fluss.files.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.latency.CameraCount;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.UncertaintyBudget;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.picture.Area;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.latency.TraceWriter;
import app.fluss.files.log.InputException;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.signal.Light;
import app.fluss.sim.truth.Click;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A camera films a lamp at the button, which is lit for 60 ms, and the simulated screen.
class ClipLatencyTest {
    private static final int WIDTH = 32;
    private static final int HEIGHT = 16;
    private static final Area LAMP = new Area(2, 2, 6, 6);
    private static final Area SCREEN = new Area(16, 4, 12, 8);
    private static final double LIT_MS = 60;

    @TempDir
    private Path folder;

    private static final SimulatedRun RUN =
            Simulation.run(ReadyScenario.named("native").lasting(12));

    private static byte[] picture(double ms, Random noise) {
        Light light = RUN.light().orElseThrow();
        boolean lit =
                RUN.truth().clicks().stream().anyMatch(click -> ms >= click.clickMs() && ms < click.clickMs() + LIT_MS);
        byte[] luma = new byte[WIDTH * HEIGHT];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double value = x < WIDTH / 2 ? (lit ? 190 : 40) : 30 + 180 * light.at(ms);
                luma[y * WIDTH + x] = (byte) (int) Math.clamp(Math.rint(value + 4 * noise.nextGaussian()), 0, 255);
            }
        }
        return luma;
    }

    private Path y4m(int fps, double seconds) throws IOException {
        Random noise = new Random(3);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("YUV4MPEG2 W%d H%d F%d:1 Ip A1:1 Cmono\n"
                .formatted(WIDTH, HEIGHT, fps)
                .getBytes(StandardCharsets.US_ASCII));
        for (int i = 0; i < seconds * fps; i++) {
            out.writeBytes("FRAME\n".getBytes(StandardCharsets.US_ASCII));
            out.writeBytes(picture(i * 1000.0 / fps, noise));
        }
        return Files.write(folder.resolve("clip" + fps + ".y4m"), out.toByteArray());
    }

    private static ClipLight light(Path file, double fps) throws IOException, InputException {
        try (Clip clip = ClipFile.open(file)) {
            return ClipLight.of(clip, LAMP, SCREEN, fps, Progress.NONE);
        }
    }

    private static Measurement measure(ClipLight seen) {
        return Measurement.of(Measurement.Source.CLIP, seen.recording(), EdgeSettings.DEFAULT, Progress.NONE);
    }

    /// Both ends are rounded to whole pictures: the count lies within one picture of the truth.
    @ParameterizedTest
    @ValueSource(ints = {240, 960})
    void everyClickIsCountedWithinAPicture(int fps) throws Exception {
        Measurement measured = measure(light(y4m(fps, 12), fps));
        List<Click> clicks = RUN.truth().clicks();
        assertThat(measured.trials()).hasSameSizeAs(clicks);
        double uncertainty = 0;
        double sum = 0;
        for (int i = 0; i < clicks.size(); i++) {
            double truth = clicks.get(i).halfMs() - clicks.get(i).clickMs();
            double off = measured.trials().get(i).latencyMs() - truth;
            assertThat(off).isBetween(-1000.0 / fps - 0.2, 1000.0 / fps + 0.2);
            sum += off;
            uncertainty = new CameraCount(10, fps, true).uncertaintyMs();
        }
        // The mean error of n clicks stays within three of its standard uncertainties.
        assertThat(sum / clicks.size()).isCloseTo(0, within(3 * uncertainty / Math.sqrt(clicks.size())));
        UncertaintyBudget budget =
                UncertaintyBudget.of(LatencyFigures.of(measured.samplesMs()), measured.rateHz(), 0, 0, 0);
        assertThat(budget.parts())
                .filteredOn(part -> part.name().equals("resolution"))
                .singleElement()
                .satisfies(part -> assertThat(part.uncertaintyMs()).isCloseTo(uncertainty(fps), within(1e-9)));
    }

    private static double uncertainty(int fps) {
        return 1000.0 / fps / Math.sqrt(6);
    }

    @Test
    void numberedPicturesGiveTheSameAsY4m() throws Exception {
        Path y4m = y4m(240, 2);
        Path pictures = Files.createDirectory(folder.resolve("pictures"));
        try (Clip clip = ClipFile.open(y4m)) {
            byte[] luma = new byte[WIDTH * HEIGHT];
            for (int i = 0; i < clip.size(); i++) {
                clip.luma(i, luma);
                BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
                for (int p = 0; p < luma.length; p++) {
                    int grey = luma[p] & 0xFF;
                    image.setRGB(p % WIDTH, p / WIDTH, grey << 16 | grey << 8 | grey);
                }
                // Names whose order as text is not their order in time.
                ImageIO.write(
                        image, "png", pictures.resolve("shot " + i + ".png").toFile());
            }
            assertThat(clip.fps()).isEqualTo(240);
        }
        ClipLight fromPictures = light(pictures, 240);
        ClipLight fromY4m = light(y4m, 240);
        for (int i = 0; i < fromY4m.light().size(); i++) {
            assertThat(fromPictures.light().at(i)).isCloseTo(fromY4m.light().at(i), within(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"clip.mkv", "clip.avi"})
    void aVideoGivesTheSameAsY4mForwardsAndBackwards(String name) throws Exception {
        Path y4m = y4m(240, 1);
        Path video = folder.resolve(name);
        try (Clip plain = ClipFile.open(y4m)) {
            List<byte[]> pictures = new ArrayList<>();
            for (int i = 0; i < plain.size(); i++) {
                byte[] luma = new byte[WIDTH * HEIGHT];
                plain.luma(i, luma);
                pictures.add(luma);
            }
            VideoMaker.make(video, WIDTH, HEIGHT, 240, pictures);
            try (Clip clip = ClipFile.open(video)) {
                assertThat(clip.size()).isEqualTo(plain.size());
                assertThat(clip.fps()).isCloseTo(240, within(0.5));
                byte[] luma = new byte[WIDTH * HEIGHT];
                for (int i : new int[] {0, 1, 2, 100, 99, 0, plain.size() - 1}) {
                    clip.luma(i, luma);
                    assertThat(luma).isEqualTo(pictures.get(i));
                }
            }
        }
    }

    /// Coding loses a little; the clicks are found where they are in the pictures that were coded.
    @ParameterizedTest
    @ValueSource(strings = {"clip.mp4", "clip.mov"})
    void aLossyVideoOfAPhoneGivesTheSameClicks(String name) throws Exception {
        Path y4m = y4m(240, 12);
        Path video = folder.resolve(name);
        List<byte[]> pictures = new ArrayList<>();
        try (Clip plain = ClipFile.open(y4m)) {
            for (int i = 0; i < plain.size(); i++) {
                byte[] luma = new byte[WIDTH * HEIGHT];
                plain.luma(i, luma);
                pictures.add(luma);
            }
        }
        VideoMaker.makeLossy(video, WIDTH, HEIGHT, 240, pictures);
        double[] coded = measure(light(video, 240)).samplesMs();
        double[] exact = measure(light(y4m, 240)).samplesMs();
        assertThat(coded).hasSameSizeAs(exact);
        for (int i = 0; i < exact.length; i++) {
            assertThat(coded[i]).isCloseTo(exact[i], within(1000.0 / 240 + 1e-6));
        }
    }

    @Test
    void aClosedVideoStaysClosed() throws Exception {
        Path video = folder.resolve("closed.mkv");
        VideoMaker.make(video, WIDTH, HEIGHT, 60, List.of(new byte[WIDTH * HEIGHT], new byte[WIDTH * HEIGHT]));
        Clip clip = ClipFile.open(video);
        clip.close();
        assertThatThrownBy(() -> clip.luma(0, new byte[WIDTH * HEIGHT])).hasMessageContaining("closed");
    }

    @Test
    void whatIsNoVideoIsRefusedInWords() throws Exception {
        Path list = Files.writeString(folder.resolve("list.mp4"), "#EXTM3U\nfile:///etc/passwd\n");
        assertThatThrownBy(() -> ClipFile.open(list))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("no video");
        Random random = new Random(6);
        byte[] noise = new byte[4000];
        random.nextBytes(noise);
        Path broken = Files.write(folder.resolve("noise.mkv"), noise);
        assertThatThrownBy(() -> ClipFile.open(broken)).isInstanceOf(InputException.class);
    }

    /// The brightness that was measured is the evidence: it gives the same trials again.
    @Test
    void theBrightnessOfPicturesIsEvidence() throws Exception {
        ClipLight seen = light(y4m(240, 12), 240);
        Path curve = folder.resolve("curve.csv");
        TraceWriter.writeClip(seen.input(), seen.light(), curve);
        LatencyReading reading = LatencyReading.of(curve, false, EdgeSettings.DEFAULT, Progress.NONE);
        assertThat(reading.measurement().source()).isEqualTo(Measurement.Source.CLIP);
        assertThat(reading.measurement().samplesMs())
                .usingComparatorWithPrecision(0.01)
                .containsExactly(measure(seen).samplesMs());
        assertThat(reading.excerpts()).hasSameSizeAs(reading.measurement().trials());
    }

    @Test
    void lightThatFollowsTheLampIsNoAnswer() throws Exception {
        Path file = y4m(240, 12);
        try (Clip clip = ClipFile.open(file)) {
            ClipLight dark = ClipLight.of(clip, LAMP, new Area(10, 12, 4, 3), 240, Progress.NONE);
            assertThat(measure(dark).trials())
                    .isNotEmpty()
                    .allSatisfy(trial -> assertThat(trial.state()).isNotEqualTo(Trial.State.ACCEPTED));
            assertThatThrownBy(() -> ClipLight.of(clip, LAMP, new Area(30, 0, 10, 4), 240, Progress.NONE))
                    .hasMessageContaining("32 × 16");
        }
    }

    @Test
    void whatIsNoClipIsRefusedInWords() throws Exception {
        byte[] good = Files.readAllBytes(y4m(240, 0.1));
        refused(Arrays.copyOf(good, good.length - 7), "cut off");
        refused("YUV4MPEG2 W99999 H99999 F30:1 Cmono\nFRAME\n".getBytes(StandardCharsets.US_ASCII), "99999");
        refused("YUV4MPEG2 W4 H4 F30:1 C420p10\nFRAME\n".getBytes(StandardCharsets.US_ASCII), "C420p10");
        refused("RIFF....".getBytes(StandardCharsets.US_ASCII), "end of line");
        refused(new byte[0], "end of line");
        Random random = new Random(8);
        for (int round = 0; round < 200; round++) {
            byte[] broken = good.clone();
            for (int i = 0; i < 4; i++) {
                broken[random.nextInt(200)] = (byte) random.nextInt();
            }
            try (Clip clip = ClipFile.open(Files.write(folder.resolve("fuzz.y4m"), broken))) {
                assertThat(clip.size()).isPositive();
            } catch (InputException e) {
                assertThat(e).hasMessageContaining("fuzz.y4m");
            }
        }
        assertThatThrownBy(() -> ClipFile.open(Files.createDirectory(folder.resolve("empty"))))
                .hasMessageContaining("no PNG picture");
    }

    private void refused(byte[] bytes, String words) throws IOException {
        Path file = Files.write(folder.resolve("bad.y4m"), bytes);
        assertThatThrownBy(() -> ClipFile.open(file).close())
                .isInstanceOf(InputException.class)
                .hasMessageContaining(words);
    }
}
