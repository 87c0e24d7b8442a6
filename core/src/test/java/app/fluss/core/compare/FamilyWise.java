package app.fluss.core.compare;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;

/// Native runs against native runs: how many comparisons claim a difference in any figure.
final class FamilyWise {
    private static final int FRAMES = 1500;

    private FamilyWise() {}

    /// A run at about 70/s: its own level, frame times that hang together, now and then a hitch.
    private static Analysis run(SplittableRandom random) {
        double own = 14.3 * Math.exp(0.015 * random.nextGaussian());
        double wander = 0;
        double[] present = new double[FRAMES];
        for (int i = 1; i < FRAMES; i++) {
            wander = 0.97 * wander + 0.25 * random.nextGaussian();
            double hitch = random.nextDouble() < 0.004 ? 25 : 0;
            present[i] = present[i - 1] + own * (1 + 0.05 * wander + 0.03 * random.nextGaussian()) + hitch;
        }
        byte[] kinds = new byte[FRAMES];
        Arrays.fill(kinds, FrameKind.RENDERED.code());
        return Analysis.of(
                FrameLog.presentedAt(present, FRAMES)
                        .channel(Channel.DISPLAYED, present.clone())
                        .channel(Channel.CONTENT, present.clone())
                        .kinds(kinds)
                        .build()
                        .all(),
                AnalysisSettings.NONE.asNative().withDisplay(new DisplayMode(144, SyncMode.VRR)));
    }

    private static List<Analysis> side(int n, SplittableRandom random) {
        return Stream.generate(() -> run(random)).limit(n).toList();
    }

    /// Share of comparisons in which any figure stands.
    static double share(int n, int rounds) {
        SplittableRandom random = new SplittableRandom(n * 17L);
        int claims = 0;
        for (int round = 0; round < rounds; round++) {
            RunComparison same = RunComparison.of(side(n, random), side(n, random), Terms.PLAIN.withMultiplier(1));
            claims += same.measures().values().stream().anyMatch(Difference::stands) ? 1 : 0;
        }
        return (double) claims / rounds;
    }
}
