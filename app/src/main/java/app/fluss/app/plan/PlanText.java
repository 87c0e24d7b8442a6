package app.fluss.app.plan;

/// The texts of Plan, by the class that shows them.
final class PlanText {
    // PlanFields
    static final String NATIVE_ENDS = "native run first and last, to detect drift";
    static final String CABLE_TOGETHER = "keep paths with the cable in one card together";
    static final String GAME_START_TIP = "Restart the game and get to the scene";
    static final String CABLE_MOVE_TIP = "Move the display's cable, with the power off";
    static final String SETTING_TIP = "Change a setting without a restart";
    static final String WARM_UP_TIP = "Before each run, so that temperatures settle";
    static final String BREAK_EVERY_TIP = "Work before a break; 0 for none";
    static final String LENGTH_OF_BREAK_TIP = "Length of a break";
    static final String MATTERS_TIP = "Share of the native rate from which a difference matters";
    static final String SEED_TIP = "The same seed gives the same plan";
    static final String GAME_START = "game start";
    static final String CABLE = "cable";
    static final String SETTING = "setting";
    static final String COOL_DOWN = "cool-down";
    static final String BREAK_EVERY = "break every";
    static final String MIN = "min";
    static final String FOR = "for";
    static final String DIFFERENCE_MATTERS_FROM = "a difference matters from";
    static final String SEED = "seed";
    static final String FIELDS_INVALID = "Times are numbers of 0 or more, the share one above 0 and below 100 %.";

    // PlanMatrix
    static final String ONE_RUN_FEWER_TIP = "One run fewer";
    static final String ONE_RUN_MORE_TIP = "One run more";
    static final String NEEDS = "needs %s";
    static final String NEEDS_TIP =
            "With this spread from run to run, this many detect the difference that matters. Click to plan them.";
    static final String ON_WANTED = "%s on %s: %d %s, %d wanted%s";
    static final String RUN_COUNTS = "run counts";
    static final String RUNS_COUNT = "runs count";
    static final String GRADE_RESTS_ON = "; grade %s: rests on %s";

    // PlanScreen
    static final String GAME = "Game";
    static final String ALL_GAMES = "all games";
    static final String PATH = "+ path";
    static final String RUN_SHEET = "Run sheet";
    static final String ADD_PATH_TIP = "Add runs of one more path in every scene shown";
    static final String TAKE_APART = "Take apart…";
    static final String TAKE_APART_TIP = "Plan the runs that tell what of a package gives what";
    static final String HOW = "How…";
    static final String HOW_TIP = "What changes cost, breaks, balance";
    static final String PLAN_SESSION = "Plan the session";
    static final String PLAN_SESSION_TIP = "Order what is still missing; what is done stays";
    static final String PRINT = "Print…";
    static final String PRINT_TIP = "Print the run sheet by a printer of the system";
    static final String SAVE_AS = "Save as…";
    static final String SAVE_AS_TIP = "Save the run sheet as a page, as PDF or as a table";
    static final String POWER_QUESTION = "What can this many runs detect?";
    static final String POWER_EXPLAINED =
            "With 80 % power, two-sided at 5 %, for the path whose runs spread most, at the upper limit of its "
                    + "spread.";
    static final String MEASURE = "Measure →";
    static final String MEASURE_TIP = "Continue with the first line (Ctrl+3)";
    static final String PLAN = "Plan";
    static final String NOTHING_TO_TAKE_APART = "Nothing to take apart yet: it needs a scene and a path with a stage.";
    static final String RUN_SHEET_RUNS = "Run sheet · %d runs · %s";
    static final String PLAN_NEEDS =
            "A plan needs a game with a scene, and paths. Both are described in Bench (Ctrl+1).";
    static final String THREE_OF_EACH = "Add three runs of each path";
    static final String UP_TO_THREE = "Add runs up to three of each";
    static final String UP_TO_THREE_TIP = "Three runs a side are the fewest that give an interval between runs";
    static final String NO_RUN_PLANNED = "No run is planned here yet.";
    static final String TOO_FEW_PLANNED = "%s fewer than three runs, too few for an interval.";
    static final String ONE_PATH_HAS = "1 path has";
    static final String PATHS_HAVE = "%s paths in these scenes have";
    static final String CALCULATING_SPREAD = "Calculating the spread from run to run";
    static final String SPREAD_UP_TO = "Runs may spread by %s %%: ";
    static final String MORE_THAN_SIDE = "more than %d a side.";
    static final String PLAN_OF_EACH_PATH = "Plan %d of each path";
    static final String PLAN_OF_EACH_PATH_TIP = "This many runs a side detect the difference that matters";
    static final String SIDE = "%d a side.";
    static final String SHEET_NOT_LAID_OUT = "The run sheet could not be laid out: %s.";
    static final String SAVE_RUN_SHEET = "Save the run sheet";
    static final String PAGE_HTML = "Page (HTML)";
    static final String PDF = "PDF";
    static final String TABLE_CSV = "Table (CSV)";
    static final String SHEET_WRITTEN = "The run sheet was written to %s.";

    // PowerView
    static final String POWER_DESCRIBED = "The smallest difference that this many runs a side detect";
    static final String SPREAD_UNKNOWN =
            "The spread from run to run is unknown: it needs two runs of a path in one scene.";
    static final String RUNS_SIDE = "runs a side";
    static final String SMALLEST_DIFFERENCE_DETECTED = "smallest difference detected, %";

    // SheetList
    static final String MISSING_NOT_PLANNED = "%s missing and not on a run sheet: plan the session.";
    static final String RUN_IS = "1 run is";
    static final String RUNS_ARE = "%s runs are";
    static final String NOTHING_MISSING =
            "Nothing is missing. Enter above how many runs are wanted, then plan the session.";
    static final String RESTART_GAME = "; restart the game";
    static final String SKIP = "Skip";
    static final String SKIP_TIP = "Skip this line (can be undone)";

    // TakeApartDialog
    static final String PLAN_THESE_RUNS = "Plan these runs";
    static final String PATH_LABEL = "Path";
    static final String SCENE = "Scene";
    static final String HALF_FRACTION = "half of the combinations, where that leaves every factor clear";
    static final String GENERATION_TIED =
            "generation needs the first of these (for example the upscaler it is tied to)";
    static final String TAKE_PACKAGE_APART = "Take a package apart";
    static final String OTHER_FACTOR_PROMPT = "something else that is on or off: upscaler, latency reduction …";
    static final String TAKE_APART_EXPLAINED =
            "Switching a package on at once does not show what each part contributes. These runs do: each factor "
                    + "is on in half of them.";
    static final String PACKAGE = "Package";
    static final String FACTORS = "Factors";
    static final String RUNS_OF_EACH = "runs of each";
    static final String OFF = "off";
    static final String ON = "on";
    static final String RUNS_INVALID = "Enter 1 to 9 runs of each combination.";
    static final String THIS_CANNOT_BE_PLANNED = "This cannot be planned: %s.";
    static final String FROM = "%s from %s";
    static final String COMBINATIONS = "%d combinations%s.%s";
    static final String IN_BLOCKS = " in %d blocks, with a restart of the game between them (⟳)";
    static final String ALL_TOLD_APART = " Every factor and every interaction of two can be told.";
    static final String NOT_TOLD_APART = " Will not be told apart: %s.";

    private PlanText() {}
}
