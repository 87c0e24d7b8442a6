package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Where the input begins. A button goes between two levels, and which of them is *pressed* is not known before; the
/// sound of a click is a burst, and there may be another at the release. So there are several readings of an input;
/// what speaks for each goes along.
final class Presses {
    private static final int BLOCK = 1 << 14;
    private static final double QUIET_MS = 8;
    private static final double BURST_QUIET_MS = 40;
    private static final double PEAK_MS = 5;
    private static final double SLOPE_MS = 1;
    private static final double NOISES = 8;
    private static final double LEAST_SHARE = 0.1;
    private static final double LEAST_OF_TYPICAL = 0.2;
    private static final double BEGINS = 0.25;
    private static final int FEWEST_PAIRED = 8;
    private static final double ALTERNATE = 0.9;

    private Presses() {}

    /// The readings of an input, the likelier first; empty if nothing in it stands out.
    ///
    /// @param wholePictures whether a press lies in the first sample over half of the swing, not between two
    static List<PressSeries> of(Signal input, EdgeSettings settings, boolean wholePictures) {
        InputLevel level = InputLevel.of(input);
        if (!level.moves()) {
            return List.of();
        }
        List<PressSeries> readings = level.isTwoLevels()
                ? ofButton(input, level, settings, wholePictures)
                : ofBursts(input, settings, level.noise());
        return settings.press()
                .flatMap(kind -> readings.stream()
                        .filter(series -> series.kind() == kind)
                        .findFirst())
                .map(List::of)
                .orElse(readings);
    }

    /// Changes from one level to the other.
    private static final class Toggles {
        double[] at = new double[64];
        boolean[] up = new boolean[64];
        int n;

        void add(double sample, boolean rises) {
            if (n == at.length) {
                at = Arrays.copyOf(at, 2 * n);
                up = Arrays.copyOf(up, 2 * n);
            }
            at[n] = sample;
            up[n++] = rises;
        }
    }

    private static List<PressSeries> ofButton(
            Signal input, InputLevel level, EdgeSettings settings, boolean wholePictures) {
        double low = Math.min(level.rest(), level.other());
        double high = Math.max(level.rest(), level.other());
        double middle = (low + high) / 2;
        double sway = Math.max(0.1 * (high - low), Math.min(0.3 * (high - low), 4 * level.noise()));
        Toggles toggles = new Toggles();
        double[] block = new double[BLOCK];
        boolean up = input.at(0) > middle;
        boolean startsUp = up;
        double before = input.at(0);
        double crossed = 0;
        for (int from = 0; from < input.size(); from += BLOCK) {
            int count = input.read(from, block);
            for (int k = 0; k < count; k++) {
                double here = block[k];
                if ((here >= middle) != (before >= middle)) {
                    crossed = wholePictures ? from + k : from + k - 1 + (middle - before) / (here - before);
                }
                if (up ? here < middle - sway : here > middle + sway) {
                    up = !up;
                    toggles.add(crossed, up);
                }
                before = here;
            }
        }
        PressSeries pressedHigh = ofLevel(input, toggles, startsUp, true, settings);
        PressSeries pressedLow = ofLevel(input, toggles, startsUp, false, settings);
        return pressedLow.likely() && pressedLow.fromStart()
                ? List.of(pressedLow, pressedHigh)
                : List.of(pressedHigh, pressedLow);
    }

