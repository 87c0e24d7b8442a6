package app.fluss.files.log;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Which column places the images of a log in time. Every column is tried in every way; its name, its values and the
/// agreement with other columns give it points. The differences of stamps must be the frame times, a rate must be one
/// over them.
final class TimeRanking {
    private static final double STAMPS_AGREE = 5;
    private static final double RATE_AGREES = 5;
    private static final double MEAN_RATE_AGREES = 3;

    /// A winner is ahead of every other reading by as many points as one good reason gives.
    private static final double CLEAR = 2.5;

    private static final double LEAST = -2;
    private static final double SAME_RATE = 0.03;
    private static final int WINDOW = 25;
    private static final double MOSTLY = 0.9;
    private static final double NEAR = 0.01;

    /// Stamps and frame times may be taken at different points of an image's way: so far apart, in frame times.
    private static final double APART = 0.25;

    private static final double NEAR_MEAN = 0.08;

    /// Stamps that are written in steps of more than this share of a frame time are coarse.
    private static final double COARSE = 0.03;

    private final List<TimeReading> readings = new ArrayList<>();

    private TimeRanking(List<ColumnProfile> columns) {
        for (ColumnProfile column : columns) {
            TimeReading.stamps(column).ifPresent(readings::add);
            TimeReading.frameTimes(column).ifPresent(readings::add);
        }
        for (TimeReading stamps : List.copyOf(readings)) {
            for (TimeReading times : List.copyOf(readings)) {
                if (stamps.role() == Role.PRESENT && times.role() == Role.FRAME_TIME && addUp(stamps, times)) {
                    stamps.confirm(
                            "“%s” are its differences".formatted(times.column().name()), STAMPS_AGREE);
                    times.confirm("“%s” are its sums".formatted(stamps.column().name()), STAMPS_AGREE);
                }
            }
        }
        for (ColumnProfile column : columns) {
            boolean named = column.says(NameHint.RATE) || column.name().isPerSecond();
            if (column.isNumeric() && !column.isRising() && named && !column.says(NameHint.FRAME_TIME)) {
                readings.forEach(reading -> confirmByRate(reading, column));
            }
        }
        readings.sort(Comparator.comparingDouble(TimeReading::points).reversed());
    }

    /// What was chosen.
    ///
    /// @param chosen the reading
    /// @param rival another one that gives another rate and is not clearly worse
    /// @param all every reading that was tried, the best first
    record Choice(TimeReading chosen, Optional<TimeReading> rival, List<TimeReading> all) {}

    /// Chooses; empty if no column can be a time.
    static Optional<Choice> of(List<ColumnProfile> columns) {
        return new TimeRanking(columns).choose();
    }

    private Optional<Choice> choose() {
        if (readings.isEmpty() || readings.getFirst().points() < LEAST) {
            return Optional.empty();
        }
        TimeReading best = readings.getFirst();
        TimeReading chosen = finer(best);
        Optional<TimeReading> rival = readings.stream()
                .filter(other -> other.points() > best.points() - CLEAR && other.points() >= LEAST)
                .filter(other -> !isSameRate(other, best))
                .findFirst();
        return Optional.of(new Choice(chosen, rival, List.copyOf(readings)));
    }

    private static boolean isSameRate(TimeReading a, TimeReading b) {
        return Math.abs(Math.log(a.frameMs() / b.frameMs())) < 3 * SAME_RATE;
    }

    /// Of stamps and frame times that agree the stamps, for other times can be held against them; but exact frame times
    /// beat coarse stamps.
    private TimeReading finer(TimeReading best) {
        List<TimeReading> agreeing = readings.stream()
                .filter(other -> other == best
                        || (other.role() != best.role()
                                && other.points() >= LEAST
                                && (best.role() == Role.PRESENT ? addUp(best, other) : addUp(other, best))))
                .toList();
        Optional<TimeReading> stamps = agreeing.stream()
                .filter(reading -> reading.role() == Role.PRESENT)
                .findFirst();
        Optional<TimeReading> times = agreeing.stream()
                .filter(reading -> reading.role() == Role.FRAME_TIME)
                .findFirst();
        if (stamps.isEmpty() || times.isEmpty()) {
            return best;
        }
        boolean coarse = stamps.get().resolutionMs() > COARSE * stamps.get().frameMs()
                && times.get().resolutionMs() < stamps.get().resolutionMs() / 2;
        return coarse ? times.get() : stamps.get();
    }

    /// Whether frame times add up to stamps, row by row in windows, up to the step in which both were written.
    private static boolean addUp(TimeReading stamps, TimeReading times) {
        return addUp(stamps, times, 0) || addUp(stamps, times, 1);
    }

    /// @param later rows by which a frame time stands after the first of its two stamps
    private static boolean addUp(TimeReading stamps, TimeReading times, int later) {
        int rows = stamps.column().rows();
        int windows = 0;
        int agree = 0;
        int window = Math.min(WINDOW, Math.max(2, rows / 4));
        for (int from = 0; from + window < rows; from += window) {
            double sum = 0;
            for (int i = from; i < from + window; i++) {
                sum += times.unit().toMs(times.column().at(i + later));
            }
            double span = stamps.unit()
                    .toMs(stamps.column().at(from + window) - stamps.column().at(from));
            if (Double.isNaN(sum) || Double.isNaN(span)) {
                continue;
            }
            double step =
                    Math.max(APART * stamps.frameMs(), Double.isNaN(stamps.resolutionMs()) ? 0 : stamps.resolutionMs());
            double digits = Double.isNaN(times.resolutionMs()) ? 0 : times.resolutionMs() * Math.sqrt(window);
            windows++;
            agree += Math.abs(sum - span) <= 2 * step + digits + NEAR * span ? 1 : 0;
        }
        return windows >= 3 && agree >= MOSTLY * windows;
    }

    private static void confirmByRate(TimeReading reading, ColumnProfile rate) {
        if (reading.column() == rate) {
            return;
        }
        int rows = 0;
        int agree = 0;
        double product = 0;
        double half = Double.isNaN(rate.resolution()) ? 0 : rate.resolution() / 2;
        for (int i = 1; i < rate.rows(); i++) {
            double ms = reading.unit()
                    .toMs(
                            reading.role() == Role.PRESENT
                                    ? reading.column().at(i) - reading.column().at(i - 1)
                                    : reading.column().at(i));
            double perSecond = rate.at(i);
            if (ms > 0 && perSecond > 0) {
                rows++;
                agree += Math.abs(1000 / ms - perSecond) <= half + 2 * NEAR * perSecond ? 1 : 0;
                product += perSecond;
            }
        }
        if (rows >= 3 && agree >= MOSTLY * rows) {
            reading.confirm("“%s” is one over it".formatted(rate.name()), RATE_AGREES);
        } else if (rows >= 3 && Math.abs(product / rows * reading.frameMs() / 1000 - 1) < NEAR_MEAN) {
            reading.confirm("“%s” is about one over it".formatted(rate.name()), MEAN_RATE_AGREES);
        }
    }
}
