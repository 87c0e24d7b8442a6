package app.fluss.core.tune;

import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.School;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/// What a school asks, of a cell of the cap grid. What no cell tells (lows, headsets, batteries, pictures) is
/// not asked.
///
/// @param school whose claims
/// @param refreshHz of the display, /s
/// @param unpaced the native path without a cap, against which gains and differences count
record CellClaims(School school, double refreshHz, TuneCell unpaced) {
    /// Motion error that nobody sees, and steps of it above, ms.
    private static final double ALIKE_MS = 2;

    /// Share by which two rates must differ to be told apart.
    private static final double ALIKE_RATE = 0.02;

    /// Share of its time that a card which generates may be busy.
    private static final double FULL_LOAD = 0.95;

    /// A cap that is kept for this share of the time counts as its own number: it gives a hair less.
    private static final double KEPT = 0.98;

    /// What a cell tells.
    static final Set<Rule> TOLD = EnumSet.of(
            Rule.BASE_RATE,
            Rule.ADDED_LATENCY,
            Rule.DELIVERED_GAIN,
            Rule.DELIVERED_RATE,
            Rule.DELIVERED_OF_REFRESH,
            Rule.SURPLUS,
            Rule.ADDED_UNEVENNESS,
            Rule.NATIVE_RATE);

    /// The figure of a cell; empty where a rule does not concern it, or it does not tell.
    OptionalDouble figure(Rule rule, TuneCell cell) {
        boolean generates = cell.multiplier() > 1;
        double value = switch (rule) {
            case BASE_RATE -> generates ? base(cell) : Double.NaN;
            case ADDED_LATENCY -> cell.addedMs();
            case DELIVERED_GAIN -> cell.deliveredFps() / unpaced.deliveredFps();
            case DELIVERED_RATE -> cell.deliveredFps();
            case DELIVERED_OF_REFRESH -> cell.deliveredFps() / refreshHz;
            case SURPLUS -> cell.surplusFps();
            case ADDED_UNEVENNESS -> cell.motionMs() - unpaced.motionMs();
            case NATIVE_RATE -> generates ? unpaced.deliveredFps() : Double.NaN;
            case ADDED_REFRESHES,
                    LOW_OF_NATIVE,
                    WITHOUT_NEW_IMAGE,
                    BELOW_HALF_RATE,
                    RENDER_SCALE,
                    HOURS,
                    JOULES_OF_NATIVE,
                    IMAGES_IN_TIME,
                    HITCHES,
                    LOST_IMAGES,
                    MODE_LAG,
                    SUPPLY_AND_SLOT,
                    HEAVY_MARKS -> Double.NaN;
        };
        return Double.isNaN(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /// Why a cell is refused, in words; empty if it is not.
    Optional<String> refusal(TuneCell cell) {
        if (cell.equals(unpaced)) {
            return Optional.empty(); // to leave it off is always possible
        } else if (cell.isOutOfReach()) {
            return Optional.of(
                    "the game keeps up with the cap in %.0f %% of the time only".formatted(cell.capHeld() * 100));
        } else if (cell.multiplier() > 1 && cell.load() >= FULL_LOAD) {
            return Optional.of("the card that generates is full");
        }
        return school.asks().stream()
                .filter(asked -> isMissed(asked, asked.bound(), cell))
                .map(asked -> said(asked, asked.bound(), cell))
                .findFirst();
    }

    /// What speaks against a cell that is not refused, in words; empty if nothing does.
    Optional<String> warning(TuneCell cell) {
        if (cell.equals(unpaced)) {
            return Optional.empty();
        }
        return school.asks().stream()
                .filter(asked -> isMissed(asked, asked.warnBound(), cell))
                .map(asked -> said(asked, asked.warnBound(), cell))
                .findFirst();
    }

    private boolean isMissed(Asked asked, double bound, TuneCell cell) {
        OptionalDouble figure = figure(asked.rule(), cell);
        return figure.isPresent() && !asked.rule().isGood(figure.getAsDouble(), bound);
    }

    private String said(Asked asked, double bound, TuneCell cell) {
        Rule rule = asked.rule();
        double value = figure(rule, cell).orElseThrow();
        if (rule == Rule.ADDED_LATENCY) {
            return String.format(Locale.ROOT, "it adds %.1f ms, %.0f are allowed", value, bound);
        }
        return "%s %s is %s %s"
                .formatted(
                        rule.title(),
                        Said.number(rule, value),
                        rule.atLeast() ? "below" : "above",
                        Said.number(rule, bound));
    }

    private static double base(TuneCell cell) {
        return cell.capHeld() >= KEPT ? Math.max(cell.capFps(), cell.baseFps()) : cell.baseFps();
    }

    /// Better cells first, by what the school counts most.
    Comparator<TuneCell> better() {
        Comparator<TuneCell> better = (_, _) -> 0;
        for (Rule rule : school.order()) {
            better = better.thenComparing(by(rule));
        }
        return better.thenComparingDouble(TuneCell::surplusFps);
    }

    private Comparator<TuneCell> by(Rule rule) {
        return switch (rule) {
            case DELIVERED_GAIN, DELIVERED_RATE, DELIVERED_OF_REFRESH ->
                Comparator.comparingDouble(cell -> -Math.rint(Math.log(cell.deliveredFps()) / ALIKE_RATE));
            case ADDED_UNEVENNESS -> Comparator.comparingDouble(CellClaims::roughness);
            default ->
                Comparator.comparingDouble(cell -> {
                    double value = figure(rule, cell).orElse(0);
                    return rule.atLeast() ? -value : value;
                });
        };
    }

    private static double roughness(TuneCell cell) {
        return Math.floor(cell.motionMs() / ALIKE_MS) + (cell.isWasteful() ? 1 : 0);
    }
}
