package app.fluss.app.watch;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/// Whether other processes want the processors meanwhile: then the compiler of this one waits, and the same work takes
/// two or three times as long.
public final class Others {
    private static final Path TIMES = Path.of("/proc/stat");
    private static final double TICK_S = 0.01;
    private static final int IDLE = 4;
    private static final int WAITING = 5;
    private static final int COUNTED = 8;

    /// Processors that others may use, on average.
    private static final double LITTLE = 0.3;

    private final long began = System.nanoTime();
    private final double usedS = usedS();

    /// Whether they took much of the processors since it began. Where the system does not tell, and on the machines of
    /// a build service, which are shared, it is taken that they do.
    public boolean areBusy() {
        double used = (usedS() - usedS) / ((System.nanoTime() - began) / 1e9);
        return System.getenv("CI") != null || !(used < LITTLE);
    }

    /// Processor time that others have used, s; NaN if it is not known.
    private static double usedS() {
        try (Stream<String> lines = Files.lines(TIMES)) {
            String[] ticks = lines.findFirst().orElse("").split("\\s+");
            double sum = 0;
            for (int i = 1; i <= COUNTED; i++) {
                sum += i == IDLE || i == WAITING ? 0 : Double.parseDouble(ticks[i]) * TICK_S;
            }
            double used = sum;
            return ProcessHandle.current()
                    .info()
                    .totalCpuDuration()
                    .map(own -> used - own.toMillis() / 1000.0)
                    .orElse(Double.NaN);
        } catch (IOException e) {
            return Double.NaN;
        }
    }
}
