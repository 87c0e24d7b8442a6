package app.fluss.app.compare;

/// The texts of Compare, by the class that shows them.
final class CompareText {
    // AttributionPane
    static final String WHAT_EACH_PART_CONTRIBUTES = "What each part contributes";
    static final String RUNS_OF_COMBINATIONS = "%d runs of %d combinations";
    static final String DELIVERED_STEPS = "Delivered rate, step by step";
    static final String LATENCY_STEP_BY_STEP = "Latency, step by step";
    static final String MISSING_COMBINATIONS = "To tell the steps apart: %s.";
    static final String STEPS_IN_ORDER =
            "The steps apply in this order. What each gives alone, or on average over the others, needs more "
                    + "combinations: Plan, Take apart…";
    static final String ON_AVERAGE_OVER_OTHERS = "On average over the others";
    static final String WITHOUT_INTERVALS = "Without intervals: %s.";
    static final String SAME_IN_EVERY_RUN = "%s is the same in every run, so its effect is unknown.";
    static final String CHANGED_TOGETHER = "%s cannot be told from %s: the runs change them together.";

    // CompareScreen
    static final String SIMULATED = "simulated";
    static final String SETTINGS = "Settings";
    static final String COPY_TABLE = "Copy table";
    static final String COPY_TABLE_TIP = "Copy the comparison as a table (Ctrl+Shift+C)";
    static final String GROUPS = "Groups";
    static final String GROUPS_TIP = "Groups of runs against a baseline";
    static final String SETTINGS_TIP = "Runs that differ in one setting, lined up";
    static final String COMPARISON = "Comparison";
    static final String NOTHING_TO_COMPARE =
            "Nothing to compare in this scene yet. It needs a run on the native path and one on another: drop "
                    + "both logs into the window.";
    static final String NO_TWO_GROUPS =
            "No path of this scene has runs of two groups, one of them the baseline. Choose another baseline, or "
                    + "record the fact for the runs that differ in it.";
    static final String WHAT_MAY_I_SAY = "What may I say?";
    static final String PATHS_GIVE_AND_TAKE = "What each path gives and takes";
    static final String GROUPS_GIVE_AND_TAKE = "What each group gives and takes";
    static final String STEADINESS_MARK = "   ─ how steady a single run was within itself";
    static final String RUN_BY_RUN = "Run by run";
    static final String ENOUGH_UNKNOWN = "How many runs are enough is not known: %s.";
    static final String RUNS_NEEDED =
            "From run to run the %s varies by %s %s (observed sd). At the upper limit of that sd, %s runs a side "
                    + "detect a difference of %s with 80 %% power; there are %d: %s.";
    static final String ENOUGH = "enough";
    static final String TOO_FEW = "too few";

    // ComparisonTable
    static final String DIFFERENCE = "difference";
    static final String INTERVAL = "95 % interval";
    static final String RATIO = "ratio";
    static final String RUNS = "runs";
    static final String OF_AGAINST_OF = "%d %s of %s against %d of %s";
    static final String RUN = "run";
    static final String WELCH_MARK = "━ from run to run (Welch)";
    static final String BORROWED_MARK = "┅ from run to run, spread borrowed from other runs of the scene";
    static final String WITHIN_MARK = "─ within these runs only";
    static final String NO_BETWEEN_INTERVAL = "No figure has an interval from run to run: bold needs one.";
    static final String JUDGED_TOGETHER =
            "Full and bold: stands with all %d figures judged together (Holm); by chance %s would leave 0 out.";
    static final String PRIMARY_TIP = "%s\nThe figure that this comparison is made for.";
    static final String BASELINE_OTHER_SIDE_TIP = "Baseline: %s\nOther side: %s";
    static final String BORROWED = "%s, borrowed";
    static final String WITHIN_RUNS = "%s, within runs";
    static final String NO_INTERVAL = "No interval: %s.";
    static final String RUNS_BORROWED = " (%d runs)";
    static final String HODGES_LEHMANN = "\nHodges–Lehmann: %s%s";
    static final String PERCENT_ADJUSTED_P = "95 %%, %s%s.\nAdjusted p %s%s";
    static final String BETWEEN_RUNS = "From run to run, 95 %%: %s";
    static final String WITHIN_RUN = "Steady within this run: %s; that says nothing of the next run.";
    static final String NO_DIFFERENCE = "No difference: %s.";
    static final String RUN_HAS_IT = "1 run has it";
    static final String RUNS_HAVE_IT = "%s runs have it";
    static final String FROM = ", from %s";
    static final String ADDED_LATENCY = "added latency";
    static final String MS = "ms";
    static final String LATENCY_ESTIMATED_TIP =
            "Estimated from the mean stages of both paths: latency was not measured on both sides.";
    static final String LATENCY = "latency";
    static final String AFTER_MS = " ms";
    static final String ESTIMATED = "estimated";
    static final String ADDED_LATENCY_ESTIMATED = "added latency, estimated";
    static final String STANDS = "stands";

