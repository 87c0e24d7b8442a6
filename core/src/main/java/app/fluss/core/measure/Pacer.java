package app.fluss.core.measure;

import java.util.BitSet;
import java.util.Optional;

/// Which frames something outside of the game paces: a stated cap, if the frame time is within 2 % of it; the refresh
/// of a
/// display with fifo, which alone holds a game back, if ten frames in a row and more are within a tenth of a refresh of
/// the
/// same one to four refreshes; or the ceiling of a variable refresh. A tolerance in shares of the frame time would call
/// every frame capped at a high refresh rate, and single frames fall within a tenth of a refresh by chance. Our own
/// convention.
final class Pacer {
    private static final double WITHIN = 0.02;
    private static final double OF_REFRESH = 0.1;
    private static final int MOST_REFRESHES = 4;
    private static final int ROW = 10;

    private Pacer() {}

    /// The numbers of the paced frames.
    ///
    /// @param capFps a stated cap, /s; NaN without one
    static BitSet paced(FrameTimes times, Optional<DisplayMode> mode, double capFps) {
        BitSet paced = new BitSet(times.size());
        double capMs = 1000 / capFps;
        double periodMs = mode.map(DisplayMode::periodMs).orElse(Double.NaN);
        boolean ceiling =
                mode.map(DisplayMode::sync).filter(SyncMode.VRR::equals).isPresent();
        boolean waits =
                mode.map(DisplayMode::sync).filter(SyncMode.FIFO::equals).isPresent();
        int from = 0;
        for (int i = 0; i < times.size(); i++) {
            double f = times.at(i);
            boolean capped = Math.abs(f - capMs) <= WITHIN * capMs;
            if (capped || (ceiling && Math.abs(f - periodMs) <= WITHIN * periodMs)) {
                paced.set(i);
            }
            if (waits
                    && (i == 0
                            || refreshes(f, periodMs) == 0
                            || refreshes(f, periodMs) != refreshes(times.at(i - 1), periodMs))) {
                from = i;
            }
            if (waits && refreshes(f, periodMs) > 0 && i - from + 1 >= ROW) {
                paced.set(from, i + 1);
            }
        }
        return paced;
    }

    /// The number of refreshes that a frame time is; 0 if it is none of up to four.
    private static int refreshes(double frameMs, double periodMs) {
        double refreshes = Math.rint(frameMs / periodMs);
        boolean near = Math.abs(frameMs - refreshes * periodMs) <= OF_REFRESH * periodMs;
        return near && refreshes >= 1 && refreshes <= MOST_REFRESHES ? (int) refreshes : 0;
    }
}
