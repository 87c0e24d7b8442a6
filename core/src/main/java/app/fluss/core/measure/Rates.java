package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameSlice;
import java.util.Optional;

/// The four rates of a run, images per second of elapsed time.
///
/// @param claimed what a counter said; evidence about the counter, not about the images
/// @param rendered images with new game state
/// @param presented images handed on, generated ones included
/// @param delivered distinct images that reached the panel; never above the refresh rate
public record Rates(Figure claimed, Figure rendered, Figure presented, Figure delivered) {
    static Rates of(FrameSlice slice, FrameTimes times, Optional<RefreshLedger> ledger, AnalysisSettings settings) {
        return new Rates(
                settings.claimed().mean(), rendered(slice, times, settings), times.rate(), delivered(slice, ledger));
    }

    /// Presented less rendered, images per second: what generation added.
    public Figure generated() {
        return presented.with(rendered, (all, real) -> all - real);
    }

    /// Presented less delivered, images per second: images made that nobody saw.
    public Figure unseen() {
        return presented.with(delivered, (made, seen) -> made - seen);
    }

    private static Figure rendered(FrameSlice slice, FrameTimes times, AnalysisSettings settings) {
        if (slice.log().kindsStated()) {
            return FrameTimes.of(slice, FrameKind.RENDERED).rate();
        }
        return settings.nativePath()
                ? times.rate()
                : Figure.missing(
                        "the log does not say which images are rendered, and the path is not stated as native");
    }

    private static Figure delivered(FrameSlice slice, Optional<RefreshLedger> ledger) {
        if (ledger.isPresent()) {
            return ledger.get().deliveredRate();
        }
        return slice.log()
                .channel(Channel.DISPLAYED)
                .map(displayed -> RefreshLedger.rate(
                        LedgerBuilder.everyDisplayed(slice, displayed).distinctIntervalsMs()))
                .orElseGet(() ->
                        Figure.missing("the log has no display times, and no refresh rate is stated to infer them"));
    }
}
