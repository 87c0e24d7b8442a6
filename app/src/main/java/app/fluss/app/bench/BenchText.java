package app.fluss.app.bench;

/// The texts of Bench, by the class that shows them.
final class BenchText {
    // BenchScreen
    static final String BENCH = "Bench";

    // FactField
    static final String NOT_STATED = "not stated";
    static final String FACT_SOURCE_TIP = "Where the fact comes from. Click to switch between typed and measured.";

    // PartsPane
    static final String FILL_FROM_THIS_COMPUTER = "Fill from this computer";
    static final String FILL_FROM_THIS_COMPUTER_TIP =
            "Read processor, memory, cards, displays and power source; what cannot be read stays empty";
    static final String ADD = "Add";
    static final String GAME_WITH_SCENE = "game with a scene…";
    static final String NAME_OF = "Name of the %s";
    static final String NO_EQUIPMENT_YET = "No equipment yet";
    static final String NO_EQUIPMENT_HINT =
            "Add a rig, a display or a game. Fluss can read this computer; add what it cannot know, then compose "
                    + "paths. A comparison is only as good as what was the same on both sides.";
    static final String FILL_EMPTY_BENCH_TIP = "Reads the equipment; what cannot be read stays empty";
    static final String ADD_RIG = "Add a rig…";
    static final String ADD_RIG_TIP = "A computer, handheld or console";
    static final String ADD_DISPLAY = "Add a display…";
    static final String ADD_DISPLAY_TIP = "A monitor or television";
    static final String ADD_GAME = "Add a game…";
    static final String ADD_GAME_TIP = "With a scene that can be repeated";
    static final String RENAME = "Rename…";
    static final String RENAME_TIP = "Another name; runs keep the one they were measured with";
    static final String ADD_PICTURE_MODE = "Add picture mode…";
    static final String ADD_PICTURE_MODE_TIP = "With the lag that was measured in it";
    static final String NAME_OF_PICTURE_MODE = "Name of the picture mode";
    static final String IN_USE = "in use";
    static final String USE_IT = "Use it";
    static final String USE_IT_TIP = "Used in runs from now on";
    static final String DUPLICATE = "Duplicate";
    static final String DUPLICATE_TIP = "Another of its kind with the same facts";
    static final String REMOVE = "Remove";
    static final String REMOVE_TIP = "Removes it from the bench (can be undone)";
    static final String RENAME_ITEM = "Rename %s";
    static final String CALCULATED = "Calculated";
    static final String READING_THIS_COMPUTER = "Reading this computer";
    static final String COMPUTER_NOT_READ = "This computer could not be read: %s";

    // PathsPane
    static final String ADD_PATH = "Add path";
    static final String NATIVE = "native";
    static final String NO_PATH_IS_CHOSEN = "No path is chosen";
    static final String NO_PATH_HINT =
            "Add the native path first: everything is compared with it. Then add the path to be measured and "
                    + "state its settings here.";
    static final String DUPLICATE_PATH_TIP = "A copy with the same settings: change one of them and compare";
    static final String REMOVE_PATH_TIP = "Remove this path (can be undone)";
    static final String STEPS_FROM_NATIVE_PATH = "Steps from the native path";
    static final String RESTART_GAME = "→ restart the game";
    static final String NO_STAGES =
            "The native path has no stages: images go from the game to the display. Every other path is compared "
                    + "with it.";

    // PreflightPane
    static final String PATH = "Path";
    static final String SCENE = "Scene";
    static final String ON = "on";
    static final String NO_REQUIREMENTS_HINT =
            "Add a game with a scene under Parts and a path under Paths to see what they require before they are "
                    + "measured.";
    static final String NOT_MET_UNKNOWN_MET = "%d not met · %d unknown · %d met";
    static final String NOT_MET = "Not met";
    static final String UNKNOWN = "Unknown";
    static final String MET = "Met";
    static final String SEEN = "Seen: %s.";
    static final String CHECKED_AT_EACH_RUN = "checked at each run";
    static final String TAKE_BACK = "Take back";
    static final String TAKE_BACK_TIP = "Not checked then";
    static final String IT_HOLDS = "It holds";
    static final String IT_HOLDS_TIP = "You have checked it";
    static final String IT_DOES_NOT = "It does not";
    static final String IT_DOES_NOT_TIP = "Recorded with the runs as a finding";

    // SceneDialog
    static final String ADD_SCENE = "Add a scene";
    static final String TIDEWARDEN = "Tidewarden";
    static final String REED_MARSH_LOOP = "reed marsh loop";
    static final String GAME = "Game";
    static final String SECONDS = "Seconds";
    static final String ROUTE_HINT = "A route you can repeat: same start, same way, same length.";
    static final String ADD_SCENE_NOW = "Add scene";

    // ScenesEditor
    static final String SCENE_PROMPT = "scene";
    static final String SECONDS_PROMPT = "seconds";
    static final String HOW_HEAVY = "how heavy";
    static final String BEGINS = "begins";
    static final String WHAT_IS_DONE = "what is done";
    static final String SCENES = "Scenes";
    static final String ADD_SCENE_TO_GAME = "Add scene…";
    static final String ADD_SCENE_TO_GAME_TIP = "One more route in this game";
    static final String WHERE_IT_BEGINS = "where it begins";
    static final String HOW_HEAVY_COLUMN = "How heavy";
    static final String RENAME_SCENE_TIP = "Another name for the scene";
    static final String DUPLICATE_SCENE_TIP = "Another scene of this game with the same description";
    static final String LIGHT = "light";
    static final String TYPICAL = "typical";
    static final String WORST = "worst";

    private BenchText() {}
}
