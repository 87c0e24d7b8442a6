package app.fluss.app.recorded;

/// The texts of numbers read from recordings, by the class that shows them.
final class RecordedText {
    // CounterView
    static final String COUNTER_DESCRIBED =
            "What the counter showed over time, and how many pictures of each second are distinct";

    // ReadingPanel
    static final String IT_SHOWS_THIS = "It shows this";
    static final String IT_SHOWS_THIS_TIP = "Corrects the reading (Enter); the next open one follows";
    static final String UNREADABLE = "Unreadable";
    static final String UNREADABLE_TIP = "Removes the reading from all figures";
    static final String PUT_BACK = "Put back";
    static final String PUT_BACK_TIP = "As it was read";
    static final String NEXT_OPEN = "Next open ▸";
    static final String NEXT_OPEN_TIP = "The next reading that is open";
    static final String READING_BEFORE_TIP = "The reading before";
    static final String NEXT_READING_TIP = "The next reading";
    static final String S_FOR_S = "%s s, for %s s";
    static final String NO_PICTURE_KEPT = "No picture of this reading was kept: there are too many.";
    static final String READ_AS = "read as %s %s";
    static final String OPEN = "open";
    static final String STRUCK_IT_WAS = "struck; it was %s";
    static final String CORRECTED_IT_WAS = "corrected; it was %s";

    // RecordedPane
    static final String ANOTHER_RECORDING = "Another recording…";
    static final String ANOTHER_RECORDING_TIP = "Read another recording of this run";
    static final String REMOVE = "Remove";
    static final String REMOVE_TIP = "Removes the numbers (can be undone)";
    static final String COUNTER_OVER_TIME = "Counter over time";
    static final String COUNTER_LEGEND = "line: the counter · bars: distinct pictures of each second · hatched: open";
    static final String MARKED_READING = "The marked reading";
    static final String OVER_WHOLE_RECORDING = "Over the whole recording";
    static final String NO_RECORDING = "No recording of this run was read";
    static final String NO_RECORDING_HINT =
            "Record the screen with the counter in a corner, and drop the recording here. Fluss reads each "
                    + "number on every picture, says what it could not read, and counts how many pictures are really new: "
                    + "what the counter said against what the eye got, from one recording.";
    static final String READ_RECORDING = "Read a recording…";
    static final String READ_RECORDING_TIP = "Choose a recording of this run";
    static final String TRY_DRAWN = "Try it with a drawn one";
    static final String TRY_DRAWN_TIP = "Reads the short recording that ships with Fluss";
    static final String NO_FRAME_RATE_READ = "no frame rate was read";
    static final String PICTURES_AT_S_GRADE = "%s · %s pictures at %s/s · grade %s%s";
    static final String EYE_GOT_S = "the eye got %s/s";
    static final String NONE_TOLD_APART = "of its pictures none can be told apart";
    static final String COUNTER_SAID_S = "The counter said %s/s, %s";
    static final String FRAME_RATE_NOT_READ = "The frame rate was not read; %s";
    static final String MEAN_OVER_TIME = "mean over time";
    static final String LOWEST_TO_HIGHEST = "lowest to highest";
    static final String RENEWED_EVERY = "renewed every";
    static final String COUNTERS_OWN_PERIOD = "The counter's own period. %s";
    static final String CHANGES_THAT_WERE_READ = "changes that were read";
    static final String PERCENT_OF_TIME = "%s %% of the time";
    static final String OPEN_DEFINITION = "What could not be read.";
    static final String BELOW = "below";
    static final String OF_TIME = "%s of the time";
    static final String TYPE_NUMBER = "type a number";

    private RecordedText() {}
}
