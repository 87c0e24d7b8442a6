package app.fluss.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// Whole benches with known truth: frame logs and latency trials are written here from plain definitions
/// (intervals
/// that wander around a mean, runs that differ from each other by a known spread), analysed, compared and
/// judged. What
/// is true of the means is whether every claim holds.
class VerdictCampaignTest {
    private static final int SEEDS = 200;
    private static final int FRAMES = 700;
    private static final double SPREAD = 0.008;
    private static final double LATENCY_SPREAD_MS = 0.5;

    /// What is true of a bench.
    ///
    /// @param nativeFps without images made, /s
    /// @param baseFps with one image made between two, /s
    /// @param addedMs that it adds
    private record Truth(double nativeFps, double baseFps, double addedMs) {
        static Truth draw(SplittableRandom random) {
            double nativeFps = random.nextDouble(62, 86);
            return new Truth(nativeFps, nativeFps * random.nextDouble(0.78, 0.97), random.nextDouble(4, 14));
        }

        /// By the bounds of "response first", without their half steps: a bench that is so near one of them
        /// that the
        /// last decimal decides is judged rightly either way.
        Verdict.Word right() {
            boolean good = baseFps >= 60 && addedMs <= 10 && 2 * baseFps / nativeFps >= 1.1;
            return good ? Verdict.Word.USE : Verdict.Word.LEAVE_OFF;
        }

        boolean isClose() {
            return Math.abs(baseFps - 60) < 0.1 || Math.abs(addedMs - 10) < 0.1;
        }
    }

    /// A log of rendered images, and of one between each two where images are made.
    private static Analysis run(double fps, boolean generates, SplittableRandom random) {
        double own = fps * Math.exp(SPREAD * random.nextGaussian());
        int each = generates ? 2 : 1;
        double[] at = new double[FRAMES * each];
        byte[] kinds = new byte[at.length];
        double now = 0;
        double wander = 0;
        for (int frame = 0; frame < FRAMES; frame++) {
            wander = 0.9 * wander + 0.02 * random.nextGaussian();
            double step = 1000 / own * (1 + wander) / each;
            for (int i = 0; i < each; i++) {
                now += step;
                at[frame * each + i] = now;
                kinds[frame * each + i] = (i == 0 ? FrameKind.RENDERED : FrameKind.GENERATED).code();
            }
        }
        AnalysisSettings settings = AnalysisSettings.NONE
                .withMultiplier(each)
                .withGrade(Grade.A)
                .withDisplay(new DisplayMode(240, SyncMode.VRR, 40));
        return Analysis.of(
                FrameLog.presentedAt(at, at.length).kinds(kinds).build().all(),
                generates ? settings : settings.asNative());
    }

    private static double[] trials(double meanMs, SplittableRandom random) {
        double own = meanMs + LATENCY_SPREAD_MS * random.nextGaussian();
        return random.doubles(40)
                .map(_ -> own + 6 * (random.nextDouble() - 0.5))
                .toArray();
    }

    private static Verdict judged(Truth truth, int runs, SplittableRandom random) {
        List<Analysis> a = new ArrayList<>();
        List<Analysis> b = new ArrayList<>();
        List<double[]> before = new ArrayList<>();
        List<double[]> after = new ArrayList<>();
        for (int i = 0; i < runs; i++) {
            a.add(run(truth.nativeFps, false, random));
            b.add(run(truth.baseFps, true, random));
            before.add(trials(40, random));
            after.add(trials(40 + truth.addedMs, random));
        }
        RunComparison compared = RunComparison.of(a, b, Terms.PLAIN.withMultiplier(2));
        Case one = Case.of(
                "weir",
                Section.Weight.TYPICAL,
                Chain.of(StageKind.ENGINE_GENERATION),
                compared,
                Held.difference(LatencyDifference.of(before, after, 0)),
                144,
                Map.of(),
                List.of());
        return Verdict.of(School.RESPONSE_FIRST, List.of(one));
    }

    @Test
    void wrongWordsAreRareAndMoreRunsSettleMore() {
        List<Double> open = new ArrayList<>();
        int asked = 0;
        int settled = 0;
        for (int runs : new int[] {3, 6, 10}) {
            int wrong = 0;
            int judged = 0;
            int notSettled = 0;
            for (int seed = 0; seed < SEEDS; seed++) {
                SplittableRandom random = new SplittableRandom(seed);
                Truth truth = Truth.draw(random);
                Verdict verdict = judged(truth, runs, random);
                boolean said = verdict.word() == Verdict.Word.USE || verdict.word() == Verdict.Word.LEAVE_OFF;
                assertThat(verdict.word())
                        .as("logs with latency measured: nothing is only probable")
                        .isNotIn(Verdict.Word.PROBABLY_USE, Verdict.Word.PROBABLY_LEAVE_OFF);
                judged++;
                wrong += said && verdict.word() != truth.right() && !truth.isClose() ? 1 : 0;
                notSettled += said ? 0 : 1;
                int more = verdict.wouldSettle().stream()
                        .mapToInt(Settle::runs)
                        .max()
                        .orElse(0);
                boolean canBe = verdict.wouldSettle().stream().noneMatch(one -> one.kind() == Settle.Kind.NOTHING);
                if (runs == 3 && !said && more > 0 && canBe) {
                    // What was seen is taken for the truth: that is what the number of runs was asked of.
                    Truth seen = new Truth(
                            truth.nativeFps,
                            verdict.claim(Rule.BASE_RATE)
                                    .orElseThrow()
                                    .held()
                                    .value()
                                    .orNaN(),
                            verdict.claim(Rule.ADDED_LATENCY)
                                    .orElseThrow()
                                    .held()
                                    .value()
                                    .orNaN());
                    asked++;
                    settled += judged(seen, more, random).word() == Verdict.Word.NOT_SETTLED ? 0 : 1;
                }
            }
            assertThat(wrong / (double) judged).as("with %d runs a side", runs).isLessThan(0.05);
            open.add(notSettled / (double) judged);
        }
        assertThat(open.get(0)).as("not settled").isGreaterThan(open.get(1));
        assertThat(open.get(1)).isGreaterThan(open.get(2));
        assertThat(asked).isGreaterThan(10);
        assertThat(settled / (double) asked).isGreaterThanOrEqualTo(0.75);
    }
}
