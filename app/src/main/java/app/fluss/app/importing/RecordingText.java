package app.fluss.app.importing;

/// The texts of the dialog of recordings, by the class that shows them.
final class RecordingText {
    // GlyphStrip
    static final String GLYPH = "glyph %s";
    static final String WITHOUT_NAME = "without a name";
    static final String GLYPH_TIP =
            "Seen %d times among the pictures that were learnt from. %s. Press a digit, a point, or X for "
                    + "anything else.";
    static final String YOU_NAMED_IT = "You named it";
    static final String NO_NAME = "It has no name: what it shows is open";
    static final String FLUSS_NAMED_IT = "Fluss named it";
    static final String NO_FIGURE = "no figure";
    static final String NO_DIGIT = "no digit: a letter, a unit, a symbol";

    // RecordingDialog
    static final String KEEP_AS_RUN = "Keep as a run of its own…";
    static final String ADD_TO_SELECTED_RUN = "Add to the selected run";
    static final String READ_NUMBERS = "Read the numbers";
    static final String READ_NUMBERS_TIP = "Reads them on every picture";
    static final String NUMBERS_ON_RECORDING = "Numbers on a recording";
    static final String READ_AREAS = "the numbers that are read";
    static final String READING_EVERY_PICTURE = "Reading every picture";
    static final String STOP = "Stop";
    static final String STOP_TIP = "Stops reading; nothing is changed";
    static final String PICTURE = "picture";
    static final String PICTURES_S = "pictures/s";
    static final String NUMBERS = "Numbers";
    static final String GLYPHS = "Glyphs of the marked number";
    static final String PICTURES_OF_TIMES_PX = "%d pictures of %d × %d px";
    static final String AREAS_HINT =
            "Drag close around each number on the picture. Fluss reads it on every picture, and counts which "
                    + "pictures are new outside the rectangles.";
    static final String ADD_TO = "Add to %s";
    static final String READING_PICTURE = "Reading a picture";
    static final String READING_NUMBERS = "Reading numbers";
    static final String READ_AGAIN = "Read again";
    static final String STATE_RECORDING_RATE = "State how many pictures a second the recording has: 1 to 10000.";
    static final String NO_AREA_YET = "None yet: drag over the first one, the frame rate.";
    static final String NOT_READ_YET = "not read yet";
    static final String DO_NOT_READ_TIP = "Do not read this number";
    static final String MEAN_OPEN = "mean %s %s · %s open";
    static final String NO_GLYPHS = "No glyphs were found in its rectangle.";
    static final String GLYPHS_HINT =
            "Click one that is named wrong, or not at all, say what it is, and read again. It is remembered.";
    static final String GLYPHS_LATER = "They show once the numbers are read.";
    static final String DISTINCT_RATE = "%s images/s can be told apart";
    static final String NO_MOTION = "no motion that images could be told apart by";
    static final String COUNTER_SAID_S = "The counter said %s/s; %s.";
    static final String RECORDING_SHOWS = "The recording shows %s.";
    static final String REMEMBERING_NUMBERS = "Remembering the numbers";

    private RecordingText() {}
}
