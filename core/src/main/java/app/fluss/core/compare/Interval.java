package app.fluss.core.compare;

/// A 95 % interval.
///
/// @param low lower end, in the unit of the figure it belongs to
/// @param high upper end, at least `low`
public record Interval(double low, double high) {
    /// @throws IllegalArgumentException unless `low <= high`
    public Interval {
        if (!(low <= high)) {
            throw new IllegalArgumentException("low must be at most high, got %s and %s".formatted(low, high));
        }
    }

    /// The same, wide enough to hold a value.
    public Interval holding(double value) {
        return new Interval(Math.min(low, value), Math.max(high, value));
    }

    /// The same, wider by so much on both sides.
    ///
    /// @param by 0 or more, in the unit of the figure
    public Interval widened(double by) {
        return new Interval(low - by, high + by);
    }

    /// The interval of another confidence, made of one by Student's t around the middle of it.
    ///
    /// @param freedom degrees of freedom that it rests on
    /// @param confidence wanted, above 0 and below 1
    Interval at(double confidence, double freedom) {
        double factor = Student.reach(freedom, confidence) / Student.reach(freedom);
        double middle = (low + high) / 2;
        return new Interval(middle - factor * (middle - low), middle + factor * (high - middle));
    }

    /// The same for one that is even on logarithms.
    Interval logAt(double confidence, double freedom) {
        return BetweenRuns.exp(new Interval(Math.log(low), Math.log(high)).at(confidence, freedom));
    }

    /// Whether a value lies in the interval, ends included.
    public boolean contains(double value) {
        return low <= value && value <= high;
    }
}
