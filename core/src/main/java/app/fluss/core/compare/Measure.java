package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.LowConvention;

/// The figures that runs are compared by.
public enum Measure {
    /// What a counter or a tool said, /s.
    CLAIMED("claimed rate", "/s", true),
    /// Images with new game state, /s.
    RENDERED("rendered rate", "/s", true),
    /// Images handed on, /s.
    PRESENTED("presented rate", "/s", true),
    /// Distinct images that reached the panel, /s.
    DELIVERED("delivered rate", "/s", true),
    /// 1 % low by [LowConvention#PERCENTILE], /s.
    LOW_PERCENTILE("1 % low (percentile)", "/s", true),
    /// 1 % low by [LowConvention#SLOWEST_MEAN], /s.
    LOW_SLOWEST_MEAN("1 % low (slowest mean)", "/s", true),
    /// 1 % low by [LowConvention#TIME_WEIGHTED], /s.
    LOW_TIME_WEIGHTED("1 % low (time-weighted)", "/s", true),
    /// Standard deviation of the frame times, ms.
    SPREAD("frame-time spread (sd)", "ms", false),
    /// 99 % quantile of the frame times, ms.
    P99("frame-time p99", "ms", false),
    /// Mean difference of successive frame times, ms.
    SUCCESSIVE("successive difference", "ms", false),
    /// Stutters per minute.
    STUTTERS("stutters", "/min", false),
    /// Mean motion timing error, ms.
    MOTION("motion timing error", "ms", false);

    private final String title;
    private final String unit;
    private final boolean moreIsBetter;

    Measure(String title, String unit, boolean moreIsBetter) {
        this.title = title;
        this.unit = unit;
        this.moreIsBetter = moreIsBetter;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// The unit for people.
    public String unit() {
        return unit;
    }

    /// Whether a larger value is the better one.
    public boolean moreIsBetter() {
        return moreIsBetter;
    }

    /// Whether it can be had from evidence of a grade; what else it needs (display times, kinds, a stated refresh)
    /// is told where it is missing.
    public boolean canBeHadAt(Grade grade) {
        return this == CLAIMED ? grade != Grade.E : grade.hasLog();
    }

    /// Whether the interval within a run comes from a mean of successive times.
    boolean isRate() {
        return this == RENDERED || this == PRESENTED || this == DELIVERED;
    }

    /// The figure of one run.
    public Figure of(Analysis run) {
        return switch (this) {
            case CLAIMED -> run.rates().claimed();
            case RENDERED -> run.rates().rendered();
            case PRESENTED -> run.rates().presented();
            case DELIVERED -> run.rates().delivered();
            case LOW_PERCENTILE -> run.onePercentLow().by(LowConvention.PERCENTILE);
            case LOW_SLOWEST_MEAN -> run.onePercentLow().by(LowConvention.SLOWEST_MEAN);
            case LOW_TIME_WEIGHTED -> run.onePercentLow().by(LowConvention.TIME_WEIGHTED);
            case SPREAD -> run.spread().sd();
            case P99 -> run.spread().p99();
            case SUCCESSIVE -> run.pacing().successiveDifferenceMean();
            case STUTTERS -> run.stutters().perMinute();
            case MOTION -> run.motion().meanAbs();
        };
    }
}
