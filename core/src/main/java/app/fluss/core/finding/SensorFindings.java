package app.fluss.core.finding;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.FrameTimes;
import app.fluss.core.measure.Ordered;
import app.fluss.core.measure.Sensors;
import app.fluss.core.measure.Stutters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// What the sensors in a log show along a run: a card that is full, a clock that falls.
final class SensorFindings {
    private final FrameTimes times;
    private final FrameLog log;
    private final Stutters stutters;

    private SensorFindings(Analysis run) {
        this.times = run.times();
        this.log = run.slice().log();
        this.stutters = run.stutters();
    }

    /// The findings of a run, worst first.
    ///
    /// @param cardMemoryMb memory of the card that draws, MB; NaN if not stated, and then nothing is said
    ///     of it
    static List<Finding> of(Analysis run, double cardMemoryMb) {
        if (!run.settings().grade().hasLog() || run.times().size() == 0) {
            return List.of();
        }
        SensorFindings sensors = new SensorFindings(run);
        List<Finding> found = new ArrayList<>();
        stuck(run).ifPresent(found::add);
        sensors.memory(cardMemoryMb).ifPresent(found::add);
        sensors.clock().ifPresent(found::add);
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static Optional<Finding> stuck(Analysis run) {
        String stuck = Arrays.stream(Channel.values())
                .filter(channel -> channel.isSensor() && Sensors.isDead(run.slice(), channel))
                .map(Channel::header)
                .collect(Collectors.joining(", "));
        return stuck.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.of(
                        FindingCode.SENSOR_STUCK, "%s: 0 or 1 throughout, while images are made.".formatted(stuck)));
    }

    /// Stutters while the card is full against stutters while it is not.
    private Optional<Finding> memory(double cardMemoryMb) {
        Optional<Values> used = log.channel(Channel.VRAM);
        if (used.isEmpty() || Double.isNaN(cardMemoryMb)) {
            return Optional.empty();
        }
        double[] ms = new double[2];
        int[] hitches = new int[2];
        for (int i = 0; i < times.size(); i++) {
            ms[isFull(used.get(), i, cardMemoryMb) ? 1 : 0] += times.at(i);
        }
        for (int s = 0; s < stutters.count(); s++) {
            hitches[isFull(used.get(), stutters.interval(s), cardMemoryMb) ? 1 : 0]++;
        }
        double below = ms[0] > 0 ? hitches[0] / ms[0] : 0;
        boolean grow = ms[1] > 0 && hitches[1] / ms[1] > Thresholds.MEMORY_HITCHES_GROW * below;
        if (hitches[1] < Thresholds.FEWEST_HITCHES || !grow) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                FindingCode.MEMORY_FULL,
                "While the card's memory is full to %.0f %% and more there are %s stutters a minute, before that %s."
                        .formatted(
                                Thresholds.MEMORY_FULL * 100,
                                RunFindings.number(perMinute(hitches[1], ms[1]), 1),
                                RunFindings.number(perMinute(hitches[0], ms[0]), 1))));
    }

    private boolean isFull(Values used, int interval, double cardMemoryMb) {
        return used.at(times.image(interval)) >= Thresholds.MEMORY_FULL * cardMemoryMb;
    }

    private static double perMinute(int count, double ms) {
        return ms > 0 ? count / ms * 60_000 : 0;
    }

    /// Clock, or power, in the last quarter against the first tenth, while the load stays.
    private Optional<Finding> clock() {
        Optional<Values> load = log.channel(Channel.GPU_LOAD);
        if (load.isEmpty()) {
            return Optional.empty();
        }
        double loadBefore = median(load.get(), 0, 0.1);
        double loadAfter = median(load.get(), 0.75, 1);
        if (!(loadAfter >= loadBefore - Thresholds.LOAD_STAYS_PCT)) {
            return Optional.empty();
        }
        return fall(Channel.GPU_CLOCK, loadAfter).or(() -> fall(Channel.POWER, loadAfter));
    }

    private Optional<Finding> fall(Channel channel, double load) {
        return log.channel(channel)
                .flatMap(values -> fall(channel, median(values, 0, 0.1), median(values, 0.75, 1), load));
    }

    /// That a clock, or power, falls while the load stays; empty if it does not.
    ///
    /// @param before at the begin of the run; NaN if not known
    /// @param after at its end; NaN if not known
    /// @param load of the GPU at the end, percent
    static Optional<Finding> fall(Channel channel, double before, double after, double load) {
        boolean power = channel == Channel.POWER;
        return after < before * (1 - Thresholds.CLOCK_DROP)
                ? Optional.of(Finding.of(
                        FindingCode.CLOCK_DROP,
                        "The GPU's %s falls from %s to %s %s along the run, while its load stays at %s %%."
                                .formatted(
                                        power ? "power" : "clock",
                                        RunFindings.number(before, 0),
                                        RunFindings.number(after, 0),
                                        power ? "W" : "MHz",
                                        RunFindings.number(load, 0))))
                : Optional.empty();
    }

    /// Over a part of the run, by its intervals.
    private double median(Values values, double from, double to) {
        int first = (int) (from * times.size());
        int last = Math.max(first + 1, (int) (to * times.size()));
        double[] some = new double[last - first];
        int n = 0;
        for (int i = first; i < last; i++) {
            double value = values.at(times.image(i));
            if (!Double.isNaN(value)) {
                some[n++] = value;
            }
        }
        return n == 0 ? Double.NaN : Ordered.of(Arrays.copyOf(some, n)).median();
    }
}
