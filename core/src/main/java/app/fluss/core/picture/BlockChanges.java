package app.fluss.core.picture;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/// When the brightness of a block of a clip changes sharply.
final class BlockChanges {
    /// Brightness 0 to 255 is kept in whole steps of one over this.
    static final double SCALE = 64;

    /// A change is seen between the two pictures before and the two after.
    private static final int REACH = 2;

    private static final double LEAST = 5;
    private static final double ABOVE_NOISE = 7;
    private static final int FEWEST = 3;
    private static final int NEAR = 2;
    private static final double TOGETHER = 0.6;

    private final int[] at;
    private final boolean[] rises;
    private final double strength;

    private BlockChanges(int[] at, boolean[] rises, double strength) {
        this.at = at;
        this.rises = rises;
        this.strength = strength;
    }

    static BlockChanges of(List<short[]> pictures, int block) {
        int n = pictures.size();
        double[] steps = new double[Math.max(0, n - 2 * REACH + 1)];
        for (int i = 0; i < steps.length; i++) {
            int before = pictures.get(i)[block] + pictures.get(i + 1)[block];
            int after = pictures.get(i + 2)[block] + pictures.get(i + 3)[block];
            steps[i] = (after - before) / (2 * SCALE);
        }
        double[] sizes = Arrays.stream(steps).map(Math::abs).toArray();
        double least = Math.max(LEAST, ABOVE_NOISE * Ordered.of(sizes).median());
        int[] at = new int[steps.length];
        boolean[] rises = new boolean[steps.length];
        double[] strong = new double[steps.length];
        int found = 0;
        for (int i = 0; i < steps.length; i++) {
            if (sizes[i] > least && isPeak(sizes, i)) {
                at[found] = i + REACH;
                rises[found] = steps[i] > 0;
                strong[found++] = sizes[i];
            }
        }
        return new BlockChanges(
                Arrays.copyOf(at, found),
                Arrays.copyOf(rises, found),
                found == 0 ? 0 : Ordered.of(Arrays.copyOf(strong, found)).median());
    }

    private static boolean isPeak(double[] sizes, int i) {
        for (int j = Math.max(0, i - REACH); j <= Math.min(sizes.length - 1, i + REACH); j++) {
            if (sizes[j] > sizes[i] || (sizes[j] == sizes[i] && j < i)) {
                return false;
            }
        }
        return true;
    }

    /// Strength of its usual change, 0 to 255; 0 if there is none.
    double strength() {
        return strength;
    }

    /// How often it changes.
    int count() {
        return at.length;
    }

    /// The number of the picture with a change.
    int at(int change) {
        return at[change];
    }

    /// The number of the picture with its last change before one; 0 if there is none.
    int before(int picture) {
        int found = Arrays.binarySearch(at, picture);
        int last = (found >= 0 ? found : -found - 1) - 1;
        return last < 0 ? 0 : at[last];
    }

    /// Numbers of the pictures in which it became brighter, or darker.
    int[] at(boolean upwards) {
        return IntStream.range(0, at.length)
                .filter(i -> rises[i] == upwards)
                .map(i -> at[i])
                .toArray();
    }

    /// Whether it changes often enough to be a lamp or an answer.
    boolean isPlace() {
        return at.length >= FEWEST;
    }

    /// Whether most changes of both come together.
    boolean goesWith(BlockChanges other) {
        int together = 0;
        int j = 0;
        for (int i = 0; i < at.length; i++) {
            while (j < other.at.length && other.at[j] < at[i] - NEAR) {
                j++;
            }
            if (j < other.at.length && other.at[j] <= at[i] + NEAR && other.rises[j] == rises[i]) {
                together++;
                j++;
            }
        }
        return together >= TOGETHER * Math.max(at.length, other.at.length);
    }
}
