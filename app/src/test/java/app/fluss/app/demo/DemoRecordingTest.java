package app.fluss.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.overlay.ClipOverlays;
import app.fluss.files.overlay.EngineNamer;
import app.fluss.files.overlay.OverlayFile;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumbers;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoRecordingTest {
    @TempDir
    Path folder;

    @Test
    void whatShipsIsWhatFlussReadsOfTheClip() throws Exception {
        Path file = folder.resolve("recording.json");
        try (InputStream in = Objects.requireNonNull(DemoRecording.class.getResourceAsStream("recording.json"))) {
            Files.copy(in, file);
        }
        RecordedNumbers shipped = OverlayFile.read(file);
        try (Clip clip = ClipFile.open(DemoRecording.put(folder));
                EngineNamer namer = EngineNamer.start()) {
            Overlays read =
                    ClipOverlays.read(clip, shipped.clipName(), shipped.asked(), clip.fps(), namer, Progress.NONE);
            assertThat(read.recorded().series().keySet()).containsExactly("rate", "gpu_load");
            shipped.series()
                    .forEach((name, series) -> assertThat(read.recorded().series())
                            .hasEntrySatisfying(
                                    name, again -> assertThat(again.stands()).isEqualTo(series.stands())));
            assertThat(read.differences().count().deliveredFps(clip.fps())).isBetween(47.9, 48.1);
        }
    }
}
