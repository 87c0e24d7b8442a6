package app.fluss.core.verdict;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Optional;

/// One rule of a school held against one figure.
///
/// @param asked the rule with its bound
/// @param held the figure
/// @param state whether it holds
/// @param turns the bounds at which the state would change, the stricter first
/// @param scene where it is judged
/// @param made how many claims are made with it
public record Claim(Asked asked, Held held, State state, List<Turn> turns, String scene, int made) {
    private static final double USUAL = 0.95;

    /// Whether a claim holds, the worst first.
    public enum State {
        /// The whole interval lies on the bad side of the bound, also with all claims counted.
        FAILS("fails"),
        /// There is no figure.
        NO_FIGURE("no figure"),
        /// The figure lies on the bad side, and has no interval that could settle it.
        UNLIKELY("unlikely"),
        /// The interval lies on both sides.
        OPEN("open"),
        /// The figure lies on the good side, and has no interval that could settle it.
        LIKELY("likely"),
        /// The whole interval lies on the good side, and a part of it where the school warns.
        HOLDS_WITH_WARNING("holds with a warning"),
        /// The whole interval lies on the good side.
        HOLDS("holds");

        private final String title;

        State(String title) {
            this.title = title;
        }

        /// In words.
        public String title() {
            return title;
        }

        /// Whether it holds, with or without a warning.
        public boolean holds() {
            return this == HOLDS || this == HOLDS_WITH_WARNING;
        }
    }

    /// A bound at which the state changes: between holding and open, between open and failing; where the figure
    /// has
    /// no interval between likely and unlikely.
    ///
    /// @param bound where
    /// @param stricter the state with a bound a little stricter
    /// @param laxer the state with a bound a little laxer
    public record Turn(double bound, State stricter, State laxer) {}

    /// Keeps a copy.
    public Claim {
        turns = List.copyOf(turns);
    }

    /// Judges. To hold, a claim needs its own 95 % (an intersection-union decision: Berger, "Multiparameter
    /// hypothesis testing and acceptance sampling", Technometrics 24 (1982) 295-300, from memory); to fail, for
    /// one failing claim settles the verdict, its interval is widened for their number.
    ///
    /// @param claims how many claims the school makes
    /// @param scene where
    public static Claim of(Asked asked, Held held, int claims, String scene) {
        Rule rule = asked.rule();
        int made = Math.max(1, claims);
        if (!(held.value() instanceof Figure.Known(double value))) {
            return new Claim(asked, held, State.NO_FIGURE, List.of(), scene, made);
        }
        if (held.kind() == Held.Kind.STATED) {
            State state = rule.isGood(value, asked.bound()) ? State.HOLDS : State.FAILS;
            return new Claim(asked, held, state, List.of(new Turn(value, State.FAILS, State.HOLDS)), scene, made);
        }
        Optional<Interval> usual = held.kind().canSettle() ? held.interval().apply(USUAL) : Optional.empty();
        if (usual.isEmpty()) {
            State state = rule.isGood(value, asked.bound()) ? State.LIKELY : State.UNLIKELY;
            return new Claim(asked, held, state, List.of(new Turn(value, State.UNLIKELY, State.LIKELY)), scene, made);
        }
        Interval wide = held.interval().apply(failing(made)).orElse(usual.get());
        double worst = rule.atLeast() ? usual.get().low() : usual.get().high();
        double best = rule.atLeast() ? wide.high() : wide.low();
        return new Claim(
                asked,
                held,
                state(asked, worst, best),
                List.of(new Turn(best, State.FAILS, State.OPEN), new Turn(worst, State.OPEN, State.HOLDS)),
                scene,
                made);
    }

    /// The confidence at which one of so many claims fails.
    private static double failing(int made) {
        return 1 - (1 - USUAL) / made;
    }

    /// The confidence at which it would be settled on the side of the bound on which its figure lies.
    double settling() {
        return asked.rule().isGood(held.value().orNaN(), asked.bound()) ? USUAL : failing(made);
    }

    /// The same in another state.
    Claim as(State other) {
        return new Claim(asked, held, other, turns, scene, made);
    }

    /// How far the bound could be made stricter before the state changed, in units of the bound; below 0 on the
    /// bad side, and of a claim that fails how far it would have to be laxer; NaN without a figure.
    double room() {
        if (turns.isEmpty()) {
            return Double.NaN;
        }
        double end = (state == State.FAILS ? turns.getFirst() : turns.getLast()).bound();
        double scale = Math.max(Math.abs(asked.bound()), asked.rule().halfAStep());
        return (asked.rule().atLeast() ? end - asked.bound() : asked.bound() - end) / scale;
    }

    /// The interval that makes a claim hold; empty where the figure has none that can.
    public Optional<Interval> interval() {
        return held.interval().apply(USUAL);
    }

    private static State state(Asked asked, double worst, double best) {
        Rule rule = asked.rule();
        if (rule.isGood(worst, asked.bound())) {
            return rule.isGood(worst, asked.warnBound()) ? State.HOLDS : State.HOLDS_WITH_WARNING;
        }
        return rule.isGood(best, asked.bound()) ? State.OPEN : State.FAILS;
    }
}
