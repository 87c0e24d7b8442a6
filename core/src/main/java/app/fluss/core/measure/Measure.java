package app.fluss.core.measure;

import static app.fluss.core.measure.Better.LESS;
import static app.fluss.core.measure.Better.MORE;
import static app.fluss.core.measure.Better.NEITHER;
import static app.fluss.core.measure.Description.SHARE;
import static app.fluss.core.measure.Grade.B;
import static app.fluss.core.measure.Grade.D;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/// Every figure of a run. Tables, plain text, JSON, missing-figure findings and the reference page are made from this
/// list; a figure that is compared between runs has a key of its own in the JSON of comparisons.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
public enum Measure implements Described {
    /// Claimed rate.
    CLAIMED(
            "rates.claimed_fps",
            "claimed_fps",
            "claimed rate",
            "/s",
            1,
            MORE,
            D,
            "What a counter or a tool said. Evidence about the counter.",
            run -> run.rates().claimed()),
    /// Lowest claimed rate.
    CLAIMED_LOWEST(
            "claimed.lowest_fps",
            "",
            "lowest claimed",
            "/s",
            1,
            MORE,
            D,
            "The lowest value read from a counter.",
            run -> run.settings().claimed().lowest()),
    /// Highest claimed rate.
    CLAIMED_HIGHEST(
            "claimed.highest_fps",
            "",
            "highest claimed",
            "/s",
            1,
            NEITHER,
            D,
            "The highest value read from a counter.",
            run -> run.settings().claimed().highest()),
    /// Claimed 1 % low.
    CLAIMED_LOW(
            "claimed.one_percent_low_fps",
            "claimed_one_percent_low_fps",
            "claimed 1 % low",
            "/s",
            1,
            MORE,
            D,
            "The 1 % low that a tool named, by its own convention. Lows of different conventions do not compare.",
            run -> run.settings().claimed().onePercentLow()),
    /// Rendered rate.
    RENDERED(
            "rates.rendered_fps",
            "rendered_fps",
            "rendered rate",
            "/s",
            1,
            MORE,
            B,
            "Images with new game state, per second of elapsed time.",
            run -> run.rates().rendered()),
    /// Presented rate.
    PRESENTED(
            "rates.presented_fps",
            "presented_fps",
            "presented rate",
            "/s",
            1,
            MORE,
            B,
            "Images presented, generated ones included: 1000 n / T, with T the elapsed time in ms.",
            run -> run.rates().presented()),
    /// Delivered rate.
    DELIVERED(
            "rates.delivered_fps",
            "delivered_fps",
            "delivered rate",
            "/s",
            1,
            MORE,
            B,
            "Distinct images that reached the panel, per second. Never above the refresh rate.",
            run -> run.rates().delivered()),
    /// Mean frame time.
    MEAN(
            "frame_time_ms.mean",
            "",
            "mean frame time",
            "ms",
            2,
            LESS,
            B,
            "Elapsed time over the number of intervals.",
            run -> run.spread().mean()),
    /// Frame-time spread (sd).
    SPREAD(
            "frame_time_ms.sd",
            "frame_time_sd_ms",
            "frame-time spread (sd)",
            "ms",
            2,
            LESS,
            B,
            "Standard deviation of the frame times, with n − 1.",
            run -> run.spread().sd()),
    /// Median frame time.
    MEDIAN(
            "frame_time_ms.median",
            "",
            "median frame time",
            "ms",
            2,
            LESS,
            B,
            "Middle frame time, quantile type 7.",
            run -> run.spread().median()),
    /// Frame-time MAD.
    MAD(
            "frame_time_ms.mad",
            "",
            "frame-time MAD",
            "ms",
            2,
            LESS,
            B,
            "Median distance of the frame times from their median, unscaled.",
            run -> run.spread().mad()),
    /// Frame-time IQR.
    IQR(
            "frame_time_ms.iqr",
            "",
            "frame-time IQR",
            "ms",
            2,
            LESS,
            B,
            "Third less first quartile of the frame times.",
            run -> run.spread().iqr()),
    /// Frame-time p5.
    P5(
            "frame_time_ms.p5",
            "",
            "frame-time p5",
            "ms",
            2,
            LESS,
            B,
            "5 % quantile of the frame times, type 7.",
            run -> run.spread().p5()),
    /// Frame-time p95.
    P95(
            "frame_time_ms.p95",
            "",
            "frame-time p95",
            "ms",
            2,
            LESS,
            B,
            "95 % quantile of the frame times, type 7.",
            run -> run.spread().p95()),
    /// Frame-time p95 − p5.
    MIDDLE_NINETY(
            "",
            "",
            "frame-time p95 − p5",
            "ms",
            2,
            LESS,
            B,
            "Width of the middle nine tenths of the frame times.",
            run -> run.spread().middleNinety()),
    /// Frame-time p99.
    P99(
            "frame_time_ms.p99",
            "frame_time_p99_ms",
            "frame-time p99",
            "ms",
            2,
            LESS,
            B,
            "99 % quantile of the frame times, type 7.",
            run -> run.spread().p99()),
    /// Frame-time p99.9.
    P999(
            "frame_time_ms.p999",
            "",
            "frame-time p99.9",
            "ms",
            2,
            LESS,
            B,
            "99.9 % quantile of the frame times, type 7.",
            run -> run.spread().p999()),
    /// Shortest frame time.
    MIN(
            "frame_time_ms.min",
            "",
            "shortest frame time",
            "ms",
            2,
            NEITHER,
            B,
            "Smallest frame time.",
            run -> run.spread().min()),
    /// Longest frame time.
    MAX(
            "frame_time_ms.max",
            "",
            "longest frame time",
            "ms",
            2,
            LESS,
            B,
            "Largest frame time.",
            run -> run.spread().max()),
    /// Frame-time CV.
    CV(
            "frame_time_ms.cv",
            "",
            "frame-time CV",
            "",
            3,
            LESS,
            B,
            "Standard deviation of the frame times over their mean.",
            run -> run.spread().cv()),
    /// 1 % low (percentile).
    LOW_PERCENTILE(
            "lows_fps.one_percent.percentile",
            "one_percent_low_percentile_fps",
            "1 % low (percentile)",
            "/s",
            1,
            MORE,
            B,
            LowConvention.PERCENTILE.definition(0.01),
            run -> run.onePercentLow().by(LowConvention.PERCENTILE)),
    /// 1 % low (slowest mean).
    LOW_SLOWEST_MEAN(
            "lows_fps.one_percent.slowest_mean",
            "one_percent_low_slowest_mean_fps",
            "1 % low (slowest mean)",
            "/s",
            1,
            MORE,
            B,
            LowConvention.SLOWEST_MEAN.definition(0.01),
            run -> run.onePercentLow().by(LowConvention.SLOWEST_MEAN)),
    /// 1 % low (time-weighted).
    LOW_TIME_WEIGHTED(
            "lows_fps.one_percent.time_weighted",
            "one_percent_low_time_weighted_fps",
            "1 % low (time-weighted)",
            "/s",
            1,
            MORE,
            B,
            LowConvention.TIME_WEIGHTED.definition(0.01),
            run -> run.onePercentLow().by(LowConvention.TIME_WEIGHTED)),
    /// Delivered 1 % low (percentile).
    DELIVERED_LOW_PERCENTILE(
            "lows_fps.delivered_one_percent.percentile",
            "delivered_one_percent_low_percentile_fps",
            "delivered 1 % low (percentile)",
            "/s",
            1,
            MORE,
            B,
            "The same of the intervals between distinct images on the panel.",
            run -> run.deliveredOnePercentLow().by(LowConvention.PERCENTILE)),
    /// Delivered 1 % low (slowest mean).
    DELIVERED_LOW_SLOWEST_MEAN(
            "lows_fps.delivered_one_percent.slowest_mean",
            "",
            "delivered 1 % low (slowest mean)",
            "/s",
            1,
            MORE,
            B,
            "The same of the intervals between distinct images on the panel.",
            run -> run.deliveredOnePercentLow().by(LowConvention.SLOWEST_MEAN)),
    /// Delivered 1 % low (time-weighted).
    DELIVERED_LOW_TIME_WEIGHTED(
            "lows_fps.delivered_one_percent.time_weighted",
            "",
            "delivered 1 % low (time-weighted)",
            "/s",
            1,
            MORE,
            B,
            "The same of the intervals between distinct images on the panel.",
            run -> run.deliveredOnePercentLow().by(LowConvention.TIME_WEIGHTED)),
    /// 0.1 % low (percentile).
    TENTH_LOW_PERCENTILE(
            "lows_fps.tenth_percent.percentile",
            "",
            "0.1 % low (percentile)",
            "/s",
            1,
            MORE,
            B,
            LowConvention.PERCENTILE.definition(0.001),
            run -> run.tenthPercentLow().by(LowConvention.PERCENTILE)),
    /// 0.1 % low (slowest mean).
    TENTH_LOW_SLOWEST_MEAN(
            "lows_fps.tenth_percent.slowest_mean",
            "",
            "0.1 % low (slowest mean)",
            "/s",
            1,
            MORE,
            B,
            LowConvention.SLOWEST_MEAN.definition(0.001),
            run -> run.tenthPercentLow().by(LowConvention.SLOWEST_MEAN)),
    /// 0.1 % low (time-weighted).
    TENTH_LOW_TIME_WEIGHTED(
            "lows_fps.tenth_percent.time_weighted",
            "",
            "0.1 % low (time-weighted)",
            "/s",
            1,
            MORE,
            B,
            LowConvention.TIME_WEIGHTED.definition(0.001),
            run -> run.tenthPercentLow().by(LowConvention.TIME_WEIGHTED)),
    /// Successive difference.
    SUCCESSIVE(
            "pacing.successive_difference_mean_ms",
            "successive_difference_mean_ms",
            "successive difference",
            "ms",
            2,
            LESS,
            B,
            "Mean difference of successive frame times.",
            run -> run.pacing().successiveDifferenceMean()),
    /// RMSSD.
    RMSSD(
            "pacing.rmssd_ms",
            "",
            "RMSSD",
            "ms",
            2,
            LESS,
            B,
            "Root of the mean squared difference of successive frame times.",
            run -> run.pacing().rmssd()),
    /// Lag-1 autocorrelation.
    LAG1(
            "pacing.lag1_autocorrelation",
            "",
            "lag-1 autocorrelation",
            "",
            2,
            NEITHER,
            B,
            "Autocorrelation of successive frame times; near −1 where long and short ones alternate.",
            run -> run.pacing().lag1()),
    /// Stutter count.
    STUTTER_COUNT(
            "pacing.stutters",
            "",
            "stutter count",
            "",
            0,
            LESS,
            B,
            StutterRule.DEFAULT.definition(),
            run -> counted(run, run.stutters().count())),
    /// Frames over 50 ms.
    OVER_50(
            "pacing.over_50_ms",
            "",
            "frames over 50 ms",
            "",
            0,
            LESS,
            B,
            "Frames that took longer than 50 ms.",
            run -> counted(run, run.stutters().over50())),
    /// Frames over 100 ms.
    OVER_100(
            "pacing.over_100_ms",
            "",
            "frames over 100 ms",
            "",
            0,
            LESS,
            B,
            "Frames that took longer than 100 ms.",
            run -> counted(run, run.stutters().over100())),
    /// Stutters.
    STUTTERS(
            "pacing.stutters_per_minute",
            "stutters_per_minute",
            "stutters",
            "per minute",
            1,
            LESS,
            B,
            StutterRule.DEFAULT.definition() + " Per minute of elapsed time.",
            run -> run.stutters().perMinute()),
    /// Time in stutters.
    STUTTER_TIME(
            "pacing.stutter_time_share",
            "",
            "time in stutters",
            SHARE,
            1,
            LESS,
            B,
            "Share of the elapsed time that stutters take.",
            run -> run.stutters().timeShare()),
    /// Lost images.
    LOST(
            "refresh.lost",
            "",
            "lost images",
            "",
            0,
            LESS,
            B,
            "Images that never reached the panel.",
            run -> ledger(run, ledger -> Figure.of(ledger.lost()))),
    /// Even share.
    EVEN_SHARE(
            "refresh.even_share",
            "",
            "even share",
            SHARE,
            0,
            MORE,
            B,
            "Share of images with the commonest hold.",
            run -> ledger(run, RefreshLedger::evenShare)),
    /// Hold deviation.
    HOLD_DEVIATION(
            "refresh.hold_deviation_refreshes",
            "",
            "hold deviation",
            "refreshes",
            3,
            LESS,
            B,
            "Mean distance of the holds from their mean.",
            run -> ledger(run, RefreshLedger::holdDeviation)),
    /// Motion timing error.
    MOTION(
            "motion_timing_ms.mean_abs",
            "motion_timing_mean_abs_ms",
            "motion timing error",
            "ms",
            2,
            LESS,
            B,
            "Mean difference between the step in displayed time and the step in game time.",
            run -> run.motion().meanAbs()),
    /// Motion timing error p95.
    MOTION_P95(
            "motion_timing_ms.p95_abs",
            "",
            "motion timing error p95",
            "ms",
            2,
            LESS,
            B,
            "95 % quantile of that difference, type 7.",
            run -> run.motion().p95Abs()),
    /// Motion timing error rms.
    MOTION_RMS(
            "motion_timing_ms.rms",
            "",
            "motion timing error rms",
            "ms",
            2,
            LESS,
            B,
            "Root mean square of that difference.",
            run -> run.motion().rms()),
    /// Limited by the GPU.
    LIMIT_GPU(
            "limit.gpu",
            "",
            "limited by the GPU",
            SHARE,
            0,
            NEITHER,
            B,
            "Share of the frames that the GPU held up.",
            run -> run.limits().gpu()),
    /// Limited by the CPU.
    LIMIT_CPU(
            "limit.cpu",
            "",
            "limited by the CPU",
            SHARE,
            0,
            NEITHER,
            B,
            "Share of the frames that the CPU held up.",
            run -> run.limits().cpu()),
    /// Limited by a cap.
    LIMIT_CAP(
            "limit.cap",
            "",
            "limited by a cap",
            SHARE,
            0,
            NEITHER,
            B,
            "Share of the frames that a cap or the refresh held up.",
            run -> run.limits().cap()),
    /// Limited by no one thing.
    LIMIT_MIXED(
            "limit.mixed",
            "",
            "limited by no one thing",
            SHARE,
            0,
            NEITHER,
            B,
            "Share of the frames with no one cause.",
            run -> run.limits().mixed()),
    /// Limit unknown.
    LIMIT_UNKNOWN(
            "limit.unknown",
            "",
            "limit unknown",
            SHARE,
            0,
            NEITHER,
            B,
            "Share of the frames without the figures to tell.",
            run -> run.limits().unknown()),
    /// Headroom.
    HEADROOM(
            "headroom_share",
            "",
            "headroom",
            SHARE,
            0,
            MORE,
            B,
            "1 − p95 of the larger of CPU and GPU work over the time for one frame.",
            run -> run.headroom());

