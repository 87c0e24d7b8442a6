package app.fluss.files.simulated;

import app.fluss.sim.truth.PacketTrace;
import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;

/// The packets of a link as CSV: `sequence,send_us,receive_us` in the order they were sent; an empty time is a
/// packet that was lost.
final class PacketFile {
    private static final double SCALE = 1000;

    private PacketFile() {}

    static void write(PacketTrace trace, Path file) throws IOException {
        StringBuilder line = new StringBuilder("sequence,send_us,receive_us\n");
        try (Writer out = Files.newBufferedWriter(file)) {
            for (int i = 0; i < trace.size(); i++) {
                double received = trace.receivedUs()[i];
                line.append(i).append(',').append(rounded(trace.sentUs()[i])).append(',');
                if (!Double.isNaN(received)) {
                    line.append(rounded(received));
                }
                out.append(line.append('\n'));
                line.setLength(0);
            }
        }
    }

    private static double rounded(double us) {
        return Math.rint(us * SCALE) / SCALE;
    }
}
