package app.fluss.app.feel;

/// The texts of Feel, by the class that shows them.
final class FeelText {
    // BoundOffer
    static final String NO_SCHOOL_HAS_BOUND = "No school has a bound for %s. Add one in Decide, Schools…";
    static final String STUDY_READ_ONLY = "This study is read-only, so no bound can be set.";
    static final String JUDGE_BY_PERSON = "Judge paths by what a person notices";
    static final String SCHOOL = "School";
    static final String BOUND_EXPLAINED =
            "The bound is the median of this person's sessions, and carries their name as its source. Every game "
                    + "that the school judges in this study follows. It can be undone (Ctrl+Z) and changed in Decide, "
                    + "Schools…";
    static final String USE_AS_BOUND = "Use as the bound";
    static final String NOW_JUDGES_BY = "%s now judges by %s.";
    static final String BOUND_SOURCE = "noticed by %s%s on %s with %s, median of %d sessions";
    static final String SIMULATED = " (simulated)";
    static final String BECOMES = "%s: %s %s (%s) becomes %s %s.";

    // CurveView
    static final String SHARE_RIGHT_BY_LEVEL = "Share of right answers by level";
    static final String CHOOSE_SESSION = "Choose a session to see its answers.";
    static final String MS_ADDED = "ms added";

    // FeelScreen
    static final String THRESHOLDS = "Thresholds";
    static final String WHAT_PERSON_NOTICES_TIP = "What a person notices";
    static final String DRILL = "Drill";
    static final String READ_CHARTS_TIP = "Read charts of runs with a known fault";
    static final String FEEL = "Feel";
    static final String NEEDS_STUDY = "Open a study that can be written first: sessions are kept in it.";

    // ResultsPanel
    static final String ANSWERS_OF_SESSION = "Answers of the session";
    static final String NO_SESSION_YET = "No session yet";
    static final String TASK_EXPLAINED =
            "Choose a task, enter who you are, and start. The threshold is the difference that you tell in three "
                    + "of four trials. Only what is added here is judged: the delay of this window and of the display is "
                    + "unknown and the same in both intervals.";
    static final String SHOW_THIS_SESSIONS_ANSWERS_TIP = "Show this session's answers";
    static final String SIMULATED_CHIP = "simulated";
    static final String USE_AS_BOUND_OF_SCHOOL = "Use as a bound…";
    static final String USE_AS_BOUND_OF_SCHOOL_TIP = "Judge paths by what this person notices";
    static final String NO_THRESHOLD = "No threshold: %s.";
    static final String RANGE_OVER_SESSIONS = ", from %s to %s ms over %d sessions";
    static final String ONE_SESSION = " (one session)";
    static final String S_AGAINST_S = ": %s/s against %s/s";
    static final String NOTICES_MS_OF = "Notices %s ms of %s%s%s.";
    static final String ADDED = "added";
    static final String THROUGHPUT = "throughput";
    static final String REACH = "a reach";
    static final String MISSED = "missed";
    static final String BIT_S = "%s bit/s";
    static final String MS = "%s ms";
    static final String RENAME = "Rename…";
    static final String RENAME_TIP = "Give this session to another person";
    static final String REMOVE_SESSION = "Remove the session";
    static final String REMOVE_SESSION_TIP = "Can be undone (Ctrl+Z)";
    static final String TRIALS_DISCARDED =
            "%s of %s trials discarded because the window missed a frame; %s pulses/s, wandering by %s ms. The "
                    + "delay of window and display is unknown.";
    static final String WHO_DID_THIS_SESSION = "Who did this session?";
    static final String THRESHOLD_WITH_INTERVAL = "%s ms (95 %%: %s to %s), %d trials, lapse rate %s.";

    // Safety
    static final String SAFETY =
            "Moving pictures follow. Do not go on if you have photosensitive epilepsy, or if flickering or "
                    + "moving pictures have ever made you ill: ask a doctor first. Stop at once (Esc) if you feel dizzy, "
                    + "sick or unwell, and rest until it has passed. Sit as usual, in a lit room. Nothing here flashes by "
                    + "the limits of WCAG 2.3.1; that is no promise for every person, and this is no medical test.";

    // StartPanel
    static final String I_HAVE_READ_THIS = "I have read this";
    static final String START = "Start";
    static final String START_TIP = "About six minutes; Esc stops at any time";
    static final String WHAT_DO_YOU_NOTICE = "What do you notice?";
    static final String WHO = "Who";
    static final String SIX_MINUTES = "about 6 minutes, with rests";
    static final String DELAY_WHILE_POINTING = "delay while pointing";
    static final String UNEVEN_STEPS_IN_MOTION = "uneven steps in motion";
    static final String LOWER_RATE_IN_MOTION = "a lower rate in motion";
    static final String COST_OF_DELAY = "what a delay costs while aiming";
    static final String ENTER_TAKER = "Enter a person, a display and a device first, up to 60 characters each.";

    // TakerFields
    static final String PERSON = "Person";
    static final String NAME_ONLY = "name only";
    static final String DISPLAY = "Display";
    static final String WHAT_YOU_LOOK_AT = "what you look at";
    static final String DEVICE = "Device";
    static final String MOUSE_PAD_KEYS = "mouse, pad, keys";

    // TaskPane
    static final String FIRST = "1 – first";
    static final String FIRST_TIP = "The first (1 or ←)";
    static final String SECOND = "2 – second";
    static final String SECOND_TIP = "The second (2 or →)";
    static final String GO_ON = "Go on";
    static final String GO_ON_TIP = "Enter";
    static final String PROGRESS = "How much of the task is done";
    static final String STOP = "Stop";
    static final String STOP_TIP = "Ends the task at once (Esc)";
    static final String NOT_SHOWN_UNCHECKED = "Not shown: its pictures could not be looked at before. %s";
    static final String NOT_SHOWN_FLASHES = "Not shown: at this rate and size its pictures would flash too much.";
    static final String DONE = "Done.";
    static final String STOPPED = "Stopped.";
    static final String NOTHING_KEPT = " Nothing was kept: there were too few answers for a figure.";
    static final String FIRST_GUESS =
            " First guess by the last reversals (%s to %s right): %s ms; the threshold is that of the fit.";
    static final String MEASURING_WINDOW = "Measuring how evenly this window is drawn…";
    static final String CLICK_BRIGHT_TARGET = "Click the bright target.";
    static final String FIRST_CLICK = "Its first click begins a row of nine.";
    static final String FOLLOW_DISC = "Follow the disc with the pointer.";
    static final String LOOK_AT_MIDDLE = "Look at the middle.";
    static final String WINDOW_MISSES_FRAMES = "This window misses too many frames.";
    static final String REST = "Rest.";
    static final String CLOSE_OTHER_PROGRAMS = "Close other programs, or make the window smaller; then go on.";
    static final String REST_EYES = "Look away from the screen for twenty seconds. Enter goes on.";
    static final String WINDOW_PACE = "%s/s, pulses wander by %s ms, %s missed before; %s discarded";

    private FeelText() {}
}
