package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/// Reference values computed with scipy 1.17.1 (`ttest_ind(equal_var=False)`); Student's sleep data (1908) and
/// the permeability data of Hollander and Wolfe (1973) from memory.
class IntervalsTest {
    private static final double[] G1 = {0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2};
    private static final double[] G2 = {1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4};
    private static final double[] A = {41.2, 39.8, 43.1, 40.5};
    private static final double[] B = {52.9, 55.4, 50.7, 57.8};

    @Test
    void welchAgreesWithTheReference() {
        Welch sleep = Welch.of(G2, G1);
        assertThat(sleep.difference()).isCloseTo(-1.58, within(1e-9));
        assertThat(sleep.t()).isCloseTo(-1.86081347, within(1e-8));
        assertThat(sleep.degreesOfFreedom()).isCloseTo(17.77647352, within(1e-8));
        assertThat(sleep.p()).isCloseTo(0.07939414, within(1e-8));
        assertThat(sleep.interval().low()).isCloseTo(-3.36548323, within(1e-7));
        assertThat(sleep.interval().high()).isCloseTo(0.20548323, within(1e-7));
        Welch made = Welch.of(A, B);
        assertThat(made.p()).isCloseTo(0.001216521, within(1e-8));
        assertThat(made.interval().low()).isCloseTo(8.44692637, within(1e-6));
        assertThat(made.interval().high()).isCloseTo(17.65307363, within(1e-6));
    }

    @Test
    void ratiosGoThroughLogarithms() {
        Estimate estimate = BetweenRuns.of(A, B, PooledSpread.NONE);
        assertThat(estimate.ratio().orNaN()).isCloseTo(1.31612507, within(1e-8));
        assertThat(estimate.ratioInterval().orElseThrow().low()).isCloseTo(1.20824108, within(1e-7));
        assertThat(estimate.ratioInterval().orElseThrow().high()).isCloseTo(1.43364205, within(1e-7));
        assertThat(estimate.shift().orElseThrow().median())
                .as("from four a side")
                .isCloseTo(12.75, within(1e-9));
        assertThat(BetweenRuns.ratio(new double[] {0}, new double[] {1}))
                .isEqualTo(Figure.missing("the baseline is 0"));
    }

    @Test
    void hodgesLehmannShifts() {
        double[] x = {0.80, 0.83, 1.89, 1.04, 1.45, 1.38, 1.91, 1.64, 0.73, 1.46};
        double[] y = {1.15, 0.88, 0.90, 0.74, 1.21};
        assertThat(HodgesLehmann.shift(y, x)).isCloseTo(0.305, within(1e-12));
        assertThat(HodgesLehmann.shift(A, B)).isCloseTo(12.75, within(1e-9));
        double[] t1 = {11, 12, 12, 13, 15, 15, 17};
        double[] t2 = {12, 14, 15, 15, 16, 19};
        assertThat(HodgesLehmann.shift(t1, t2)).isEqualTo(2);
    }

    @Test
    void generationFiguresFollowFromTheirDefinition() {
        // Native 72 rendered and delivered; with generation 60 rendered, 120 presented, 117 delivered.
        GenerationFigures figures = GenerationFigures.of(
                Figure.of(60.0 / 72),
                Figure.of(120.0 / 60),
                Figure.of(117.0 / 72),
                Figure.of(120.0 / 72),
                Figure.of(3),
                2);
        assertThat(figures.baseCost().orNaN()).isCloseTo(0.166667, within(1e-6));
        assertThat(figures.foundMultiplier().orNaN()).isEqualTo(2);
        assertThat(figures.deliveredGain().orNaN()).isCloseTo(1.625, within(1e-9));
        assertThat(figures.efficiency().orNaN()).isCloseTo(0.833333, within(1e-6));
        assertThat(figures.generatedShare().orNaN()).isCloseTo(0.5, within(1e-9));
        assertThat(figures.surplusFps().orNaN()).isCloseTo(3, within(1e-9));
        assertThat(figures.nominalAssumed()).isFalse();
    }

    @Test
    void overallRatioIsTheGeometricMeanOverGamesThatBothSidesHave() {
        List<TableComparison.Row> rows = List.of(
                row("Low Tide", "native", 100),
                row("Low Tide", "smooth", 80),
                row("Kelp Run", "native", 100),
                row("Kelp Run", "smooth", 125),
                row("Salt", "native", 60));
        TableComparison table = TableComparison.of(rows, "native");
        Overall overall = table.overall().get("smooth").get("fps");
        assertThat(overall.ratio().orNaN()).isCloseTo(1, within(1e-12));
        assertThat(overall.over()).containsExactly("Low Tide", "Kelp Run");
        assertThat(overall.leftOut()).containsExactly("Salt");
        assertThat(table.games()
                        .get("Kelp Run")
                        .get("smooth")
                        .get("fps")
                        .estimate()
                        .interval())
                .isEmpty();
        assertThat(table.intervals()).isZero();
    }

    private static TableComparison.Row row(String game, String path, double fps) {
        return new TableComparison.Row(game, path, "1", Map.of("fps", fps));
    }

