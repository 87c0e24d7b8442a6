package app.fluss.files.simulated;

import app.fluss.sim.signal.SensorTrace;
import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;

/// The trace of a light sensor as CSV: `t_us,input,light`.
final class SensorFile {
    private static final double SCALE = 10_000;

    private SensorFile() {}

    static void write(SensorTrace trace, Path file) throws IOException {
        StringBuilder line = new StringBuilder("t_us,input,light\n");
        try (Writer out = Files.newBufferedWriter(file)) {
            for (int i = 0; i < trace.size(); i++) {
                line.append(trace.us(i))
                        .append(trace.input(i) > 0 ? ",1," : ",0,")
                        .append(Math.rint(trace.light(i) * SCALE) / SCALE)
                        .append('\n');
                out.append(line);
                line.setLength(0);
            }
        }
    }
}
