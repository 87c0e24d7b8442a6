package app.fluss.app.decide;

/// The texts of Decide, by the class that shows them.
final class DecideText {
    // AskedFields
    static final String NONE = "none";
    static final String SOURCE_OF_BOUND = "source of the bound";
    static final String AT_LEAST = "at least";
    static final String AT_MOST = "at most";
    static final String WARNING_FROM = "warning from";
    static final String LEAVE_THIS_CLAIM_OUT_TIP = "Leave this claim out";
    static final String NOT_STATED = "not stated";

    // ClaimRows
    static final String CLAIMS_HINT =
            "Drag a bound, or move it with ← and →: the verdict follows. Wedges below a scale are the bounds at "
                    + "which it would change. A full mark has an interval from run to run, an open one has not.";
    static final String WHAT_IT_RESTS_ON = "What it rests on";
    static final String CLAIMS = "Claims";
    static final String ONLY_REQUIRES_THIS = "only “%s” requires this: %s";
    static final String SPLITS_THEM = "splits them";
    static final String NOT_REQUIRED = "not required";
    static final String DECIDED_IN_WITH_TIP = "%s: %s, %s. Decided in %s, with %s.";
    static final String NO_RUN_BEHIND_IT = "no run behind it";
    static final String RUNS_ON_BOTH_SIDES = "%d native %s and %d on the path";
    static final String RUN = "run";
    static final String RUNS = "runs";
    static final String WEAK_FIGURES_TIP = "It rests on figures that are %s.";

    // ClaimScale
    static final String SCALE_OF = "Scale of %s";
    static final String NO_FIGURE = "no figure";

    // Filters
    static final String KIND_OF_PATH = "Kind of path";
    static final String EVERY_KIND_OF_PATH = "every kind of path";
    static final String VERDICT = "Verdict";
    static final String EVERY_VERDICT = "every verdict";
    static final String GRADE = "Grade";
    static final String GRADE_AND_BETTER = "grade %s and better";
    static final String EVERY_GRADE = "every grade";
    static final String ORDER = "Order";
    static final String FIND_GAME = "Find a game";
    static final String ORDER_LABEL = "order";

    // GainsPane
    static final String GAIN_OVER_GAMES = "Gain over the games";
    static final String GAIN_DEFINITION =
            "Delivered rate over the native one, in the heaviest scene of each game. ◆ from run to run, ◇ "
                    + "without such an interval, dashed below grade B.";
    static final String OVER_GAMES = "Over the games that have both sides";
    static final String NO_MEAN_OVER_GAMES = "No path was measured in two games: a mean over games needs that.";
    static final String MEAN_OVER_GAMES = "%s: %s ×%s, geometric mean over %d games%s.";
    static final String LEFT_OUT = "; left out: %s";
    static final String NOT_COMPARED = "not compared: %s";

    // GamePage
    static final String SIMULATED = "simulated";
    static final String SCHOOL = "School";
    static final String SCHOOL_BESIDE = "School beside";
    static final String ALL_GAMES = "← All games";
    static final String ALL_GAMES_TIP = "Back to the verdicts of the study";
    static final String SCHOOLS = "Schools…";
    static final String SCHOOLS_TIP = "What a path must meet, and from which bound on";
    static final String JUDGED_BY = "judged by";
    static final String BESIDE = "beside";
    static final String JUDGES_NO_PATH = "“%s” judges none of the paths of this game: choose another school.";
    static final String BY = "By “%s”: %s";
    static final String BOUNDS_MOVED_SAME = "Bounds were moved; the verdict stays “%s”. Nothing is stored yet.";
    static final String BOUNDS_MOVED =
            "With the moved bounds the verdict is “%s” in place of “%s”. Nothing is stored yet.";
    static final String KEEP_AS = "Keep as “%s”";
    static final String KEEP_AS_TIP = "Stores the bounds with the study";
    static final String PUT_BACK = "Put back";
    static final String PUT_BACK_TIP = "The bounds as they were";
    static final String MOVED_IN_DECIDE = "moved in Decide";

    // Overview
    static final String VERDICTS = "Verdicts";
    static final String GAIN = "Gain over games";
    static final String WHAT_TO_USE = "What to use in which game";
    static final String NOTHING_TO_DECIDE =
            "Nothing to decide yet. A game needs runs on the native path and on another, in one scene.";
    static final String NO_GAME_MATCHES = "No game matches.";
    static final String SHOW_ALL = "Show all";
    static final String CELL_LEGEND = "outlined: the path to use   fill: grade A full, B light, below that dashed";
    static final String LOOK_AT_TIP = "Look at %s";
    static final String JUDGES_NONE = "“%s” judges none of its paths.";
    static final String OPEN = "%s open";

    // PathKind
    static final String FRAME_CAP = "frame cap";
    static final String BATTERY = "battery";

    // RestsPanel
    static final String RUNS_AND_FINDINGS = "Runs and findings";
    static final String COMPARE = "Compare";
    static final String COMPARE_TIP = "All figures of this scene side by side";
    static final String NATIVE = "native";

    // RigsPanel
    static final String VARIANCE_BETWEEN_RIGS = " · %s %% of the variance between rigs";
    static final String NOT_POOLED = "Not pooled: %s.";
    static final String OVER_ALL = "Over all: %s%s";
    static final String DELIVERED_GAIN_BY_RIG = "Delivered gain by rig";
    static final String GAIN_BY_RIG = "Gain by rig";

    // SchoolsDialog
    static final String SCHOOLS_TITLE = "Schools";
    static final String RULE = "Rule";
    static final String ADD_CLAIM = "Add a claim";
    static final String ADD_CLAIM_TIP = "One more thing that a path must do";
    static final String NEW_SCHOOL = "New school";
    static final String NEW_SCHOOL_TIP = "A school without bounds";
    static final String REMOVE = "Remove";
    static final String REMOVE_TIP = "Removes a school of your own";
    static final String KEEP = "Keep";
    static final String KEEP_TIP = "Stores it with the study; another name makes another school";
    static final String SCHOOL_EXPLAINED =
            "A school is a set of bounds for one purpose. Bounds that ship are common practice, no source; state "
                    + "the source of yours. Bounds of stages (streams, second cards) can be claims of a school too: it "
                    + "then has its own.";
    static final String NAME = "name";
    static final String FOR = "for";
    static final String TOLD_APART_BY_VERDICT = "Paths that pass are told apart by their verdicts alone.";
    static final String TOLD_APART_BY = "Paths that pass are told apart by %s.";
    static final String THEN = ", then ";
    static final String IT_REQUIRES_ALREADY = "It requires %s already.";

    // SettlePanel
    static final String WHAT_WOULD_SETTLE_IT = "What would settle it";
    static final String NOTHING_OPEN = "Nothing is open: every claim holds or fails.";
    static final String PLAN_TO_SETTLE = "Plan what would settle it";
    static final String PLAN_TO_SETTLE_TIP = "Plans this many runs of this path and of the native path";
    static final String PLAN_RUNS_AT = "Plan runs at %s";
    static final String PLAN_RUNS_AT_TIP = "Adds the path and plans three runs of it";

    // VerdictCard
    static final String FAULT_OF_RUNS = "a fault of its runs";
    static final String GRADE_VERDICT_CARD = "\nGrade %s.";
    static final String SIMULATED_VERDICT_CARD = "\nSimulated.";

    private DecideText() {}
}