    // GroupBar
    static final String COMPARE_BY = "Compare by";
    static final String COMPARE_AGAINST = "Compare against";
    static final String GROUP_BY_TIP = "What defines the groups: the path, or any recorded fact of the runs";
    static final String BASELINE_TIP = "The group that the others are compared with";
    static final String RUNS_PICKED_BY_HAND = "runs picked by hand…";
    static final String AGAINST = "against";

    // IntervalStrip
    static final String INTERVAL_OF = "Interval of the difference of the %s";

    // LadderPane
    static final String KNEE_AT = "◈ Knee at %s. %s";
    static final String NO_KNEE = "No knee. %s";
    static final String LADDER_NOTE = "nothing else that is recorded differs · card load: of the card that generates";
    static final String NO_LADDER = "No two paths of this scene differ in one setting only";
    static final String NO_LADDER_HINT =
            "Measure the same path with another multiplier, motion-estimation size, queue, cap or performance "
                    + "mode, and nothing else changed. Three values show where more stops paying. Plan, or Tune, makes "
                    + "such paths.";
    static final String LADDER_ESTIMATED =
            "Latency is estimated from the stages of each run: it was not measured in all of them.";

    // PathTiles
    static final String DELIVERED_GAIN = "delivered gain";
    static final String DELIVERED_RATIO = "delivered ratio";
    static final String RATIO_DEFINITION = "Delivered rate of %s over that of %s, from unrounded values.";
    static final String ADDED_LATENCY_EST = "added latency, est.";
    static final String ADDED_LATENCY_DEFINITION = "What it adds from input to light.";
    static final String LOW_RATIO = "1 % low, ratio";
    static final String SPREAD_RATIO = "spread, ratio";
    static final String BASE_COST = "base cost";
    static final String BASE_COST_DEFINITION = "How far the rendered rate fell from native: 1 − b1/b0.";
    static final String SURPLUS = "surplus";
    static final String SURPLUS_DEFINITION = "Presented less delivered: images that nobody sees.";
    static final String SUITS = "suits";
    static final String REFRESHES_MISSED = "%s of the refreshes had no new image; %s of the time was below half rate.";
    static final String HITCHES_AT_CLIENT = "hitches at the client";
    static final String NO_HITCH = "No image stayed for long.";
    static final String WHAT_THEY_COME_FROM = "What they come from: %s.";
    static final String FOUND_MULTIPLIER = "found multiplier";
    static final String MULTIPLIER_DEFINITION = "Images presented per rendered image: p1/b1.";
    static final String EFFICIENCY = "efficiency";
    static final String EFFICIENCY_DEFINITION =
            "(p1/b0)/m: 100 %% where the base does not fall and every image is made. Generated share %s.";

    // PickDialog
    static final String COMPARE = "Compare";
    static final String PICKED_BY_HAND = "Runs picked by hand";
    static final String GROUP = "Group";
    static final String PICKED_CONFOUNDS =
            "Every fact that differs between the two sides is then a confound: none was chosen.";

    // TradeMapView
    static final String TRADE_MAP = "Trade map: delivered gain against added latency, for each path";

    private CompareText() {}
}
