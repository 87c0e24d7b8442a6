package app.fluss.sim.stage;

import app.fluss.sim.scenario.Answer;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Press;
import java.util.Arrays;
import java.util.SplittableRandom;

/// Clicks at random times. Each changes the picture from the first frame that sampled it on: for good, or for a flash.
public final class Clicking {
    private static final double QUIET_MS = 300;
    private static final double AT_ONCE_MS = 2;
    private static final double CUT_OFF_MS = 15;
    private static final double DOUBLE_FROM_MS = 80;
    private static final double DOUBLE_WITHIN_MS = 60;

    private final Answer answer;
    private final double[] clickMs;
    private final boolean[] again;
    private final int[] answeredBy;
    private final int[] overAt;

    /// @param wayMs what the input takes to the game besides the device, ms
    public Clicking(Clicks clicks, Frames frames, double runMs, double wayMs, SplittableRandom random) {
        Press press = clicks.press();
        answer = clicks.answer();
        int most = 2 * ((int) (runMs / clicks.everyMs()) + 2);
        double[] times = new double[most];
        boolean[] doubled = new boolean[most];
        int[] frame = new int[most];
        int n = 0;
        double first = press.atEdges() ? AT_ONCE_MS - clicks.everyMs() : QUIET_MS;
        for (double turn = first; turn + clicks.everyMs() <= runMs; turn += clicks.everyMs()) {
            double at = turn == first && press.atEdges()
                    ? AT_ONCE_MS
                    : turn + clicks.everyMs() * (0.25 + 0.5 * random.nextDouble());
            boolean last = turn + 2 * clicks.everyMs() > runMs;
            at = last && press.atEdges() ? runMs - CUT_OFF_MS : at;
            double sampled = at + clicks.deviceMs() + clicks.pollingMs() * random.nextDouble() + wayMs;
            boolean missed = random.nextDouble() < clicks.missedShare();
            times[n] = at;
            frame[n++] = missed ? -1 : frames.startingAfter(sampled);
            if (press.doubleShare() > 0 && random.nextDouble() < press.doubleShare()) {
                double later = DOUBLE_FROM_MS + DOUBLE_WITHIN_MS * random.nextDouble();
                times[n] = at + later;
                doubled[n] = true;
                frame[n++] = frames.startingAfter(sampled + later);
            }
        }
        clickMs = Arrays.copyOf(times, n);
        again = Arrays.copyOf(doubled, n);
        answeredBy = Arrays.copyOf(frame, n);
        overAt = new int[n];
        for (int i = 0; i < n; i++) {
            int by = answeredBy[i];
            overAt[i] =
                    by < 0 || by >= frames.size() ? by : frames.startingAfter(frames.startMs(by) + answer.lastsMs());
        }
    }

    /// Number of clicks.
    public int size() {
        return clickMs.length;
    }

    /// When a click was made, ms.
    public double clickMs(int click) {
        return clickMs[click];
    }

    /// When the next click was made that is not the second of a double one, ms; infinite after the last.
    public double nextTurnMs(int click) {
        for (int i = click + 1; i < clickMs.length; i++) {
            if (!again[i]) {
                return clickMs[i];
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    /// Whether the game answered a click with something that can be seen: a flash within a flash cannot.
    public boolean answered(int click) {
        if (answeredBy[click] < 0) {
            return false;
        }
        for (int i = 0; i < click && answer.form() != Answer.Form.STEP; i++) {
            if (answeredBy[i] >= 0 && overAt[i] >= answeredBy[click]) {
                return false;
            }
        }
        return true;
    }

    /// The picture before a click is answered, 0 for dark, 1 for bright.
    public int before(int click) {
        if (answer.form() != Answer.Form.STEP) {
            return answer.rest();
        }
        int turns = 0;
        for (int i = 0; i < click; i++) {
            turns += answeredBy[i] >= 0 ? 1 : 0;
        }
        return turns % 2;
    }

    /// The light that a frame shows, 0 or 1.
    private double level(int frame) {
        int turns = 0;
        for (int i = 0; i < answeredBy.length; i++) {
            boolean shows = answeredBy[i] >= 0 && answeredBy[i] <= frame;
            turns += switch (answer.form()) {
                case STEP -> shows ? 1 : 0;
                case FLASH, DARK_FLASH -> shows && frame < overAt[i] ? 1 : 0;
            };
        }
        return answer.form() == Answer.Form.STEP ? turns % 2 : turns > 0 ? 1 - answer.rest() : answer.rest();
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
