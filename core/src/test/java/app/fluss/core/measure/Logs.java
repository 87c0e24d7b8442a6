package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import java.util.SplittableRandom;

/// Small logs for tests.
public final class Logs {
    private Logs() {}

    /// A log of frame times without time stamps: n frame times are n intervals.
    public static FrameLog ofFrameTimes(double... ms) {
        double[] present = ms.clone();
        Arrays.parallelPrefix(present, Double::sum);
        return FrameLog.presentedAt(present, present.length).leadIn(true).build();
    }

    /// A log of hand-over times.
    public static FrameLog presentedAt(double... ms) {
        return FrameLog.presentedAt(ms.clone(), ms.length).build();
    }

    /// Random hand-over times with a mean step.
    public static double[] randomTimes(int n, double meanStepMs, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] times = new double[n];
        for (int i = 1; i < n; i++) {
            times[i] = times[i - 1] + meanStepMs * (0.2 + 1.6 * random.nextDouble());
        }
        return times;
    }

    /// Native images at an even step, shown at stated times and depicting stated game times.
    public static FrameLog shown(double[] present, double[] displayed, double[] content) {
        return FrameLog.presentedAt(present, present.length)
                .channel(Channel.DISPLAYED, displayed)
                .channel(Channel.CONTENT, content)
                .build();
    }

    /// Kinds that repeat a pattern: R rendered, G generated.
    public static byte[] kinds(String pattern, int n) {
        byte[] kinds = new byte[n];
        for (int i = 0; i < n; i++) {
            FrameKind kind = pattern.charAt(i % pattern.length()) == 'G' ? FrameKind.GENERATED : FrameKind.RENDERED;
            kinds[i] = kind.code();
        }
        return kinds;
    }
}
