package app.fluss.core.reading;

import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Ordered;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;

/// What a counter said over a run. A reading stands until the next one, the last as long as the median gap before it.
///
/// @param readings in the order of their times
/// @param marks what was marked on the way, in the order of their times
/// @param onePercentLow the last 1 % low that the counter showed, /s
/// @param lowConvention the convention of that low, in the tool's words; empty if unknown
/// @param loads mean of each load that was noted beside the rate
public record ReadingSeries(
        List<Reading> readings,
        List<Mark> marks,
        Figure onePercentLow,
        String lowConvention,
        Map<Channel, Figure> loads) {
    private static final String EMPTY = "the readings are empty";

    /// Keeps copies.
    public ReadingSeries {
        readings = List.copyOf(readings);
        marks = List.copyOf(marks);
        loads = Map.copyOf(loads);
    }

    /// Something that was marked.
    ///
    /// @param second after the start, s
    /// @param words what it was
    public record Mark(double second, String words) {}

    /// A stretch of time over which the counter said one thing.
    ///
    /// @param fromS its begin, s
    /// @param toS its end, s
    /// @param fps what the counter said, /s
    public record Standing(double fromS, double toS, double fps) {}

    /// Whether every reading has its time, so that there is a course over time.
    public boolean isTimed() {
        return readings.size() > 1 && readings.stream().noneMatch(one -> Double.isNaN(one.second())) && spanS() > 0;
    }

    private double spanS() {
        return readings.getLast().second() - readings.getFirst().second();
    }

    /// How long a reading stood, s.
    ///
    /// @param index 0-based
    /// @throws IllegalStateException if the readings have no times
    public double stoodS(int index) {
        if (!isTimed()) {
            throw new IllegalStateException("the readings have no times");
        }
        if (index + 1 < readings.size()) {
            return gapS(index);
        }
        double[] gaps = new double[readings.size() - 1];
        for (int i = 0; i < gaps.length; i++) {
            gaps[i] = gapS(i);
        }
        return Ordered.of(gaps).median();
    }

    private double gapS(int index) {
        return readings.get(index + 1).second() - readings.get(index).second();
    }

    /// From the first reading to the end of the last, s; missing without times.
    public Figure seconds() {
        return isTimed()
                ? Figure.of(spanS() + stoodS(readings.size() - 1))
                : Figure.missing("the readings were noted without their times");
    }

    /// The mean rate, each reading for as long as it stood; without times the plain mean.
    public Figure mean() {
        return mean(Reading::fps, EMPTY);
    }

    /// The mean of what a generator took for its base.
    public Figure base() {
        return mean(Reading::baseFps, "the readings have no base rate");
    }

    private Figure mean(ToDoubleFunction<Reading> value, String otherwise) {
        boolean timed = isTimed();
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < readings.size(); i++) {
            double fps = value.applyAsDouble(readings.get(i));
            if (!Double.isNaN(fps)) {
                double weight = timed ? stoodS(i) : 1;
                sum += weight * fps;
                weights += weight;
            }
        }
        return Figure.ofFinite(sum / weights, otherwise);
    }

    /// The mean rate over a stretch, each reading for as long as it stood within it.
    ///
    /// @throws IllegalStateException if the readings have no times
    public Figure meanBetween(double fromS, double toS) {
        double sum = 0;
        double seconds = 0;
        for (int i = 0; i < readings.size(); i++) {
            double begin = Math.max(fromS, readings.get(i).second());
            double end = Math.min(toS, readings.get(i).second() + stoodS(i));
            if (end > begin) {
                sum += (end - begin) * readings.get(i).fps();
                seconds += end - begin;
            }
        }
        return Figure.ofFinite(sum / seconds, "nothing was read in this stretch");
    }

    /// The lowest that was read.
    public Figure lowest() {
        return end(Reading::lowFps, DoubleStream::min);
    }

    /// The highest that was read.
    public Figure highest() {
        return end(Reading::highFps, DoubleStream::max);
    }

    private Figure end(ToDoubleFunction<Reading> value, Function<DoubleStream, OptionalDouble> which) {
        if (readings.stream().mapToDouble(value).anyMatch(Double::isNaN)) {
            return Figure.missing("it was not noted");
        } else if (readings.size() == 1
                && readings.getFirst().lowFps() == readings.getFirst().highFps()) {
            return Figure.missing("one number has no range");
        }
        return Figure.ofFinite(which.apply(readings.stream().mapToDouble(value)).orElse(Double.NaN), EMPTY);
    }

    /// Where the rate stood lowest, the first such stretch; empty without times.
    public Optional<Standing> worst() {
        if (!isTimed()) {
            return Optional.empty();
        }
        double lowest = readings.stream().mapToDouble(Reading::fps).min().orElse(Double.NaN);
        int from = 0;
        while (readings.get(from).fps() > lowest) {
            from++;
        }
        int last = from;
        while (last + 1 < readings.size() && readings.get(last + 1).fps() <= lowest) {
            last++;
        }
        return Optional.of(
                new Standing(readings.get(from).second(), readings.get(last).second() + stoodS(last), lowest));
    }

    /// What it claims of the whole run.
    public Claimed claimed() {
        return new Claimed(mean(), lowest(), highest(), base(), onePercentLow, lowConvention);
    }
}
