package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.work.Aside;
import java.util.Optional;
import java.util.function.Supplier;

/// Every figure of one stretch of one log, worked out together in a few passes.
///
/// @param slice what was analysed
/// @param settings what was known besides the log
/// @param times the intervals between images
/// @param rates claimed, rendered, presented, delivered
/// @param spread of the frame times
/// @param onePercentLow in all conventions
/// @param tenthPercentLow in all conventions
/// @param deliveredOnePercentLow of distinct images on the panel: where images repeat their neighbour or never get
///     there, lows of presented images flatter
/// @param pacing of the frame times
/// @param stutters by the rule of the settings
/// @param ledger refresh by refresh; empty if no display mode is stated
/// @param motion motion timing error
/// @param limits what held the frames up
/// @param headroom share of the budget left, at most 1
public record Analysis(
        FrameSlice slice,
        AnalysisSettings settings,
        FrameTimes times,
        Rates rates,
        Spread spread,
        Lows onePercentLow,
        Lows tenthPercentLow,
        Lows deliveredOnePercentLow,
        Pacing pacing,
        Stutters stutters,
        Optional<RefreshLedger> ledger,
        MotionTiming motion,
        Limits limits,
        Figure headroom) {
    /// Analyses a stretch of a log. Takes time in proportion to its length and about five numbers of memory per
    /// image.
    public static Analysis of(FrameSlice slice, AnalysisSettings settings) {
        return of(slice, settings, Aside.NONE);
    }

    /// Analyses a stretch of a log, one half of the figures beside the other.
    ///
    /// @param aside is given what happens on the panel to work out
    public static Analysis of(FrameSlice slice, AnalysisSettings settings, Aside aside) {
        Supplier<Optional<RefreshLedger>> ledger =
                aside.begin(() -> settings.display().map(mode -> RefreshLedger.of(slice, mode)));
        FrameTimes times = FrameTimes.of(slice);
        Supplier<OnPanel> begun = aside.begin(() -> OnPanel.of(slice, times, ledger.get(), settings));
        Intervals intervals = Intervals.of(times);
        Stutters stutters = Stutters.of(times, settings.stutterRule());
        Limits limits = Limits.of(slice, settings.display(), settings.capFps());
        Figure headroom = Headroom.of(slice, settings.budgetMs());
        OnPanel panel = begun.get();
        return new Analysis(
                slice,
                settings,
                times,
                panel.rates,
                intervals.spread,
                intervals.onePercent,
                intervals.tenthPercent,
                panel.onePercentLow,
                intervals.pacing,
                stutters,
                panel.ledger,
                panel.motion,
                limits,
                headroom);
    }

    /// The figures of the intervals in order of size, whose memory a long log needs back at once.
    private record Intervals(Spread spread, Lows onePercent, Lows tenthPercent, Pacing pacing) {
        static Intervals of(FrameTimes times) {
            Ordered ordered = Ordered.of(times.shared());
            Moments moments = Moments.of(times.shared());
            return new Intervals(
                    Spread.of(moments, ordered),
                    Lows.of(ordered, times.elapsedMs(), 0.01),
                    Lows.of(ordered, times.elapsedMs(), 0.001),
                    Pacing.of(times, moments));
        }
    }

    /// The figures that ask what the panel showed.
    private record OnPanel(Optional<RefreshLedger> ledger, Rates rates, Lows onePercentLow, MotionTiming motion) {
        static OnPanel of(
                FrameSlice slice, FrameTimes times, Optional<RefreshLedger> ledger, AnalysisSettings settings) {
            Rates rates = Rates.of(slice, times, ledger, settings);
            return new OnPanel(
                    ledger,
                    rates,
                    Lows.ofDelivered(distinctIntervalsMs(slice, ledger), rates.delivered(), 0.01),
                    MotionTiming.of(slice, ledger));
        }
    }

    /// What is known of a run without a frame log: what was claimed, and of everything else why it is missing.
    public static Analysis withoutLog(AnalysisSettings settings) {
        FrameSlice none = FrameLog.presentedAt(new double[0], 0).build().all();
        FrameTimes times = FrameTimes.of(none);
        Figure missing = Figure.missing(
                "the run has no frame log, only " + settings.grade().rests());
        Lows lows = new Lows(0.01, 0, missing, missing, missing);
        return new Analysis(
                none,
                settings,
                times,
                new Rates(settings.claimed().mean(), missing, missing, missing),
                new Spread(
                        missing, missing, missing, missing, missing, missing, missing, missing, missing, missing,
                        missing, missing),
                lows,
                new Lows(0.001, 0, missing, missing, missing),
                lows,
                new Pacing(missing, missing, missing),
                Stutters.of(times, settings.stutterRule()),
                Optional.empty(),
                new MotionTiming(missing, missing, missing),
                new Limits(missing, missing, missing, missing, missing, false),
                missing);
    }

    /// The intervals between rendered images, ms, in order; none where the rendered rate is missing.
    public double[] renderedIntervalsMs() {
        if (slice.log().kindsStated()) {
            return FrameTimes.of(slice, FrameKind.RENDERED).toArray();
        }
        return settings.nativePath() ? times.toArray() : new double[0];
    }

    /// The intervals between distinct images on the panel, ms, in order; none where the delivered rate is
    /// missing.
    public double[] deliveredIntervalsMs() {
        return distinctIntervalsMs(slice, ledger);
    }

    private static double[] distinctIntervalsMs(FrameSlice slice, Optional<RefreshLedger> ledger) {
        return ledger.map(RefreshLedger::distinctIntervalsMs)
                .or(() -> slice.log()
                        .channel(Channel.DISPLAYED)
                        .map(displayed ->
                                LedgerBuilder.everyDisplayed(slice, displayed).distinctIntervalsMs()))
                .orElseGet(() -> new double[0]);
    }

    /// Elapsed time, s.
    public double durationSeconds() {
        return times.elapsedMs() / 1000;
    }
}
