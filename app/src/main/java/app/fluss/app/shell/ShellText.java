package app.fluss.app.shell;

/// The texts of the frame of the window, by the class that shows them.
final class ShellText {
    // ChainBar
    static final String SELECT_RUN = "Select a run to see its path.";
    static final String GAME = "game";
    static final String DRAWS_IMAGES = "draws images";
    static final String GAME_BOX_TIP = "The game's own images, by the kind column or the native path.";
    static final String RENDERED = "rendered";
    static final String PATH_BOX_TIP = "What happens between the game and the display.";
    static final String PRESENTED = "presented";
    static final String REFRESH_NOT_STATED = "refresh not stated";
    static final String HEADSET = "headset";
    static final String DISPLAY = "display";
    static final String INFERRED = "Inferred from present times and the sync mode.";
    static final String FROM_DISPLAY_TIMES = "From the display times in the log.";
    static final String DELIVERED = "delivered";
    static final String MULTIPLIER_NOT_STATED = "multiplier not stated";
    static final String SET_TO_TIMES = "set to %s×";
    static final String REPEATS_SENDS = "repeats, sends";
    static final String ENCODES_SENDS_DECODES = "encodes, sends, decodes";
    static final String REPROJECTS = "repeats, turned to the head";
    static final String MAKES_NO_IMAGES = "makes no images";
    static final String EYE = "eye";
    static final String MEASURED_TIP = "Median of the measured latency, input to light.";
    static final String ESTIMATED_TIP =
            "What the stages add up to on average; > where some are not stated, so that it is at least this.";
    static final String STAGE_TIME_TIP = "%s\nThe time is what its stages add on average, estimated.";
    static final String IMAGES_PER_SECOND_TIP = "%s images per second.%s";

    // ChainEditor
    static final String CHOOSE_PATH = "Choose a path to see its stages; paths are composed in Bench.";
    static final String SHOWS_IMAGES = "shows images";
    static final String MOVE_TIP = "Move it one place towards the game";
    static final String TAKE_THIS_STAGE_OUT_TIP = "Take this stage out";
    static final String NO_SETTINGS_STATED = "no settings stated";
    static final String STAGE = "+ stage";
    static final String ADD_STAGE_TIP = "Put a stage into the path; it goes where images pass it";

    // ChosenRuns
    static final String CHOOSE_TWO_RUNS =
            "Choose two or more runs of one scene that count: hold Ctrl and click them on the left.";
    static final String CHOOSE_RUNS = "Choose runs on the left first: hold Ctrl and click them.";

    // CommandPalette
    static final String COMMANDS = "Commands";
    static final String PALETTE_PROMPT = "Type what you want to do, or the name of a run";
    static final String PALETTE_TITLE = "What you want to do";
    static final String NOTHING_MATCHES = "Nothing matches.";
    static final String DO_IT = "Do it";

    // Drawers
    static final String WORK_AND_RUNS = "Work and runs";
    static final String FINDINGS = "Findings";
    static final String WORK_DRAWER_TIP = "Order of work, games and runs";
    static final String WHAT_WAS_NOTICED_TIP = "What was noticed";

    // FindingsPane
    static final String NO_FINDINGS = "No findings";
    static final String FINDINGS_COUNT = "Findings (%d)";
    static final String SHOW_EVIDENCE = "Show the evidence";

    // GamesTree
    static final String NO_MATCH = "No game, scene, path or run has this name.";
    static final String FIND = "Find game, path or run";
    static final String GAMES_SCENES_AND_RUNS = "Games, scenes and runs";
    static final String RENAME_F2 = "Rename… (F2)";
    static final String FACTS = "Facts…";
    static final String USE_TODAYS_FACTS = "Use today's facts of the bench";
    static final String COMPARE_RUNS = "Compare %d runs…";
    static final String FACTS_OF_RUNS = "Facts of %d runs…";
    static final String INCLUDE_IN_COMPARISONS = "Include in comparisons";
    static final String MARK_AS = "Mark as %s…";
    static final String REMOVE_RUN_CTRL_DELETE = "Remove run (Ctrl+Delete)";
    static final String REMOVE_RUNS = "Remove %d runs";
    static final String REMOVE = "Remove…";
    static final String PATH = "Path";
    static final String LEFT_OUT_OF_COMPARISONS = "%s%nLeft out of comparisons: %s%s";

    // Notice
    static final String DISMISS = "Dismiss";
    static final String DISMISS_TIP = "Dismiss this message (Esc)";

    // Shell
    static final String OPENING_STUDY = "Opening the study…";
    static final String ORDER_OF_WORK = "Order of work";
    static final String GAMES_AND_RUNS = "Games and runs";
    static final String MISSING = "%s missing";
    static final String MEASURING = "measuring";
    static final String TO_GO = "%s to go";
    static final String EMPTY = "empty";

    // ShellWays
    static final String STUDY_READ_ONLY = "Open a study that can be written first; this one is read-only.";
    static final String READING_SCENARIOS = "Reading the scenarios";
    static final String RECORDING_NOT_UNPACKED = "The recording cannot be unpacked: %s";
    static final String NONE_IS_OPEN = "none is open";
    static final String EXAMINE = "Examine %s · %s";
    static final String OPEN = "Open %s";

    // SketchView
    static final String SKETCH_DESCRIBED = "Runs by scene and path: %s";

    // Stroke
    static final String ENTER = "Enter";
    static final String SPACE = "Space";
    static final String ESC = "Esc";
    static final String DELETE = "Delete";
    static final String CTRL = "Ctrl+";
    static final String SHIFT = "Shift+";

