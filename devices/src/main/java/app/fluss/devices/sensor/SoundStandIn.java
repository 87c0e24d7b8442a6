package app.fluss.devices.sensor;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Path;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/// Stands in for a sound input: plays a file through the same door, again from its start when it is through.
public final class SoundStandIn implements SensorLink {
    private static final int BLOCKS_A_SECOND = 50;

    private final Path file;
    private final double bytesPerNano;
    private final int block;
    private AudioInputStream sound;
    private final long begun = System.nanoTime();
    private long sent;

    private SoundStandIn(Path file, AudioInputStream sound, double speed) {
        this.file = file;
        this.sound = sound;
        double bytesPerSecond = sound.getFormat().getFrameRate() * SoundFormat.FRAME_BYTES * speed;
        this.bytesPerNano = bytesPerSecond / 1e9;
        this.block = (int) (bytesPerSecond / BLOCKS_A_SECOND) / SoundFormat.FRAME_BYTES * SoundFormat.FRAME_BYTES;
    }

    /// Begins to play.
    ///
    /// @param file two channels of 16 bits as WAV
    /// @param speed how much faster than it was recorded; 1 for as it was
    /// @throws IOException if it is no such file
    public static SoundStandIn open(Path file, double speed) throws IOException {
        return new SoundStandIn(file, sound(file), speed);
    }

    @SuppressWarnings("MustBeClosedChecker") // the stand-in closes it
    private static AudioInputStream sound(Path file) throws IOException {
        try {
            AudioInputStream sound = AudioSystem.getAudioInputStream(file.toFile());
            if (!sound.getFormat()
                    .matches(SoundFormat.at((int) sound.getFormat().getSampleRate()))) {
                sound.close();
                throw new IOException("%s: expected two channels of 16 bits".formatted(file.getFileName()));
            }
            return sound;
        } catch (UnsupportedAudioFileException e) {
            throw new IOException("%s is no sound: expected a WAV".formatted(file.getFileName()), e);
        }
    }

    @Override
    public InputStream input() {
        return new BlockStream() {
            @Override
            public int read(byte[] into, int from, int length) throws IOException {
                return play(into, from, Math.min(length, block));
            }
        };
    }

    private synchronized int play(byte[] into, int from, int length) throws IOException {
        long waitMs = (long) ((sent / bytesPerNano - (System.nanoTime() - begun)) / 1e6);
        if (waitMs > 0) {
            try {
                Thread.sleep(waitMs);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return -1;
            }
        }
        int got = sound.read(into, from, length);
        if (got <= 0) {
            sound.close();
            sound = sound(file);
            got = sound.read(into, from, length);
        }
        sent += Math.max(0, got);
        return got;
    }

    @Override
    public OutputStream output() {
        return OutputStream.nullOutputStream();
    }

    @Override
    public synchronized void close() throws IOException {
        sound.close();
    }
}
