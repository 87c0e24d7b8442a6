package app.fluss.app.simulate;

/// The texts of simulating a measurement, by the class that shows them.
final class SimulateText {
    // KnobFields
    static final String SCREEN_RESPONSE = "Screen response";
    static final String PRESS = "Press";
    static final String HELD_LONG = "held long";
    static final String SHORT = "short";
    static final String RECORDER = "Recorder";
    static final String LOSES_LEVEL = "loses the level, as sound cards do";
    static final String KEEPS_LEVEL = "keeps the level of the light";
    static final String NONE = "none";
    static final String GPU_WORK_MS = "GPU work, ms";
    static final String CPU_WORK_MS = "CPU work, ms";
    static final String RENDER_SCALE = "Render scale";
    static final String FRAME_CAP_S = "Frame cap, /s";
    static final String MULTIPLIER = "Multiplier";
    static final String LENGTH_S = "Length, s";
    static final String REPEATS = "Repeats";
    static final String CLICK_GIVES = "Click gives";
    static final String BRIGHT_DARK = "bright, dark";
    static final String FLASH = "a flash";
    static final String DARK_FLASH = "a dark flash";
    static final String LENGTH = "length";
    static final String CPU_WORK = "CPU work";
    static final String GPU_WORK = "GPU work";
    static final String FRAME_CAP = "frame cap";
    static final String RENDER_SCALE_NAME = "render scale";
    static final String MULTIPLIER_NAME = "multiplier";
    static final String REPEATS_NAME = "repeats";

    // SimulateDialog
    static final String SIMULATE = "Simulate";
    static final String WHAT_TO_EXPECT = "What to expect";
    static final String KNOBS = "Knobs";
    static final String ADD_TO_STUDY = "Add to study (marked simulated)";
    static final String KNOBS_INVALID = "Knobs: %s.";
    static final String CALCULATING_WHAT_TO_EXPECT = "Calculating what to expect";
    static final String CLAIMED = "claimed";
    static final String RENDERED = "rendered";
    static final String PRESENTED = "presented";
    static final String DELIVERED = "delivered";
    static final String CLICK_TO_HALF_LIGHT = "click to half light";
    static final String MS = " ms";

    private SimulateText() {}
}
