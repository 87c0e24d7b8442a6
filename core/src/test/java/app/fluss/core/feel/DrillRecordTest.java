package app.fluss.core.feel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.feel.drill.ChartPart;
import app.fluss.core.feel.drill.DrillRecord;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import app.fluss.core.feel.drill.Size;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

final class DrillRecordTest {
    private static List<Round> rounds(int times, Fault fault, Fault named) {
        return Collections.nCopies(times, new Round(fault, named, ChartPart.RATES, Size.LARGE));
    }

    /// Ten of ten found and no false alarm in ten others: 3.3812433 (log-linear correction, scipy's
    /// quantiles).
    @Test
    void foundAlwaysAndNeverNamedFalsely() {
        List<Round> rounds = new ArrayList<>(rounds(10, Fault.PHANTOM_IMAGES, Fault.PHANTOM_IMAGES));
        rounds.addAll(rounds(10, Fault.NONE, Fault.NONE));
        DrillRecord phantom = DrillRecord.of(rounds).stream()
                .filter(record -> record.fault() == Fault.PHANTOM_IMAGES)
                .findFirst()
                .orElseThrow();
        assertThat(phantom.dPrime().orNaN()).isCloseTo(3.3812433, within(1e-6));
        assertThat(DrillRecord.worthTraining(rounds)).isEmpty();
    }

    @Test
    void worstFoundIsWorthTraining() {
        List<Round> rounds = new ArrayList<>(rounds(4, Fault.HITCHES, Fault.HITCHES));
        rounds.addAll(rounds(1, Fault.HITCHES, Fault.NONE));
        rounds.addAll(rounds(3, Fault.CPU_LIMIT, Fault.CLOCK_DROP));
        DrillRecord cpu = DrillRecord.of(rounds).stream()
                .filter(record -> record.fault() == Fault.CPU_LIMIT)
                .findFirst()
                .orElseThrow();
        assertThat(cpu).isEqualTo(new DrillRecord(Fault.CPU_LIMIT, 0, 3, 0, 5));
        assertThat(DrillRecord.worthTraining(rounds)).contains(Fault.CPU_LIMIT);
        assertThat(DrillRecord.worthTraining(List.of())).isEmpty();
    }

    @Test
    void placeCountsOnlyWithTheFault() {
        assertThat(new Round(Fault.CLOCK_DROP, Fault.CLOCK_DROP, ChartPart.FRAME_TIMES, Size.SMALL).isEvidenceRight())
                .isTrue();
        assertThat(new Round(Fault.CLOCK_DROP, Fault.CLOCK_DROP, ChartPart.RATES, Size.SMALL).isEvidenceRight())
                .isFalse();
        assertThat(new Round(Fault.CLOCK_DROP, Fault.HITCHES, ChartPart.FRAME_TIMES, Size.SMALL).isEvidenceRight())
                .isFalse();
    }
}
