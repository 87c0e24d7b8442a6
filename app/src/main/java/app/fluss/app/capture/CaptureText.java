package app.fluss.app.capture;

/// The texts of Capture, by the class that shows them.
final class CaptureText {
    // BeforePanel
    static final String KEEP_WARM = "Leave the machine running, so that it stays warm.";
    static final String WARM_UP_EXPLAINED =
            "Run the route once. Nothing is kept: the first pass after a start builds shaders and warms the "
                    + "machine.";
    static final String RESTART_GAME = "→ restart the game";
    static final String SAME_SETTINGS = "Same settings as in the last run.";
    static final String POWER_SAFETY =
            "△ Power off and unplug first; hot cards burn. Makers' manuals and local rules come first.";
    static final String ROUTE = "Route: %s – %s";
    static final String CHECKED = "Checked";
    static final String OF_REQUIREMENTS = "%d of %d requirements";
    static final String AND_MORE_IN_PREFLIGHT = "and %d more in the preflight";
    static final String AND_MORE_IN_PREFLIGHT_TIP = "Go through all of them";
    static final String TAKE_BACK = "Take back";
    static final String TAKE_BACK_TIP = "Not checked then";
    static final String IT_HOLDS_TIP = "It holds";
    static final String NOT_MET_TIP = "Not met: recorded with the run as a finding";
    static final String BREAK_IS_OVER = "Break is over";
    static final String WARM_UP_IS_DONE = "Warm-up is done";
    static final String WARM_UP_IS_DONE_TIP = "Continue with the next line";

    // CaptureScreen
    static final String BLIND_BLOCK = "Blind block";
    static final String GAME_CRASHED = "the game crashed";
    static final String SOMETHING_ELSE_RAN_MEANWHILE = "something else ran meanwhile";
    static final String ROUTE_DIFFERED = "the route was not the same";
    static final String SETTING_WAS_WRONG = "a setting was wrong";
    static final String LOGGER_WROTE_NOTHING = "the logger wrote nothing";
    static final String REPEAT_THIS_RUN = "Repeat this run";
    static final String REPEAT = "Repeat";
    static final String DISCARD_THIS_RUN = "Discard this run";
    static final String DISCARD = "Discard";
    static final String BLIND_SWITCH_TIP = "Between the run sheet and the blind block that goes on";
    static final String CAPTURE = "Capture";
    static final String BREAK = "Break";
    static final String RUN_TO_GO = "1 run to go";
    static final String RUNS_TO_GO = "%d runs to go";
    static final String NOTHING_TO_KEEP =
            "Nothing to keep: attach a log, measure latency, type readings or a summary, or note an impression.";
    static final String LINE_NOT_STARTED = "This line has not started; skip it in Plan.";
    static final String RUN_NOT_KEPT = "The run could not be kept: %s What you typed is still here.";

    // EndingBar
    static final String KEEP_RUN = "Keep the run";
    static final String KEEP_RUN_TIP = "Includes it in comparisons (Ctrl+Enter)";
    static final String REPEAT_WITH_REASON = "Repeat…";
    static final String REPEAT_WITH_REASON_TIP = "Leaves it out of comparisons; the line is repeated";
    static final String DISCARD_WITH_REASON = "Discard…";
    static final String DISCARD_WITH_REASON_TIP = "Leaves it out of comparisons; it stays in the study, struck through";
    static final String LEAVE = "Leave";
    static final String LEAVE_TIP = "Back to the line before it was begun; what was typed stays in the study";

    // EvidencePanel
    static final String EVIDENCE = "Evidence";
    static final String PAD_IN_WINDOW = "Pad in a window";
    static final String PAD_IN_WINDOW_TIP = "For a second screen";
    static final String PAD_ELSEWHERE = "The pad is in its own window.";
    static final String READINGS_PAD_FLUSS = "Readings pad – Fluss";
    static final String NOTHING_YET = "nothing yet";
    static final String MEASURED_LATENCY_ALONE = "measured latency alone";
    static final String GRADE_RESTS_ON = "grade %s: rests on %s";
    static final String GIVES = "Gives %s%s%s";
    static final String LATENCY = "latency, ";
    static final String NOT = "; not %s.";
    static final String NO_FIGURE = "no figure";

