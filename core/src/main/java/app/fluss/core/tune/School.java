package app.fluss.core.tune;

import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/// How a practitioner ranks what was tried. The bounds are those of [app.fluss.core.verdict.School], and can be
/// set.
public enum School {
    /// Aiming, rhythm, competition.
    RESPONSE_FIRST(
            "response first",
            Bounds.of(app.fluss.core.verdict.School.RESPONSE_FIRST),
            Comparator.comparingDouble(School::rate).reversed().thenComparingDouble(TuneCell::addedMs)),
    /// Story, exploring, slow camera: evenness counts most.
    SMOOTH_FIRST(
            "smooth first",
            Bounds.of(app.fluss.core.verdict.School.SMOOTH_FIRST),
            Comparator.comparingDouble(School::roughness)
                    .thenComparing(Comparator.comparingDouble(School::rate).reversed())
                    .thenComparingDouble(TuneCell::addedMs)),
    /// High-refresh screens: as many images as the display shows, no slower than native.
    RATE_FIRST(
            "rate first",
            new Bounds(0, 0),
            Comparator.comparingDouble(School::rate).reversed().thenComparingDouble(TuneCell::surplusFps));

    /// Motion error that nobody sees, and steps of it above, ms.
    private static final double ALIKE_MS = 2;

    /// Share by which two rates must differ to be told apart.
    private static final double ALIKE_RATE = 0.02;

    /// Share of its time that a card which generates may be busy.
    private static final double FULL_LOAD = 0.95;

    /// A cap that is kept for this share of the time counts as its own number: it gives a hair less.
    private static final double KEPT = 0.98;

    /// Half a step of the last decimal in which a base rate is shown: nothing is refused for less, /s.
    private static final double HALF_A_STEP = 0.05;

    private final String title;

    @SuppressWarnings("ImmutableEnumChecker") // a record of numbers
    private final Bounds bounds;

    @SuppressWarnings("ImmutableEnumChecker") // comparators of method references hold no state
    private final Comparator<TuneCell> better;

    School(String title, Bounds bounds, Comparator<TuneCell> better) {
        this.title = title;
        this.bounds = bounds;
        this.better = better;
    }

    private static double roughness(TuneCell cell) {
        return Math.floor(cell.motionMs() / ALIKE_MS) + (cell.isWasteful() ? 1 : 0);
    }

    private static double rate(TuneCell cell) {
        return Math.rint(Math.log(cell.deliveredFps()) / ALIKE_RATE);
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// What it allows by default.
    public Bounds bounds() {
        return bounds;
    }

    /// Better cells first, among those that are not refused.
    Comparator<TuneCell> better() {
        return better;
    }

    /// Why a cell is refused, in words; empty if it is not.
    ///
    /// @param bounds what is allowed
    static Optional<String> refusal(TuneCell cell, Bounds bounds) {
        if (cell.isOutOfReach()) {
            return Optional.of(
                    said("the game keeps up with the cap in %.0f %% of the time only", cell.capHeld() * 100));
        } else if (cell.multiplier() > 1 && cell.load() >= FULL_LOAD) {
            return Optional.of("the card that generates is full");
        } else if (cell.addedMs() > bounds.mostAddedMs()) {
            return Optional.of(
                    said("it adds %.1f ms", cell.addedMs()) + said(", %.0f are allowed", bounds.mostAddedMs()));
        } else if (isBelow(cell, bounds.leastBaseFps())) {
            return Optional.of(said("base rate %.1f/s", base(cell)) + said(" is below %.0f/s", bounds.leastBaseFps()));
        }
        return Optional.empty();
    }

    /// What speaks against a cell that is not refused, in words; empty if nothing does.
    static Optional<String> warning(TuneCell cell, Bounds bounds) {
        return isBelow(cell, bounds.goodBaseFps())
                ? Optional.of(said("base rate %.1f/s", base(cell)) + said(" is below %.0f/s", bounds.goodBaseFps()))
                : Optional.empty();
    }

    private static boolean isBelow(TuneCell cell, double fps) {
        return cell.multiplier() > 1 && base(cell) < fps - HALF_A_STEP;
    }

    private static double base(TuneCell cell) {
        return cell.capHeld() >= KEPT ? Math.max(cell.capFps(), cell.baseFps()) : cell.baseFps();
    }

    private static String said(String words, double value) {
        return String.format(Locale.ROOT, words, value);
    }
}
