package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Writes a frame log as CSV with our own header. Times are written to a tenth of a microsecond; empty cells
/// stay empty.
public final class FrameLogWriter {
    private static final double SCALE = 10_000;
    private static final int DECIMALS = 4;

    private FrameLogWriter() {}

    /// Writes the log; a file that is there is replaced.
    public static void write(FrameLog log, Path file) throws IOException {
        List<Values> columns = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (Channel channel : Channel.values()) {
            Optional<Values> values = log.channel(channel);
            if (values.isPresent()) {
                columns.add(values.get());
                line.append(columns.size() > 1 ? "," : "").append(channel.header());
            }
        }
        line.append(log.kindsStated() ? ",kind\n" : "\n");
        try (Writer out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            out.append(line);
            for (int i = 0; i < log.size(); i++) {
                line.setLength(0);
                for (int c = 0; c < columns.size(); c++) {
                    line.append(c > 0 ? "," : "");
                    append(line, columns.get(c).at(i));
                }
                if (log.kindsStated()) {
                    FrameKind kind = log.kind(i);
                    line.append(',')
                            .append(kind == FrameKind.UNKNOWN ? "" : kind.name().toLowerCase(Locale.ROOT));
                }
                out.append(line.append('\n'));
            }
        }
    }

    private static void append(StringBuilder line, double value) {
        if (Double.isNaN(value)) {
            return;
        }
        long scaled = Math.round(Math.abs(value) * SCALE);
        if (value < 0 && scaled > 0) {
            line.append('-');
        }
        line.append(scaled / (long) SCALE).append('.');
        String fraction = Long.toString(scaled % (long) SCALE);
        line.repeat("0", DECIMALS - fraction.length()).append(fraction);
    }
}
