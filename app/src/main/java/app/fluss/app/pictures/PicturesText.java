package app.fluss.app.pictures;

/// The texts of clips and stills, by the class that shows them.
final class PicturesText {
    // HoldsView
    static final String HOW_LONG_IMAGES_STAYED = "How long images stayed";
    static final String PICTURE = "1 picture";
    static final String PICTURES = "%s pictures";

    // PicturesPane
    static final String DISTINCT_BY_SECOND = "Distinct pictures in each second";
    static final String OUTLINED_WORST = "outlined: the worst";
    static final String ANOTHER_CLIP = "Another clip…";
    static final String ANOTHER_CLIP_TIP = "Count another clip of this run";
    static final String REMOVE = "Remove";
    static final String REMOVE_TIP = "Removes the count (can be undone)";
    static final String WHAT_CLIP_SAYS = "What the clip says";
    static final String NO_CLIP = "No clip of this run was counted";
    static final String NO_CLIP_HINT =
            "A counter counts images; a clip shows which of them can be told apart. Record the game for 5 s and "
                    + "more at the display's refresh rate or above (Y4M, numbered PNG pictures or a common video), and "
                    + "leave any overlay out: it changes by itself.";
    static final String COUNT_CLIP = "Count a clip…";
    static final String COUNT_CLIP_TIP = "Choose a clip of this run's game";
    static final String CLIP_ABOUT = "%s · %s pictures at %s/s · looked at %s";
    static final String DISTINCT_S = "distinct /s";
    static final String DELIVERED_BY_LOG = "by the log, delivered /s";
    static final String LONGEST_HOLD_MS = "longest hold, ms";
    static final String THRESHOLD_OF_255 = "threshold, of 255";
    static final String NO_FAULT_FOUND = "No fault found.";

    // RateView
    static final String DISTINCT_DESCRIBED = "Distinct pictures in each second of the clip";
    static final String ON = "on";
    static final String OFF = "off";
    static final String COUNTER_SAID = "the counter said %s";

    // StillsPanel
    static final String PSNR_DB = "PSNR, dB";
    static final String SSIM_1_IS_EQUAL = "SSIM, 1 is equal";
    static final String DIFFERENCE_MAP = "where they differ, brighter is more";
    static final String ONE_STILL_AGAINST_ANOTHER = "One still against another";
    static final String COMPARE_TWO_STILLS = "Compare two stills…";
    static final String COMPARE_TWO_STILLS_TIP =
            "Choose what it should look like, then what it looks like: two PNG pictures of one size";
    static final String STILLS_HINT =
            "For upscalers and decoders: the same moment, once native and once through the path, as PNG.";
    static final String REFERENCE_STILL = "What it should look like";
    static final String STILL = "What it looks like";
    static final String PNG_PICTURES = "PNG pictures";
    static final String COMPARING_PICTURES = "Comparing pictures";
    static final String AGAINST = "%s against %s";
    static final String EQUAL = "equal";
    static final String SMALLER_THAN_ITS_WINDOW = "smaller than its window";

    private PicturesText() {}
}
