package app.fluss.files.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/// A column taken as what places images in time: as hand-over times or as frame times, in a unit. Its points say how
/// much speaks for it.
final class TimeReading {
    private static final double SHORTEST_MS = 0.8;
    private static final double LONGEST_MS = 400;

    private static final double NAMED = 4;
    private static final double UNIT_NAMED = 1;
    private static final double WRONG_NAME = 8;
    private static final double ODD_NAME = 3;
    private static final double IMPLAUSIBLE = 8;
    private static final double COUNTS = 6;
    private static final double RISES = 3;
    private static final double ALL_EQUAL = 2;

    private final ColumnProfile column;
    private final Role role;
    private final TimeUnit unit;
    private final List<String> reasons = new ArrayList<>();
    private final List<String> against = new ArrayList<>();
    private double points;

    private TimeReading(ColumnProfile column, Role role, TimeUnit unit) {
        this.column = column;
        this.role = role;
        this.unit = unit;
    }

    /// The column as hand-over times; empty if it does not rise.
    static Optional<TimeReading> stamps(ColumnProfile column) {
        if (!column.isRising()) {
            return Optional.empty();
        }
        TimeUnit unit = column.name().unit().orElse(TimeUnit.ofFrameTime(column.meanStep()));
        TimeReading reading = new TimeReading(column, Role.PRESENT, unit);
        reading.points = RISES;
        reading.judgeName(NameHint.STAMP);
        reading.odd(column.says(NameHint.DISPLAY), ODD_NAME, "named as when it is shown");
        reading.odd(column.says(NameHint.CONTENT), ODD_NAME, "named as game time");
        reading.odd(
                column.says(NameHint.ENCODED) || column.says(NameHint.RECEIVED),
                ODD_NAME,
                "named as on a stream's way");
        reading.odd(column.says(NameHint.COUNTER) && !column.says(NameHint.STAMP), WRONG_NAME, "named as a counter");
        reading.odd(
                column.counts() && column.name().unit().isEmpty() && !column.says(NameHint.STAMP),
                COUNTS,
                "counts in even steps");
        return Optional.of(reading);
    }

    /// The column as frame times; empty if it rises, or holds what no frame time is.
    static Optional<TimeReading> frameTimes(ColumnProfile column) {
        if (!column.isNumeric() || column.isRising() || !(column.median() > 0) || column.isFlag()) {
            return Optional.empty();
        }
        TimeUnit unit = column.name().unit().orElse(TimeUnit.ofFrameTime(column.median()));
        TimeReading reading = new TimeReading(column, Role.FRAME_TIME, unit);
        reading.judgeName(NameHint.FRAME_TIME);
        reading.odd(Double.isNaN(column.resolution()), ALL_EQUAL, "all values are equal");
        boolean work = column.says(NameHint.CPU) || column.says(NameHint.GPU);
        reading.odd(
                work,
                ODD_NAME + (column.says(NameHint.FRAME_TIME) ? NAMED : 0),
                "named as work of a processor or card");
        reading.odd(column.says(NameHint.DISPLAY), ODD_NAME, "named as of the display");
        reading.odd(
                column.says(NameHint.COUNTER) && !column.says(NameHint.FRAME_TIME), WRONG_NAME, "named as a counter");
        return Optional.of(reading);
    }

    private void judgeName(NameHint hint) {
        if (column.says(hint)) {
            points += NAMED;
            reasons.add("its name");
        }
        if (column.name().unit().isPresent()) {
            points += UNIT_NAMED;
            reasons.add("its unit " + unit.symbol());
        }
        boolean isRate =
                (column.says(NameHint.RATE) || column.name().isPerSecond()) && !column.says(NameHint.FRAME_TIME);
        odd(isRate, WRONG_NAME, "named as a rate");
        odd(
                NameHint.NO_TIME.stream().anyMatch(column::says)
                        || column.name().isPercent(),
                WRONG_NAME,
                "named as no time");
        odd(column.says(NameHint.LATENCY), WRONG_NAME, "named as latency");
        double ms = frameMs();
        odd(
                !(ms >= SHORTEST_MS && ms <= LONGEST_MS),
                IMPLAUSIBLE,
                "it would give " + String.format(Locale.ROOT, "%.1f/s", 1000 / ms));
    }

    private void odd(boolean holds, double costs, String why) {
        if (holds) {
            points -= costs;
            against.add(why);
        }
    }

    /// Another column says the same.
    void confirm(String by, double worth) {
        points += worth;
        reasons.add(by);
    }

    ColumnProfile column() {
        return column;
    }

    Role role() {
        return role;
    }

    TimeUnit unit() {
        return unit;
    }

    double points() {
        return points;
    }

    /// Typical time from image to image, ms.
    double frameMs() {
        return unit.toMs(role == Role.PRESENT ? column.meanStep() : column.median());
    }

    /// The step in which its times were written, ms.
    double resolutionMs() {
        return unit.toMs(column.resolution());
    }

    /// In words, with the rate that it gives.
    String text() {
        return String.format(
                Locale.ROOT, "“%s” as %s in %s, %.1f/s", column.name(), role.label(), unit.symbol(), 1000 / frameMs());
    }

    /// The frame times that it gives in the rows of the sample, ms; without those that are no time.
    double[] frameTimesMs() {
        return IntStream.range(role == Role.PRESENT ? 1 : 0, column.rows())
                .mapToDouble(
                        row -> unit.toMs(role == Role.PRESENT ? column.at(row) - column.at(row - 1) : column.at(row)))
                .filter(ms -> ms >= 0)
                .toArray();
    }

    /// What speaks for and against it.
    ColumnCase judged() {
        return new ColumnCase(reasons.isEmpty() ? List.of("its values") : reasons, against);
    }

    /// What speaks for it.
    String why() {
        return reasons.isEmpty() ? "its values" : String.join(", ", reasons);
    }
}