    /// Ranks by Hollander and Wolfe's large-sample formula, worked out with numpy.
    @Test
    void hodgesLehmannIntervals() {
        double[] x = {0.80, 0.83, 1.89, 1.04, 1.45, 1.38, 1.91, 1.64, 0.73, 1.46};
        double[] y = {1.15, 0.88, 0.90, 0.74, 1.21};
        Interval ends = HodgesLehmann.interval(y, x).orElseThrow();
        assertThat(ends.low()).isCloseTo(-0.17, within(1e-9));
        assertThat(ends.high()).isCloseTo(0.76, within(1e-9));
        Interval all = HodgesLehmann.interval(A, B).orElseThrow();
        assertThat(all.low()).as("the first rank").isCloseTo(7.6, within(1e-9));
        assertThat(all.high()).isCloseTo(18, within(1e-9));
        assertThat(HodgesLehmann.interval(new double[] {1, 2, 3}, new double[] {4, 5, 6}))
                .as("too few for an interval")
                .isEmpty();
        assertThatThrownBy(() -> HodgesLehmann.shift(new double[0], A)).hasMessageContaining("must have a value");
    }

    /// scipy's `t.interval` of the logarithms.
    @Test
    void overallRatiosComeWithAnInterval() {
        Map<String, Figure> ratios = new LinkedHashMap<>();
        ratios.put("Low Tide", Figure.of(1.62));
        ratios.put("Kelp Run", Figure.of(1.48));
        ratios.put("Salt", Figure.missing("no run"));
        ratios.put("Moor", Figure.of(1.91));
        ratios.put("Weir", Figure.of(0));
        Overall overall = Overall.of(ratios);
        assertThat(overall.ratio().orNaN()).isCloseTo(1.660619113915727, within(1e-12));
        assertThat(overall.ratioInterval().orElseThrow().low()).isCloseTo(1.20434823, within(1e-7));
        assertThat(overall.ratioInterval().orElseThrow().high()).isCloseTo(2.28974956, within(1e-7));
        assertThat(overall.leftOut()).containsExactly("Salt", "Weir");
        assertThat(Overall.of(Map.of("Moor", Figure.of(2))).ratioInterval()).isEmpty();
        assertThat(Overall.of(Map.of("Moor", Figure.of(2), "Salt", Figure.of(2)))
                        .ratioInterval())
                .as("equal to the last digit")
                .isEmpty();
        assertThat(Overall.of(Map.of()).ratio().isKnown()).isFalse();
    }

    @Test
    void aMultiplierThatWasNotStatedIsTheWholeNumberNearTheOneFound() {
        assertThat(found(2.09).nominal().orNaN()).as("within 5 %").isEqualTo(2);
        assertThat(found(2.09).nominalAssumed()).isTrue();
        assertThat(found(1.91).nominal().orNaN()).isEqualTo(2);
        assertThat(found(3.86).nominal().orNaN()).isEqualTo(4);
        assertThat(found(2.11).nominal().isKnown()).isFalse();
        assertThat(found(2.5).nominal().isKnown()).isFalse();
        assertThat(found(1.02).nominal().isKnown()).as("one is no multiplier").isFalse();
        assertThat(found(1.02).isGenerating()).as("it made some").isTrue();
        assertThat(found(1).isGenerating()).isFalse();
        assertThat(GenerationFigures.of(ONE, ONE, ONE, ONE, ONE, 2).isGenerating())
                .as("it was meant to")
                .isTrue();
        assertThat(GenerationFigures.of(ONE, ONE, ONE, ONE, ONE, 1).isGenerating())
                .isFalse();
    }

    private static final Figure ONE = Figure.of(1);

    private static GenerationFigures found(double multiplier) {
        return GenerationFigures.of(ONE, Figure.of(multiplier), ONE, ONE, ONE, Double.NaN);
    }

    /// Two games, three paths; every figure with an interval is counted.
    @Test
    void intervalsOfATableAreCounted() {
        List<TableComparison.Row> rows = new ArrayList<>();
        for (String game : List.of("Low Tide", "Kelp Run")) {
            for (int i = 0; i < 3; i++) {
                rows.add(new TableComparison.Row(game, "native", "n" + i, Map.of("fps", 60.0 + i)));
                rows.add(new TableComparison.Row(game, "smooth", "s" + i, Map.of("fps", 90.0 + 2 * i)));
            }
        }
        TableComparison table = TableComparison.of(rows, "native");
        TableComparison.Cell cell = table.games().get("Low Tide").get("smooth").get("fps");
        assertThat(cell.estimate().ratio().orNaN()).isCloseTo(92 / 61.0, within(1e-3));
        assertThat(cell.runsA()).isEqualTo(3);
        assertThat(cell.stands()).isTrue();
        assertThat(table.intervals()).isEqualTo(2);
        assertThat(table.byChance()).isCloseTo(0.1, within(1e-12));
        assertThat(table.overall().get("smooth").get("fps").over()).containsExactly("Low Tide", "Kelp Run");
    }
}
