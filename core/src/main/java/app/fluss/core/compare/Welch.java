package app.fluss.core.compare;

import app.fluss.core.measure.Moments;

/// The difference of two means without assuming equal spread: Welch, "The generalization of 'Student's' problem
/// when several different population variances are involved", Biometrika 34 (1947) 28-35 (from memory).
///
/// @param difference mean of b less mean of a
/// @param t the difference over its standard error
/// @param degreesOfFreedom by Welch and Satterthwaite
/// @param p two-sided
/// @param interval 95 % for the difference
public record Welch(double difference, double t, double degreesOfFreedom, double p, Interval interval) {
    /// Compares two samples.
    ///
    /// @param a two or more finite values
    /// @param b two or more finite values
    /// @throws IllegalArgumentException if a sample is too short
    public static Welch of(double[] a, double[] b) {
        if (a.length < 2 || b.length < 2) {
            throw new IllegalArgumentException(
                    "each sample must have two values or more, got %d and %d".formatted(a.length, b.length));
        }
        Moments ma = Moments.of(a);
        Moments mb = Moments.of(b);
        double difference = mb.mean() - ma.mean();
        double va = ma.sd() * ma.sd() / a.length;
        double vb = mb.sd() * mb.sd() / b.length;
        double error = Math.sqrt(va + vb);
        if (error == 0) {
            return new Welch(
                    difference,
                    difference == 0 ? 0 : Math.copySign(Double.POSITIVE_INFINITY, difference),
                    a.length + b.length - 2,
                    difference == 0 ? 1 : 0,
                    new Interval(difference, difference));
        }
        double freedom = (va + vb) * (va + vb) / (va * va / (a.length - 1) + vb * vb / (b.length - 1));
        double half = Student.reach(freedom) * error;
        double t = difference / error;
        return new Welch(
                difference,
                t,
                freedom,
                Student.twoSided(t, freedom),
                new Interval(difference - half, difference + half));
    }
}
