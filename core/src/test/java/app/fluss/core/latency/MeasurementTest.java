package app.fluss.core.latency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.latency.edge.Trial;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeasurementTest {
    private static List<Trial> trials(double... latencies) {
        return DoubleStream.of(latencies)
                .mapToObj(ms -> Trial.of(1000, 1000 + ms))
                .toList();
    }

    /// Pictures of 240 a second, whole milliseconds, half milliseconds, and values with no step.
    @ParameterizedTest
    @CsvSource({
        "41.67;45.83;54.17;41.67;50.00, 4.1667",
        "40;41;43;47;52, 1",
        "40.5;41;43.5;47, 0.5",
        "40.13;41.57;43.02;47.91;48.44, 0",
        "33.3333;50;66.6667, 16.6667",
        "40;41, 0"
    })
    void theStepOfAListIsTheOneThatAllAreMultiplesOf(String samples, double step) {
        double[] values = DoubleStream.of(Arrays.stream(samples.split(";"))
                        .mapToDouble(Double::parseDouble)
                        .toArray())
                .toArray();
        assertThat(Measurement.of(trials(values)).resolutionMs()).isCloseTo(step, within(1e-3));
    }

    @Test
    void aMissedTrialCountsAsMissedAndHasNoStep() {
        Measurement measured = Measurement.of(
                List.of(Trial.of(0, 40), Trial.of(500, Double.NaN), Trial.of(1000, 1041), Trial.of(1500, 1544)));
        assertThat(measured.samplesMs()).containsExactly(40, Double.NaN, 41, 44);
        assertThat(measured.ambiguous()).isEmpty();
        assertThat(measured.resolutionMs()).isEqualTo(1);
        assertThat(measured.figures().n()).isEqualTo(3);
        assertThat(measured.figures().median().orNaN()).isEqualTo(41);
        assertThat(measured.figures().mean().orNaN()).isCloseTo(125 / 3.0, within(1e-12));
        assertThat(measured.source().title()).isEqualTo("list of samples");
    }

    /// JCGM 100:2008: rectangles over √3, triangles over √6, sine waves over √2; squares add, twice the root. Values by
    /// hand.
    @Test
    void uncertaintiesAddInSquares() {
        LatencyFigures figures = Measurement.of(trials(38, 40, 42, 44, 46)).figures();
        UncertaintyBudget budget = UncertaintyBudget.of(figures, 1000, 0.6, 8, UncertaintyBudget.USUAL_CLOCK_SHARE);
        double spread = Math.sqrt(10) / Math.sqrt(5);
        double resolution = 1 / Math.sqrt(6);
        double threshold = 0.6 / Math.sqrt(3);
        double place = 4 / Math.sqrt(3);
        double clock = 1e-4 * 42 / Math.sqrt(3);
        assertThat(budget.parts().stream()
                        .map(UncertaintyBudget.Part::uncertaintyMs)
                        .toList())
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : Double.compare(a, b))
                .containsExactly(spread, resolution, threshold, place, clock);
        double combined = Math.sqrt(
                spread * spread + resolution * resolution + threshold * threshold + place * place + clock * clock);
        assertThat(budget.combinedMs()).isCloseTo(combined, within(1e-9));
        assertThat(budget.expandedMs()).isCloseTo(2 * combined, within(1e-9));
        assertThat(budget.parts().getFirst().name()).isEqualTo("spread of 5 samples");
        UncertaintyBudget one = UncertaintyBudget.of(Measurement.of(trials(40)).figures(), 1000, Double.NaN, 0, 1e-4);
        assertThat(one.parts()).extracting(UncertaintyBudget.Part::name).containsExactly("resolution", "clock");
        assertThat(UncertaintyBudget.Shape.ARC_SINE.uncertainty(1)).isCloseTo(Math.sqrt(0.5), within(1e-12));
        assertThat(UncertaintyBudget.thresholdMs(5, 0.5)).as("0.1 · 5 / 0.5").isCloseTo(1, within(1e-12));
    }

    @Test
    void everyFigureOfLatencyIsNamed() {
        LatencyFigures figures = Measurement.of(trials(38, 40, 42, 44, 46)).figures();
        for (LatencyMeasure measure : LatencyMeasure.values()) {
            assertThat(measure.of(figures)).as(measure.id()).isNotNull();
            assertThat(measure.description().title()).isNotBlank();
            assertThat(measure.id()).isEqualTo(measure.id().toLowerCase(Locale.ROOT));
        }
        assertThat(LatencyMeasure.MEDIAN.of(figures).orNaN()).isEqualTo(42);
    }
}