    /// Those that runs are compared by.
    public static final Set<Measure> COMPARED = Collections.unmodifiableSet(Arrays.stream(values())
            .filter(measure -> !measure.comparisonKey.isEmpty())
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Measure.class))));

    private final Description description;
    private final String comparisonKey;
    private final Function<Analysis, Figure> figure;

    Measure(
            String json,
            String comparisonKey,
            String title,
            String unit,
            int decimals,
            Better better,
            Grade weakest,
            String definition,
            Function<Analysis, Figure> figure) {
        this.description = new Description(json, title, unit, decimals, better, weakest, definition);
        this.comparisonKey = comparisonKey;
        this.figure = figure;
    }

    private static Figure counted(Analysis run, int count) {
        return run.times().size() > 0 ? Figure.of(count) : run.stutters().perMinute();
    }

    private static Figure ledger(Analysis run, Function<RefreshLedger, Figure> figure) {
        return run.ledger().map(figure).orElseGet(() -> Figure.missing("no refresh rate is stated"));
    }

    @Override
    public Description description() {
        return description;
    }

    /// The key in the JSON of comparisons; empty for figures that are not compared.
    public String comparisonKey() {
        return comparisonKey;
    }

    /// Whether it can be had from evidence of a grade; what else it needs (display times, kinds, a stated refresh) is
    /// told where it is missing.
    public boolean canBeHadAt(Grade grade) {
        return grade.compareTo(description.weakest()) <= 0;
    }

    /// The figure of one run.
    public Figure of(Analysis run) {
        return figure.apply(run);
    }
}
