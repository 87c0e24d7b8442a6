package app.fluss.devices.sensor;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.TargetDataLine;

/// Two channels of a sound input of this computer, through the platform's own sound interface.
public final class SoundLink implements SensorLink {
    private static final List<Integer> RATES = List.of(48_000, 44_100, 96_000, 192_000);

    /// A fifth of a second of room: a busy computer then loses nothing.
    private static final int ROOM_SHARE = 5;

    private final TargetDataLine line;

    private SoundLink(TargetDataLine line) {
        this.line = line;
    }

    /// A sound input.
    ///
    /// @param name the system's name for it
    /// @param ratesHz the rates at which it records two channels, the usual one first
    public record Device(String name, List<Integer> ratesHz) {
        /// Keeps a copy.
        public Device {
            ratesHz = List.copyOf(ratesHz);
        }
    }

    /// The sound inputs of this computer that record two channels. Asking takes up to a second.
    public static List<Device> devices() {
        List<Device> devices = new ArrayList<>();
        for (Mixer.Info info : AudioSystem.getMixerInfo()) {
            Mixer mixer = AudioSystem.getMixer(info);
            List<Integer> rates = RATES.stream()
                    .filter(rate -> mixer.isLineSupported(line(rate)))
                    .toList();
            if (!rates.isEmpty()) {
                devices.add(new Device(info.getName(), rates));
            }
        }
        return List.copyOf(devices);
    }

    private static DataLine.Info line(int rateHz) {
        return new DataLine.Info(TargetDataLine.class, SoundFormat.at(rateHz));
    }

    /// Opens a sound input.
    ///
    /// @throws IOException if there is no such input, or something else has it
    public static SoundLink open(String device, int rateHz) throws IOException {
        Mixer.Info info = Arrays.stream(AudioSystem.getMixerInfo())
                .filter(mixer -> mixer.getName().equals(device))
                .findFirst()
                .orElseThrow(
                        () -> new IOException("There is no sound input " + device + ". Plug it in and choose it."));
        try {
            TargetDataLine line = (TargetDataLine) AudioSystem.getMixer(info).getLine(line(rateHz));
            line.open(SoundFormat.at(rateHz), rateHz / ROOM_SHARE * SoundFormat.FRAME_BYTES);
            line.start();
            return new SoundLink(line);
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException e) {
            throw new IOException(
                    "The sound input %s cannot be opened at %d samples/s: does another program have it, may you use it?"
                            .formatted(device, rateHz),
                    e);
        }
    }

    @Override
    public InputStream input() {
        return new BlockStream() {
            @Override
            public int read(byte[] into, int from, int length) {
                int got = line.read(into, from, length - length % SoundFormat.FRAME_BYTES);
                return got > 0 ? got : -1;
            }
        };
    }

    @Override
    public OutputStream output() {
        return OutputStream.nullOutputStream();
    }

    @Override
    public void close() {
        line.stop();
        line.close();
    }
}
