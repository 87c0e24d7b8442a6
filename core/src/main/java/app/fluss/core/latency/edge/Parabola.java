package app.fluss.core.latency.edge;

import java.util.function.IntToDoubleFunction;

/// A parabola through samples by least squares.
final class Parabola {
    private Parabola() {}

    /// Coefficients of `c0 + c1 t + c2 t²` with `t` counted from `around`; a line where there are too few samples.
    static double[] fit(int from, int to, double around, IntToDoubleFunction sample) {
        double[] moments = new double[5];
        double[] right = new double[3];
        for (int i = from; i <= to; i++) {
            double t = i - around;
            double y = sample.applyAsDouble(i);
            double power = 1;
            for (int p = 0; p < 5; p++) {
                moments[p] += power;
                if (p < 3) {
                    right[p] += power * y;
                }
                power *= t;
            }
        }
        double a = moments[0];
        double b = moments[1];
        double c = moments[2];
        double d = moments[3];
        double e = moments[4];
        double determinant = a * (c * e - d * d) - b * (b * e - c * d) + c * (b * d - c * c);
        if (to - from < 4 || Math.abs(determinant) < 1e-9) {
            double line = a * c - b * b;
            double slope = (a * right[1] - b * right[0]) / line;
            return new double[] {(right[0] - slope * b) / a, slope, 0};
        }
        double c0 = right[0] * (c * e - d * d) - b * (right[1] * e - d * right[2]) + c * (right[1] * d - c * right[2]);
        double c1 = a * (right[1] * e - d * right[2]) - right[0] * (b * e - c * d) + c * (b * right[2] - c * right[1]);
        double c2 = a * (c * right[2] - d * right[1]) - b * (b * right[2] - c * right[1]) + right[0] * (b * d - c * c);
        return new double[] {c0 / determinant, c1 / determinant, c2 / determinant};
    }

    /// The `t` nearest to 0 at which it has a value; NaN if it never has.
    static double root(double[] parabola, double value) {
        double c = parabola[0] - value;
        double b = parabola[1];
        double a = parabola[2];
        if (Math.abs(a) < 1e-12) {
            return -c / b;
        }
        double under = b * b - 4 * a * c;
        if (under < 0) {
            return Double.NaN;
        }
        double q = -0.5 * (b + Math.copySign(Math.sqrt(under), b));
        double first = q / a;
        double second = c / q;
        return Math.abs(first) < Math.abs(second) ? first : second;
    }
}
