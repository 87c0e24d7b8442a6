package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Stand;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/// Loads and clocks that stand on a recording of a run without a log. Each number stands for a second.
class RecordedLoadsTest {
    private static OverlaySeries series(double... values) {
        List<Stand> stands = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            stands.add(new Stand(1000.0 * i, 1000.0 * (i + 1), 60, values[i]));
        }
        return OverlaySeries.of(stands, List.of(), "");
    }

    private static List<String> codes(double multiplier, Map<String, OverlaySeries> numbers) {
        Analysis run = Analysis.withoutLog(AnalysisSettings.NONE.withMultiplier(multiplier));
        return RecordedLoads.of(run, numbers).stream().map(Finding::code).toList();
    }

    @Test
    void aFullCardIsToldWhereItGenerates() {
        Map<String, OverlaySeries> full = Map.of("gpu_load", series(99, 97, Double.NaN, 98));
        assertThat(codes(2, full)).containsExactly("gpu-full");
        assertThat(codes(Double.NaN, full)).isEmpty();
        assertThat(codes(2, Map.of("gpu_load", series(99, 80, 98)))).isEmpty();
        assertThat(codes(2, Map.of("gpu_load", series(Double.NaN)))).isEmpty();
    }

    @Test
    void aBusyCpuLimitsWhereTheCardHasRoom() {
        assertThat(codes(1, Map.of("cpu_load", series(98, 99), "gpu_load", series(70, 75))))
                .containsExactly("cpu-limit");
        assertThat(codes(1, Map.of("cpu_load", series(98, 99), "gpu_load", series(99, 99))))
                .isEmpty();
        assertThat(codes(1, Map.of("cpu_load", series(98, 99)))).isEmpty();
    }

    @Test
    void aClockThatFallsUnderTheSameLoadIsTold() {
        double[] clock = {2600, 2600, 2590, 2500, 2450, 2400, 2400, 2395, 2390, 2390};
        double[] load = {97, 97, 98, 97, 96, 97, 97, 98, 97, 97};
        assertThat(codes(1, Map.of("gpu_clock", series(clock), "gpu_load", series(load))))
                .containsExactly("clock-drop");
        assertThat(codes(1, Map.of("power", series(clock), "gpu_load", series(load))))
                .containsExactly("clock-drop");
        double[] idle = {97, 97, 90, 80, 70, 60, 60, 60, 60, 60};
        assertThat(codes(1, Map.of("gpu_clock", series(clock), "gpu_load", series(idle))))
                .as("it has less to do")
                .isEmpty();
        assertThat(codes(1, Map.of("gpu_clock", series(clock)))).isEmpty();
    }
}
