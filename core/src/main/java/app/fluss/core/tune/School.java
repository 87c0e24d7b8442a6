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
            Comparator.comparingDouble(School::rate).reversed().thenComparingDouble(TuneCell::addedMs)),
    /// Story, exploring, slow camera: evenness counts most.
    SMOOTH_FIRST(
            "smooth first",
            40,
            40,
            Comparator.comparingDouble(School::roughness)
                    .thenComparing(Comparator.comparingDouble(School::rate).reversed())
                    .thenComparingDouble(TuneCell::addedMs)),
    /// High-refresh screens: as many images as the display shows, no slower than native.
    RATE_FIRST(
            "rate first",
            0,
            0,
            Comparator.comparingDouble(School::rate).reversed().thenComparingDouble(TuneCell::surplusFps));

    /// Motion error that nobody sees, and steps of it above, ms.
    private static final double ALIKE_MS = 2;

    /// Share by which two rates must differ to be told apart.
    private static final double ALIKE_RATE = 0.02;

    /// Share of its time that a card which generates may be busy.
    private static final double FULL_LOAD = 0.95;

    /// A cap at the bound gives a hair less than it: that is no refusal.
    private static final double AT_THE_BOUND = 0.99;

    private final String title;

    @SuppressWarnings("ImmutableEnumChecker") // a record of numbers
    private final Bounds bounds;

    @SuppressWarnings("ImmutableEnumChecker") // comparators of method references hold no state
    private final Comparator<TuneCell> better;

    School(String title, double mostAddedMs, double leastBaseFps, Comparator<TuneCell> better) {
        this.title = title;
        this.bounds = new Bounds(mostAddedMs, leastBaseFps);
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

    /// What it puts up with by default.
    public Bounds bounds() {
        return bounds;
    }

    /// Better cells first, among those that are not refused.
    Comparator<TuneCell> better() {
        return better;
    }

    /// Why a cell is refused, in words; empty if it is not.
    ///
    /// @param bounds what is put up with
    static Optional<String> refusal(TuneCell cell, Bounds bounds) {
        if (cell.isOutOfReach()) {
            return Optional.of(
                    said("the game keeps up with the cap in %.0f %% of the time only", cell.capHeld() * 100));
        } else if (cell.multiplier() > 1 && cell.load() >= FULL_LOAD) {
            return Optional.of("the card that generates is full");
        } else if (cell.addedMs() > bounds.mostAddedMs()) {
            return Optional.of(
                    said("it adds %.1f ms", cell.addedMs()) + said(", %.0f may be added", bounds.mostAddedMs()));
        } else if (cell.multiplier() > 1 && cell.baseFps() < AT_THE_BOUND * bounds.leastBaseFps()) {
            return Optional.of(
                    said("its base is %.0f/s", cell.baseFps()) + said(", %.0f are asked for", bounds.leastBaseFps()));
        }
        return Optional.empty();
    }

    private static String said(String words, double value) {
        return String.format(Locale.ROOT, words, value);
    }
}
