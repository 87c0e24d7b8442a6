package app.fluss.files.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.clip.GrowingClip;
import app.fluss.files.log.InputException;
import app.fluss.files.overlay.DrawnOverlay.Style;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A recorder that writes pictures, played by the test.
class FollowedOverlaysTest {
    private static final int PICTURES = 300;
    private static final int UNFINISHED = GrowingClip.UNFINISHED;

    @TempDir
    private Path folder;

    private final DrawnOverlay drawn =
            new DrawnOverlay("DMMono_400Regular.ttf", 20, Style.PLATE, 0xffffff, 110, 2, "%d", 30, 240, 15);
    private final double[] truth = drawn.values(PICTURES);
    private final List<BufferedImage> pictures = drawn.pictures(truth);
    private final List<AskedNumber> asked = List.of(new AskedNumber("rate", drawn.area(truth), List.of()));

    private void record(int from, int to) throws Exception {
        for (int i = from; i < to; i++) {
            assertThat(ImageIO.write(pictures.get(i), "png", file(i).toFile())).isTrue();
        }
    }

    private Path file(int picture) {
        return folder.resolve("shot%d.png".formatted(picture));
    }

    private static double last(OverlaySeries series) {
        return series.stands().getLast().value();
    }

    @Test
    void whatIsReadAlongIsAtTheEndWhatTheWholeFolderGives() throws Exception {
        assertThat(ClipFile.follow(folder)).isEmpty();
        record(0, 100);
        try (EngineNamer namer = EngineNamer.start();
                GrowingClip clip = ClipFile.follow(folder).orElseThrow();
                FollowedOverlays followed = new FollowedOverlays(clip, asked, DrawnOverlay.FPS, namer)) {
            assertThat(followed.take(Progress.NONE)).isEqualTo(100 - UNFINISHED);
            assertThat(followed.soFar(Progress.NONE).getFirst().whyNot()).contains("too few pictures");
            // A second writer is late with one of the newest.
            record(100, 196);
            record(197, 200);
            followed.take(Progress.NONE);
            record(196, 197);
            assertThat(followed.take(Progress.NONE)).isEqualTo(200 - UNFINISHED);
            OverlaySeries soFar = followed.soFar(Progress.NONE).getFirst();
            assertThat(last(soFar)).isEqualTo(truth[199 - UNFINISHED]);
            assertThat(soFar.stands().getFirst().value()).isEqualTo(truth[0]);
            record(200, PICTURES);
            // The newest one is half written.
            byte[] whole = Files.readAllBytes(file(PICTURES - 1));
            Files.write(file(PICTURES - 1), Arrays.copyOf(whole, whole.length / 2));
            followed.take(Progress.NONE);
            assertThat(last(followed.soFar(Progress.NONE).getFirst())).isEqualTo(truth[PICTURES - 1 - UNFINISHED]);
            Files.write(file(PICTURES - 1), whole);
            Overlays end = followed.end("shots", Progress.NONE);
            try (Clip read = ClipFile.open(folder)) {
                Overlays atOnce = ClipOverlays.read(read, "shots", asked, DrawnOverlay.FPS, namer, Progress.NONE);
                assertThat(end.recorded().series().get("rate").stands())
                        .isEqualTo(atOnce.recorded().series().get("rate").stands());
                assertThat(end.differences().count())
                        .isEqualTo(atOnce.differences().count());
            }
        }
    }

    @Test
    void aPictureThatStaysTornEndsTheReadingInWords() throws Exception {
        record(0, 60);
        Files.write(file(40), new byte[] {1, 2, 3});
        try (EngineNamer namer = EngineNamer.start();
                GrowingClip clip = ClipFile.follow(folder).orElseThrow();
                FollowedOverlays followed = new FollowedOverlays(clip, asked, DrawnOverlay.FPS, namer)) {
            assertThat(followed.take(Progress.NONE)).isEqualTo(40);
            Overlays end = followed.end("shots", Progress.NONE);
            assertThat(end.recorded().pictures()).isEqualTo(40);
            assertThat(end.recorded().missing()).startsWith("from picture 41 on there is");
        }
    }

    @Test
    void whatIsNoFolderIsRefused() {
        assertThatThrownBy(() -> ClipFile.follow(folder.resolve("none")))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("the recorder writes");
    }
}