    /// Presses of one level. Toggles that follow each other within a quiet time are one bounce.
    private static PressSeries ofLevel(
            Signal input, Toggles toggles, boolean startsUp, boolean pressedUp, EdgeSettings settings) {
        double quiet = QUIET_MS * input.rateHz() / 1000;
        double apart = settings.refractoryMs() * input.rateHz() / 1000;
        double[] starts = new double[toggles.n];
        double[] held = new double[toggles.n + 1];
        double[] rests = new double[toggles.n + 1];
        int presses = 0;
        int holds = 0;
        int restCount = 0;
        boolean up = startsUp;
        double since = Double.NaN;
        for (int i = 0; i < toggles.n; ) {
            int last = i;
            while (last + 1 < toggles.n && toggles.at[last + 1] - toggles.at[last] < quiet) {
                last++;
            }
            boolean becomes = toggles.up[last];
            boolean pressed = becomes == up ? up != pressedUp : becomes == pressedUp;
            if (pressed && (presses == 0 || toggles.at[i] - starts[presses - 1] >= apart)) {
                starts[presses++] = toggles.at[i];
            }
            if (becomes == up) {
                double length = toggles.at[last] - toggles.at[i];
                if (up == pressedUp) {
                    rests[restCount++] = length;
                } else {
                    held[holds++] = length;
                }
            } else {
                if (!Double.isNaN(since)) {
                    if (up == pressedUp) {
                        held[holds++] = toggles.at[i] - since;
                    } else {
                        rests[restCount++] = toggles.at[i] - since;
                    }
                }
                since = toggles.at[i];
            }
            up = becomes;
            i = last + 1;
        }
        boolean shorter = holds > 0
                && restCount > 0
                && Ordered.of(Arrays.copyOf(held, holds)).median()
                        < Ordered.of(Arrays.copyOf(rests, restCount)).median();
        return new PressSeries(
                pressedUp ? PressKind.HIGH : PressKind.LOW,
                Arrays.copyOf(starts, presses),
                startsUp != pressedUp,
                shorter,
                startsUp == pressedUp);
    }

    /// Bursts of sound, or what a capacitor leaves of a button: judged by how the input differs from a millisecond
    /// before, so that what falls back slowly is quiet.
    private static List<PressSeries> ofBursts(Signal input, EdgeSettings settings, double noise) {
        int slope = Math.max(1, input.samples(SLOPE_MS));
        double least = leastBurst(input, slope, noise);
        int quiet = Math.max(1, input.samples(Math.min(settings.refractoryMs(), BURST_QUIET_MS)));
        int span = Math.max(2, input.samples(PEAK_MS));
        List<Burst> bursts = new ArrayList<>();
        double[] block = new double[BLOCK + slope];
        int lastActive = -quiet;
        for (int from = 0; from < input.size() - slope; from += BLOCK) {
            int count = input.read(from, block) - slope;
            for (int k = 0; k < Math.min(BLOCK, count); k++) {
                if (Math.abs(block[k + slope] - block[k]) > least) {
                    int at = from + k + slope;
                    if (at - lastActive >= quiet) {
                        bursts.add(Burst.at(input, at, slope, span));
                    }
                    lastActive = at;
                }
            }
        }
        return readings(strong(bursts));
    }

    private static double leastBurst(Signal input, int slope, double noise) {
        double largest = 0;
        double[] block = new double[BLOCK + slope];
        for (int from = 0; from < input.size() - slope; from += BLOCK) {
            int count = input.read(from, block) - slope;
            for (int k = 0; k < Math.min(BLOCK, count); k++) {
                largest = Math.max(largest, Math.abs(block[k + slope] - block[k]));
            }
        }
        return Math.max(NOISES * noise, LEAST_SHARE * largest);
    }

    /// One burst.
    ///
    /// @param start in samples
    /// @param peak how far it goes
    /// @param up whether it first goes up
    private record Burst(double start, double peak, boolean up) {
        static Burst at(Signal input, int at, int slope, int span) {
            int first = Math.max(0, at - slope - 1);
            double[] x = new double[Math.max(2, Math.min(input.size() - first, span + slope))];
            input.read(first, x);
            int quiet = Math.max(1, Math.min(x.length, at - slope - first));
            double rest = 0;
            for (int i = 0; i < quiet; i++) {
                rest += x[i] / quiet;
            }
            double peak = 0;
            for (double value : x) {
                peak = Math.max(peak, Math.abs(value - rest));
            }
            double begins = BEGINS * peak;
            for (int i = 1; i < x.length; i++) {
                double here = Math.abs(x[i] - rest);
                double before = Math.abs(x[i - 1] - rest);
                if (here >= begins) {
                    double part = before < begins ? (begins - before) / (here - before) : 1;
                    return new Burst(first + i - 1 + part, peak, x[i] > rest);
                }
            }
            return new Burst(at, peak, true);
        }
    }

