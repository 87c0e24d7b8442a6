package app.fluss.app.many;

/// The texts of adding many files, by the class that shows them.
final class ManyText {
    // ManyDialog
    static final String ADD_RUNS = "Add runs";
    static final String FILE = "file";
    static final String WHAT_IT_IS = "what it is";
    static final String GAME = "game";
    static final String SCENE = "scene";
    static final String PATH = "path";
    static final String TAKEN_FOR = "taken for";
    static final String ADD_MANY_FILES = "Add many files";
    static final String GUESSED_HINT =
            "Game, scene and path are guessed by the names of files and folders. Correct them here; all runs are "
                    + "added in one step.";
    static final String FOR_ALL = "For all:";
    static final String FILES_USED = "%d of %d files make a run";
    static final String ADD_1_RUN = "Add 1 run";
    static final String ADD_SO_MANY_RUNS = "Add %d runs";

    // ManyFlow
    static final String STUDY_READ_ONLY = "Open a study that can be written first; this one is read-only.";
    static final String LOOKING_AT_FILES = "Looking at the files";
    static final String TOO_MANY_FILES =
            "Only the first %d files are shown, %d more were left out: add those, then drop the rest.";
    static final String NO_FILE = "There is no file in what was dropped.";
    static final String FILES_NOT_LISTED = "The files cannot be listed: %s";

    // ManyRow
    static final String TIME_READING = "How the time is read";
    static final String RUN_IT_BELONGS_TO = "Run it belongs to";
    static final String WITH = "with %s";
    static final String CHOOSE_TIME = "%s: choose how its time is read, or leave it out.";
    static final String ENTER_PLACE = "%s: enter game, scene and path, or leave it out.";

    // SeenFile
    static final String CLIP_COUNTED = "clip: its distinct pictures are counted";
    static final String NOTHING_THAT_IS_KNOWN = "nothing that is known";
    static final String FRAME_LOG_KNOWN_COLUMNS = "frame log, known columns";
    static final String FRAME_LOG_TWO_READINGS = "frame log, two readings";
    static final String NO_TIME = "a table without a time: drop it by itself to map its columns";
    static final String FRAME_LOG = "frame log. %s";
    static final String IT_CANNOT_BE_READ = "it cannot be read: %s";

    private ManyText() {}
}
