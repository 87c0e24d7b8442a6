package app.fluss.app.model;

/// The texts of the work in progress and the steps that can be undone, by the class that shows them.
final class ModelText {
    // BenchEdits
    static final String ADDING = "Adding a %s";
    static final String ADDING_PICTURE_MODE = "Adding a picture mode";
    static final String DUPLICATING = "Duplicating %s";
    static final String CHANGING_BENCH = "Changing the bench";
    static final String RENAMING = "Renaming";
    static final String RENAMING_GAME = "Renaming the game";
    static final String RENAMING_SCENE = "Renaming the scene";
    static final String REMOVING_GAME = "Removing the game";
    static final String REMOVING_SCENE = "Removing the scene";
    static final String STATING_FACTS = "Stating facts";
    static final String CLEARING = "Clearing %s";
    static final String FILLING_FROM_THIS_COMPUTER = "Filling from this computer";
    static final String ADDING_SCENE = "Adding a scene";
    static final String DESCRIBING_SCENE = "Describing a scene";
    static final String ADDING_PATH = "Adding a path";
    static final String CHANGING_PATH = "Changing the path";
    static final String REMOVING_PATH = "Removing a path";

    // CaptureEdits
    static final String BEGINNING_RUN = "Beginning the run";
    static final String STARTING_SCENE = "Starting the scene";
    static final String TYPING_ON_PAD = "Typing on the pad";
    static final String TAKING_ENTRY_BACK = "Taking an entry back";
    static final String TYPING_SUMMARY = "Typing a summary";
    static final String SAYING_HOW_IT_FELT = "Saying how it felt";
    static final String ANSWERING = "Answering";
    static final String ANSWERING_PREFLIGHT = "Answering the preflight";
    static final String LEAVING_RUN = "Leaving the run";
    static final String KEEPING_RUN = "Keeping the run";

    // Decisions
    static final String CALCULATING_VERDICTS = "Calculating verdicts";

    // Edits
    static final String UNDO = "Undo";
    static final String REDO = "Redo";

    // EvidenceEdits
    static final String ADDING_EVIDENCE_EDITS = "Adding %s";
    static final String ADDING_RUNS = "Adding %d runs";
    static final String CORRECTING = "Correcting %s";
    static final String RECORDING = "a recording";
    static final String CORRECTING_READING = "Correcting a reading";
    static final String PUTTING_READING_BACK = "Putting a reading back";
    static final String REMOVING = "Removing the %s";
    static final String JUDGING_TRIAL = "Judging a trial";
    static final String SETTING_MARK = "Setting a mark";
    static final String ANALYSING_LATENCY_AGAIN = "Analysing the latency again";
    static final String SIMULATING = "Simulating %s";

    // Felt
    static final String CALCULATING_THRESHOLDS = "Calculating thresholds";

    // Headsets
    static final String STATE_PANEL = "state the headset's panel and the render scale of the runs, and log GPU work";
    static final String FRAME_TIME_OPEN = "the runs leave open whether a frame takes any time";

    // JobFailure
    static final String SOMETHING_FAILED = "something failed";
    static final String NO_MEMORY =
            "There was not enough memory for it, and nothing was changed. Use shorter logs, or start Fluss with "
                    + "more memory.";
    static final String FAULT_IN_FLUSS = "An error in Fluss; nothing was changed: %s. Please report this.";

    // PeopleEdits
    static final String KEEPING_SESSION = "Keeping the session";
    static final String RENAMING_SESSION = "Renaming the session";
    static final String REMOVING_SESSION = "Removing the session";
    static final String ADDING_BLIND_BLOCK = "Adding the blind block";
    static final String KEEPING_ANSWER = "Keeping the answer";
    static final String ENDING_BLIND_BLOCK = "Ending the blind block";
    static final String REMOVING_BLIND_BLOCK = "Removing the blind block";
    static final String KEEPING_ROUND = "Keeping the round";
    static final String REMOVING_RECORD = "Removing the record";

    // PlanEdits
    static final String CHANGING_PLAN = "Changing the plan";
    static final String CHANGING_PLANS_SETTINGS = "Changing the plan's settings";
    static final String PLANNING_SESSION = "Planning the session";
    static final String MARKING_LINE = "Marking a line";
    static final String PLANNING_TAKE_APART = "Planning what takes it apart";
    static final String PLANNING_PATH = "Planning a path";

    // PowerUses
    static final String POWER_LIMIT_NOT_STATED = "not stated: the power limit";

    // Reports
    static final String BUILDING_REPORT = "Building the report";
    static final String WRITING_REPORT = "Writing the report";
    static final String REPORT_WRITTEN = "The report was written to %s.";
    static final String WRITING = "Writing %s";
    static final String WRITTEN_TO = "Written to %s.";
    static final String DRAWING_PAGE = "Drawing page %d";
    static final String PRINTING = "Printing";
    static final String NO_PRINTER = "the printer %s is not there";
    static final String SENT_TO = "Sent to %s.";
    static final String HOLDS = "%s holds %s.";
    static final String TAKING_IN = "Taking in %s";

    // RunEdits
    static final String STATING_DISPLAY = "Stating the display";
    static final String TAKING_BENCHS_FACTS = "Taking the bench's facts";
    static final String MARKING_SWITCHES = "Marking switches";
    static final String MARKING_RUNS = "Marking runs";
    static final String RENAMING_RUN = "Renaming a run";
    static final String MOVING_RUNS = "Moving runs";
    static final String REMOVING_RUNS = "Removing runs";
    static final String MARKING_SECTION = "Marking a section";
    static final String SETTING_WEIGHT = "Setting a weight";
    static final String RENAMING_SECTION = "Renaming a section";
    static final String REMOVING_MARK = "Removing a mark";

    // SchoolEdits
    static final String KEEPING_SCHOOL = "Keeping the school";
    static final String REMOVING_SCHOOL = "Removing the school";
    static final String CHOOSING_SCHOOL = "Choosing a school";

    // Screens
    static final String REFRESH_IS_FIXED = "the refresh is fixed";
    static final String THIS_RUN = "this run";

    // SecondCards
    static final String NO_SECOND_LOAD = "no run of this scene has the second card's load: log second_gpu_load_pct";

    // SpreadSeen
    static final String NO_RATE = "the run has no rate";

    // Workbench
    static final String OPENING = "Opening %s";
    static final String CLOSING = "Closing";
    static final String CLOSED_MEANWHILE =
            "%s was closed meanwhile, so nothing was changed. Open it again and repeat the change.";
    static final String ANALYSING = "Analysing %s";
    static final String READING_ANSWERS = "Reading answers";
    static final String READING_TRIAL = "Reading a trial";

    private ModelText() {}
}
