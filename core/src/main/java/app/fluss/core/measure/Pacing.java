package app.fluss.core.measure;

/// How evenly frames follow each other.
///
/// @param successiveDifferenceMean mean of `|f_i - f_(i-1)|`, ms
/// @param rmssd root of the mean squared successive difference, ms
/// @param lag1 lag-1 autocorrelation of the frame times, -1 to 1; near -1 where long and short frames alternate
public record Pacing(Figure successiveDifferenceMean, Figure rmssd, Figure lag1) {
    static Pacing of(FrameTimes times, Moments moments) {
        double[] f = times.shared();
        double sum = 0;
        double squares = 0;
        for (int i = 1; i < f.length; i++) {
            double d = f[i] - f[i - 1];
            sum += Math.abs(d);
            squares += d * d;
        }
        int n = f.length - 1;
        String few = "needs two frame times";
        return new Pacing(
                n > 0 ? Figure.of(sum / n) : Figure.missing(few),
                n > 0 ? Figure.of(Math.sqrt(squares / n)) : Figure.missing(few),
                Figure.ofFinite(moments.lag1(), "needs frame times that differ"));
    }
}
