package app.fluss.files.latency;

import app.fluss.core.latency.edge.Signal;
import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;

/// Writes a trace as CSV: `t_us,input,light`, values with four decimals at most.
public final class TraceWriter {
    private static final double SCALE = 10_000;

    private TraceWriter() {}

    /// Writes the brightness of two places of a clip, picture by picture.
    ///
    /// @param input where the input shows
    /// @param light where the answer shows, as many pictures
    public static void writeClip(Signal input, Signal light, Path file) throws IOException {
        write(input, light, "t_us,input_luma,light_luma\n", file);
    }

    /// Writes the trace of a sensor.
    ///
    /// @param input the button
    /// @param light the sensor, as many samples at the same times
    public static void write(Signal input, Signal light, Path file) throws IOException {
        write(input, light, "t_us,input,light\n", file);
    }

    private static void write(Signal input, Signal light, String header, Path file) throws IOException {
        StringBuilder line = new StringBuilder(header);
        try (Writer out = Files.newBufferedWriter(file)) {
            for (int i = 0; i < light.size(); i++) {
                line.append(Math.round(light.ms(i) * 1000)).append(',');
                number(line, input.at(i));
                line.append(',');
                number(line, light.at(i));
                out.append(line.append('\n'));
                line.setLength(0);
            }
        }
    }

    private static void number(StringBuilder line, double value) {
        double rounded = Math.rint(value * SCALE) / SCALE;
        if (rounded == Math.rint(rounded)) {
            line.append(Math.round(rounded));
        } else {
            line.append(rounded);
        }
    }
}
