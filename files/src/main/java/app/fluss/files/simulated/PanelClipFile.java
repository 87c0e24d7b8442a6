package app.fluss.files.simulated;

import app.fluss.sim.signal.Clip;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/// A clip as YUV4MPEG2 (Y4M): brightness of each picture, without colour.
final class PanelClipFile {
    private static final byte NO_COLOUR = (byte) 128;
    private static final byte[] PICTURE = "FRAME\n".getBytes(StandardCharsets.US_ASCII);

    private PanelClipFile() {}

    static void write(Clip clip, Path file) throws IOException {
        String header = "YUV4MPEG2 W%d H%d F%d:1 Ip A1:1 C420jpeg\n".formatted(Clip.WIDTH, Clip.HEIGHT, clip.fps());
        byte[] colour = new byte[Clip.WIDTH * Clip.HEIGHT / 2];
        Arrays.fill(colour, NO_COLOUR);
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            out.write(header.getBytes(StandardCharsets.US_ASCII));
            for (int i = 0; i < clip.frames(); i++) {
                out.write(PICTURE);
                out.write(clip.luma(i));
                out.write(colour);
            }
        }
    }
}
