package app.fluss.core.latency.edge;

import java.util.List;

/// Tells which of two channels is which.
final class Channels {
    private static final double ANSWERED = 0.7;
    private static final double FEW = 0.5;
    private static final double STEADIER = 0.6;
    private static final double NEARLY_ALL = 0.9;
    private static final double SOON_MS = 150;
    private static final double STEADY_MS = 30;

    private Channels() {}

    /// Whether two channels make more sense in each other's place: then nearly every press is answered at a steady
    /// time, and as they are they are not.
    static boolean lookSwapped(
            Signal input, Signal light, PressChoice asTheyAre, EdgeSettings settings, boolean pictures) {
        if (asTheyAre
                .chosen()
                .map(read -> makesSense(read.answers().steadiness()))
                .orElse(false)) {
            return false;
        }
        List<PressSeries> readings = Presses.of(light, settings, pictures);
        if (readings.isEmpty()) {
            return false;
        }
        PressChoice swapped = PressChoice.of(readings, LightTrace.of(input, readings, settings, pictures));
        if (swapped.chosen().isEmpty()) {
            return false;
        }
        Answers.Steadiness other = swapped.chosen().get().answers().steadiness();
        if (other.share() < ANSWERED) {
            return false;
        }
        if (asTheyAre.chosen().isEmpty()) {
            return true;
        }
        Answers.Steadiness now = asTheyAre.chosen().get().answers().steadiness();
        return now.share() < FEW || other.spread() < STEADIER * now.spread();
    }

    /// Nearly every press is answered soon and about as soon as the others.
    private static boolean makesSense(Answers.Steadiness answers) {
        return answers.share() > NEARLY_ALL && answers.middle() < SOON_MS && answers.spread() < STEADY_MS;
    }
}
