package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Optional;

/// The sensor columns of a log, those left out that are dead: a counter that stands at nothing while images are made
/// reads the wrong card, or none.
public final class Sensors {
    /// A load that never gets above this is no load, percent.
    private static final double NO_LOAD_PCT = 1;

    private static final int FEWEST = 30;

    private Sensors() {}

    /// A column, if it is there and alive.
    public static Optional<Values> of(FrameSlice slice, Channel channel) {
        return isDead(slice, channel) ? Optional.empty() : slice.log().channel(channel);
    }

    /// Whether a column stands at nothing throughout: a load at 0 or 1 %, anything else at 0.
    public static boolean isDead(FrameSlice slice, Channel channel) {
        Optional<Values> values = slice.log().channel(channel);
        if (values.isEmpty()) {
            return false;
        }
        boolean load = channel == Channel.GPU_LOAD || channel == Channel.CPU_LOAD || channel == Channel.SECOND_GPU_LOAD;
        double most = load ? NO_LOAD_PCT : 0;
        int n = 0;
        for (int i = slice.from(); i < slice.to(); i++) {
            double value = values.get().at(i);
            if (value > most) {
                return false;
            }
            n += Double.isNaN(value) ? 0 : 1;
        }
        return n >= FEWEST;
    }
}
