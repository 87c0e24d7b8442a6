package app.fluss.core.plan;

import app.fluss.core.path.Switch;

/// A line of the run sheet.
///
/// @param role what it is for
/// @param wish what is run; that of the run that follows for a break
/// @param change what must be done before, after the line above
/// @param beforeS how long that takes, with the cool-down, s
/// @param lastsS how long the line itself takes, s
public record PlannedStep(Role role, Wish wish, Switch change, int beforeS, int lastsS) {
    /// What a line is for.
    public enum Role {
        /// A pass that is not measured: shaders are built on the first one after a start.
        WARM_UP("warm-up"),
        /// A measured run.
        RUN("run"),
        /// A native run more, first or last, to tell drift.
        BRACKET("bracket"),
        /// Nothing is measured.
        BREAK("break");

        private final String title;

        Role(String title) {
            this.title = title;
        }

        /// The name for people.
        public String title() {
            return title;
        }

        /// Whether it gives a run.
        public boolean isMeasured() {
            return this == RUN || this == BRACKET;
        }
    }

    /// How long it takes in all, s.
    public int totalS() {
        return beforeS + lastsS;
    }
}
