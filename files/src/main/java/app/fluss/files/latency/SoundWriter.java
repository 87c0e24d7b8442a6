package app.fluss.files.latency;

import app.fluss.core.latency.edge.Signal;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/// Writes two channels of sound as WAV of 16 bits.
public final class SoundWriter {
    private static final int FRAME_BYTES = 4;
    private static final double FULL = 32_768;

    private SoundWriter() {}

    /// Writes samples as they are.
    ///
    /// @param pcm both channels in turn, 16 bits each, little-endian
    /// @param rateHz samples a second
    public static void write(byte[] pcm, double rateHz, Path file) throws IOException {
        write(new ByteArrayInputStream(pcm), pcm.length / FRAME_BYTES, rateHz, file);
    }

    /// Writes two signals, full scale 1; what is above is cut off.
    ///
    /// @param click goes on the first channel
    /// @param light goes on the second, as many samples at the same rate
    public static void write(Signal click, Signal light, Path file) throws IOException {
        write(new Frames(click, light), click.size(), click.rateHz(), file);
    }

    private static void write(InputStream pcm, long frames, double rateHz, Path file) throws IOException {
        AudioFormat format = new AudioFormat((float) rateHz, 16, 2, true, false);
        try (AudioInputStream sound = new AudioInputStream(pcm, format, frames)) {
            AudioSystem.write(sound, AudioFileFormat.Type.WAVE, file.toFile());
        }
    }

    /// The bytes of two signals, frame by frame.
    private static final class Frames extends InputStream {
        private final Signal click;
        private final Signal light;
        private int frame;

        Frames(Signal click, Signal light) {
            this.click = click;
            this.light = light;
        }

        @Override
        public int read() throws IOException {
            throw new IOException("sound is read in frames");
        }

        @Override
        public int read(byte[] into, int from, int length) {
            int frames = Math.min(length / FRAME_BYTES, click.size() - frame);
            for (int i = 0; i < frames; i++, frame++) {
                put(into, from + FRAME_BYTES * i, click.at(frame));
                put(into, from + FRAME_BYTES * i + 2, light.at(frame));
            }
            return frames == 0 && length > 0 ? -1 : FRAME_BYTES * frames;
        }

        private static void put(byte[] into, int at, double value) {
            int sample = (int) Math.clamp(Math.rint(value * FULL), -FULL, FULL - 1);
            into[at] = (byte) sample;
            into[at + 1] = (byte) (sample >> 8);
        }
    }
}
