package app.fluss.files.latency;

import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.edge.Recording.Gap;
import app.fluss.core.latency.edge.Signal;
import app.fluss.core.measure.Ordered;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// A trace as a table: the time of each sample, the input and the light. A sensor's samples are brought to even
/// times by their stamps; a camera's pictures keep theirs.
final class TraceFile {
    private static final int MOST_SAMPLES = 60_000_000;
    private static final int FEWEST_SAMPLES = 100;
    private static final int FEWEST_PICTURES = 16;
    private static final double SENSOR_LOWEST_HZ = 500;
    private static final double CAMERA_LOWEST_HZ = 20;
    private static final double HIGHEST_HZ = 250_000;
    private static final double GAP = 2.5;
    private static final double EVEN = 0.05;
    private static final int STEPS_LOOKED_AT = 200_000;
    private static final double MOST_WITH_GAPS = 2;

    private final Path file;
    private final boolean camera;
    private double[] ms = new double[1 << 16];
    private float[] input = new float[1 << 16];
    private float[] light = new float[1 << 16];
    private int size;

    private TraceFile(Path file, boolean camera) {
        this.file = file;
        this.camera = camera;
    }

    /// Reads a trace.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    static LatencySource.Trace read(Path file, LatencyColumns columns) throws IOException, InputException {
        boolean camera = columns.kind() == LatencyColumns.Kind.CLIP;
        TraceFile trace = new TraceFile(file, camera);
        LatencyTable.read(file, columns, trace::add);
        int fewest = camera ? FEWEST_PICTURES : FEWEST_SAMPLES;
        if (trace.size < fewest) {
            throw new InputException(file, 0, 0, trace.size + " samples", "at least " + fewest);
        }
        return new LatencySource.Trace(camera ? Measurement.Source.CLIP : Measurement.Source.TRACE, trace.recording());
    }

    private void add(LatencyTable.Row row) throws InputException {
        if (size == MOST_SAMPLES) {
            throw new InputException(file, row.line(), 0, "more than 60 million samples", "fewer: cut the trace");
        }
        double at = row.first();
        if (size > 0 && !(at > ms[size - 1])) {
            throw new InputException(
                    file,
                    row.line(),
                    row.firstColumn(),
                    "a time that does not grow",
                    "times that grow: the clock may have wrapped or two traces may be in one file");
        }
        if (size == ms.length) {
            int longer = size + (size >> 1);
            ms = Arrays.copyOf(ms, longer);
            input = Arrays.copyOf(input, longer);
            light = Arrays.copyOf(light, longer);
        }
        ms[size] = at;
        input[size] = (float) row.second();
        light[size++] = (float) row.third();
    }

    private Recording recording() throws InputException {
        double step = usualStep();
        List<Gap> gaps = new ArrayList<>();
        double missing = 0;
        for (int i = 1; i < size; i++) {
            if (ms[i] - ms[i - 1] > GAP * step) {
                gaps.add(new Gap(ms[i - 1] - ms[0], ms[i] - ms[0]));
                missing += ms[i] - ms[i - 1] - step;
            }
        }
        double rateHz = 1000 * (size - 1) / (ms[size - 1] - ms[0] - missing);
        double lowestHz = camera ? CAMERA_LOWEST_HZ : SENSOR_LOWEST_HZ;
        if (!(rateHz >= lowestHz && rateHz <= HIGHEST_HZ)) {
            throw new InputException(
                    file,
                    0,
                    1,
                    "about %.0f samples a second".formatted(rateHz),
                    "%.0f to %.0f: are the times in the unit that the header states?"
                            .formatted(2 * lowestHz, HIGHEST_HZ));
        }
        if (camera) {
            double[] stamps = Arrays.copyOf(ms, size);
            return new Recording(
                    Signal.stamped(Arrays.copyOf(input, size), stamps),
                    Signal.stamped(Arrays.copyOf(light, size), stamps),
                    gaps);
        }
        return isEven(rateHz)
                ? new Recording(Signal.of(input, size, rateHz), Signal.of(light, size, rateHz), gaps)
                : new Recording(even(input, rateHz), even(light, rateHz), gaps);
    }

    private double usualStep() {
        int stride = Math.max(1, (size - 1) / STEPS_LOOKED_AT);
        double[] steps = new double[(size - 1) / stride];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = ms[i * stride + 1] - ms[i * stride];
        }
        return Ordered.of(steps).median();
    }

    private boolean isEven(double rateHz) {
        for (int i = 0; i < size; i++) {
            if (Math.abs((ms[i] - ms[0]) * rateHz / 1000 - i) > EVEN) {
                return false;
            }
        }
        return true;
    }

    /// The same on even times, on the line between the samples beside each.
    private Signal even(float[] values, double rateHz) throws InputException {
        double all = (ms[size - 1] - ms[0]) * rateHz / 1000 + 1;
        if (all > MOST_WITH_GAPS * size + STEPS_LOOKED_AT) {
            throw new InputException(
                    file,
                    0,
                    1,
                    "%.0f s with samples for %.0f s only".formatted((ms[size - 1] - ms[0]) / 1000, size / rateHz),
                    "one recording without long gaps: cut it where it was stopped");
        }
        float[] even = new float[(int) all];
        int before = 0;
        for (int i = 0; i < even.length; i++) {
            double at = ms[0] + i * 1000 / rateHz;
            while (before < size - 2 && ms[before + 1] <= at) {
                before++;
            }
            double part = Math.clamp((at - ms[before]) / (ms[before + 1] - ms[before]), 0, 1);
            even[i] = (float) (values[before] + part * (values[before + 1] - values[before]));
        }
        return Signal.of(even, even.length, rateHz);
    }
}
