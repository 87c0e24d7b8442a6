package app.fluss.files.log;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Set;

/// How the values of one column of a sample look.
final class ColumnProfile {
    private static final double MOSTLY = 0.95;
    private static final int MOST_WORDS = 20;

    /// Distances that differ by less than so many of the last places do not differ.
    private static final int ROUNDING = 8;

    private final ColumnName name;
    private final Set<String> words = new LinkedHashSet<>();
    private final Set<String> texts = new LinkedHashSet<>();
    private final double[] values;
    private final boolean numeric;
    private final boolean rising;
    private final boolean counts;
    private final double first;
    private final double last;
    private final double median;
    private final int steps;
    private final int rows;
    private final double resolution;

    private ColumnProfile(Sample sample, int column) {
        name = new ColumnName(sample.header().get(column));
        values = new double[sample.rows().size()];
        Arrays.fill(values, Double.NaN);
        double[] there = new double[values.length];
        boolean shows = says(NameHint.DISPLAY);
        int numbers = 0;
        int filled = 0;
        int never = 0;
        int firstRow = 0;
        int lastRow = 0;
        for (int i = 0; i < values.length; i++) {
            var row = sample.rows().get(i);
            String cell = column < row.size() ? row.get(column).strip() : "";
            if (Numbers.isEmpty(cell)) {
                continue;
            }
            filled++;
            if (texts.size() < MOST_WORDS) {
                texts.add(cell);
            }
            values[i] = Numbers.parse(cell, sample.dialect().decimal());
            if (Double.isNaN(values[i])) {
                values[i] = Numbers.yesOrNo(cell);
            }
            if (values[i] == 0 && shows) { // never
                values[i] = Double.NaN;
                never++;
            } else if (!Double.isNaN(values[i])) {
                firstRow = numbers == 0 ? i : firstRow;
                lastRow = i;
                there[numbers++] = values[i];
            } else if (words.size() < MOST_WORDS) {
                words.add(cell);
            }
        }
        numeric = numbers > 0 && numbers + never == filled;
        double[] kept = Arrays.copyOf(there, numbers);
        int up = 0;
        boolean even = numbers > 2;
        for (int i = 1; i < numbers; i++) {
            up += kept[i] >= kept[i - 1] ? 1 : 0;
            even &= kept[i] - kept[i - 1] == kept[1] - kept[0] && kept[i] == Math.rint(kept[i]);
        }
        steps = Math.max(0, numbers - 1);
        rows = lastRow - firstRow;
        first = numbers > 0 ? kept[0] : Double.NaN;
        last = numbers > 0 ? kept[numbers - 1] : Double.NaN;
        rising = steps > 1 && up >= MOSTLY * steps && last > first;
        counts = rising && even;
        median = Ordered.of(kept).median();
        resolution = rising ? step(kept) : resolution(kept);
    }

    static ColumnProfile of(Sample sample, int column) {
        return new ColumnProfile(sample, column);
    }

    /// The smallest distance between two of the values: the step in which they were written.
    private static double resolution(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        double least = Double.NaN;
        for (int i = 1; i < sorted.length; i++) {
            double step = sorted[i] - sorted[i - 1];
            if (step > 1e-12 * Math.abs(sorted[i]) && !(step >= least)) {
                least = step;
            }
        }
        return least;
    }

    /// The step in which rising values were written: images come further apart than that, so it shows in how much the
    /// distances differ; but where many are equal they were taken at the ticks of a coarse clock.
    private static double step(double[] rising) {
        double[] distances = new double[rising.length - 1];
        int equal = 0;
        for (int i = 0; i < distances.length; i++) {
            distances[i] = rising[i + 1] - rising[i];
            equal += distances[i] == 0 ? 1 : 0;
        }
        if (equal > (1 - MOSTLY) * distances.length) {
            return resolution(rising);
        }
        double rounding = ROUNDING * Math.ulp(rising[rising.length - 1]);
        Arrays.sort(distances);
        double least = Double.NaN;
        for (int i = 1; i < distances.length; i++) {
            double differ = distances[i] - distances[i - 1];
            if (differ > rounding && !(differ >= least)) {
                least = differ;
            }
        }
        return least;
    }

    ColumnName name() {
        return name;
    }

    boolean says(NameHint hint) {
        return hint.isIn(name);
    }

    Set<String> words() {
        return words;
    }

    /// The first distinct cells, as they stand.
    Set<String> texts() {
        return texts;
    }

    boolean isWords() {
        return !numeric && !words.isEmpty();
    }

    boolean isNumeric() {
        return numeric;
    }

    /// Rises, or stays, from nearly every row to the next.
    boolean isRising() {
        return numeric && rising;
    }

    /// Rises by the same whole number with each row, as a count does.
    boolean counts() {
        return counts;
    }

    /// Its value in a row; NaN where there is none.
    double at(int row) {
        return values[row];
    }

    int rows() {
        return values.length;
    }

    double first() {
        return first;
    }

    double median() {
        return median;
    }

    /// Mean step from value to value.
    double meanStep() {
        return (last - first) / steps;
    }

    /// Mean step from row to row, of which some may be empty.
    double meanRowStep() {
        return (last - first) / rows;
    }

    /// The step in which the values were written; NaN if all are equal.
    double resolution() {
        return resolution;
    }

    /// Whether its values are whole numbers.
    boolean isWhole() {
        return numeric && Arrays.stream(values).allMatch(value -> Double.isNaN(value) || value == Math.rint(value));
    }

    /// Whether it has no other values than 0 and 1; one of them may not have come yet.
    boolean isYesOrNo() {
        return numeric && Arrays.stream(values).allMatch(value -> Double.isNaN(value) || value == 0 || value == 1);
    }

    /// Whether its values are 0 and 1.
    boolean isFlag() {
        return isYesOrNo()
                && Arrays.stream(values).anyMatch(value -> value == 1)
                && Arrays.stream(values).anyMatch(value -> value == 0);
    }
}
