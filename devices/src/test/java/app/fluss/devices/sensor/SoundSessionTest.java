package app.fluss.devices.sensor;

import static app.fluss.devices.sensor.Awaited.await;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SoundSessionTest {
    private static final int RATE = 44_100;

    @TempDir
    Path folder;

    /// Two seconds: on the left a ramp, on the right half of full scale.
    private Path ramp(int channels) throws IOException {
        int frames = 2 * RATE;
        ByteBuffer pcm = ByteBuffer.allocate(frames * 2 * channels).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < frames; i++) {
            pcm.putShort((short) (i % 30_000 - 15_000));
            if (channels == 2) {
                pcm.putShort((short) 16_384);
            }
        }
        Path file = folder.resolve("ramp.wav");
        AudioFormat format = new AudioFormat(RATE, 16, channels, true, false);
        try (AudioInputStream sound = new AudioInputStream(new ByteArrayInputStream(pcm.array()), format, frames)) {
            AudioSystem.write(sound, AudioFileFormat.Type.WAVE, file.toFile());
        }
        return file;
    }

    @Test
    void thePlayedFileIsHeardSampleForSampleAndAgainFromItsStart() throws Exception {
        Path file = ramp(2);
        SoundFormat format = new SoundFormat(RATE, /* clickOnRight= */ true, /* simulated= */ true);
        try (SensorSession session =
                SensorSession.ofSound(() -> SoundStandIn.open(file, 10), format, System::nanoTime)) {
            await(() -> session.trace().orElseThrow().seen().size() > 2.5 * RATE);
            LiveTrace.Seen seen = session.trace().orElseThrow().seen();
            assertThat(seen.light().rateHz()).isEqualTo(RATE);
            for (int i = 0; i < 2 * RATE; i += 997) {
                assertThat(seen.input().at(i)).isEqualTo(0.5);
                assertThat(seen.light().at(i)).isCloseTo((i % 30_000 - 15_000) / 32_768.0, within(1e-7));
            }
            assertThat(seen.light().at(2 * RATE))
                    .as("again from its start")
                    .isCloseTo(-15_000 / 32_768.0, within(1e-7));
            assertThat(session.state().connected()).isTrue();
            assertThat(session.state().health().simulated()).isTrue();
            assertThat(session.state().health().statedHz()).isEqualTo(RATE);
        }
    }

    @Test
    void whatCannotBePlayedOrOpenedIsToldInWords() throws Exception {
        Path mono = ramp(1);
        assertThatThrownBy(() -> SoundStandIn.open(mono, 1))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("ramp.wav")
                .hasMessageContaining("two channels");
        Path text = Files.writeString(folder.resolve("text.wav"), "no sound");
        assertThatThrownBy(() -> SoundStandIn.open(text, 1)).hasMessageContaining("text.wav is no sound");
        assertThatThrownBy(() -> SoundLink.open("No Such Input", 48_000)).hasMessageContaining("No Such Input");
        assertThat(SoundLink.devices())
                .allSatisfy(device -> assertThat(device.ratesHz()).isNotEmpty());
    }
}
