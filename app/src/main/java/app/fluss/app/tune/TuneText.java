package app.fluss.app.tune;

/// The texts of Tune, by the class that shows them.
final class TuneText {
    // CapCells
    static final String NO_GENERATION = "no generation";
    static final String NO_CAP = "no cap";
    static final String MS_PERCENT = "%s ms · %s %%";
    static final String CELL_FIGURES =
            "base %s/s%s, presented %s/s, delivered %s/s, %s/s unseen; latency %s ms, %s ms more than native; "
                    + "motion error %s ms, even share %s; card that generates %s %%";
    static final String CAP_KEPT = ", cap kept %s %% of the time";
    static final String NO_REFRESH = "no refresh";
    static final String WARNING = " Warning: %s.";
    static final String REFUSED = "%s. Refused: %s.";

    // CapPane
    static final String GENERATOR = "Generator";
    static final String SCHOOL = "School";
    static final String PLAN_THIS_PATH = "Plan this path";
    static final String PLAN_THIS_PATH_TIP = "Adds the path and plans three runs of it in this scene";
    static final String STATE_ITS_DISPLAY = "State its display…";
    static final String STATE_ITS_DISPLAY_TIP = "The refresh rate and the sync mode it was measured on";
    static final String CAP_TIMES_MULTIPLIER = "Cap × multiplier";
    static final String CELL_LEGEND = "★ best  ● fair  ▲ with a warning  ◐ wasteful  ✕ refused";
    static final String CAP_AND_MULTIPLIER = "Cap and multiplier";
    static final String CELL_ABOUT = "delivered rate; latency added to native; load of the card that generates";
    static final String WHY_NOT_OTHERS = "Why not the others";
    static final String FOR = "for";
    static final String GENERATOR_LABEL = "generator";
    static final String MAKE_TIME = "time to make one image";
    static final String MS = "ms";
    static final String MAY_ADD = "may add";
    static final String BASE_AT_LEAST = "base at least";
    static final String NO_DISPLAY_STATED = "Tune works from %s · %s, once the display it was measured on is stated.";
    static final String NO_NATIVE_LOG =
            "Tune works from the CPU and GPU work in a native log of the scene, on a stated display. There is "
                    + "none yet: measure the native path first.";
    static final String MAKE_TIME_INVALID =
            "State how long the generator takes for one image, 0 to 100 ms. Its maker's or your own figure; "
                    + "engine and capture generators take about 1 to 3 ms.";
    static final String CALCULATING_CAPS = "Calculating the cap grid";
    static final String NO_WORK_LOGGED =
            "The native log of this scene has no CPU and GPU work of its frames: log them, and the grid can be "
                    + "worked out.";
    static final String GRID_BASIS =
            "From %s%s, on %s Hz %s with %d frames in flight at most%s. Images between two; estimated, not "
                    + "measured.%s";
    static final String SIMULATED = " (simulated)";
    static final String COPY_TAKES_MS = ", a copy takes %s ms";
    static final String CAP_PHASE =
            " Where a cap keeps step with the display, latency depends on its phase: up to half a refresh either "
                    + "way.";
    static final String SET_IN_TUNE = "set in Tune";
    static final String CAP = "cap %s";

    // HeadsetTunePane
    static final String SCALE_BY_REFRESH = "Render scale × refresh rate";
    static final String HEADSET_CELL_ABOUT =
            "refreshes without a new image; new images a second, and whether they stay equally long";
    static final String HEADSET_SAFETY =
            "Stop at the first sign of sickness. For children and for people who react to flashing pictures the "
                    + "headset's manual decides.";
    static final String WANTED = "wanted";
    static final String AT_MOST = "at most";
    static final String SELECT_HEADSET_RUN = "Select a run that was seen in a headset: its work is where this starts.";
    static final String LAW_NEEDED = "Other render scales need a law of GPU time against pixels: %s.";
    static final String LOG_WORK = "log CPU and GPU work";
    static final String STATE_HEADSET_REFRESH =
            "State the refresh rate of the headset, on the bench or of the run (“Display…” in Examine).";
    static final String SHARE_INVALID = "Enter the share that is allowed, 0 to 100 %.";
    static final String CALCULATING_SCALES = "Calculating the headset grid";
    static final String HEADSET_BASIS =
            "This run's frames, played at each refresh rate with the GPU time that the law gives for each scale. "
                    + "Best is the most pixels per second that suit.";
    static final String LOWER_SETTINGS = "Lower the settings of the game.";
    static final String FEWER_PIXELS_PER_SECOND = "fewer pixels per second";
    static final String AT_HZ = "%s at %s Hz";
    static final String EVEN = "even";
    static final String SHAKES = "shakes";
    static final String HEADSET_CELL =
            "%s Mpx in %s ms (%s to %s); %s of the refreshes without a new image, %s of the time below half "
                    + "rate, by the rule: %s. Over all rules %s to %s and %s to %s.";

    // StreamTunePane
    static final String PICTURE_TIMES_RATE = "Picture × rate";
    static final String STREAM_CELL_ABOUT =
            "images in time with the buffer; encoding, sending and decoding added to the stream as it is";
    static final String BIT_RATE_NOW = "bit rate of the picture as it is";
    static final String MBIT_S_LINK = "Mbit/s, link";
    static final String MBIT_S_HELD_BACK = "Mbit/s, held back";
    static final String SELECT_STREAM_RUN =
            "Select a run over a stream: what it was measured with is where this starts.";
    static final String STATE_STREAM =
            "State the picture, the stream's rate and its bit rate in the facts of this run.";
    static final String STREAM_INVALID = "Bit rate, link and buffer must be numbers above 0; a buffer may be 0.";
    static final String STREAM_BASIS =
            "From the probe of this run's link. As many bits per pixel as the picture as it is; encoder and "
                    + "decoder in proportion to pixels (common practice).";
    static final String NOT_PROBED =
            "The link was not probed, so it is unknown which images would be in time. Probe it in Examine, Path.";
    static final String STREAM_REMEDY = "A longer buffer, a lower bit rate or a better link would help.";
    static final String RANKED_BELOW_FOR = "ranked below, for %s";
    static final String AT_S = "%s at %s/s";
    static final String MBIT_S = "%s · %s Mbit/s";
    static final String STREAM_CELL = "%s Mbit/s; encode %s ms, sending %s ms, decode %s ms; %s of the images in time.";

    // TuneScreen
    static final String TUNE = "Tune";

    // WhatIfBody
    static final String BEST_FAIR_REFUSED = "★ best  ● fair  ✕ refused";
    static final String NOTHING_SUITS = "Nothing suits";
    static final String REFUSED_WHAT_IF_BODY = " Refused: %s.";

    private TuneText() {}
}
