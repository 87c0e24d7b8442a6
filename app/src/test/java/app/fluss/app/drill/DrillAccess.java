package app.fluss.app.drill;

import app.fluss.files.simulated.DrillCase;
import java.util.Optional;
import java.util.Random;

/// A drill whose chance is known, and what it shows.
public final class DrillAccess {
    private DrillAccess() {}

    /// Draws from a chance that is known.
    public static void use(DrillPane pane, long seed) {
        pane.use(new Random(seed));
    }

    /// What is shown.
    public static Optional<DrillCase> shown(DrillPane pane) {
        return pane.shown().map(DrillRun::drawn);
    }
}
