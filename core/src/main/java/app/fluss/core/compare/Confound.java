package app.fluss.core.compare;

import app.fluss.core.bench.FactKey;

/// A recorded fact, other than what the sides are there to differ in, that differs between runs and should not.
///
/// @param fact its name
/// @param a values at the baseline, joined by commas; empty if it is recorded for none of its runs
/// @param b values at the other side
/// @param kind where it differs
public record Confound(String fact, String a, String b, Kind kind) {
    /// The name of the fact for people.
    public String title() {
        return FactKey.of(fact).map(FactKey::title).orElse(fact.replace('_', ' '));
    }

    /// Where a fact differs.
    public enum Kind {
        /// Between the sides.
        BETWEEN("between the sides"),
        /// Among the runs of a side.
        WITHIN("among the runs of one side"),
        /// It is recorded for some runs only.
        NOT_RECORDED("not recorded for every run");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /// In words.
        public String title() {
            return title;
        }
    }
}
