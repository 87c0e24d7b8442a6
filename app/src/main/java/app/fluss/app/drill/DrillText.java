package app.fluss.app.drill;

/// The texts of the drill, by the class that shows them.
final class DrillText {
    // DrillPane
    static final String SIZE_OF_FAULT = "Size of the fault";
    static final String WHAT_IS_WRONG = "What is wrong";
    static final String WHERE_IT_IS_SEEN = "Where it is seen";
    static final String TRAIN_WEAKEST = "Train on the fault I find least often";
    static final String NAME_ONLY = "name only";
    static final String PERSON = "Person";
    static final String SHOW_RUN = "Show a run";
    static final String SHOW_RUN_TIP = "A simulated run with one fault, or none";
    static final String ANSWER = "Answer";
    static final String ANSWER_TIP = "Shows what the run really has";
    static final String WHAT_IS_WRONG_QUESTION = "What is wrong?";
    static final String SEEN_IN = "Seen in";
    static final String CLEAR_RECORD = "Clear record";
    static final String CLEAR_RECORD_TIP = "Removes the record of this person; can be undone (Ctrl+Z)";
    static final String ROUND = "Round";
    static final String FAULT = "Fault";
    static final String SIMULATED = "simulated";
    static final String RECORD = "Record";
    static final String ENTER_NAME = "Enter your name first, up to %d characters: the record is kept by it.";
    static final String SIMULATING_RUN = "Simulating a run";
    static final String DRILL = "drill";
    static final String CHOOSE_ANSWER = "Choose what is wrong, and where it is seen.";

    // RecordPanel
    static final String FALSE = "false";
    static final String FALSE_ALARMS_TIP = "False alarms: rounds without the fault in which it was named";
    static final String NO_ROUND_YET =
            "No round yet. Each answer is counted here: what was found, what was missed, and what was named "
                    + "where it was not.";
    static final String FAULT_COLUMN = "fault";
    static final String FOUND = "found";
    static final String SENSITIVITY_TIP = "How far it stands out for you; 0 is guessing, above 2 is good";
    static final String OF = "%d of %d";
    static final String ROUNDS_RIGHT = "%d of %d right, %d with the right place";
    static final String WORTH_TRAINING = "Worth training: %s.";

    // TruthPanel
    static final String RIGHT = "Right: %s.";
    static final String FALSE_ALARM = "A false alarm: this run has no fault that its frames show.";
    static final String MISSED = "Missed: %s.";
    static final String SEEN_IN_PARTS = "It can be seen in: %s. ";
    static final String LASTS = "It lasts from %s to %s s. ";
    static final String SCENARIO = "The scenario: %s";

    private DrillText() {}
}
