package app.fluss.files.log;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;

/// How the values of one column of a sample look.
final class ColumnProfile {
    private static final double MOST = 0.95;
    private static final int MOST_WORDS = 20;

    private final String name;
    private final Set<String> words;
    private final boolean numeric;
    private final boolean rising;
    private final double first;
    private final double median;
    private final double medianStep;

    private ColumnProfile(
            String name,
            Set<String> words,
            boolean numeric,
            boolean rising,
            double first,
            double median,
            double medianStep) {
        this.name = name;
        this.words = words;
        this.numeric = numeric;
        this.rising = rising;
        this.first = first;
        this.median = median;
        this.medianStep = medianStep;
    }

    static ColumnProfile of(Sample sample, int column) {
        double[] values = new double[sample.rows().size()];
        int numbers = 0;
        int filled = 0;
        Set<String> words = new LinkedHashSet<>();
        for (var row : sample.rows()) {
            String cell = column < row.size() ? row.get(column).strip() : "";
            if (Numbers.isEmpty(cell)) {
                continue;
            }
            filled++;
            double value = Numbers.parse(cell, sample.dialect().decimal());
            if (Double.isNaN(value)) {
                if (words.size() < MOST_WORDS) {
                    words.add(cell);
                }
            } else {
                values[numbers++] = value;
            }
        }
        double[] steps = new double[Math.max(0, numbers - 1)];
        int up = 0;
        for (int i = 0; i < steps.length; i++) {
            steps[i] = values[i + 1] - values[i];
            up += steps[i] >= 0 ? 1 : 0;
        }
        boolean numeric = filled > 0 && numbers == filled;
        double medianStep = Ordered.of(steps).median();
        return new ColumnProfile(
                sample.header().get(column),
                words,
                numeric,
                steps.length > 1 && up >= MOST * steps.length && medianStep > 0,
                numbers > 0 ? values[0] : Double.NaN,
                Ordered.of(Arrays.copyOf(values, numbers)).median(),
                medianStep);
    }

    String name() {
        return name;
    }

    Set<String> words() {
        return words;
    }

    boolean isWords() {
        return !numeric && !words.isEmpty();
    }

    boolean isNumeric() {
        return numeric;
    }

    /// Rises steadily, and not by exactly one each row as a count does.
    boolean isTimeStamp() {
        return numeric && rising && medianStep != 1;
    }

    /// Between 0.2 and 1000 ms in some unit, which any positive number is; told from a count by not being
    /// steady in rise.
    boolean couldBeFrameTime() {
        return numeric && !rising && median > 0;
    }

    TimeUnit unit() {
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.matches(".*([_( \\[]|\\b)ms\\W*$")) {
            return TimeUnit.MS;
        }
        if (lower.matches(".*([_( \\[]|\\b)(us|µs)\\W*$")) {
            return TimeUnit.US;
        }
        if (lower.matches(".*([_( \\[]|\\b)ns\\W*$")) {
            return TimeUnit.NS;
        }
        return TimeUnit.ofFrameTime(rising ? medianStep : median);
    }

    double firstMs() {
        return unit().toMs(first);
    }

    boolean nameHas(String... parts) {
        String lower = name.toLowerCase(Locale.ROOT);
        return Arrays.stream(parts).anyMatch(lower::contains);
    }
}
