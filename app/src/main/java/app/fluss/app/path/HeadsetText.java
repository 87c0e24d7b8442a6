package app.fluss.app.path;

/// The texts of what Examine says of headsets, by the class that shows them.
final class HeadsetText {
    // HeadsetPanel
    static final String SAFETY =
            "Clear the floor. Stop at the first sign of sickness. For children and for people who react to "
                    + "flashing pictures the headset's manual decides.";
    static final String WHAT_REFRESHES_SHOWED = "What the refreshes showed";
    static final String WITHOUT_NEW_IMAGE = "without a new image";
    static final String FULL_RATE = "full rate";
    static final String HALF = "half";
    static final String BELOW_HALF = "below half";
    static final String APP_S = "app /s";
    static final String LIMITED_BY = "limited by";
    static final String WHOLE_RUN = "whole run";
    static final String SPELL_AND_EVENNESS =
            "Longest spell without a new image: %s. Images with the commonest hold: %s.";
    static final String REFRESH = "1 refresh";
    static final String REFRESHES = "%s refreshes";
    static final String LIMITED_BY_TIP =
            "What limited most frames: the card, the processor, or the headset's own pace.";
    static final String CARD = "card";
    static final String PROCESSOR = "processor";
    static final String PACE = "pace";
    static final String NO_ONE = "no one";
    static final String HEAD_LATENCY = "head: from motion to light, estimated";
    static final String HAND_LATENCY = "hand: from button to light, %s";
    static final String MEASURED = "measured";
    static final String ESTIMATED_FROM_STAGES = "estimated from stages";
    static final String MS = "%s ms";
    static final String REFRESH_RATES = "Refresh rates";
    static final String NO_WORK_LOGGED =
            "The log has no CPU and GPU work, so its frames cannot be played at another rate.";
    static final String NO_REFRESH_RATE = "No refresh rate is stated: under “Display…”, or of a headset on the bench.";
    static final String THIS_RUNS_WORK_AT = "this run's work at";
    static final String HELD_TO_HALF = "below half, held to half";
    static final String HZ = "%s Hz";
    static final String RATES_CHOSEN = "Full rate only: %s. Steady half rate: %s.";
    static final String SUITS_SCHOOL = "Suits this school; its bounds are common practice.";
    static final String RANGE_TIP = "Below it: the range over all rules that compositors follow.";
    static final String BY_RULE =
            "Calculated by the rule: %s. Below each figure is its range over all of: %s. Compositors differ, and "
                    + "few state which they follow.";
    static final String RUN_HZ = "run %s Hz";
    static final String GPU_TIME_AGAINST_PIXELS = "GPU time against pixels";
    static final String NOT_STATED = "Not stated of the headset or the game: %s.";
    static final String NO_LAW_YET = "No law yet: %s.";
    static final String LAW = "time = %s ms + %s ms × Mpx, from %d runs of this scene at different render scales.";
    static final String NO_HEADSET_HINT = "Put headsets with their panels and refresh rates on the bench.";
    static final String REFERENCE = "Reference";
    static final String THIS_RUN = "this run";
    static final String RATES_AS_MULTIPLES_OF = "rates as multiples of";
    static final String HEADSET_COLUMN = "headset, at this render scale";
    static final String MPX = "Mpx";
    static final String CARD_DRAWS_S = "card draws /s";
    static final String TIMES_THAT = "× that";
    static final String REFRESHES_WITHOUT_NEW_IMAGE = "refreshes without a new image";
    static final String PLAYED_AT_RATES_TIP = "This run's frames, played at each rate with the predicted GPU time.";
    static final String RENDER_SCALE_AND_CADENCE = "Render scale and cadence";
    static final String NO_OTHER_SCALES =
            "Other render scales can be calculated once runs at two of them are measured.";
    static final String RENDER_SCALE = "render scale";
    static final String GPU_MS = "GPU ms";
    static final String NEW_S = "new /s";
    static final String SAME_HOLD = "same hold";
    static final String CADENCE = "cadence";
    static final String EVEN = "● even";
    static final String SHAKES = "▲ shakes";
    static final String SCALE_EXPLAINED =
            "A scale at which frames take slightly more than a refresh judders: some images stay one refresh, "
                    + "some two. A larger one, at which each takes just under two, is smooth again.";
    static final String CADENCE_SHARES = "%s of the time each refresh is new, %s each second one, %s fewer.";

    // TimeShares
    static final String TIME_SHARES = "Time at full, half and below half rate";
    static final String HALF_RATE = "half rate";

    private HeadsetText() {}
}
