package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class OverRigsTest {
    private static final double FREEDOM = 4;
    /// Student's t, 97.5 % with 4 degrees of freedom (handbook table).
    private static final double T_4 = 2.776445;

    private static OverRigs.OfRig rig(String name, double ratio, double standardError) {
        double half = T_4 * standardError;
        return new OverRigs.OfRig(
                name,
                Figure.of(ratio),
                Optional.of(new Interval(ratio * Math.exp(-half), ratio * Math.exp(half))),
                FREEDOM);
    }

    /// Computed with numpy and scipy from the formulas of DerSimonian and Laird 1986 and of Hartung and
    /// Knapp 2001.
    @Test
    void fourRigsArePooledAsReferenceLibrariesPoolThem() {
        OverRigs pooled = OverRigs.of(
                List.of(rig("a", 1.72, 0.020), rig("b", 1.81, 0.030), rig("c", 1.55, 0.024), rig("d", 1.90, 0.060)));
        assertThat(pooled.q()).isCloseTo(22.7941389, within(1e-3));
        assertThat(pooled.tauSquared()).isCloseTo(0.0052856877, within(1e-6));
        assertThat(pooled.iSquared()).isCloseTo(0.8683872, within(1e-5));
        assertThat(pooled.ratio().orNaN()).isCloseTo(1.7246957, within(1e-5));
        assertThat(pooled.interval().orElseThrow().low()).isCloseTo(1.5060548, within(1e-4));
        assertThat(pooled.interval().orElseThrow().high()).isCloseTo(1.9750777, within(1e-4));
    }

    @Test
    void twoRigsAndRigsWithoutAnIntervalAreListedAndNotPooled() {
        OverRigs.OfRig alone = new OverRigs.OfRig("c", Figure.of(1.5), Optional.empty(), Double.NaN);
        OverRigs listed = OverRigs.of(List.of(rig("a", 1.7, 0.02), rig("b", 1.8, 0.02), alone));
        assertThat(listed.rigs()).hasSize(3);
        assertThat(listed.interval()).isEmpty();
        assertThat(listed.ratio())
                .isEqualTo(Figure.missing("it takes 3 rigs with an interval from run to run; there are 2"));
    }

    @Test
    void rigsThatHappenToAgreeAreNotMoreCertainThanTheirOwnErrors() {
        OverRigs pooled = OverRigs.of(List.of(rig("a", 1.700, 0.05), rig("b", 1.701, 0.05), rig("c", 1.699, 0.05)));
        double half =
                Math.log(pooled.interval().orElseThrow().high() / pooled.ratio().orNaN());
        assertThat(pooled.iSquared()).isZero();
        // Student's t, 97.5 % with 2 degrees of freedom: 4.302653 (handbook table).
        assertThat(half).isCloseTo(4.302653 * 0.05 / Math.sqrt(3), within(1e-4));
    }

    /// Rigs drawn from a known spread: the interval must hold the true ratio nearly always.
    @Test
    void theIntervalHoldsTheTruthInDrawnStudies() {
        SplittableRandom random = new SplittableRandom(11);
        int held = 0;
        int studies = 2000;
        for (int i = 0; i < studies; i++) {
            List<OverRigs.OfRig> rigs = new ArrayList<>();
            for (int rig = 0; rig < 5; rig++) {
                double error = 0.01 + 0.05 * random.nextDouble();
                double log = Math.log(1.6) + 0.06 * random.nextGaussian() + error * random.nextGaussian();
                rigs.add(rig("rig " + rig, Math.exp(log), error));
            }
            held += OverRigs.of(rigs).interval().orElseThrow().contains(1.6) ? 1 : 0;
        }
        assertThat((double) held / studies).isBetween(0.93, 0.985);
    }
}
