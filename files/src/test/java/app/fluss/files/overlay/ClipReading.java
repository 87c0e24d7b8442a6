package app.fluss.files.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.overlay.GlyphNamer;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Stand;
import app.fluss.core.picture.Area;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/// Reads numbers of clips, with one engine for all tests of a class.
abstract class ClipReading {
    static final int PICTURES = 360;

    @TempDir
    static Path folder;

    static EngineNamer namer;

    @BeforeAll
    static void start() {
        namer = EngineNamer.start();
        assertThat(namer.isRunning()).isTrue();
    }

    @AfterAll
    static void stop() {
        namer.close();
    }

    static Overlays read(Path file, Area area) throws Exception {
        return read(file, asked(area), namer);
    }

    static Overlays read(Path file, AskedNumber asked, GlyphNamer by) throws Exception {
        try (Clip clip = ClipFile.openWhatIsLeft(file)) {
            return ClipOverlays.read(clip, "drawn.mp4", List.of(asked), DrawnOverlay.FPS, by, Progress.NONE);
        }
    }

    static AskedNumber asked(Area area) {
        return new AskedNumber("rate", area, List.of());
    }

    static OverlaySeries rate(Overlays overlays) {
        return overlays.recorded().numbers().getFirst().series();
    }

    /// What a series says on each picture; NaN where it is open.
    static double[] byPicture(OverlaySeries series, int pictures) {
        double[] values = new double[pictures];
        for (Stand stand : series.stands()) {
            int from = (int) Math.rint(stand.fromMs() * DrawnOverlay.FPS / 1000);
            Arrays.fill(values, from, from + stand.pictures(), stand.value());
        }
        return values;
    }
}
