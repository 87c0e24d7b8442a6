package app.fluss.app.path;

/// The texts of the path of a run, by the class that shows them.
final class PathText {
    // FigureTable
    static final String NO_INTERVAL_TIP = "Too few runs for an interval.";
    static final String INTERVAL_TIP = "With its 95 % interval from run to run.";

    // GenerationPanel
    static final String AGAINST_NATIVE = "against native";
    static final String BASE_S = "base /s";
    static final String BASE_COST = "base cost";
    static final String FOUND_TIMES = "found ×";
    static final String DELIVERED_S = "delivered /s";
    static final String GAIN = "gain";
    static final String EFFICIENCY = "efficiency";
    static final String GENERATED = "generated";
    static final String UNSEEN_S = "unseen /s";
    static final String WHOLE_SCENE = "whole scene";
    static final String ALL_RUNS = "all runs";
    static final String GENERATION_STRETCH_BY_STRETCH = "Generation, stretch by stretch";
    static final String NO_STRETCHES_HINT =
            "Mark the same stretches in a native run and in this one, under the same names, to see which of them "
                    + "generation suits.";
    static final String OF = "of %s";
    static final String BOTH_RATES_TIP = "With the path on, and natively. %s";
    static final String WAYS = "Three ways to know what was generated";
    static final String DISTINCT_S = "distinct /s";
    static final String BY_KIND = "by kind";
    static final String BY_KIND_ABOUT = "what the log calls each image";
    static final String BY_GAME_TIME = "by game time";
    static final String BY_GAME_TIME_ABOUT = "on the line between others";
    static final String BY_PICTURES = "by pictures";
    static final String BY_PICTURES_ABOUT = "told apart in a clip";
    static final String REPEATS_TIP =
            "Repeats by game time: %s of all images depict the same moment as the one before.";
    static final String AGREES = "● agrees";
    static final String DISAGREES = "▲ disagrees";

    // PathPane
    static final String NOTHING_CALCULATED = "Nothing can be calculated for this path yet";
    static final String NATIVE_NEEDED = "Measure the native path of this scene too.";
    static final String LOG_NEEDED =
            "This run rests on claimed figures. A frame log shows what was made, copied and displayed.";

    // ScreenPanel
    static final String CADENCE_ON_DISPLAY = "Cadence on the display";
    static final String NEW_S = "new /s";
    static final String MOTION_ERROR_MS = "motion error ms";
    static final String INTO_DISPLAY = "into the display";
    static final String AS_SHOWN = "as shown";
    static final String ON_HZ = "on %s Hz";
    static final String SMOOTHED_AT_BEST = "smoothed, at best";
    static final String PANEL_COLUMN = "on a panel of %s Hz";
    static final String EVEN_SHARE = "Even share %s: that many images stay for the commonest number of refreshes.";
    static final String SMOOTHING_UNSEEN =
            "No log sees what a display makes of its input: this is the best that it could do.";
    static final String BELOW_WINDOW = "Below the window of %s: the panel shows each image %s times.";
    static final String WITHIN_WINDOW = "Within the window of %s each image is shown as it comes.";
    static final String OUTSIDE_WINDOW = "The rate lies outside the window: %s.";
    static final String RATE_DIVIDES = "The rate divides the refresh: every image stays equally long.";
    static final String BEAT =
            "%s/s is near a divisor of %s Hz: one refresh is gained or lost every %s s, which shows as a regular "
                    + "jump.";
    static final String NO_DIVISOR = "The rate is not near a divisor of the refresh: holds change from image to image.";
    static final String LAG_OF_PICTURE_MODES = "Lag of picture modes";
    static final String DISPLAY_NOT_ON_BENCH = "a display that is not on the bench";
    static final String NO_LAG_STATED =
            "No lag is stated. Add picture modes to the display on the bench, each with its measured lag.";
    static final String LAG_MS = "lag ms";
    static final String REFRESHES = "refreshes";
    static final String SMOOTHING = "smoothing";
    static final String MEASURED = ", measured";
    static final String STATED = ", stated";
    static final String NO_REFRESH_STATED = "no refresh rate is stated";
    static final String YES = "yes";
    static final String NO = "no";
    static final String CAN_SMOOTH_TIP = "Whether the panel's smoothing can act in this mode.";
    static final String NO_DISPLAY_MATCHES =
            "No display on the bench is set to this run's refresh rate and sync: state it there, and its modes "
                    + "and its cable are judged here.";
    static final String CABLE = "Cable, without compression (what it would add is not judged)";
    static final String SMOOTHING_HEADING = "Smoothing, set for this source";
    static final String DISPLAY_MODE_NEEDED = "State the display mode of this run: its refreshes tell the source rate.";
    static final String LOW_RATE_SMOOTHING = "low-rate smoothing";
    static final String FULL_RATE_SMOOTHING = "full-rate smoothing";
    static final String SOURCE = "source %s";
    static final String S_STEADY = "%s/s, steady";
    static final String NOT_STEADY = "not steady";
    static final String SMOOTHING_SAFETY =
            "Common practice; wide picture changes and flicker can trouble photosensitive people.";

    private PathText() {}
}
