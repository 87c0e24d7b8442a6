package app.fluss.files.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.GlyphNamer;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.Area;
import app.fluss.core.work.StoppedException;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.overlay.DrawnOverlay.Style;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Numbers of clips as they come: cut, without figures, named by the analyst.
class ClipOverlaysTest extends ClipReading {
    private static final String CONDENSED = "PathwayGothicOne_400Regular.ttf";
    private static final String MONO = "DMMono_400Regular.ttf";

    @Test
    void theCounterAndTheEyeComeFromOneClip() throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(MONO, 18, Style.PLATE, 0xffffff, 110, 0, "%d", 94, 98, 15);
        double[] values = drawn.values(PICTURES);
        // A path that claims what it does not deliver: each image of the game stands for two pictures.
        List<BufferedImage> pictures = drawn.pictures(values);
        for (int i = 1; i < PICTURES; i += 2) {
            pictures.set(i, pictures.get(i - 1));
        }
        Path file = folder.resolve("claimed.y4m");
        DrawnOverlay.write(pictures, file);
        Overlays overlays = read(file, drawn.area(values));
        assertThat(rate(overlays).mean().orNaN()).isBetween(94.0, 98.0);
        assertThat(overlays.differences().count().deliveredFps(DrawnOverlay.FPS))
                .isCloseTo(30, within(0.5));
    }

    @Test
    void anOverlayThatComesAndGoesIsOpenMeanwhile() throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(CONDENSED, 24, Style.OUTLINE, 0xffffff, 110, 0, "%d", 30, 240, 15);
        double[] truth = drawn.values(PICTURES);
        Area area = drawn.area(truth);
        Arrays.fill(truth, 120, 180, Double.NaN);
        Path file = folder.resolve("goes.y4m");
        DrawnOverlay.write(drawn.pictures(truth), file);
        double[] seen = byPicture(rate(read(file, area)), PICTURES);
        assertThat(Arrays.copyOfRange(seen, 120, 180)).containsOnly(Double.NaN);
        assertThat(Arrays.copyOf(seen, 120)).isEqualTo(Arrays.copyOf(truth, 120));
    }

    @Test
    void aPlaceWithoutFiguresIsSaidInWords() throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(CONDENSED, 24, Style.PLATE, 0xffffff, 110, 2, "%d", 30, 240, 15);
        double[] truth = drawn.values(90);
        Path file = folder.resolve("elsewhere.y4m");
        DrawnOverlay.write(drawn.pictures(truth), file);
        OverlaySeries scenery = rate(read(file, new Area(2, 2, 60, 12)));
        assertThat(scenery.whyNot()).isNotEmpty();
        assertThat(scenery.openShare()).isEqualTo(1);
        assertThat(scenery.mean().isKnown()).isFalse();
        assertThatThrownBy(() -> read(file, new Area(200, 10, 60, 20)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("\"rate\" (200,10,60,20)")
                .hasMessageContaining("240 × 80");
    }

    @Test
    void textWithoutFiguresIsNoNumber() throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(MONO, 20, Style.PLATE, 0xffffff, 110, 2, "HELP", 30, 240, 15);
        double[] words = drawn.values(90);
        Path file = folder.resolve("words.y4m");
        DrawnOverlay.write(drawn.pictures(words), file);
        OverlaySeries series = rate(read(file, drawn.area(words)));
        assertThat(series.mean().isKnown())
                .as("%s %s", series.stands(), series.glyphs())
                .isFalse();
        assertThat(series.whyNot()).isNotEmpty();
        assertThat(series.openShare()).isEqualTo(1);
    }

    @Test
    void whatIsLeftOfACutClipIsRead() throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(MONO, 20, Style.PLATE, 0xffffff, 110, 2, "%d", 30, 240, 15);
        double[] truth = drawn.values(PICTURES);
        List<BufferedImage> pictures = drawn.pictures(truth);
        Path whole = folder.resolve("whole.y4m");
        DrawnOverlay.write(pictures, whole);
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = Files.write(folder.resolve("cut.y4m"), Arrays.copyOf(bytes, bytes.length * 2 / 3));
        Overlays overlays = read(cut, drawn.area(truth));
        assertThat(overlays.recorded().pictures()).isEqualTo(239);
        assertThat(overlays.recorded().missing()).isEqualTo("picture 240 is cut off");
        assertThat(rate(overlays).openShare()).isLessThan(0.02);
        Path video = folder.resolve("whole.webm");
        DrawnOverlay.code(pictures, "libvpx", 2_000_000, video);
        byte[] coded = Files.readAllBytes(video);
        Path torn = Files.write(folder.resolve("torn.webm"), Arrays.copyOf(coded, coded.length / 2));
        Overlays half = read(torn, drawn.area(truth));
        assertThat(half.recorded().missing()).contains("the file states 6.0 s");
        assertThat(half.recorded().pictures()).isBetween(100, 300);
        assertThat(rate(half).openShare()).isLessThan(0.05);
    }

    /// Without an engine nothing has a name by it; the analyst who names each look once has all read, in
    /// the next clip with the same overlay too.
    @Test
    void glyphsThatTheAnalystNamesAreReadByTheirNames() throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(MONO, 20, Style.PLATE, 0xffffff, 110, 2, "%d", 30, 240, 15);
        double[] truth = drawn.values(PICTURES);
        Area area = drawn.area(truth);
        Path file = folder.resolve("named.y4m");
        DrawnOverlay.write(drawn.pictures(truth), file);
        RecordedNumber engine = read(file, area).recorded().numbers().getFirst();
        List<GlyphClass> swapped = engine.series().classes().stream()
                .filter(look -> GlyphClass.isName(look.name()))
                .map(look -> look.name() == '3' ? look.called('8') : look.name() == '8' ? look.called('3') : look)
                .toList();
        RecordedNumber told = read(file, new AskedNumber("rate", area, swapped), GlyphNamer.NONE)
                .recorded()
                .numbers()
                .getFirst();
        double[] seen = byPicture(told.series(), PICTURES);
        for (int i = 0; i < PICTURES; i++) {
            String shown = String.valueOf((int) truth[i])
                    .replace('3', 'x')
                    .replace('8', '3')
                    .replace('x', '8');
            assertThat(seen[i]).as("picture %d", i).isEqualTo(Double.parseDouble(shown));
        }
        OverlayMemory memory = new OverlayMemory(folder.resolve("memory"));
        assertThat(memory.recall(240, 80)).isEmpty();
        memory.remember(240, 80, List.of(told.asked()));
        assertThat(memory.recall(640, 80)).isEmpty();
        AskedNumber recalled = memory.recall(240, 80).getFirst();
        assertThat(recalled.area()).isEqualTo(area);
        RecordedNumber next =
                read(file, recalled, GlyphNamer.NONE).recorded().numbers().getFirst();
        assertThat(next.series().stands()).isEqualTo(told.series().stands());
        Files.writeString(folder.resolve("memory").resolve("overlay-240x80.json"), "{");
        assertThat(memory.recall(240, 80))
                .as("what cannot be read is forgotten")
                .isEmpty();
    }

    @Test
    void theJobStopsWhenItIsTold() throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(MONO, 20, Style.PLATE, 0xffffff, 110, 2, "%d", 30, 240, 15);
        double[] truth = drawn.values(60);
        Path file = folder.resolve("stopped.y4m");
        DrawnOverlay.write(drawn.pictures(truth), file);
        for (double until : new double[] {0.2, 0.6, 0.8}) {
            try (Clip clip = ClipFile.openWhatIsLeft(file)) {
                List<AskedNumber> asked = List.of(asked(drawn.area(truth)));
                assertThatThrownBy(() -> ClipOverlays.read(
                                clip, "stopped.y4m", asked, DrawnOverlay.FPS, namer, share -> share < until))
                        .isInstanceOf(StoppedException.class);
            }
        }
    }
}