    // ImpressionFields
    static final String SMOOTHNESS = "smoothness";
    static final String SHAKES = "shakes";
    static final String FLOWS = "flows";
    static final String RESPONSE = "response";
    static final String DRAGS = "drags";
    static final String FOLLOWS_HAND = "follows the hand";
    static final String ARTEFACTS = "artefacts";
    static final String SPOIL_PICTURE = "spoil the picture";
    static final String NONE_SEEN = "none seen";
    static final String WORDS_PROMPT = "what stands out, in your words";
    static final String WORDS = "words";

    // LiveLog
    static final String LOG_UNREADABLE = "The log cannot be read at the moment: %s. Trying again.";
    static final String LOG_NOT_FOLLOWED = "The log cannot be followed: %s";
    static final String LOG_EMPTY = "%s is being written; nothing can be read yet.";
    static final String LOG_REPLACED = "The log was replaced; it is followed from its start.";

    // LogPanel
    static final String NO_FOLDER_IS_WATCHED = "no folder is watched";
    static final String WATCH_FOLDER = "Watch a folder…";
    static final String WATCH_FOLDER_TIP = "Where your logger writes its logs";
    static final String NO_FOLDER_HINT =
            "Set your logger to write CSV and choose its folder here. A log that grows there is followed live "
                    + "and attached when it stops growing.";
    static final String FOLDER_TO_WATCH = "Folder to watch";
    static final String WAITING_FOR_LOG = "Waiting for a log to grow here. Start your logger with the scene.";
    static final String IS_GROWING_IMAGES = "%s is growing: %d images. %s";
    static final String RENDERED = "rendered";
    static final String PRESENTED = "presented";
    static final String DELIVERED = "delivered";
    static final String LAST_TEN_SECONDS = "in the last 10 s";
    static final String IS_ATTACHED_IMAGES = "● %s is attached: %d images. %s%s";
    static final String LOG_TOO_SHORT = "▲ It covers %s of the scene's %s. Repeat the run if it broke off.";
    static final String WHICH_LOG = "Several logs are growing. Which one belongs to this run?";
    static final String FOLLOW_THIS_ONE_TIP = "Follow this one";

    // NextLines
    static final String THEN = "Then";
    static final String IN = "in %s";

    // NoLine
    static final String COMPARE = "Compare";
    static final String COMPARE_TIP = "Ctrl+5";
    static final String GO_TO_PLAN = "Go to Plan";
    static final String GO_TO_PLAN_TIP = "Ctrl+2";
    static final String RUN_SHEET_COMPLETE = "Run sheet complete";
    static final String SHEET_COMPLETE_HINT =
            "Compare shows each path against native; Plan shows what is still missing.";
    static final String NO_LINE_IS_PLANNED = "No line is planned";
    static final String NO_LINE_HINT =
            "Plan sets what is measured next, and in what order. Planned lines are measured here, one after "
                    + "another.";

    // PadView
    static final String READINGS_PAD = "Readings pad";
    static final String BACKSPACE = "Backspace";
    static final String UNDO_LAST = "undo the last";
    static final String TYPE = "type…";
    static final String CLICK_THEN_TYPE = "click, then type";
    static final String NO_READINGS_YET = "No readings yet. A range such as 33–40 counts as one reading.";
    static final String KEPT_S_ON_AVERAGE = "%d %s kept, %s /s on average";
    static final String READING = "reading";
    static final String READINGS = "readings";

    // SceneTimer
    static final String START_SCENE = "Start the scene";
    static final String START_SCENE_TIP = "Counts down from three (Ctrl+Space)";
    static final String GET_READY = "get ready";
    static final String SCENE_GET_READY_HINT = "start your logger, go to the starting point";
    static final String SCENE_OVER = "the scene is over: stop the logger";
    static final String OF = "of %s";

    // SummaryFields
    static final String AVERAGE = "average";
    static final String LOW = "1 % low";
    static final String LOW_BY = "low by";
    static final String LOW_CONVENTION_TIP =
            "As the tool printed it. Three conventions of lows are in use; if the tool does not say which, leave "
                    + "it unknown.";
    static final String RATE_ABOVE_ZERO = "A rate is a number above 0; what was typed is kept as it is.";
    static final String LOW_ABOVE_AVERAGE = "A 1 % low is not above the average: correct one of them.";

    private CaptureText() {}
}
