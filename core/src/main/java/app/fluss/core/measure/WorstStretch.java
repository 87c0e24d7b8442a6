package app.fluss.core.measure;

/// The stretch of a run in which frames took longest: where the frame time, weighted by time, is largest.
/// A moment in it falls into a longer frame than a moment of any other stretch of that length, on the
/// average. Our own convention, for showing; it is no figure.
///
/// @param fromMs where it begins, elapsed
/// @param toMs where it ends
public record WorstStretch(double fromMs, double toMs) {
    /// Looks for it; the whole run where it is no longer.
    ///
    /// @param lengthMs how long the stretch is to be, above 0
    public static WorstStretch of(FrameTimes times, double lengthMs) {
        double elapsed = times.elapsedMs();
        if (elapsed <= lengthMs) {
            return new WorstStretch(0, elapsed);
        }
        double sum = 0;
        double squares = 0;
        double start = 0;
        double worst = 0;
        double worstStart = 0;
        int first = 0;
        for (int i = 0; i < times.size(); i++) {
            sum += times.at(i);
            squares += times.at(i) * times.at(i);
            while (sum - times.at(first) >= lengthMs) {
                sum -= times.at(first);
                squares -= times.at(first) * times.at(first);
                start += times.at(first);
                first++;
            }
            if (sum >= lengthMs && squares / sum > worst) {
                worst = squares / sum;
                worstStart = start;
            }
        }
        double from = Math.min(worstStart, elapsed - lengthMs);
        return new WorstStretch(from, from + lengthMs);
    }
}
