package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import java.util.Map;

/// What a tool said of a whole run.
///
/// @param seconds length of the run, s
/// @param claimed what it said of the rate
/// @param loads mean of each sensor that it named
public record Summary(Figure seconds, Claimed claimed, Map<Channel, Figure> loads) {
    /// Keeps a copy.
    public Summary {
        loads = Map.copyOf(loads);
    }

    /// An average and a low.
    ///
    /// @param lowConvention how the tool makes its lows, in its own words; empty if unknown
    public static Summary of(Figure seconds, Figure averageFps, Figure onePercentLowFps, String lowConvention) {
        return of(seconds, averageFps, NONE, NONE, onePercentLowFps, lowConvention, Map.of());
    }

    private static final Figure NONE = Figure.missing("the summary has no lowest and highest rate");

    /// All that a summary can say.
    static Summary of(
            Figure seconds,
            Figure averageFps,
            Figure lowestFps,
            Figure highestFps,
            Figure onePercentLowFps,
            String lowConvention,
            Map<Channel, Figure> loads) {
        return new Summary(
                seconds,
                new Claimed(
                        averageFps,
                        lowestFps,
                        highestFps,
                        Figure.missing("the summary has no base rate"),
                        onePercentLowFps,
                        lowConvention),
                loads);
    }
}
