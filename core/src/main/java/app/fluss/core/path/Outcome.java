package app.fluss.core.path;

/// Whether something holds.
///
/// @param state whether it does
/// @param seen what that rests on, in words
public record Outcome(State state, String seen) {
    /// The three answers.
    public enum State {
        /// It does not hold.
        NOT_MET("not met"),
        /// Nobody can tell from what is recorded.
        UNKNOWN("unknown"),
        /// It holds.
        MET("met");

        private final String title;

        State(String title) {
            this.title = title;
        }

        /// The name for people.
        public String title() {
            return title;
        }
    }

    static Outcome met(String seen) {
        return new Outcome(State.MET, seen);
    }

    static Outcome notMet(String seen) {
        return new Outcome(State.NOT_MET, seen);
    }

    static Outcome unknown(String seen) {
        return new Outcome(State.UNKNOWN, seen);
    }
}
