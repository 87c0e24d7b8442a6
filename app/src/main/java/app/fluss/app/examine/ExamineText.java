package app.fluss.app.examine;

/// The texts of Examine, by the class that shows them.
final class ExamineText {
    // BandView
    static final String FRAME_TIME_OVER_TIME = "Frame time over time";
    static final String NO_FRAME_LOG = "This run has no frame log: it rests on %s.";

    // ExamineScreen
    static final String SIMULATED = "simulated";
    static final String DISPLAY = "Display…";
    static final String DISPLAY_TIP = "State the refresh rate and sync mode of this run";
    static final String CORRECT = "Correct…";
    static final String CORRECT_TIP = "Correct what was typed of this run";
    static final String COPY = "Copy";
    static final String COPY_TIP = "Copy the figures as a table (Ctrl+Shift+C)";
    static final String FIGURES_OF_RUN = "Figures of the run";
    static final String CALCULATING_ITS_FIGURES = " · calculating its figures";

    // FigureGrid
    static final String LIMIT = "limit";
    static final String WHAT_LIMITED_MOST_FRAMES = "What limited most frames.";
    static final String WEAK_RESTS_ON_FRAMES = "Weak: rests on %d frames.";
    static final String IN_OF_FRAMES = "In %s of the frames.";
    static final String GPU = "GPU";
    static final String CPU = "CPU";
    static final String CAP = "cap";
    static final String MIXED = "mixed";
    static final String UNKNOWN = "unknown";

    // FramesPane
    static final String SECTIONS = "Sections";
    static final String LOWS_BY = "Lows by";
    static final String ALL = "All";
    static final String ALL_TIP = "Show the whole run (Home)";
    static final String LOWS_BY_LABEL = "lows by";
    static final String RATES_IMAGES_S = "Rates, images/s";
    static final String FIGURES = "Figures";
    static final String FRAME_TIME = "Frame time";
    static final String MS_STUTTER = "ms · ◆ stutter";
    static final String REFRESH_WEAVE = "Refresh weave";
    static final String WEAVE_ROW = "one second a row";
    static final String WHOLE_RUN = "whole run";
    static final String MARK_TIP = "Mark what is shown (M; or drag with Shift)";
    static final String RENAME = "Rename…";
    static final String REMOVE_MARK = "Remove mark";
    static final String NO_SECTION_YET = "No section is marked yet";
    static final String NAME_OF_SECTION = "Name of the section";

    // LadderView
    static final String CLAIMED = "claimed";
    static final String RENDERED = "rendered";
    static final String PRESENTED = "presented";
    static final String GENERATED = "generated";
    static final String DELIVERED = "delivered";
    static final String NOT_SEEN = "not seen";
    static final String OF_ONE_RUN = "of one run";

    // Legend
    static final String SHAPES = "Shapes of the weave: rendered, generated, held, repeated, lost";
    static final String HELD = "held";
    static final String REPEATED = "repeated";
    static final String LOST = "lost";

    // NotedPane
    static final String SAID_AND_GOT = "What the counter said, and what the eye got";
    static final String DISTINCT_BARS = "bars: distinct pictures of each second";
    static final String READING_BY_READING = "Reading by reading";
    static final String READING_BY_READING_TIP = "Every reading with its picture (Ctrl+J)";
    static final String COUNTER_SAID = "What the counter said";
    static final String READINGS_AXES = "images/s over time; each reading stands until the next";
    static final String HOW_IT_FELT = "How it felt";
    static final String NO_CLIP_COUNTED = "no clip of it was counted";
    static final String WHAT_THIS_RUN_GIVES = "What this run gives";
    static final String GRADE_IT_RESTS_ON = "grade %s: it rests on %s";
    static final String S_ON_AVERAGE = "/s on average";
    static final String WEIGHTED_MEAN = "Mean of the readings, weighted by how long each stood.";
    static final String UNWEIGHTED_MEAN = "Unweighted mean of the readings: they have no times.";
    static final String AS_NOTED = "As noted.";
    static final String S_LOWEST_TO_HIGHEST = "/s, lowest to highest";
    static final String LOWEST_TO_HIGHEST = "The lowest and the highest that was seen.";
    static final String CONVENTION_UNKNOWN = "convention unknown";
    static final String BY = "by %s";
    static final String S_1_PERCENT_LOW = "/s, 1 %% low, %s";
    static final String S_GENERATORS_BASE = "/s, the generator's base";
    static final String GENERATOR_BASE_DEFINITION = "What a generator took for its base.";
    static final String S_WORST_STRETCH_FROM = "/s, worst stretch: %s from %s";
    static final String WORST_STRETCH = "Where the counter stood lowest.";
    static final String DISTINCT_IN_CLIP = "/s told apart in its clip";
    static final String DISTINCT_DEFINITION = "Pictures of its clip that are really new, each second.";
    static final String MEDIAN_LATENCY = "ms from input to light, median";
    static final String LATENCY_DEFINITION =
            "What was measured of its latency: Latency (Ctrl+L) shows it click by click.";
    static final String MEAN_NOTED = "Mean of what was noted.";
    static final String NO_NUMBER = "No number belongs to this run.";
    static final String GPU_LOAD = "% GPU load";
    static final String SECOND_GPU_LOAD = "% load of the second GPU";
    static final String CPU_LOAD = "% CPU load";
    static final String MB_OF_CARD_MEMORY = "MB of card memory";
    static final String C_GPU = "°C, GPU";
    static final String MHZ_GPU = "MHz, GPU";
    static final String SMOOTHNESS = "smoothness";
    static final String SHAKES_5_FLOWS = "1 shakes, 5 flows";
    static final String RESPONSE = "response";
    static final String RESPONSE_SCALE = "1 drags, 5 follows the hand";
    static final String ARTEFACTS = "artefacts";
    static final String ARTEFACTS_SCALE = "1 spoil the picture, 5 none seen";
    static final String MIN_GRADE = "%d min · grade %s";
    static final String WHAT_IT_CANNOT_TELL = "What it cannot tell";
    static final String QUICKEST_WAY = "and the quickest way to know";

    // ReadingsView
    static final String COUNTER_OVER_TIME = "What the counter said over time";

    // WeaveView
    static final String WEAVE_DESCRIBED = "Refresh weave: which image each refresh showed";
    static final String NO_REFRESH_RATE =
            "No refresh rate is stated for this run. State it under “Display…” to see each refresh.";
    static final String NO_LOG_NO_REFRESHES = "Without a frame log nothing is known of single refreshes.";

    private ExamineText() {}
}