    // StudyPage
    static final String SCENES = "scenes";
    static final String PATHS = "paths";
    static final String RUNS = "runs";
    static final String WEAKEST_EVIDENCE = "weakest evidence";
    static final String MISSING_COLUMN = "missing";
    static final String NEXT_STEP_TIP = "The next step";
    static final String NEXT_STEP = "Next step";
    static final String GAMES = "Games";
    static final String SCENE = "scene";
    static final String RUN = "run";
    static final String PLANNED = "%s planned and not measured yet.";
    static final String MEASURE = "Measure";
    static final String STILL_WANTED = "%s still wanted, and no run sheet.";
    static final String PLAN_SESSION = "Plan the session";
    static final String NOTHING_MISSING = "Nothing that was planned is missing.";
    static final String COMPARE_PATHS = "Compare the paths";
    static final String NO_RUN_YET = "no run yet";
    static final String EXAMINE_RUN = "Examine";
    static final String EXAMINE_RUN_TIP = "Look at its first run";

    // StudySketch
    static final String ONE_GAME = "1 game";
    static final String GAMES_COUNT = "%s games";
    static final String ONE_RUN = "1 run";
    static final String RUNS_COUNT = "%s runs";

    // TopBar
    static final String STUDY_TIP = "What the study has and what is missing";
    static final String FLUSS = "Fluss";
    static final String STUDY_NAME_TIP = "%s\nWhat it has and what is missing (Ctrl+H)";
    static final String OPEN_FILE = "Open…";
    static final String OPEN_FILE_TIP = "Open a log, a recording or a study (Ctrl+O); or drop files into the window";
    static final String ENTER_READINGS = "Enter readings…";
    static final String ENTER_READINGS_TIP = "Type or paste numbers from an overlay or a tool (Ctrl+E)";
    static final String UNDO = "Undo";
    static final String REDO = "Redo";
    static final String UNDO_CTRL_Z_TIP = "Undo: %s (Ctrl+Z)";
    static final String NOTHING = "nothing";
    static final String REDO_CTRL_Y_TIP = "Redo: %s (Ctrl+Y)";
    static final String NO_STUDY_OPEN = "no study open";
    static final String READ_ONLY = " — read-only: %s";
    static final String OPEN_IN_ANOTHER_WINDOW = "open in another window";
    static final String READ_ONLY_FOLDER = "nothing can be written there";
    static final String SEVERAL_NAMES = "the file has several names";
    static final String RECENT_STUDIES = "Recent studies";
    static final String REPORT_CTRL_SHIFT_R = "Report… (Ctrl+Shift+R)";
    static final String HAND_ON_GAMES = "Hand on games…";
    static final String TAKE_IN_STUDY = "Take in a study…";
    static final String STUDY = "Study";
    static final String SIMULATE = "Simulate a measurement… (Ctrl+R)";
    static final String OVERVIEW_CTRL_H = "Overview (Ctrl+H)";
    static final String COMMANDS_CTRL_K = "Commands… (Ctrl+K)";
    static final String SETTINGS_CTRL = "Settings… (Ctrl+,)";
    static final String HELP = "Help";
    static final String MEANS = "What can I measure with what I have? (Ctrl+M)";
    static final String KEYBOARD_SHORTCUTS_F1 = "Keyboard shortcuts (F1)";
    static final String ABOUT_FLUSS = "About Fluss";
    static final String STOP = "Stop";
    static final String STOP_TIP = "Stop what is running (Esc)";

    // TreeActions
    static final String REMOVE_ITEM = "Remove %s";
    static final String REMOVES = "This removes %s with %s. It can be undone.";
    static final String REMOVE_NOW = "Remove";
    static final String RENAME = "Rename %s";
    static final String MOVED = "%s put beside %s, on the path %s. Ctrl+Z undoes it.";
    static final String WAS = "%s was";
    static final String RUNS_WERE = "%s runs were";
    static final String LEAVE_OUT_REASON = "Reason for leaving it out";

    // Welcome
    static final String OPEN_LOG_OR_STUDY = "Open log or study…";
    static final String OPEN_LOG_OR_STUDY_TIP = "Ctrl+O";
    static final String CTRL_E_TIP = "Ctrl+E";
    static final String COMPARE_WHAT_YOU_HAVE = "Compare what you have";
    static final String DROP_HINT =
            "Drop frame logs here, CSV files of any header: one of the native path, one with generation on. With "
                    + "numbers from an overlay or a tool, enter them as they are.";
    static final String STEP_BY_STEP = "First measurement, step by step";
    static final String DESCRIBE_BENCH = "1  Describe the bench";
    static final String BENCH = "Bench";
    static final String STEP_PLAN = "2  Choose game, scene and paths, plan the runs";
    static final String PLAN = "Plan";
    static final String MEASURE_LINE_BY_LINE = "3  Measure line by line";
    static final String CAPTURE = "Capture";
    static final String STEP_DECIDE = "4  Compare and decide: both are filled from what was measured.";
    static final String OPEN_DEMO = "Open the demo";
    static final String OPEN_DEMO_TIP = "Simulated runs of invented games";
    static final String LOOK_AROUND = "Look around";
    static final String SIMULATE_MEASUREMENT = "Simulate a measurement…";
    static final String SIMULATE_MEASUREMENT_TIP = "Ctrl+R";
    static final String WHAT_CAN_I_MEASURE = "What can I measure with what I have?";
    static final String WHAT_CAN_I_MEASURE_TIP = "Ctrl+M";
    static final String NONE_YET = "None yet.";
    static final String NO_RUNS_YET = "No runs yet";

    private ShellText() {}
}
