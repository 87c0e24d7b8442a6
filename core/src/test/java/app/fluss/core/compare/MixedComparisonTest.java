package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Runs of every grade on one side: each measure stands with those that have it.
class MixedComparisonTest {
    private static Analysis read(double fps) {
        return Analysis.withoutLog(AnalysisSettings.NONE.withGrade(Grade.D).withClaimed(Figure.of(fps)));
    }

    private static Analysis told(double fps, double low, String convention) {
        Figure none = Figure.missing("not noted");
        return Analysis.withoutLog(AnalysisSettings.NONE
                .withGrade(Grade.C)
                .withClaimed(new Claimed(Figure.of(fps), none, none, none, Figure.of(low), convention)));
    }

    /// Even frame times, every one of them rendered.
    private static Analysis log(double fps, AnalysisSettings settings) {
        double[] at = new double[1201];
        Arrays.setAll(at, i -> i * 1000 / fps);
        byte[] kinds = new byte[at.length];
        Arrays.fill(kinds, FrameKind.RENDERED.code());
        return Analysis.of(
                FrameLog.presentedAt(at, at.length).kinds(kinds).build().all(), settings);
    }

    private static Difference of(Measure measure, List<Analysis> a, List<Analysis> b) {
        return RunComparison.of(a, b, Terms.PLAIN).measure(measure);
    }

    @Test
    void aBetterRunTakesNothingAway() {
        Difference before = of(Measure.CLAIMED, List.of(read(36.8)), List.of(read(65.75)));
        assertThat(before.ratio().orNaN()).isCloseTo(65.75 / 36.8, within(1e-12));
        List<Analysis> more = List.of(read(36.8), log(41, AnalysisSettings.NONE));
        Difference after = of(Measure.CLAIMED, more, List.of(read(65.75)));
        assertThat(after.ratio()).isEqualTo(before.ratio());
        assertThat(after.a().runs()).isEqualTo(1);
        assertThat(after.a().grade()).isEqualTo(Optional.of(Grade.D));
        Difference presented = of(Measure.PRESENTED, more, List.of(read(65.75)));
        assertThat(presented.a().mean().orNaN()).isCloseTo(41, within(1e-9));
        assertThat(presented.a().grade()).isEqualTo(Optional.of(Grade.B));
        assertThat(presented.b().mean())
                .isEqualTo(Figure.missing("the run has no frame log, only readings of a counter"));
    }

    @Test
    void aWorseRunTakesNothingAway() {
        List<Analysis> a = List.of(log(60, AnalysisSettings.NONE));
        List<Analysis> b = List.of(log(90, AnalysisSettings.NONE));
        Difference before = of(Measure.PRESENTED, a, b);
        Difference after = of(Measure.PRESENTED, a, List.of(b.getFirst(), read(88)));
        assertThat(after.difference()).isEqualTo(before.difference());
        assertThat(after.interval()).isEqualTo(before.interval());
    }

    @Test
    void aLogStandsAgainstACounterAndSaysSo() {
        Difference compared = of(Measure.CLAIMED, List.of(log(50, AnalysisSettings.NONE)), List.of(read(90)));
        assertThat(compared.ratio().orNaN()).isCloseTo(1.8, within(1e-9));
        assertThat(compared.note()).contains("stands against what a counter said");
    }

    @Test
    void noLogStandsAgainstACounterThatCountsSomethingElse() {
        Analysis blind = log(90, AnalysisSettings.NONE.withClaimed(Figure.of(45)));
        Difference compared = of(Measure.CLAIMED, List.of(log(50, AnalysisSettings.NONE)), List.of(blind, read(46)));
        assertThat(compared.difference())
                .isEqualTo(Figure.missing("the counter does not count what is presented, so no log stands against it"));
    }

    @Test
    void lowsCompareWithinOneConventionOnly() {
        List<Analysis> a = List.of(told(60, 41, "Slowest mean"));
        assertThat(of(Measure.CLAIMED_LOW, a, List.of(told(98, 66, "slowest-mean")))
                        .ratio()
                        .orNaN())
                .isCloseTo(66.0 / 41, within(1e-12));
        Difference mixed = of(Measure.CLAIMED_LOW, a, List.of(told(98, 66, "percentile")));
        assertThat(mixed.a().mean().orNaN()).isEqualTo(41);
        assertThat(mixed.difference())
                .isEqualTo(Figure.missing("lows of different conventions do not compare: slowest mean, percentile"));
        assertThat(of(Measure.CLAIMED_LOW, a, List.of(told(98, 66, ""))).difference())
                .isEqualTo(Figure.missing("lows of different conventions do not compare: slowest mean, not stated"));
        Difference unknown = of(Measure.CLAIMED_LOW, List.of(told(60, 41, "")), List.of(told(98, 66, "")));
        assertThat(unknown.difference().orNaN()).isEqualTo(25);
        assertThat(unknown.note()).contains("only if the same tool made both");
    }

    @Test
    void aLogsLowStandsAgainstAToolsByTheSameConvention() {
        List<Analysis> logged = List.of(log(50, AnalysisSettings.NONE));
        Difference compared = of(Measure.CLAIMED_LOW, logged, List.of(told(98, 75, "percentile")));
        assertThat(compared.a().mean().orNaN()).isCloseTo(50, within(1e-9));
        assertThat(compared.ratio().orNaN()).isCloseTo(1.5, within(1e-9));
        assertThat(compared.note()).contains("percentile low of a frame log");
        assertThat(of(Measure.CLAIMED_LOW, logged, List.of(told(98, 75, "own way")))
                        .difference()
                        .isKnown())
                .isFalse();
    }

    /// A multiplier is made of two rates of the same runs: a run that has only one of them does not pull it.
    @Test
    void generationFiguresRestOnRunsThatHaveAllOfThem() {
        Analysis whole = log(60, AnalysisSettings.NONE);
        double[] at = new double[2401];
        Arrays.setAll(at, i -> i * 1000 / 240.0);
        Analysis kindless =
                Analysis.of(FrameLog.presentedAt(at, at.length).build().all(), AnalysisSettings.NONE);
        RunComparison comparison =
                RunComparison.of(List.of(whole), List.of(whole, kindless), Terms.PLAIN.withMultiplier(1));
        assertThat(comparison.measure(Measure.PRESENTED).b().mean().orNaN()).isCloseTo(150, within(1e-6));
        assertThat(comparison.generation().foundMultiplier().orNaN()).isCloseTo(1, within(1e-9));
        assertThat(comparison.intervals().foundMultiplier()).isEmpty();
    }
}
