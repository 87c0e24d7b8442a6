package app.fluss.core.feel;

import java.util.random.RandomGenerator;

/// The way of a target that is followed with the pointer: slow swings of different periods, so that it
/// cannot be learnt and never jumps.
public final class Wander {
    private static final double[] HZ = {0.23, 0.41, 0.67};
    private static final double[] SHARES = {0.24, 0.12, 0.06};

    private final double[] phasesX = new double[HZ.length];
    private final double[] phasesY = new double[HZ.length];

    /// @param random where it begins
    public Wander(RandomGenerator random) {
        for (int i = 0; i < HZ.length; i++) {
            phasesX[i] = random.nextDouble(2 * Math.PI);
            phasesY[i] = random.nextDouble(2 * Math.PI);
        }
    }

    /// Across, as a share of the field's width, 0.08 to 0.92.
    public double x(double seconds) {
        return swing(seconds, phasesX);
    }

    /// Down, as a share of the field's height, 0.08 to 0.92.
    public double y(double seconds) {
        return swing(seconds, phasesY);
    }

    private static double swing(double seconds, double[] phases) {
        double at = 0.5;
        for (int i = 0; i < HZ.length; i++) {
            at += SHARES[i] * Math.sin(2 * Math.PI * HZ[i] * seconds + phases[i]);
        }
        return at;
    }
}
