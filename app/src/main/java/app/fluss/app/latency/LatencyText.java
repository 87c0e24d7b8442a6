package app.fluss.app.latency;

/// The texts of latency, by the class that shows them.
final class LatencyText {
    // LatencyFigureGrid
    static final String UNCERTAINTY_OF_MEAN_MS = "Uncertainty of the mean, ms";
    static final String COMBINED = "combined";
    static final String COMBINED_DEFINITION = "Independent parts add in quadrature (JCGM 100).";
    static final String EXPANDED_K_2 = "expanded, k = 2";
    static final String EXPANDED_DEFINITION = "Covers about 95 % if the mean is normally distributed.";
    static final String SAMPLES = "samples";
    static final String FEW = " (few)";
    static final String SAMPLES_DEFINITION = "Answered trials that nobody rejected. Below %d they are weak.";
    static final String MISSED = "missed";
    static final String MISSED_DEFINITION = "Trials without light in time: counted, never dropped.";
    static final String REJECTED = "rejected";
    static final String REJECTED_DEFINITION = "Trials that you rejected. Ctrl+Z restores them.";
    static final String MEDIAN_MS = "median, ms";
    static final String MIDDLE_SAMPLE = "Middle sample.";
    static final String ITS_INTERVAL = "its interval";
    static final String MEDIAN_INTERVAL_DEFINITION = "95 %, from order statistics; needs 6 samples.";
    static final String MEAN_MS = "mean, ms";
    static final String MEAN_OF_SAMPLES = "Mean of the samples.";
    static final String MEAN_INTERVAL_DEFINITION =
            "95 % by Student's t. Of samples in coarse steps it says more than that of the median.";
    static final String SD_MS = "sd, ms";
    static final String STANDARD_DEVIATION_N_1 = "Standard deviation, n − 1.";
    static final String MAD_MS = "MAD, ms";
    static final String MEDIAN_ABSOLUTE_DEVIATION = "Median absolute deviation, unscaled.";
    static final String P5_TO_P95_MS = "p5 to p95, ms";
    static final String MIDDLE_NINE_TENTHS = "The middle nine tenths.";

    // LatencyPane
    static final String TRACE = "Trace";
    static final String SET_MARK = "Set mark";
    static final String PRESS = "Press";
    static final String LIGHT_AT = "Light at";
    static final String SWAP = "Swap";
    static final String SWAP_TIP =
            "Swaps the channels, if the light was recorded on the channel of the input; the evidence is analysed "
                    + "again";
    static final String STAGE_STACK = "Stage stack: what each stage adds between input and light";
    static final String ACCEPT = "Accept";
    static final String ACCEPT_TIP = "This trial counts (A)";
    static final String REJECT = "Reject";
    static final String REJECT_TIP = "This trial does not count (X)";
    static final String PUT_BACK = "Put back";
    static final String PUT_BACK_TIP = "The mark goes back to where it was found";
    static final String PRESS_TIP =
            "What was taken for the press; if that was the release, choose the other: the evidence is analysed "
                    + "again";
    static final String SET_MARK_TIP = "Then click into the trace where the light answered (M)";
    static final String LIGHT_AT_TIP =
            "The share of the light's step at which it counts; the evidence is analysed again";
    static final String FROM_INPUT_TO_LIGHT = "From input to light";
    static final String STACK_UNIT = "mean (5 to 95 %), ms";
    static final String MEASURED = "Measured";
    static final String REMOVE = "Remove";
    static final String REMOVE_TIP = "Removes the measured latency (can be undone)";
    static final String SAMPLES_HEADING = "Samples";
    static final String SAMPLES_LEGEND = "◇ open · × out · ▾ missed";
    static final String LIGHT_AT_LABEL = "light at";
    static final String TRIAL_BEFORE_TIP = "Trial before (←)";
    static final String NEXT_TRIAL_TIP = "Next trial (→)";
    static final String TRACE_OF_TRIAL = "Trace of a trial";
    static final String NOT_MEASURED = "Latency is not measured for this run";
    static final String NOT_MEASURED_HINT =
            "The stages above are estimated from the log and from what is stated. To measure, record clicks and "
                    + "light: a list trial,input_ms,photon_ms, a sensor trace t_us,input,light, or a WAV with the click on "
                    + "one channel and the light sensor on the other, or film button and screen with a high-speed camera.";
    static final String ADD_MEASURED_LATENCY = "Add measured latency…";
    static final String ADD_MEASURED_LATENCY_TIP = "Choose a CSV, a WAV or a clip";
    static final String THEN_PRESS = " · press";
    static final String HANDS_AND_HEAD = "hands, buttons: as below · head: %s ms";
    static final String PREVIEW_SHARES = "until 10 %% shows %s · 50 %% %s · 90 %% %s";
    static final String TRIAL = "Trial %d, %s";
    static final String LIST_HAS_NO_TRACE = "A list of samples has no trace.";
    static final String NO_TRACE_KEPT = "No trace was kept of this trial.";
    static final String SET_BY_HAND = "set by hand";
    static final String CLEAN = "clean";
    static final String ACCEPTED = "accepted";
    static final String AMBIGUOUS = "ambiguous";

    // SamplesView
    static final String SAMPLES_DESCRIBED = "Latency samples over the run, with their distribution";

    // TraceView
    static final String TRACE_DESCRIBED = "The light around one trial, with the edges that were found";
    static final String MS_BY_HAND = " ± %s ms, by hand";
    static final String COMPETES = "competes";
    static final String OTHER_PRESS = "other press";
    static final String BEFORE = "before";
    static final String PLATEAU = "plateau";
    static final String PERCENT_OF_STEP = "%s %% of the step";
    static final String PRESS_MARK = "press";

    private LatencyText() {}
}
