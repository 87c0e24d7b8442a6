package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MaySayTest {
    private static List<Analysis> claimed(double... fps) {
        return Arrays.stream(fps)
                .mapToObj(rate -> Analysis.withoutLog(
                        AnalysisSettings.NONE.withGrade(Grade.D).withClaimed(Figure.of(rate))))
                .toList();
    }

    private static String say(List<Analysis> a, List<Analysis> b, Terms terms) {
        return MaySay.of(RunComparison.of(a, b, terms), "native", "doubled");
    }

    @Test
    void whatHoldsIsSaidWithItsGrade() {
        String said = say(claimed(70, 71, 72), claimed(100, 101, 102), Terms.PLAIN);
        assertThat(said)
                .startsWith("Doubled differs from native in claimed rate by 1.42× (95 %: 1.3")
                .contains("from run to run, by Welch", ", grade D.")
                .doesNotContain("but");
    }

    @Test
    void otherFactsThatDifferAreDoubts() {
        Terms terms = Terms.PLAIN.withConfounds(List.of(
                new Confound("driver", "31.4", "31.5", Confound.Kind.BETWEEN),
                new Confound("quality", "high", "", Confound.Kind.NOT_RECORDED)));
        assertThat(say(claimed(70, 71, 72), claimed(100, 101, 102), terms))
                .contains("; but other facts differ too: graphics driver.")
                .doesNotContain("quality");
    }

    @Test
    void whatDoesNotHoldIsSaidToo() {
        assertThat(say(claimed(70, 75, 80), claimed(72, 77, 83), Terms.PLAIN))
                .startsWith("No difference in claimed rate holds between doubled and native")
                .contains("1.03×");
    }

    @Test
    void oneRunASideSpeaksOfItselfOnly() {
        assertThat(say(claimed(70), claimed(100), Terms.PLAIN))
                .startsWith("These runs of doubled and native differ in claimed rate by +30.0 /s (1.43×);"
                        + " whether the next would is not shown: one run a side");
    }

    @Test
    void withoutAFigureNothingIsSaid() {
        List<Analysis> none = List.of(Analysis.withoutLog(AnalysisSettings.NONE.withGrade(Grade.D)));
        assertThat(say(none, claimed(100), Terms.PLAIN))
                .startsWith("No statement about the delivered rate is possible: ");
    }

    @Test
    void aComparisonKnowsWhatItRestsOn() {
        RunComparison comparison = RunComparison.of(claimed(70, 71, 72), claimed(100, 101), Terms.PLAIN);
        assertThat(comparison.hasLogs()).isFalse();
        assertThat(comparison.fewestRuns()).isEqualTo(2);
        assertThat(comparison.rate()).isEqualTo(Measure.CLAIMED);
        assertThat(comparison.headline()).isEqualTo(comparison.measure(Measure.CLAIMED));
        assertThat(comparison.judged()).isEqualTo(1);
        assertThat(comparison.byChance()).isEqualTo(0.05);
        assertThat(comparison.headline().primary()).isTrue();
        assertThat(comparison.measure(Measure.DELIVERED).primary()).isFalse();
    }

    /// A comparison for latency is about latency where it was measured, and about the rate where it was not.
    @Test
    void latencyIsThePrimaryFigureWhereItWasMeasured() {
        Estimate lower = Estimate.of(new double[] {50, 51, 52}, new double[] {30, 31, 32});
        Difference latency = Difference.of(
                new Difference.Side(Level.of(new double[] {50, 51, 52}), 3, Optional.of(Grade.A), Optional.empty()),
                new Difference.Side(Level.of(new double[] {30, 31, 32}), 3, Optional.of(Grade.A), Optional.empty()),
                lower,
                "");
        Terms terms = Terms.PLAIN.madeFor(LatencyMeasure.MEDIAN);
        RunComparison measured =
                RunComparison.of(claimed(70, 71, 72), claimed(100, 101, 102), terms.withLatency(latency));
        assertThat(measured.headline().ratio().orNaN()).isLessThan(0.7);
        assertThat(measured.headline().primary()).isTrue();
        assertThat(measured.judged()).isEqualTo(2);
        assertThat(MaySay.of(measured, "native", "doubled")).contains("0.61×", "grade A", "Also: claimed rate.");
        RunComparison without = RunComparison.of(claimed(70, 71, 72), claimed(100, 101, 102), terms);
        assertThat(without.primary()).isEqualTo(Measure.CLAIMED);
    }
}
