package app.fluss.core.path;

import java.util.Set;

/// Something that must hold before a run is measured.
///
/// @param id stable, for files and findings
/// @param appliesTo stages that ask for it; empty if every path does
/// @param except stages whose paths do not ask for it
/// @param scope how long an answer holds
/// @param needs what must hold
/// @param asks what the analyst is asked, in words
/// @param why why it matters
/// @param remedy what to do if it is not met
/// @param safety what to mind while doing so; empty if there is nothing
public record Requirement(
        String id,
        Set<StageKind> appliesTo,
        Set<StageKind> except,
        Scope scope,
        Need needs,
        String asks,
        String why,
        String remedy,
        String safety) {
    /// How long an answer of the analyst holds.
    public enum Scope {
        /// Until the analyst takes it back.
        SETUP,
        /// For one run.
        RUN
    }

    /// Keeps copies.
    public Requirement {
        appliesTo = Set.copyOf(appliesTo);
        except = Set.copyOf(except);
    }

    /// Whether a path asks for it.
    public boolean appliesTo(Chain chain) {
        return (appliesTo.isEmpty() || hasOneOf(chain, appliesTo)) && !hasOneOf(chain, except);
    }

    private static boolean hasOneOf(Chain chain, Set<StageKind> kinds) {
        return chain.stages().stream().anyMatch(stage -> kinds.contains(stage.kind()));
    }
}