    /// Leaves out what is much weaker than the rest: noises of the room.
    private static List<Burst> strong(List<Burst> bursts) {
        double typical =
                Ordered.of(bursts.stream().mapToDouble(Burst::peak).toArray()).quantile(0.75);
        return bursts.stream()
                .filter(burst -> burst.peak() >= LEAST_OF_TYPICAL * typical)
                .toList();
    }

    /// All bursts are presses; or, where every second one is another kind, only those of one kind.
    private static List<PressSeries> readings(List<Burst> bursts) {
        if (bursts.isEmpty()) {
            return List.of();
        }
        double[] peaks = new double[bursts.size()];
        double[] gaps = new double[bursts.size()];
        double[] signs = new double[bursts.size()];
        for (int i = 0; i < peaks.length; i++) {
            peaks[i] = bursts.get(i).peak();
            signs[i] = bursts.get(i).up() ? 1 : 0;
            gaps[i] = i == 0
                    ? Double.NaN
                    : bursts.get(i).start() - bursts.get(i - 1).start();
        }
        if (peaks.length < FEWEST_PAIRED || !(alternates(peaks) || alternates(gaps) || alternates(signs))) {
            return List.of(
                    series(PressKind.EVERY, bursts, true, true),
                    series(PressKind.FIRST, bursts, false, false),
                    series(PressKind.SECOND, bursts, false, false));
        }
        boolean firstLouder = medianOf(peaks, 0) > 1.1 * medianOf(peaks, 1);
        boolean secondLouder = medianOf(peaks, 1) > 1.1 * medianOf(peaks, 0);
        boolean firstShort = medianOf(gaps, 1) < medianOf(gaps, 0);
        boolean firstLikely = firstLouder || (!secondLouder && firstShort);
        return List.of(
                series(PressKind.FIRST, bursts, true, firstLikely),
                series(PressKind.SECOND, bursts, false, !firstLikely),
                series(PressKind.EVERY, bursts, false, false));
    }

    /// Whether every second value is another kind: nearly all of one parity lie above nearly all of the other.
    private static boolean alternates(double[] values) {
        double middle = (medianOf(values, 0) + medianOf(values, 1)) / 2;
        boolean oddHigher = medianOf(values, 1) > medianOf(values, 0);
        int n = 0;
        int fits = 0;
        for (int i = 0; i < values.length; i++) {
            if (!Double.isNaN(values[i])) {
                n++;
                fits += values[i] != middle && (values[i] > middle) == (oddHigher == (i % 2 == 1)) ? 1 : 0;
            }
        }
        return fits >= ALTERNATE * n;
    }

    private static double medianOf(double[] values, int parity) {
        double[] some = new double[values.length];
        int n = 0;
        for (int i = parity; i < values.length; i += 2) {
            if (!Double.isNaN(values[i])) {
                some[n++] = values[i];
            }
        }
        return Ordered.of(Arrays.copyOf(some, n)).median();
    }

    private static PressSeries series(PressKind kind, List<Burst> bursts, boolean fromStart, boolean likely) {
        int from = kind == PressKind.SECOND ? 1 : 0;
        int step = kind == PressKind.EVERY ? 1 : 2;
        double[] starts = new double[(bursts.size() - from + step - 1) / step];
        for (int i = 0; i < starts.length; i++) {
            starts[i] = bursts.get(from + i * step).start();
        }
        return new PressSeries(kind, starts, fromStart, likely, false);
    }
}
