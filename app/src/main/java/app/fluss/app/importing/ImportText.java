package app.fluss.app.importing;

/// The texts of importing, by the class that shows them.
final class ImportText {
    // DisplayDialog
    static final String DISPLAY_OF_THIS_RUN = "Display of this run";
    static final String DISPLAY_NEEDED =
            "Which image each refresh showed can only be told with the refresh rate and the sync mode.";
    static final String STATE = "State";

    // DisplayFields
    static final String DOWN_TO = "down to";
    static final String HZ = "Hz";
    static final String FIFO = "fixed, each waits its turn (fifo)";
    static final String LATEST = "fixed, newest first (latest)";
    static final String TEARING = "no sync (tearing)";
    static final String VRR = "variable (vrr)";

    // FactsDialog
    static final String FACTS_HINT =
            "One a line or with semicolons between: render_scale = 100 %; upscaler = own; driver = 5.1. ";
    static final String FACTS_OF_THIS_RUN = "Facts of this run";
    static final String FACTS_COMPARED = "%sFacts that differ between two paths are named in their comparison.";
    static final String FACTS_OF_RUNS = "Facts of %d runs";
    static final String FACTS_AS_TAGS =
            "%sA name of your own is a tag: group = evening. Other facts of the runs stay. Compare can group "
                    + "runs by each of them.";

    // HostLogFlow
    static final String FRAME_LOG_OF_HOST = "The frame log of the host";
    static final String FRAME_LOGS = "Frame logs";
    static final String HOST_LOG_NEEDS_RUN = "A host's log belongs to a run: select the run of its client first.";

    // ImportDialog
    static final String ADD_RUN = "Add run";
    static final String ADD = "Add %s";
    static final String PROGRAM = "Program";
    static final String CHOOSE_TIME = "Choose how the time is read.";
    static final String TIME_COLUMN_NEEDED = "One column must be the present time or the frame time.";

    // ImportFlow
    static final String OPEN_FILES = "Open logs, recordings or a study";
    static final String KNOWN_FILES = "Logs, recordings, latency, studies";
    static final String ALL_FILES = "All files";
    static final String STUDY_READ_ONLY = "Open a study that can be written first; this one is read-only.";
    static final String LOOKING_AT = "Looking at %s";
    static final String NOTHING_THAT_IS_KNOWN = "nothing that is known";
    static final String LOG_EXPECTED = "a log or a measurement";
    static final String COLUMNS_KNOWN = "The columns are known. Check them if the figures look wrong.";
    static final String NEEDS_RUN = "A %s belongs to a run: add its log first, select it, then add %s again.";
    static final String READING = "Reading %s";
    static final String CHECK_COLUMNS = "%s Check the columns; they are remembered for this header.";
    static final String TWO_TIMES =
            "▲ The time can be read in two ways. Choose the right one; it is remembered for this header.";
    static final String FILE_NOT_READ = "The file cannot be read: %s";

    // LatencyDialog
    static final String SWAP_CHANNELS = "The light is on the first channel: swap them";
    static final String ADD_MEASURED_LATENCY = "Add measured latency";
    static final String LATENCY_READ = "%s: %d samples, %d missed, %d to look at";
    static final String MEDIAN_MS = "median %s ms";
    static final String NO_MEDIAN = "no median: no trial was answered";

    // MappingColumns
    static final String GUESS_TIP = "What speaks for (+) and against (−) taking the column so";

    // OwnRunDialog
    static final String GRADE_ALONE = "A run that rests on this alone has grade %s: no frame times, and %s.";
    static final String TRIALS_ANSWERED_MISSED = "%d trials answered, %d missed%s";
    static final String THEN_MEDIAN = ": median %s ms";
    static final String LATENCY_ALONE =
            "A run that rests on this alone has no rates; its latency is compared with that of others.";
    static final String PICTURES_TOLD = "its pictures tell how many images were new";
    static final String COUNTED_UNKNOWN = "what the counter counted is unknown";
    static final String PERCENT_LOW_S = ", 1 %% low %s /s (%s)";
    static final String CONVENTION_NOT_STATED = "convention not stated";
    static final String FROM = ", from %s";
    static final String READINGS = "%d readings";
    static final String RECORDING_NUMBERS = "A recording, %d numbers";
    static final String TOOLS_SUMMARY = "A tool's summary";
    static final String S_ON_AVERAGE = "%s: %s /s on average%s%s";

    // PathKind
    static final String NATIVE_EXPLAINED = "native: nothing between game and display";

    // RunFields
    static final String NOT_STATED = "not stated";
    static final String FACTS_PROMPT = "render_scale = 100 %; upscaler = own; driver = 5.1";
    static final String GAME = "Game";
    static final String SCENE = "Scene";
    static final String PATH = "Path";
    static final String RUN = "Run";
    static final String COUNTER_SAID = "     the counter said";
    static final String CLAIMED_UNIT = "/s on average";
    static final String WHAT_IT_IS = "What it is";
    static final String MULTIPLIER = "multiplier";
    static final String DISPLAY = "Display";
    static final String FRAME_CAP = "Frame cap";
    static final String FACTS = "Facts";
    static final String FIRST_ROUTE = "first route";
    static final String ENTER_PLACE = "Enter game, scene, path and run.";
    static final String REFRESH_INVALID = "The refresh rate must be a number of Hz, the floor one below it.";
    static final String MULTIPLIER_INVALID = "The multiplier must be a number from 1 to 20.";
    static final String RATE_INVALID = "A rate must be a number above 0.";
    static final String FACTS_INVALID = "Facts are written as name = value, with semicolons between.";

    // SelectedRun
    static final String ADD_TO_THIS_RUN = "Add to this run";
    static final String MAKE_RUN = "Make a run of it…";
    static final String REPLACES_LATENCY = "The selected run has measured latency, which this would replace:";
    static final String MEASURED_WITH_RUN = "Measured with the selected run?";

    // UseDialog
    static final String WHAT_DOES_SHOW = "What does %s show?";

    private ImportText() {}
}
