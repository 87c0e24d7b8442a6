package app.fluss.core.path;

import app.fluss.core.path.Outcome.State;

/// A requirement, judged.
///
/// @param requirement which
/// @param outcome whether it holds
/// @param ticked whether that is the analyst's word and not a recorded fact
public record Judgement(Requirement requirement, Outcome outcome, boolean ticked) {
    /// Whether it holds.
    public State state() {
        return outcome.state();
    }

    /// Whether an answer of the analyst only holds for one run.
    public boolean isOfRun() {
        return requirement.scope() == Requirement.Scope.RUN;
    }
}
