package app.fluss.files.simulated;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Size;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

final class DrillCaseTest {
    private static final Set<Fault> TOLD_BY_BOUNDS = EnumSet.of(
            Fault.COUNTER_BLIND,
            Fault.PHANTOM_IMAGES,
            Fault.NOT_ENGAGED,
            Fault.CANNOT_FOLLOW,
            Fault.BASE_TOO_LOW,
            Fault.ABOVE_REFRESH,
            Fault.HITCHES,
            Fault.CPU_LIMIT);

    @Test
    void everyScenarioThatShipsTakesPartAndEveryFaultHasOne() {
        List<DrillCase> all = DrillCase.all();
        assertThat(all).extracting(DrillCase::name).containsExactlyElementsOf(ReadyScenario.names());
        assertThat(all).extracting(DrillCase::fault).containsAll(EnumSet.allOf(Fault.class));
    }

    /// Which faults the figures of a run show, by plain bounds.
    private static Set<Fault> shown(Analysis run) {
        double claimed = run.rates().claimed().orNaN();
        double rendered = run.rates().rendered().orNaN();
        double presented = run.rates().presented().orNaN();
        double delivered = run.rates().delivered().orNaN();
        double multiplier = run.settings().multiplier();
        double refreshHz = run.settings().display().orElseThrow().refreshHz();
        Set<Fault> shown = EnumSet.noneOf(Fault.class);
        Map.of(
                        Fault.COUNTER_BLIND,
                        claimed < 0.75 * presented,
                        Fault.PHANTOM_IMAGES,
                        delivered < 0.75 * presented && presented < 1.15 * refreshHz,
                        Fault.NOT_ENGAGED,
                        presented < 0.75 * claimed,
                        Fault.CANNOT_FOLLOW,
                        presented < 0.97 * rendered * multiplier && presented > 1.1 * rendered,
                        Fault.BASE_TOO_LOW,
                        multiplier > 1 && rendered < 40,
                        Fault.ABOVE_REFRESH,
                        presented > 1.1 * refreshHz,
                        Fault.HITCHES,
                        run.stutters().count() >= 5,
                        Fault.CPU_LIMIT,
                        run.limits().cpu().orNaN() > 0.5)
                .forEach((fault, is) -> {
                    if (is) {
                        shown.add(fault);
                    }
                });
        return shown;
    }

    @Test
    void figuresShowItsFaultAndNoOther() {
        for (DrillCase one : DrillCase.all()) {
            Set<Fault> shown = shown(one.run(Size.LARGE, 5).analysis());
            assertThat(shown).as("%s", one).allMatch(one::accepts);
            if (TOLD_BY_BOUNDS.contains(one.fault()) && !one.name().equals("slot-narrow")) {
                assertThat(shown).as("%s", one).contains(one.fault());
            }
        }
    }

    @Test
    void smallFaultLastsAnEighthAndTheRestIsSound() {
        DrillCase blind = new DrillCase("uneven-cadence", Fault.UNEVEN_CADENCE);
        DrillCase.Run small = blind.run(Size.SMALL, 9);
        assertThat(small.toMs() - small.fromMs()).isEqualTo(5000);
        assertThat(evenShare(small.analysis())).isBetween(0.9, 0.98);
        assertThat(evenShare(blind.run(Size.LARGE, 9).analysis())).isLessThan(0.7);
        for (DrillCase one : DrillCase.all()) {
            assertThat(shown(one.run(Size.SMALL, 5).analysis())).as("%s", one).allMatch(one::accepts);
        }
    }

    private static double evenShare(Analysis run) {
        return run.ledger().orElseThrow().evenShare().orNaN();
    }

    @Test
    void sameSeedGivesTheSameRun() {
        DrillCase one = new DrillCase("stream-host-hitch", Fault.HITCHES);
        assertThat(one.run(Size.MEDIUM, 3).analysis().rates())
                .isEqualTo(one.run(Size.MEDIUM, 3).analysis().rates());
        assertThat(one.run(Size.MEDIUM, 3).fromMs())
                .isNotEqualTo(one.run(Size.MEDIUM, 4).fromMs());
    }

    @Test
    void spliceIsTheOtherLogInItsStretchOnly() {
        FrameLog around = FrameLog.presentedAt(
                        IntStream.range(0, 100).mapToDouble(i -> 10 * i).toArray(), 100)
                .build();
        FrameLog within = FrameLog.presentedAt(
                        IntStream.range(0, 200).mapToDouble(i -> 5 * i).toArray(), 200)
                .build();
        FrameLog both = Splice.of(around, within, 300, 600);
        double[] times = both.present().copy(0, both.size());
        assertThat(Arrays.stream(times).filter(ms -> ms < 300)).hasSize(30);
        assertThat(Arrays.stream(times).filter(ms -> ms >= 300 && ms < 600)).hasSize(60);
        assertThat(Arrays.stream(times).filter(ms -> ms >= 600)).hasSize(40);
        assertThat(times).isSorted();
    }
}
