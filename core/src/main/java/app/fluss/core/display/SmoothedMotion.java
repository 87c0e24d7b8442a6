package app.fluss.core.display;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.RefreshLedger;
import java.util.Optional;

/// What a display's smoothing would make of the images that came in, if it drew every refresh of the panel on
/// the straight line between the two images around it. What it really draws no log knows: this is the best it
/// could do, and it shows that smoothing cannot mend images that come unevenly, for it takes them as even.
///
/// @param newPerSecond panel refreshes a second that show a picture of their own
/// @param motionErrorMs mean `|e|` of the panel's steps in time less the steps in game time, ms
public record SmoothedMotion(Figure newPerSecond, Figure motionErrorMs) {
    private static final double SAME_MS = 1e-9;

    /// From the images that a run showed.
    ///
    /// @param slice the run, with game times
    /// @param ledger its refreshes
    /// @param panelHz refreshes of the panel while it smooths, above 0
    public static SmoothedMotion of(FrameSlice slice, RefreshLedger ledger, double panelHz) {
        Optional<Values> content = slice.log().channel(Channel.CONTENT);
        if (content.isEmpty() || ledger.shown() < 3) {
            Figure none = Figure.missing(
                    content.isEmpty() ? "the log has no game times" : "fewer than three images reached the panel");
            return new SmoothedMotion(none, none);
        }
        double period = 1000 / panelHz;
        double due = ledger.shownAtMs(0);
        double end = ledger.shownAtMs(ledger.shown() - 1);
        double before = Double.NaN;
        double sum = 0;
        int fresh = 0;
        int steps = 0;
        int at = 0;
        for (long refresh = 0; due < end; refresh++, due = ledger.shownAtMs(0) + refresh * period) {
            while (next(ledger, at) > 0 && ledger.shownAtMs(next(ledger, at)) <= due) {
                at = next(ledger, at);
            }
            int there = next(ledger, at);
            if (there < 0) {
                break;
            }
            double share = (due - ledger.shownAtMs(at)) / (ledger.shownAtMs(there) - ledger.shownAtMs(at));
            double from = content.get().at(ledger.image(at));
            double shown = from + share * (content.get().at(ledger.image(there)) - from);
            if (!Double.isNaN(before) && !Double.isNaN(shown)) {
                steps++;
                fresh += Math.abs(shown - before) > SAME_MS ? 1 : 0;
                sum += Math.abs(period - (shown - before));
            }
            before = shown;
        }
        String none = "fewer than two refreshes of the panel lie in the run";
        return new SmoothedMotion(Figure.ofFinite(fresh * panelHz / steps, none), Figure.ofFinite(sum / steps, none));
    }

    /// The next image that can be told from the one before; -1 at the end.
    private static int next(RefreshLedger ledger, int position) {
        for (int i = position + 1; i < ledger.shown(); i++) {
            if (!ledger.isRepeat(i)) {
                return i;
            }
        }
        return -1;
    }
}
