package app.fluss.core.feel;

import app.fluss.core.compare.Level;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/// What reaching for targets gives at one added delay (ISO 9241-411, from memory): throughput with the
/// effective width, 4.133 standard deviations of the ends along the way, and the effective distance.
///
/// @param delayMs added
/// @param bits a second: mean over sequences, with Student's interval of them
/// @param ms mean time of a reach
/// @param misses share of reaches that missed, 0 to 1
/// @param reaches how many
public record Throughput(double delayMs, Level bits, double ms, double misses, int reaches) {
    /// Reaches of a sequence: {@value}.
    public static final int SEQUENCE = 9;

    /// The width that holds 96 % of normal ends, in standard deviations: `sqrt(2 pi e)`.
    private static final double EFFECTIVE = Math.sqrt(2 * Math.PI * Math.E);

    /// The index of difficulty of a reach, bit.
    ///
    /// @param distance to the target, 0 or more, in the unit of the width
    /// @param width of the target, above 0
    public static double difficulty(double distance, double width) {
        return Math.log(distance / width + 1) / Math.log(2);
    }

    /// By added delay, the smallest first.
    ///
    /// @param reaches in the order in which they were made; sequences are [#SEQUENCE] of one delay in a row
    public static List<Throughput> byDelay(List<Reach> reaches) {
        Map<Double, List<Reach>> delays =
                reaches.stream().collect(Collectors.groupingBy(Reach::delayMs, TreeMap::new, Collectors.toList()));
        return delays.entrySet().stream()
                .map(delay -> of(delay.getKey(), delay.getValue()))
                .toList();
    }

    private static Throughput of(double delay, List<Reach> reaches) {
        List<Double> each = new ArrayList<>();
        for (int from = 0; from + SEQUENCE <= reaches.size(); from += SEQUENCE) {
            if (ofSequence(reaches.subList(from, from + SEQUENCE)) instanceof Figure.Known(double bits)) {
                each.add(bits);
            }
        }
        return new Throughput(
                delay,
                each.isEmpty()
                        ? Level.without(
                                Figure.missing("a sequence of %d reaches is needed".formatted(SEQUENCE)),
                                "a sequence of %d reaches is needed".formatted(SEQUENCE))
                        : Level.of(
                                each.stream().mapToDouble(Double::doubleValue).toArray()),
                reaches.stream().mapToDouble(Reach::ms).average().orElse(Double.NaN),
                reaches.stream().filter(reach -> !reach.isHit()).count() / (double) reaches.size(),
                reaches.size());
    }

    /// Of one sequence; missing if every click lay on the same point.
    static Figure ofSequence(List<Reach> reaches) {
        double width = EFFECTIVE
                * Moments.of(reaches.stream().mapToDouble(Reach::overshoot).toArray())
                        .sd();
        double distance = reaches.stream()
                .mapToDouble(reach -> reach.distance() + reach.overshoot())
                .average()
                .orElse(Double.NaN);
        double seconds = reaches.stream().mapToDouble(Reach::ms).average().orElse(Double.NaN) / 1000;
        return width > 0 && distance > 0
                ? Figure.of(difficulty(distance, width) / seconds)
                : Figure.missing("every click lies on the same point");
    }
}
