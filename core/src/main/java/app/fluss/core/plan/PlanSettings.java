package app.fluss.core.plan;

/// How a session is planned.
///
/// @param seed the same seed and wishes give the same plan
/// @param brackets whether each scene begins and ends with a native run, so that drift can be told
/// @param groupByCable whether paths with the cable in the same card are kept together
/// @param restartS to start the game anew and get to the scene, s, 0 or more
/// @param cableS to move the display's cable with the power off, s, 0 or more
/// @param switchS to change a setting without a restart, s, 0 or more
/// @param coolDownS before each run, so that temperatures settle, s, 0 or more
/// @param breakEveryMin work before a break, min; 0 for no breaks
/// @param breakMin a break, min, 0 or more
/// @param rateMatters share of the native rate from which a difference matters, above 0
public record PlanSettings(
        long seed,
        boolean brackets,
        boolean groupByCable,
        int restartS,
        int cableS,
        int switchS,
        int coolDownS,
        int breakEveryMin,
        int breakMin,
        double rateMatters) {
    /// What a new study starts with. Our own defaults.
    public static final PlanSettings DEFAULT = new PlanSettings(1, true, true, 120, 300, 30, 30, 60, 10, 0.05);

    private static final int LONGEST = 86_400;

    /// @throws IllegalArgumentException outside the ranges
    public PlanSettings {
        int[] times = {restartS, cableS, switchS, coolDownS, breakEveryMin, breakMin};
        for (int time : times) {
            if (time < 0 || time > LONGEST) {
                throw new IllegalArgumentException("times must be in 0..%d, got %d".formatted(LONGEST, time));
            }
        }
        if (!(rateMatters > 0 && rateMatters < 1)) {
            throw new IllegalArgumentException("rateMatters must be above 0 and below 1, got " + rateMatters);
        }
    }

    /// The share from which a difference matters, percent.
    public double ratePercent() {
        return rateMatters * 100;
    }

    /// A percentage as a share.
    public static double share(double percent) {
        return percent / 100;
    }
}
