package app.fluss.core.tune;

import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/// What a practitioner wants of a game. The bounds are common practice, no source, and can be set.
public enum School {
    /// Aiming, rhythm, competition.
    RESPONSE_FIRST(
            "response first",
            10,
            60,
            Comparator.comparingDouble(TuneCell::deliveredFps).reversed().thenComparingDouble(TuneCell::addedMs)),
    /// Story, exploring, slow camera: evenness counts most.
    SMOOTH_FIRST(
            "smooth first",
            40,
            40,
            Comparator.comparingDouble(School::roughness)
                    .thenComparing(
                            Comparator.comparingDouble(TuneCell::deliveredFps).reversed())),
    /// High-refresh screens: as many images as the display shows, no slower than native.
    RATE_FIRST(
            "rate first",
            0,
            0,
            Comparator.comparingDouble(TuneCell::deliveredFps).reversed().thenComparingDouble(TuneCell::surplusFps));

    /// Steps of motion error below which two settings count as equally even, ms.
    private static final double ALIKE_MS = 0.5;

    private final String title;
    private final double mostAddedMs;
    private final double leastBaseFps;

    @SuppressWarnings("ImmutableEnumChecker") // comparators of method references hold no state
    private final Comparator<TuneCell> better;

    School(String title, double mostAddedMs, double leastBaseFps, Comparator<TuneCell> better) {
        this.title = title;
        this.mostAddedMs = mostAddedMs;
        this.leastBaseFps = leastBaseFps;
        this.better = better;
    }

    private static double roughness(TuneCell cell) {
        return Math.floor(cell.motionMs() / ALIKE_MS);
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// Latency that it lets a path add by default, ms.
    public double mostAddedMs() {
        return mostAddedMs;
    }

    /// Better cells first, among those that are not refused.
    Comparator<TuneCell> better() {
        return better;
    }

    /// Why a cell is refused, in words; empty if it is not.
    ///
    /// @param addedMs latency that may be added, ms
    Optional<String> refusal(TuneCell cell, double addedMs) {
        if (cell.isOutOfReach()) {
            return Optional.of(
                    said("the game keeps up with the cap in %.0f %% of the time only", cell.capHeld() * 100));
        } else if (cell.addedMs() > addedMs) {
            return Optional.of(said("it adds %.1f ms", cell.addedMs()) + said(", %.0f may be added", addedMs));
        } else if (cell.multiplier() > 1 && cell.baseFps() < leastBaseFps) {
            return Optional.of(said("its base is %.0f/s", cell.baseFps()) + said(", %.0f are asked for", leastBaseFps));
        }
        return Optional.empty();
    }

    private static String said(String words, double value) {
        return String.format(Locale.ROOT, words, value);
    }
}
