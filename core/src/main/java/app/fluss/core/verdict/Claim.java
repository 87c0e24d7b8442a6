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
/// @param flipsAt the bounds at which the state would change, the stricter first: between holding and open,
///     between open and failing; one where the figure has no interval, none where there is no figure
/// @param scene where it is judged
public record Claim(Asked asked, Held held, State state, List<Double> flipsAt, String scene) {
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

        /// Whether nothing more can be learnt by measuring on.
        public boolean isSettled() {
            return holds() || this == FAILS;
        }

        /// Whether it holds, with or without a warning.
        public boolean holds() {
            return this == HOLDS || this == HOLDS_WITH_WARNING;
        }
    }

    /// Keeps a copy.
    public Claim {
        flipsAt = List.copyOf(flipsAt);
    }

    /// Judges. To hold, a claim needs its own 95 % (an intersection-union decision: Berger, "Multiparameter
    /// hypothesis testing and acceptance sampling", Technometrics 24 (1982) 295-300, from memory); to fail, for
    /// one failing claim settles the verdict, its interval is widened for their number.
    ///
    /// @param claims how many claims the school makes
    /// @param scene where
    public static Claim of(Asked asked, Held held, int claims, String scene) {
        Rule rule = asked.rule();
        if (!(held.value() instanceof Figure.Known(double value))) {
            return new Claim(asked, held, State.NO_FIGURE, List.of(), scene);
        }
        if (held.kind() == Held.Kind.STATED) {
            State state = rule.isGood(value, asked.bound()) ? State.HOLDS : State.FAILS;
            return new Claim(asked, held, state, List.of(value), scene);
        }
        Optional<Interval> usual = held.kind().canSettle() ? held.interval().apply(USUAL) : Optional.empty();
        if (usual.isEmpty()) {
            State state = rule.isGood(value, asked.bound()) ? State.LIKELY : State.UNLIKELY;
            return new Claim(asked, held, state, List.of(value), scene);
        }
        Interval wide =
                held.interval().apply(1 - (1 - USUAL) / Math.max(1, claims)).orElse(usual.get());
        double worst = rule.atLeast() ? usual.get().low() : usual.get().high();
        double best = rule.atLeast() ? wide.high() : wide.low();
        return new Claim(asked, held, state(asked, worst, best), List.of(worst, best), scene);
    }

    /// How far the figure lies on the good side of the bound, in its unit; below 0 on the bad side, missing
    /// without
    /// a figure.
    public Figure margin() {
        return held.value().map(value -> asked.rule().atLeast() ? value - asked.bound() : asked.bound() - value);
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
