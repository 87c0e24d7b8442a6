package app.fluss.app.drill;

import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Size;
import app.fluss.core.measure.BandLevels;
import app.fluss.files.simulated.DrillCase;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;

/// A run that was drawn for a round.
///
/// @param drawn which scenario with which fault
/// @param size of the fault
/// @param seed of the run
/// @param run what is shown
/// @param levels its frame times, ready to draw
record DrillRun(DrillCase drawn, Size size, long seed, DrillCase.Run run, BandLevels levels) {
    private static final double TRAINED_SHARE = 0.5;

    /// Draws a fault, then a scenario that has it, so that a fault with many scenarios is not more
    /// frequent.
    ///
    /// @param trained a fault that is drawn in half of the rounds; empty for none
    static DrillRun draw(Size size, Optional<Fault> trained, RandomGenerator random) {
        List<Fault> faults = Arrays.asList(Fault.values());
        Fault fault = trained.filter(_ -> random.nextDouble() < TRAINED_SHARE)
                .orElseGet(() -> faults.get(random.nextInt(faults.size())));
        List<DrillCase> cases =
                DrillCase.all().stream().filter(one -> one.fault() == fault).toList();
        return of(cases.get(random.nextInt(cases.size())), size, random.nextLong());
    }

    private static DrillRun of(DrillCase drawn, Size size, long seed) {
        DrillCase.Run run = drawn.run(size, seed);
        return new DrillRun(drawn, size, seed, run, BandLevels.of(run.analysis().times()));
    }
}
