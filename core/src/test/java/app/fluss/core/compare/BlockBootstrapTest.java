package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Logs;
import app.fluss.core.measure.Measure;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Resamples in blocks, and what they are used for: intervals within a run, and tables.
class BlockBootstrapTest {
    /// Values that tell where they come from: run number times 1000 plus place.
    private static double[] places(int run, int length) {
        double[] values = new double[length];
        Arrays.setAll(values, i -> run * 1000 + i);
        return values;
    }

    @Test
    void everyBlockIsAStretchOfOneRun() {
        int block = 7;
        BlockBootstrap bootstrap = new BlockBootstrap(List.of(places(1, 50), places(2, 30)), block, 11);
        assertThat(bootstrap.isPossible()).isTrue();
        int[] ofSecond = new int[1];
        bootstrap.forEach((resample, number) -> {
            assertThat(resample.length).isEqualTo(84); // 80 values in whole blocks of 7
            for (int from = 0; from < resample.length; from += block) {
                for (int i = 1; i < block; i++) {
                    assertThat(resample[from + i]).isEqualTo(resample[from] + i);
                }
                ofSecond[0] += resample[from] >= 2000 ? 1 : 0;
            }
        });
        // 24 of 68 places where a block can start are in the second run.
        double blocks = BlockBootstrap.RESAMPLES_SORTED * 12.0;
        assertThat(ofSecond[0] / blocks).isCloseTo(24 / 68.0, within(0.03));
    }

    /// The means from running sums are those of the resamples written out.
    @Test
    void meansAreThoseOfTheResamplesThemselves() {
        BlockBootstrap bootstrap = new BlockBootstrap(List.of(places(1, 64), places(3, 40)), 8, 5);
        List<Double> written = new ArrayList<>();
        bootstrap.forEach(
                (resample, _) -> written.add(Arrays.stream(resample).average().orElseThrow()));
        double[] means = bootstrap.means();
        for (int r = 0; r < written.size(); r++) {
            assertThat(means[r]).isCloseTo(written.get(r), within(1e-9));
        }
    }

    @Test
    void tenBlocksMustFitAndEveryRunTakeOne() {
        assertThat(new BlockBootstrap(List.of(places(1, 70)), 7, 1).isPossible())
                .isTrue();
        assertThat(new BlockBootstrap(List.of(places(1, 69)), 7, 1).isPossible())
                .isFalse();
        assertThat(new BlockBootstrap(List.of(places(1, 90), places(2, 6)), 7, 1).isPossible())
                .isFalse();
    }

    /// Every measure within a run either has an interval that holds what was found, or none at all; the same runs
    /// give the same one again.
    @ParameterizedTest
    @EnumSource(Measure.class)
    void anIntervalHoldsWhatWasFound(Measure measure) {
        Analysis a = Analysis.of(Logs.presentedAt(Logs.randomTimes(4000, 12, 1)).all(), AnalysisSettings.NONE);
        Analysis b = Analysis.of(Logs.presentedAt(Logs.randomTimes(4000, 9, 2)).all(), AnalysisSettings.NONE);
        MeasureComparison found = compared(a, b, measure);
        assertThat(found.interval().isPresent()).isEqualTo(found.method() == MeasureComparison.Method.WITHIN_RUN);
        found.interval()
                .ifPresent(interval -> assertThat(
                                interval.contains(found.difference().orNaN()))
                        .isTrue());
        found.ratioInterval()
                .ifPresent(interval ->
                        assertThat(interval.contains(found.ratio().orNaN())).isTrue());
        assertThat(compared(a, b, measure).interval()).isEqualTo(found.interval());
    }

    private static MeasureComparison compared(Analysis a, Analysis b, Measure measure) {
        return new WithinRun(List.of(a), List.of(b), Progress.NONE)
                .compare(measure, new double[] {measure.of(a).orNaN()}, new double[] {
                    measure.of(b).orNaN()
                });
    }

    /// Ratios 0.8, 1.25 and 1.25: the mean of their logarithms and Student's t for two degrees of freedom, 4.302653
    /// (handbook table), by hand.
    @Test
    void theIntervalOverGamesIsStudentsOnLogarithms() {
        List<TableComparison.Row> rows = new ArrayList<>();
        double[] ratios = {0.8, 1.25, 1.25};
        for (int game = 0; game < ratios.length; game++) {
            rows.add(new TableComparison.Row("game " + game, "native", "1", Map.of("fps", 80.0)));
            rows.add(new TableComparison.Row("game " + game, "made", "1", Map.of("fps", 80 * ratios[game])));
        }
        TableComparison.Overall overall =
                TableComparison.of(rows, "native").overall().get("made").get("fps");
        double log = Math.log(1.25);
        double mean = log / 3;
        double sd = Math.sqrt((Math.pow(-log - mean, 2) + 2 * Math.pow(log - mean, 2)) / 2);
        double half = 4.302653 * sd / Math.sqrt(3);
        assertThat(overall.ratio().orNaN()).isCloseTo(Math.exp(mean), within(1e-9));
        assertThat(overall.ratioInterval().orElseThrow().low()).isCloseTo(Math.exp(mean - half), within(1e-5));
        assertThat(overall.ratioInterval().orElseThrow().high()).isCloseTo(Math.exp(mean + half), within(1e-4));
    }
}
