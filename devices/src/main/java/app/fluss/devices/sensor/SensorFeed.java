package app.fluss.devices.sensor;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// Takes the bytes of a sensor apart into samples. What is no line of the protocol is counted and passed
/// over; nothing that comes in can make it grow.
final class SensorFeed implements Feed {
    private static final int LONGEST_LINE = 64;
    private static final long WRAP_US = 1L << 32;
    private static final double MOST_FILLED_MS = 50;
    private static final double LOWEST_HZ = 500;
    private static final double HIGHEST_HZ = 100_000;
    private static final double WAIT_MS = 500;
    private static final double RATE_AFTER_MS = 2000;

    private final byte[] line = new byte[LONGEST_LINE];
    private int length;
    private boolean tooLong;
    private @Nullable LiveTrace trace;
    private double statedHz = Double.NaN;
    private boolean simulated;
    private long offsetUs;
    private long lastUs = -1;
    private long firstUs = -1;
    private long samplesSinceFirst;
    private boolean full;
    private int garbage;
    private int filled;
    private int breaks;
    private int wraps;

    @Override
    public void take(byte[] bytes, int count) {
        for (int i = 0; i < count; i++) {
            byte b = bytes[i];
            if (b == '\n') {
                endLine();
            } else if (b != '\r') {
                if (length < LONGEST_LINE) {
                    line[length++] = b;
                } else {
                    tooLong = true;
                }
            }
        }
    }

    private void endLine() {
        int used = length;
        boolean cut = tooLong;
        length = 0;
        tooLong = false;
        if (used == 0) {
            return;
        }
        if (cut || !(isHello(used) ? hello(used) : sample(used))) {
            garbage++;
        }
    }

    private boolean isHello(int used) {
        return used > 6 && line[0] == 'h';
    }

    private boolean hello(int used) {
        String[] parts = new String(line, 0, used, StandardCharsets.US_ASCII).split(",", -1);
        if (parts.length < 3 || !parts[0].equals("hello") || !parts[1].equals("1")) {
            return false;
        }
        double hz;
        try {
            hz = Double.parseDouble(parts[2]);
        } catch (NumberFormatException e) {
            return false;
        }
        if (!(hz >= LOWEST_HZ && hz <= HIGHEST_HZ)) {
            return false;
        }
        simulated |= parts.length > 3 && parts[3].equals("simulated");
        if (trace == null) {
            statedHz = hz;
            trace = new LiveTrace(hz);
        }
        return true;
    }

    /// The digits by hand: a hundred thousand lines come in each second at most.
    private boolean sample(int used) {
        LiveTrace to = trace;
        if (to == null) {
            return false;
        }
        int first = comma(0, used);
        int second = comma(first + 1, used);
        if (first <= 0 || second < 0 || comma(second + 1, used) >= 0) {
            return false;
        }
        long us = whole(0, first);
        double button = number(first + 1, second);
        double light = number(second + 1, used);
        if (us < 0 || us >= WRAP_US || Double.isNaN(button) || Double.isNaN(light)) {
            return false;
        }
        place(to, us, (float) button, (float) light);
        return true;
    }

    private void place(LiveTrace to, long us, float button, float light) {
        if (lastUs >= 0 && us + offsetUs < lastUs && lastUs - (us + offsetUs) > WRAP_US / 2) {
            offsetUs += WRAP_US;
            wraps++;
        }
        long at = us + offsetUs;
        double step = 1e6 / statedHz;
        long steps = lastUs < 0 ? 1 : Math.round((at - lastUs) / step);
        if (lastUs >= 0 && (at < lastUs || (steps - 1) * step > MOST_FILLED_MS * 1000)) {
            gone();
            steps = 1;
        }
        for (long missing = 1; missing < steps; missing++) {
            full |= !to.add(to.lastInput(), to.lastLight());
            filled++;
        }
        full |= !to.add(button, light);
        if (firstUs < 0) {
            firstUs = at;
            samplesSinceFirst = 0;
        }
        samplesSinceFirst += Math.max(1, steps);
        lastUs = at;
        if (at - firstUs > RATE_AFTER_MS * 1000 && samplesSinceFirst % 1024 == 0) {
            to.setRate((samplesSinceFirst - 1) * 1e6 / (at - firstUs));
        }
    }

    /// The sensor went away, or its clock began anew.
    @Override
    public void gone() {
        length = 0;
        tooLong = false;
        if (trace != null && lastUs >= 0) {
            trace.cut(WAIT_MS);
            breaks++;
        }
        lastUs = -1;
        firstUs = -1;
        offsetUs = 0;
    }

    private int comma(int from, int used) {
        for (int i = from; i < used; i++) {
            if (line[i] == ',') {
                return i;
            }
        }
        return -1;
    }

    private long whole(int from, int to) {
        if (to <= from || to - from > 12) {
            return -1;
        }
        long value = 0;
        for (int i = from; i < to; i++) {
            int digit = line[i] - '0';
            if (digit < 0 || digit > 9) {
                return -1;
            }
            value = 10 * value + digit;
        }
        return value;
    }

    /// A plain decimal number; NaN if it is none.
    private double number(int from, int to) {
        boolean negative = from < to && line[from] == '-';
        int i = negative ? from + 1 : from;
        double value = 0;
        double scale = 0;
        boolean any = false;
        for (; i < to; i++) {
            int digit = line[i] - '0';
            if (line[i] == '.' && scale == 0) {
                scale = 1;
            } else if (digit >= 0 && digit <= 9) {
                value = 10 * value + digit;
                scale *= 10;
                any = true;
            } else {
                return Double.NaN;
            }
        }
        double plain = scale > 0 ? value / scale : value;
        return any ? (negative ? -plain : plain) : Double.NaN;
    }

    @Override
    public Optional<LiveTrace> trace() {
        return Optional.ofNullable(trace);
    }

    @Override
    public SensorHealth health() {
        long elapsedUs = firstUs < 0 ? 0 : lastUs - firstUs;
        return new SensorHealth(
                statedHz,
                elapsedUs > RATE_AFTER_MS * 1000 ? (samplesSinceFirst - 1) * 1e6 / elapsedUs : Double.NaN,
                elapsedUs / 1000.0,
                garbage,
                filled,
                breaks,
                wraps,
                full,
                simulated);
    }
}
