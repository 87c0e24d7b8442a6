package app.fluss.sim.stage;

import app.fluss.sim.scenario.Clicks;
import java.util.Arrays;
import java.util.SplittableRandom;

/// Clicks at random times. Each turns the picture from dark to bright or back, from the first frame that
/// sampled it on.
public final class Clicking {
    private static final double QUIET_MS = 300;

    private final double[] clickMs;
    private final int[] answeredBy;

    /// @param wayMs what the input takes to the game besides the device, ms
    public Clicking(Clicks clicks, Frames frames, double runMs, double wayMs, SplittableRandom random) {
        double[] times = new double[(int) (runMs / clicks.everyMs()) + 1];
        int[] frame = new int[times.length];
        int n = 0;
        for (double turn = QUIET_MS; turn + clicks.everyMs() <= runMs; turn += clicks.everyMs()) {
            double at = turn + clicks.everyMs() * (0.25 + 0.5 * random.nextDouble());
            double sampled = at + clicks.deviceMs() + clicks.pollingMs() * random.nextDouble() + wayMs;
            boolean missed = random.nextDouble() < clicks.missedShare();
            times[n] = at;
            frame[n++] = missed ? -1 : frames.startingAfter(sampled);
        }
        clickMs = Arrays.copyOf(times, n);
        answeredBy = Arrays.copyOf(frame, n);
    }

    /// Number of clicks.
    public int size() {
        return clickMs.length;
    }

    /// When a click was made, ms.
    public double clickMs(int click) {
        return clickMs[click];
    }

    /// Whether the game answered a click.
    public boolean answered(int click) {
        return answeredBy[click] >= 0;
    }

    /// The light that a frame shows, 0 or 1.
    private double level(int frame) {
        int turns = 0;
        for (int answer : answeredBy) {
            turns += answer >= 0 && answer <= frame ? 1 : 0;
        }
        return turns % 2;
    }

    /// The light of each image, 0 to 1.
    public double[] levels(Images images) {
        double[] levels = new double[images.size()];
        int before = -1;
        int frame = -1;
        double levelBefore = 0;
        double levelFrame = 0;
        for (int i = 0; i < levels.length; i++) {
            if (images.before(i) != before) {
                before = images.before(i);
                levelBefore = level(before);
            }
            if (images.frame(i) != frame) {
                frame = images.frame(i);
                levelFrame = level(frame);
            }
            levels[i] = levelBefore + images.phase(i) * (levelFrame - levelBefore);
        }
        return levels;
    }
}
