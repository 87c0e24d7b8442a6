package app.fluss.files.simulated;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/// Sound as WAV: two channels of 16 bits.
final class SoundFile {
    private static final int FRAME_BYTES = 4;

    private SoundFile() {}

    static void write(byte[] pcm, double rateHz, Path file) throws IOException {
        AudioFormat format = new AudioFormat((float) rateHz, 16, 2, true, false);
        try (AudioInputStream sound =
                new AudioInputStream(new ByteArrayInputStream(pcm), format, pcm.length / FRAME_BYTES)) {
            AudioSystem.write(sound, AudioFileFormat.Type.WAVE, file.toFile());
        }
    }
}
