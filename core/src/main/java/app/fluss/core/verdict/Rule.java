package app.fluss.core.verdict;

/// What a school can ask of a path. The bounds are the schools'.
public enum Rule {
    /// Base rate, where images are made.
    BASE_RATE("base rate", "/s", 1, true, Scope.WORST_SCENE),
    /// What the path adds from input to light.
    ADDED_LATENCY("added latency", "ms", 1, false, Scope.EVERY_SCENE),
    /// The same in a headset, in refreshes.
    ADDED_REFRESHES("added hand latency", "refreshes", 2, false, Scope.EVERY_SCENE),
    /// Delivered rate over the native one.
    DELIVERED_GAIN("delivered gain", "×", 2, true, Scope.WORST_SCENE),
    /// Delivered rate.
    DELIVERED_RATE("delivered rate", "/s", 1, true, Scope.WORST_SCENE),
    /// Delivered rate over what the display shows at most.
    DELIVERED_OF_REFRESH("delivered, of the refresh rate", "", 2, true, Scope.WORST_SCENE),
    /// Images handed on that nobody sees.
    SURPLUS("surplus", "/s", 1, false, Scope.WORST_SCENE),
    /// Delivered 1 % low over the native one.
    LOW_OF_NATIVE("delivered 1 % low, of native's", "×", 2, true, Scope.WORST_SCENE),
    /// Motion timing error above the native one.
    ADDED_UNEVENNESS("motion timing error above native's", "ms", 2, false, Scope.WORST_SCENE),
    /// Native rate: what is high already needs no images made.
    NATIVE_RATE("native rate", "/s", 1, false, Scope.WORST_SCENE),
    /// Refreshes without a new image, of a headset.
    WITHOUT_NEW_IMAGE("refreshes without a new image", "", 4, false, Scope.EVERY_SCENE),
    /// Time below half rate, of a headset.
    BELOW_HALF_RATE("time below half rate", "", 4, false, Scope.EVERY_SCENE),
    /// Pixels along an axis over what the headset's maker names, where that is set.
    RENDER_SCALE("render scale", "", 2, true, Scope.WORST_SCENE),
    /// What the battery lasts.
    HOURS("hours", "h", 1, true, Scope.EVERY_SCENE),
    /// Energy of a delivered image over the native one.
    JOULES_OF_NATIVE("joules per delivered image, of native's", "×", 2, false, Scope.WORST_SCENE),
    /// Images of a stream that are there when they are to be shown.
    IMAGES_IN_TIME("images in time", "", 4, true, Scope.EVERY_SCENE),
    /// Hitches at a stream's client.
    HITCHES("hitches per minute", "/min", 1, false, Scope.EVERY_SCENE),
    /// Images of a stream that never came.
    LOST_IMAGES("lost images", "", 4, false, Scope.EVERY_SCENE),
    /// What the display's picture mode takes.
    MODE_LAG("lag of the picture mode", "ms", 1, false, Scope.EVERY_SCENE),
    /// Requirements of supply and slot that are not met.
    SUPPLY_AND_SLOT("supply and slot, not met", "", 0, false, Scope.EVERY_SCENE),
    /// Runs whose artefacts somebody called heavy.
    HEAVY_MARKS("runs with heavy artefacts", "", 0, false, Scope.EVERY_SCENE);

    /// Where a rule must hold.
    public enum Scope {
        /// In the heaviest scene that was measured.
        WORST_SCENE,
        /// In every scene.
        EVERY_SCENE
    }

    private final String title;
    private final String unit;
    private final int decimals;
    private final boolean atLeast;
    private final Scope scope;

    Rule(String title, String unit, int decimals, boolean atLeast, Scope scope) {
        this.title = title;
        this.unit = unit;
        this.decimals = decimals;
        this.atLeast = atLeast;
        this.scope = scope;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// The unit for people; empty for a share and a count.
    public String unit() {
        return unit;
    }

    /// Decimals that are shown; of a share those of the fraction, two more than of its per cent.
    public int decimals() {
        return decimals;
    }

    /// Whether it is a share, 0 to 1, that is shown in per cent.
    public boolean isShare() {
        return unit.isEmpty() && decimals > 0;
    }

    /// Whether the figure must reach the bound; else it must not pass it.
    public boolean atLeast() {
        return atLeast;
    }

    /// Where it must hold.
    public Scope scope() {
        return scope;
    }

    /// Whether one figure is better than another.
    public boolean isBetter(double one, double other) {
        return atLeast ? one > other : one < other;
    }

    /// Half a step of the last decimal shown: a bound is met within it.
    public double halfAStep() {
        return 0.5 * Math.pow(10, -decimals);
    }

    /// Whether a figure is on the good side of a bound, within half a step.
    public boolean isGood(double value, double bound) {
        return atLeast ? value >= bound - halfAStep() : value <= bound + halfAStep();
    }
}
