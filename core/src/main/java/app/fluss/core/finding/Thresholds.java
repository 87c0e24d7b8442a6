package app.fluss.core.finding;

/// Where the judgement of a run turns. Each is common practice without a published source, unless it says
/// otherwise.
final class Thresholds {
    /// Two rates count as the same within this share: readings jump, and logs start and stop in mid frame.
    static final double SAME_RATE = 0.05;

    /// Share of the nominal multiplier below which it is short.
    static final double MULTIPLIER_SHORT = 0.95;

    /// Share of generated images that repeat their neighbour from which the counter counts images nobody
    /// sees.
    static final double PHANTOM_SHARE = 0.05;

    /// Share by which presented may exceed the refresh before it is called a surplus: clocks differ.
    static final double ABOVE_REFRESH = 1.01;

    /// Base rate below which interpolation is rough, images/s.
    static final double BASE_ROUGH = 40;

    /// Base rate below which interpolation suits slow games only, images/s.
    static final double BASE_SLOW = 60;

    /// A base that is this close below a bound counts as at it: logs start and stop in mid frame, and a lock
    /// at 60 reads 59.98.
    static final double JUST_BELOW = 0.99;

    /// Native rate from which generation is rarely needed, images/s.
    static final double NO_NEED = 90;

    /// Base cost from which the generator takes too much from the game.
    static final double BASE_COLLAPSE = 0.25;

    /// GPU load from which nothing is left, percent.
    static final double GPU_FULL_PCT = 95;

    /// Share of frames with more CPU than GPU work from which a run is limited by the CPU.
    static final double MOST_FRAMES = 0.5;

    /// Distance of display times from the refresh grid, as a share of a refresh, from which the stated rate
    /// is doubted. An unrelated clock gives 0.29, the standard deviation of a uniform distribution over one
    /// refresh.
    static final double OFF_GRID = 0.2;

    /// Share of a card's memory from which it is full.
    static final double MEMORY_FULL = 0.95;

    /// How many times as many stutters a full card must have.
    static final double MEMORY_HITCHES_GROW = 2;

    /// Stutters below which nothing is said of why.
    static final int FEWEST_HITCHES = 3;

    /// Share by which a clock or a power must fall along a run.
    static final double CLOCK_DROP = 0.05;

    /// Points by which a load may fall and still count as the same, percent.
    static final double LOAD_STAYS_PCT = 5;

    /// Share by which a second's base must lie above its cap, or its median, to have crept up.
    static final double CREEP_ABOVE = 1.05;

    /// Share of seconds from which a base creeps often.
    static final double CREEP_OFTEN = 0.1;

    /// Share of the other seconds in which images may be missing, too.
    static final double CREEP_SELDOM = 0.2;

    /// Seconds below which nothing is said of it.
    static final int CREEP_SECONDS = 10;

    /// Share of lost packets from which a link loses too many for a stream.
    static final double LINK_LOSS = 0.001;

    /// Share of the time in which every second refresh is new from which half rate is steady.
    static final double STEADY_HALF = 0.95;

    /// Share of the host's long gaps that must speak for the offset of two logs and no other.
    static final double SURE_OFFSET = 0.25;

    private Thresholds() {}
}
