package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.plan.EnoughRuns;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class RunComparisonTest {
    /// Rendered images at a mean interval with some spread, each shown as it comes.
    private static Analysis run(double intervalMs, int n, long seed, AnalysisSettings settings) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] present = new double[n];
        byte[] kinds = new byte[n];
        Arrays.fill(kinds, FrameKind.RENDERED.code());
        for (int i = 1; i < n; i++) {
            present[i] = present[i - 1] + intervalMs * (0.8 + 0.4 * random.nextDouble());
        }
        double[] content = present.clone();
        return Analysis.of(
                FrameLog.presentedAt(present, n)
                        .channel(Channel.DISPLAYED, present.clone())
                        .channel(Channel.CONTENT, content)
                        .kinds(kinds)
                        .build()
                        .all(),
                settings);
    }

    private static Analysis run(double intervalMs, long seed) {
        return run(intervalMs, 3000, seed, AnalysisSettings.NONE);
    }

    /// Only how steady the run was can be told of one run; nothing about the next.
    @Test
    void oneRunASideHasNoIntervalButSteadiness() {
        RunComparison comparison = RunComparison.of(List.of(run(14, 1)), List.of(run(10, 2)), Terms.PLAIN);
        Difference presented = comparison.measure(Measure.PRESENTED);
        assertThat(presented.method()).isEqualTo(Method.NONE);
        assertThat(presented.interval()).isEmpty();
        assertThat(presented.estimate().why()).startsWith("one run a side tells nothing of the next");
        assertThat(presented.stands()).isFalse();
        assertThat(presented.difference().orNaN()).isCloseTo(1000.0 / 10 - 1000.0 / 14, within(0.5));
        Interval steady = presented.a().steadiness().orElseThrow();
        assertThat(steady.contains(presented.a().mean().orNaN())).isTrue();
        assertThat(steady.high() - steady.low()).isBetween(0.02, 1.0);
        assertThat(comparison.measure(Measure.SPREAD).a().steadiness()).isEmpty();
        assertThat(comparison.grade()).isEqualTo(Grade.B);
    }

    /// Ten-second runs, and a level that wanders over half a minute, leave too few seconds of their own.
    @Test
    void tooFewEffectiveSecondsShowNoSteadiness() {
        RunComparison brief =
                RunComparison.of(List.of(run(14, 700, 1, AnalysisSettings.NONE)), List.of(run(10, 2)), Terms.PLAIN);
        assertThat(brief.measure(Measure.PRESENTED).a().steadiness()).isEmpty();
        assertThat(brief.measure(Measure.PRESENTED).b().steadiness()).isPresent();
    }

    @Test
    void aRunAgainstItselfIsNoDifference() {
        Analysis same = run(12, 3);
        RunComparison comparison = RunComparison.of(List.of(same), List.of(same), Terms.PLAIN);
        for (Measure measure : List.of(Measure.PRESENTED, Measure.LOW_PERCENTILE, Measure.SPREAD, Measure.SUCCESSIVE)) {
            assertThat(comparison.measure(measure).difference().orNaN())
                    .as(measure.title())
                    .isZero();
            assertThat(comparison.measure(measure).stands()).as(measure.title()).isFalse();
            assertThat(comparison.measure(measure).ratio().orNaN())
                    .as(measure.title())
                    .isEqualTo(1);
        }
    }

    @Test
    void whatIsZeroOnTheBaselineHasNoMultiple() {
        // Displayed as they depict: no motion error but rounding.
        RunComparison comparison = RunComparison.of(List.of(run(14, 1)), List.of(run(10, 2)), Terms.PLAIN);
        assertThat(comparison.measure(Measure.MOTION).ratio()).isEqualTo(Figure.missing("the baseline is 0"));
        assertThat(comparison.measure(Measure.STUTTERS).ratio().isKnown()).isFalse();
    }

    @Test
    void theWeakestEvidenceIsTheGrade() {
        AnalysisSettings read = AnalysisSettings.NONE.withGrade(Grade.D).withClaimed(Figure.of(70));
        RunComparison comparison = RunComparison.of(
                List.of(Analysis.withoutLog(read)),
                List.of(run(10, 3000, 2, AnalysisSettings.NONE.withClaimed(Figure.of(100)))),
                Terms.PLAIN);
        assertThat(comparison.grade()).isEqualTo(Grade.D);
        assertThat(comparison.measure(Measure.CLAIMED).ratio().orNaN()).isCloseTo(100.0 / 70, within(1e-12));
        assertThat(comparison.measure(Measure.DELIVERED).difference())
                .isEqualTo(Figure.missing("the run has no frame log, only readings of a counter"));
    }

    @Test
    void aSideWithoutRunsIsRefused() {
        assertThatThrownBy(() -> RunComparison.of(List.of(), List.of(run(10, 2)), Terms.PLAIN))
                .hasMessageContaining("each side must have a run");
    }

    /// Runs at 70, 71, 72 and 100, 101, 102 /s: 1 /s from run to run, which may be 1.56 /s (upper 80 % limit
    /// with 4 degrees of freedom); 3.55 /s is then 2.3 standard deviations.
    @Test
    void theSpreadFromRunToRunSaysHowManyAreNeeded() {
        List<Analysis> a = List.of(claimed(70), claimed(71), claimed(72));
        List<Analysis> b = List.of(claimed(100), claimed(101), claimed(102));
        EnoughRuns enough = EnoughRuns.of(RunComparison.of(a, b, Terms.PLAIN), Measure.CLAIMED);
        assertThat(enough.sd().orNaN()).isCloseTo(1, within(1e-12));
        assertThat(enough.difference().orNaN()).isCloseTo(3.55, within(1e-12));
        assertThat(enough.needed().orNaN()).isEqualTo(5);
        assertThat(enough.areThere()).isFalse();
        EnoughRuns one = EnoughRuns.of(RunComparison.of(a.subList(0, 1), b, Terms.PLAIN), Measure.CLAIMED);
        assertThat(one.needed()).isEqualTo(Figure.missing("the spread from run to run needs two runs a side"));
        assertThat(one.areThere()).isFalse();
        List<Analysis> same = List.of(claimed(60), claimed(60));
        assertThat(EnoughRuns.of(RunComparison.of(same, same, Terms.PLAIN), Measure.CLAIMED)
                        .needed()
                        .orNaN())
                .as("never enough below three")
                .isEqualTo(3);
        List<Analysis> none = List.of(claimed(0), claimed(0));
        assertThat(EnoughRuns.of(RunComparison.of(none, b, Terms.PLAIN), Measure.CLAIMED)
                        .needed())
                .isEqualTo(Figure.missing("the baseline is 0, so no share of it matters"));
    }

    private static Analysis claimed(double fps) {
        return run(12, 1000, 1, AnalysisSettings.NONE.withClaimed(Figure.of(fps)));
    }

    /// Two images in each frame time, but for the given share of frames, which get one.
    private static Analysis generating(double frameMs, int frames, double missing) {
        double[] present = new double[2 * frames];
        byte[] kinds = new byte[2 * frames];
        int n = 0;
        for (int i = 0; i < frames; i++) {
            if (Math.floor((i + 1) * missing) == Math.floor(i * missing)) {
                kinds[n] = FrameKind.GENERATED.code();
                present[n++] = (i + 0.5) * frameMs;
            }
            kinds[n] = FrameKind.RENDERED.code();
            present[n++] = (i + 1) * frameMs;
        }
        return Analysis.of(
                FrameLog.presentedAt(present, n)
                        .kinds(Arrays.copyOf(kinds, n))
                        .build()
                        .all(),
                AnalysisSettings.NONE.withMultiplier(2));
    }

    /// By hand: three runs with multipliers p/b of 2, 1.9 and 1.8; the mean of their logarithms plus and minus
    /// 4.302653 (Student's t, 2 degrees of freedom, table from memory) standard errors.
    @Test
    void generationFiguresComeWithIntervals() {
        List<Analysis> on = List.of(generating(14, 2000, 0), generating(14, 2000, 0.1), generating(14, 2000, 0.2));
        List<Analysis> off = List.of(run(12, 3000, 1, AnalysisSettings.NONE.asNative()), run(12, 2), run(12, 3));
        RunComparison comparison = RunComparison.of(off, on, Terms.PLAIN.withMultiplier(2));
        double[] logs = {Math.log(2), Math.log(1.9), Math.log(1.8)};
        double mean = Arrays.stream(logs).average().orElseThrow();
        double squares =
                Arrays.stream(logs).map(log -> (log - mean) * (log - mean)).sum();
        double half = 4.302653 * Math.sqrt(squares / 2 / 3);
        Interval multiplier = comparison.intervals().foundMultiplier().orElseThrow();
        assertThat(multiplier.low()).isCloseTo(Math.exp(mean - half), within(2e-3));
        assertThat(multiplier.high()).isCloseTo(Math.exp(mean + half), within(2e-3));
        Interval share = comparison.intervals().generatedShare().orElseThrow();
        assertThat(share.low()).isCloseTo(1 - 1 / multiplier.low(), within(1e-12));
        Interval cost = comparison.intervals().baseCost().orElseThrow();
        assertThat(cost.contains(1 - 12 / 14.0)).isTrue();
        assertThat(cost.contains(comparison.generation().baseCost().orNaN())).isTrue();
        assertThat(comparison.intervals().deliveredGain())
                .as("nothing says what was shown")
                .isEmpty();
    }

    /// Nothing but the run itself is known of one run, and its multiplier is no draw from others.
    @Test
    void oneRunHasNoIntervalOfItsMultiplier() {
        RunComparison comparison = RunComparison.of(
                List.of(run(12, 1)), List.of(generating(14, 3000, 0.1)), Terms.PLAIN.withMultiplier(2));
        assertThat(comparison.generation().foundMultiplier().orNaN()).isCloseTo(1.9, within(0.01));
        assertThat(comparison.intervals().foundMultiplier()).isEmpty();
        assertThat(comparison.intervals().baseCost()).isEmpty();
    }

    @Test
    void onlyRatesAreComparedWhereOnlyRatesAreAsked() {
        RunComparison rates = RunComparison.of(
                List.of(run(12, 1)),
                List.of(run(12, 2)),
                Terms.PLAIN.withMultiplier(2).ofRates());
        assertThat(rates.measures()).containsOnlyKeys(Measure.RENDERED, Measure.PRESENTED, Measure.DELIVERED);
    }

    /// Gain, base cost and the ratios beside them are one calculation.
    @Test
    void noTwoNumbersOfOneAnswerDisagree() {
        AnalysisSettings display = AnalysisSettings.NONE.withDisplay(new DisplayMode(240, SyncMode.VRR));
        List<Analysis> off = List.of(run(12, 3000, 1, display), run(13, 3000, 2, display), run(17, 3000, 3, display));
        List<Analysis> on = List.of(run(8, 3000, 4, display), run(9, 3000, 5, display), run(7, 3000, 6, display));
        RunComparison comparison = RunComparison.of(off, on, Terms.PLAIN.withMultiplier(1));
        assertThat(comparison.generation().deliveredGain())
                .isEqualTo(comparison.measure(Measure.DELIVERED).ratio());
        assertThat(comparison.generation().baseCost().orNaN())
                .isCloseTo(1 - comparison.measure(Measure.RENDERED).ratio().orNaN(), within(1e-12));
        assertThat(comparison.measure(Measure.DELIVERED).note()).contains("is not that of the means shown");
    }
}
